package app.avrel.desktop.shell;

import app.avrel.desktop.cues.CuesRoom;
import app.avrel.desktop.form.FormRoom;
import app.avrel.desktop.lessons.LessonsRoom;
import app.avrel.desktop.log.LogRoom;
import app.avrel.desktop.postures.PosturesRoom;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.rules.Where;
import java.util.List;
import javafx.beans.value.ChangeListener;
import javafx.scene.Parent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** Everything in the window. */
public final class Shell {

    private final Session session;
    private final Preferences preferences;
    private final StackPane root;
    private final BorderPane window = new BorderPane();
    private final Rooms rooms;
    private final WindowMemory memory;
    private final FileActions files;
    private final ShellCommands anywhere;
    private TopBar top;
    private FindingsOver findings;
    private final HallOver hall;
    private final Appearance appearance;
    private final Paper paper;
    private final ShellSheets sheets;
    private final ChangeListener<Desk> shower = (_, _, desk) -> show(desk);
    private final Beginning beginning;
    private RoomName room = RoomName.POSTURES;

    /** @param quit what ends the program */
    public Shell(Session session, FileChoosing choosing, Runnable quit) {
        this(session, WindowFrame.empty(), choosing, quit);
    }

    Shell(Session session, WindowFrame frame, FileChoosing choosing, Runnable quit) {
        this.session = session;
        this.root = frame.root();
        this.preferences = frame.preferences();
        this.appearance = frame.appearance();
        this.memory = new WindowMemory(preferences);
        this.files = new FileActions(session, preferences, choosing, root, quit);
        this.sheets = new ShellSheets(this, root);
        this.paper = new Paper(session, choosing, root, () -> room);
        this.rooms = new Rooms(memory);
        this.beginning = new Beginning(
                session, () -> rooms.built(room), () -> root.getChildren().getLast() == window);
        this.hall = new HallOver(
                session,
                root,
                () -> room == RoomName.POSTURES,
                () -> rooms.built(room).node().requestFocus());
        build();
        Labels.speak(preferences.language());
        furnish();
        root.getChildren().add(window);
        ShellKeys.give(root, this::commands, over -> over == window || findings.is(over), hall::shown);
        new Dropping(files).on(root);
        anywhere = new ShellCommands(this, session, files);
        session.desk().addListener(shower);
        go(RoomName.POSTURES);
    }

    /** How each room is built, once it is entered. */
    private void build() {
        rooms.build(RoomName.POSTURES, () -> new PosturesRoom(session, this::go, files::readNotes, files::openDemo));
        rooms.build(RoomName.FORM, () -> new FormRoom(session, this::go));
        rooms.build(RoomName.LESSONS, () -> new LessonsRoom(session, root, this::teach, paper::print));
        rooms.build(RoomName.LOG, () -> new LogRoom(session, root, () -> go(RoomName.LESSONS)));
        rooms.build(RoomName.CUES, () -> new CuesRoom(session, paper.scripts(), root, hall::open));
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

    /** {@return what can be laid over the window} */
    public ShellSheets sheets() {
        return sheets;
    }

    /** {@return what leaves the window on paper or as a file} */
    Paper paper() {
        return paper;
    }

    /** Goes to a room; it is built when first entered. */
    public void go(RoomName to) {
        boolean inRoom = window.getCenter() != null && window.getCenter().isFocusWithin();
        room = to;
        window.setCenter(rooms.entered(to).node());
        show(session.desk().get());
        if (inRoom) {
            begin();
        }
    }

    /** Puts the keyboard where one begins. */
    public void begin() {
        beginning.begin();
    }

    /** Goes to the room in which the window was left. */
    void restore() {
        memory.room().ifPresent(this::go);
    }

    /** Keeps how the window is left. */
    public void remember(Stage stage) {
        memory.keep(stage, room);
    }

    /** Starts teaching the lesson on the desk: the clock runs in the log room. */
    private void teach() {
        go(RoomName.LOG);
        if (session.desk().get().lesson().isPresent()) {
            ((LogRoom) rooms.built(RoomName.LOG)).teach();
        }
    }

    /** Goes to a place of the record. */
    private void go(Where where) {
        session.choose(session.choice().at(where));
        go(where instanceof Where.InPosture ? RoomName.POSTURES : RoomName.FORM);
    }

    private void show(Desk desk) {
        top.show(desk, room);
        rooms.built(room).show(desk);
        findings.show(desk);
    }

    /** {@return all findings, laid over the card} */
    public FindingsOver findings() {
        return findings;
    }

    /** {@return what the room has, over everything} */
    public HallOver hall() {
        return hall;
    }

    /** Lets the window speak another language: everything in it is made anew. */
    public void speak(Language language) {
        preferences.language(language);
        Labels.speak(language);
        sheets.close();
        findings.putAway();
        rooms.clear();
        furnish();
        rooms.entered(room);
        session.reword();
        go(room);
    }

    /** Makes what stands around the rooms. */
    private void furnish() {
        appearance.script();
        findings = new FindingsOver(
                session, root, this::go, () -> rooms.built(room).node(), () -> top.getHeight());
        top = new TopBar(session, this, new MainMenu(this, files, preferences).button());
        window.setTop(top);
    }

    /** {@return how the window looks} */
    public Appearance appearance() {
        return appearance;
    }

    /** {@return all that can be done now by key: in the room first, then anywhere} */
    public List<Command> commands() {
        return anywhere.after(rooms.built(room).commands());
    }

    /** Ends listening: the window is closed. */
    public void dispose() {
        session.desk().removeListener(shower);
        beginning.dispose();
    }
}
