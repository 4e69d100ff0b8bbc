package app.avrel.desktop.shell;

import app.avrel.desktop.cues.CuesRoom;
import app.avrel.desktop.cues.ScriptFiles;
import app.avrel.desktop.findings.FindingActions;
import app.avrel.desktop.findings.FindingsPanel;
import app.avrel.desktop.form.FormRoom;
import app.avrel.desktop.hall.HallView;
import app.avrel.desktop.help.HelpSheet;
import app.avrel.desktop.learners.LearnersSheet;
import app.avrel.desktop.lessons.LessonsRoom;
import app.avrel.desktop.log.LogRoom;
import app.avrel.desktop.parts.Fonts;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.postures.PosturesRoom;
import app.avrel.desktop.print.Exports;
import app.avrel.desktop.print.PrintSheet;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.settings.SettingsSheet;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.lesson.log.Quizzing;
import app.avrel.project.Edit;
import app.avrel.rules.Where;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.value.ChangeListener;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
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
    private final FileChoosing choosing;
    private final StackPane root = new StackPane();
    private final BorderPane window = new BorderPane();
    private final Map<RoomName, Room> rooms = new EnumMap<>(RoomName.class);
    private final Map<RoomName, Supplier<Room>> builders = new EnumMap<>(RoomName.class);
    private final WindowMemory memory;
    private final FileActions files;
    private final Dropping dropping;
    private final ShellCommands anywhere;
    private TopBar top;
    private FindingsPanel findings;
    private final ChangeListener<Session.Desk> shower = (_, _, desk) -> show(desk);
    private RoomName room = RoomName.POSTURES;
    private KeyCode held = KeyCode.UNDEFINED;

    public Shell(Session session, FileChoosing choosing, Runnable quit) {
        this.session = session;
        this.choosing = choosing;
        this.preferences = new Preferences(StateFolder.path());
        this.memory = new WindowMemory(preferences);
        this.files = new FileActions(session, preferences, choosing, root, quit);
        builders.put(RoomName.POSTURES, () -> new PosturesRoom(session, this::go, files::readNotes, files::openDemo));
        builders.put(RoomName.FORM, () -> new FormRoom(session, this::go));
        builders.put(RoomName.LESSONS, () -> new LessonsRoom(session, root, this::teach, this::print));
        builders.put(RoomName.LOG, () -> new LogRoom(session, root, () -> go(RoomName.LESSONS)));
        builders.put(RoomName.CUES, () -> new CuesRoom(session, scripts(choosing), root, this::openHall));
        Labels.speak(preferences.language());
        furnish();
        root.getChildren().add(window);
        root.getStyleClass().addAll("avrel", "text-" + preferences.textSize());
        root.getStylesheets().addAll(Sheets.all());
        dark(preferences.dark());
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

    private static ScriptFiles scripts(FileChoosing choosing) {
        return new ScriptFiles() {
            @Override
            public Optional<Path> toWrite(String suggested) {
                return choosing.toWriteScript(suggested);
            }

            @Override
            public Optional<Path> toWriteSound(String suggested) {
                return choosing.toWriteSound(suggested);
            }

            @Override
            public Optional<Path> toRead() {
                return choosing.toRead();
            }
        };
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
        PrintSheet.open(session, root, lesson, choosing::toWriteSheet);
    }

    void exportCalendar() {
        export("course.ics", Exports::calendar);
    }

    void exportPictures() {
        if (room == RoomName.FORM) {
            export("form.svg", Exports::formRibbon);
        } else {
            export("count.svg", Exports::pictures);
        }
    }

    private void export(String suggested, BiFunction<Session.Desk, Path, Optional<String>> writing) {
        choosing.toWriteSheet(suggested)
                .flatMap(path -> writing.apply(session.desk().get(), path))
                .ifPresent(trouble -> Sheet.tell(root, Words.of("common.did_not_work"), trouble));
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

    private void show(Session.Desk desk) {
        top.show(desk, room);
        built(room).show(desk);
        if (root.getChildren().contains(findings)) {
            overTheCard();
            findings.show(desk);
        }
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
        if (root.getChildren().remove(findings)) {
            return;
        }
        StackPane.setAlignment(findings, Pos.TOP_RIGHT);
        StackPane.setMargin(findings, new Insets(top.getHeight(), 0, 0, 0));
        root.getChildren().add(1, findings);
        overTheCard();
        findings.show(session.desk().get());
    }

    /** The findings are as high as the card of the room. */
    private void overTheCard() {
        if (built(room).node().lookup(".card-scroll") instanceof Region card) {
            findings.maxHeightProperty().bind(card.heightProperty());
            findings.maxWidthProperty().bind(card.widthProperty());
        }
    }

    /** Opens the findings and goes to the next one. */
    void nextFinding() {
        if (!root.getChildren().contains(findings)) {
            toggleFindings();
        }
        findings.next();
    }

    /** Shows what the room has over the whole screen, to be read from afar. */
    void openHall() {
        showHall();
        if (root.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
            stage.setFullScreenExitHint("");
            stage.setFullScreen(true);
        }
    }

    /** Shows what the room has over the whole window. */
    public void showHall() {
        Session.Desk desk = session.desk().get();
        boolean posture = room == RoomName.POSTURES;
        List<Occurrence> run = posture
                ? desk.posture().flatMap(some -> desk.occurrence(some.id())).stream()
                        .toList()
                : desk.formTrack().occurrences();
        int from = posture
                ? desk.choice().count()
                : countsBefore(run, desk.choice().entry());
        HallView hall = new HallView(run, desk, from, this::closeHall, this::keep);
        root.getChildren().add(hall);
        hall.requestFocus();
    }

    /** Keeps the score of a quiz over the form on the desk. */
    private void keep(Quizzing over) {
        over.score(session.desk().get().form().id(), LocalDate.now())
                .ifPresent(score ->
                        session.apply(Edit.of(Words.of("hall.keep_score"), project -> project.keeping(score))));
    }

    private static int countsBefore(List<Occurrence> run, int entry) {
        return run.stream()
                .filter(done -> done.entry() < entry)
                .mapToInt(Occurrence::counts)
                .sum();
    }

    public void closeHall() {
        root.getChildren().removeIf(HallView.class::isInstance);
        if (root.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreen(false);
        }
        built(room).node().requestFocus();
    }

    /** Lets the window speak another language: everything in it is made anew. */
    public void speak(Language language) {
        preferences.language(language);
        Labels.speak(language);
        closeSheets();
        root.getChildren().remove(findings);
        rooms.clear();
        furnish();
        rooms.computeIfAbsent(room, this::build);
        session.reword();
        go(room);
    }

    /** Makes what stands around the rooms. */
    private void furnish() {
        boolean chinese = Words.language() == Language.CHINESE;
        Fonts.speakChinese(chinese);
        root.pseudoClassStateChanged(PseudoClass.getPseudoClass("chinese"), chinese);
        findings = new FindingsPanel(new FindingActions(session, this::go), this::toggleFindings);
        top = new TopBar(session, this, new MainMenu(this, files, preferences).button());
        window.setTop(top);
    }

    void turnDarkOrLight() {
        dark(!preferences.dark());
    }

    /** Looks for anything by its name. */
    void find() {
        Palette.open(this, root);
    }

    void dark(boolean dark) {
        root.pseudoClassStateChanged(PseudoClass.getPseudoClass("dark"), dark);
        preferences.dark(dark);
    }

    void textSize(int percent) {
        Preferences.TEXT_SIZES.forEach(size -> root.getStyleClass().remove("text-" + size));
        root.getStyleClass().add("text-" + percent);
        preferences.textSize(percent);
    }

    /** Sets theme and text size together. */
    public void look(int textPercent, boolean dark) {
        dark(dark);
        textSize(textPercent);
    }

    private boolean sheetOpen() {
        return root.getChildren().stream().anyMatch(over -> over != window && over != findings);
    }

    /** In the hall every key is the hall's: a remote's page keys step there whatever room is behind. */
    private boolean inTheHall() {
        return root.getChildren().stream().anyMatch(HallView.class::isInstance);
    }

    private void key(KeyEvent event) {
        boolean covered = sheetOpen();
        boolean again = event.getCode() == held;
        held = event.getCode();
        commands()
                .filter(command -> command.key().match(event))
                .findFirst()
                .filter(command -> !inTheHall() || command.always())
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

    /** Makes the text larger or smaller by so many sizes, as far as there are any. */
    void resize(int by) {
        int at = Preferences.TEXT_SIZES.indexOf(preferences.textSize()) + by;
        if (at >= 0 && at < Preferences.TEXT_SIZES.size()) {
            textSize(Preferences.TEXT_SIZES.get(at));
        }
    }

    /** Ends listening: the window is closed. */
    public void dispose() {
        session.desk().removeListener(shower);
    }
}
