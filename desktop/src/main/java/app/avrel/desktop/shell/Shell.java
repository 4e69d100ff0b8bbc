package app.avrel.desktop.shell;

import app.avrel.desktop.cues.CuesRoom;
import app.avrel.desktop.form.FormRoom;
import app.avrel.desktop.help.HelpSheet;
import app.avrel.desktop.learners.LearnersSheet;
import app.avrel.desktop.lessons.LessonsRoom;
import app.avrel.desktop.log.LogRoom;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.postures.PosturesRoom;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.settings.SettingsSheet;
import app.avrel.desktop.words.Words;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.rules.Where;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.value.ChangeListener;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** Everything in the window. */
public final class Shell {

    /** The rooms, in the order of the work. */
    public enum RoomName {
        POSTURES("common.postures"),
        FORM("common.form"),
        LESSONS("common.lessons"),
        CUES("shell.cues"),
        LOG("shell.log");

        private final String label;

        RoomName(String label) {
            this.label = label;
        }

        public String label() {
            return Words.of(label);
        }
    }

    private final Session session;
    private final Preferences preferences;
    private final StackPane root = new StackPane();
    private final BorderPane window = new BorderPane();
    private final Map<RoomName, Room> rooms = new EnumMap<>(RoomName.class);
    private final Map<RoomName, Supplier<Room>> builders = new EnumMap<>(RoomName.class);
    private final WindowMemory memory;
    private final FileActions files;
    private final Dropping dropping;
    private final ShellCommands anywhere;
    private TopBar top;
    private FindingsOver findings;
    private final HallOver hall;
    private final Appearance appearance;
    private final Paper paper;
    private final ChangeListener<Desk> shower = (_, _, desk) -> show(desk);
    private RoomName room = RoomName.POSTURES;
    private KeyCode held = KeyCode.UNDEFINED;

    public Shell(Session session, FileChoosing choosing, Runnable quit) {
        this.session = session;
        this.preferences = new Preferences(StateFolder.path());
        this.memory = new WindowMemory(preferences);
        this.files = new FileActions(session, preferences, choosing, root, quit);
        this.hall = new HallOver(session, root, () -> built(room).node().requestFocus());
        this.paper = new Paper(session, choosing, root);
        builders.put(RoomName.POSTURES, () -> new PosturesRoom(session, this::go, files::readNotes, files::openDemo));
        builders.put(RoomName.FORM, () -> new FormRoom(session, this::go));
        builders.put(RoomName.LESSONS, () -> new LessonsRoom(session, root, this::teach, this::print));
        builders.put(RoomName.LOG, () -> new LogRoom(session, root, () -> go(RoomName.LESSONS)));
        builders.put(RoomName.CUES, () -> new CuesRoom(session, paper.scripts(), root, this::openHall));
        Labels.speak(preferences.language());
        appearance = new Appearance(root, preferences);
        furnish();
        root.getChildren().add(window);
        root.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        root.addEventFilter(KeyEvent.KEY_RELEASED, _ -> held = KeyCode.UNDEFINED);
        dropping = new Dropping(files);
        anywhere = new ShellCommands(this, session, files);
        dropping.on(root);
        session.desk().addListener(shower);
        go(RoomName.POSTURES);
    }

    public Parent root() {
        return root;
    }

    public FileActions files() {
        return files;
    }

    Session session() {
        return session;
    }

    /** Goes to a room; it is built when first entered. */
    public void go(RoomName to) {
        room = to;
        Room entered = rooms.computeIfAbsent(to, this::build);
        window.setCenter(entered.node());
        show(session.desk().get());
    }

    private Room build(RoomName name) {
        Room built = Objects.requireNonNull(builders.get(name)).get();
        memory.dividers(built.node());
        return built;
    }

    /** {@return a room that was entered before} */
    private Room built(RoomName name) {
        return Objects.requireNonNull(rooms.get(name));
    }

    /** Puts the window where it was left, with its room and its posture. */
    public void restore(Stage stage) {
        memory.place(stage);
        Stream.of(RoomName.values())
                .filter(name -> name.name().equals(preferences.words("window.room")))
                .findFirst()
                .ifPresent(this::go);
    }

    /** Keeps how the window is left. */
    public void remember(Stage stage) {
        memory.keep(stage, room.name());
    }

    /** Starts teaching the lesson on the desk: the clock runs in the log room. */
    private void teach() {
        go(RoomName.LOG);
        if (session.desk().get().lesson().isPresent()) {
            ((LogRoom) built(RoomName.LOG)).teach();
        }
    }

    /** Chooses what to print: of the posture or form on the desk, or of the lesson in the rooms that are about lessons. */
    void print() {
        boolean lesson = room == RoomName.LESSONS || room == RoomName.LOG || room == RoomName.CUES;
        paper.print(lesson);
    }

    void exportCalendar() {
        paper.calendar();
    }

    void exportPictures() {
        if (room == RoomName.FORM) {
            paper.formRibbon();
        } else {
            paper.pictures();
        }
    }

    /** Goes to a place of the record. */
    private void go(Where where) {
        Choice choice = session.choice();
        switch (where) {
            case Where.InPosture(var posture, var count) -> {
                session.choose(choice.withPosture(posture, count.orElse(Choice.START)));
                go(RoomName.POSTURES);
            }
            case Where.InForm(var form, int entry, var _) -> {
                session.choose(choice.withForm(form).withEntry(entry));
                go(RoomName.FORM);
            }
        }
    }

    private void show(Desk desk) {
        top.show(desk, room);
        built(room).show(desk);
        findings.show(desk);
    }

    /** Puts every sheet away. */
    public void closeSheets() {
        root.getChildren().stream()
                .filter(Sheet.class::isInstance)
                .map(Sheet.class::cast)
                .toList()
                .forEach(Sheet::close);
    }

    /** Those who learn, and what to take care of. */
    public void openLearners() {
        LearnersSheet.open(session, root);
    }

    /** Takes a file that was dropped on the window, as its name says. */
    public void dropped(Path file) {
        dropping.take(file);
    }

    /** The keys of the room, the guide, and about. */
    public void openHelp() {
        HelpSheet.open(everyCommand(), root);
    }

    public void openSettings() {
        SettingsSheet.open(session, root);
    }

    /** Lays all findings over the card, or puts them away. */
    public void toggleFindings() {
        findings.toggle();
    }

    /** Opens the findings and goes to the next one. */
    void nextFinding() {
        findings.next();
    }

    /** Shows what the room has over the whole screen, to be read from afar. */
    void openHall() {
        hall.open(room == RoomName.POSTURES);
    }

    /** Shows what the room has over the whole window. */
    public void showHall() {
        hall.show(room == RoomName.POSTURES);
    }

    public void closeHall() {
        hall.close();
    }

    /** Lets the window speak another language: everything in it is made anew. */
    public void speak(Language language) {
        preferences.language(language);
        Labels.speak(language);
        closeSheets();
        findings.putAway();
        rooms.clear();
        furnish();
        rooms.computeIfAbsent(room, this::build);
        session.reword();
        go(room);
    }

    /** Makes what stands around the rooms. */
    private void furnish() {
        appearance.script();
        findings = new FindingsOver(session, root, this::go, () -> built(room).node(), () -> top.getHeight());
        top = new TopBar(session, this, new MainMenu(this, files, preferences).button());
        window.setTop(top);
    }

    Appearance appearance() {
        return appearance;
    }

    /** Looks for anything by its name. */
    void find() {
        Palette.open(this, root);
    }

    /** Sets theme and text size together. */
    public void look(int textPercent, boolean dark) {
        appearance.dark(dark);
        appearance.textSize(textPercent);
    }

    private boolean sheetOpen() {
        return root.getChildren().stream().anyMatch(over -> over != window && !findings.is(over));
    }

    private void key(KeyEvent event) {
        boolean covered = sheetOpen();
        boolean again = event.getCode() == held;
        held = event.getCode();
        commands()
                .filter(command -> command.key().match(event))
                .findFirst()
                .filter(command -> !hall.shown() || command.always())
                .ifPresent(command -> {
                    event.consume();
                    if ((!again || command.repeats()) && (!covered || command.always())) {
                        command.action().run();
                    }
                });
    }

    /** {@return all that can be done by key where one is} */
    public List<Command> everyCommand() {
        return commands().toList();
    }

    /** {@return all that can be done now: in the room first, then anywhere} */
    Stream<Command> commands() {
        return Stream.concat(built(room).commands().stream(), anywhere.all().stream());
    }

    /** Ends listening: the window is closed. */
    public void dispose() {
        session.desk().removeListener(shower);
    }
}
