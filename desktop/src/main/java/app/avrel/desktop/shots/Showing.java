package app.avrel.desktop.shots;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.RoomName;
import app.avrel.desktop.shell.Shell;
import app.avrel.desktop.shell.ShellSheets;
import app.avrel.desktop.words.Words;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Goes to where a picture is taken, as one would with keys and presses. */
record Showing(Session session, Shell shell) {

    private static final String NOTES_OF_A_LESSON = """
            # Reed in the Wind / Junco al viento
            start: shift 100 left
            1. right foot forward, heel first; both hands to the chest, palms in
            2. shift 70 right, the left palm pushes to the shoulder
            3. let the tide go out, turn right 30
            """;

    ShellSheets sheets() {
        return shell.sheets();
    }

    void logSays() {
        room(RoomName.LOG);
        Event.fireEvent(shell.root(), pressed(KeyCode.I, true));
    }

    void cues() {
        room(RoomName.CUES);
        for (int count = 0; count < 5; count++) {
            Event.fireEvent(shell.root(), pressed(KeyCode.PAGE_DOWN, false));
        }
    }

    void count(int count) {
        shell.go(RoomName.POSTURES);
        session.choose(session.choice().withCount(count));
    }

    void moveFields() {
        count(0);
        Node row = shell.root().lookup(".move-head");
        if (row != null) {
            Event.fireEvent(row, pressed(KeyCode.ENTER, false));
        }
    }

    void typedLine() {
        room(RoomName.POSTURES);
        line().ifPresent(line ->
                line.setText("right heel out to 2, half a sholder wide, then shift 60 right, like a reed"));
    }

    void countNote() {
        line().ifPresent(line -> {
            line.setText("shift 60 right, wrists like a reed in the tide");
            Event.fireEvent(line, pressed(KeyCode.ENTER, false));
        });
    }

    void notes() {
        session.undo();
        Event.fireEvent(shell.root(), pressed(KeyCode.N, false, true, true));
        shell.root().applyCss();
        shell.root().layout();
        if (shell.root().lookup(".notes-text") instanceof TextArea notes) {
            notes.setText(NOTES_OF_A_LESSON);
        }
    }

    void postures(KeyEvent key) {
        line().ifPresent(TextField::clear);
        room(RoomName.POSTURES);
        Event.fireEvent(shell.root(), key);
    }

    void closing() {
        room(RoomName.FORM);
        Event.fireEvent(shell.root(), pressed(KeyCode.L, false, false, true));
    }

    void rulesBeside() {
        sheets().settings();
        shell.root().applyCss();
        press(Words.of("common.house_rules"));
        shell.root().applyCss();
        press(Words.of("settings.compare_two_sets"));
    }

    void scales() {
        room(RoomName.POSTURES);
        press(Words.of("postures.two_scales"));
        shell.root().applyCss();
        press(Words.of("postures.simulated_scales"));
    }

    void guide() {
        sheets().help();
        shell.root().applyCss();
        shell.root().lookupAll(".help-sheet .pill").stream()
                .skip(1)
                .map(ToggleButton.class::cast)
                .findFirst()
                .ifPresent(ToggleButton::fire);
    }

    void hall() {
        room(RoomName.POSTURES);
        shell.hall().show();
    }

    void findings() {
        room(RoomName.POSTURES);
        Event.fireEvent(shell.root(), pressed(KeyCode.F9, false));
    }

    void beside() {
        shell.root().lookupAll(".finding-buttons .button").stream()
                .map(Button.class::cast)
                .filter(button -> button.getText().equals(Words.of("findings.compare_fix")))
                .findFirst()
                .ifPresent(Button::fire);
    }

    void settings() {
        shell.findings().toggle();
        sheets().settings();
        shell.root().applyCss();
        press(Words.of("common.house_rules"));
    }

    void press(String words) {
        Stream.of(".pill", ".word-button")
                .flatMap(style -> shell.root().lookupAll(style).stream())
                .map(ButtonBase.class::cast)
                .filter(button -> button.getText().equals(words))
                .findFirst()
                .ifPresent(ButtonBase::fire);
    }

    Optional<TextField> line() {
        return Optional.ofNullable(shell.root().lookup(".typed-line .text-field"))
                .map(TextField.class::cast);
    }

    void room(RoomName room) {
        Chosen.in(session, room);
        shell.go(room);
    }

    /** A sheet of the lessons room. */
    void lessons(KeyCode key, boolean shift) {
        room(RoomName.LESSONS);
        Event.fireEvent(shell.root(), pressed(key, shift, true, false));
    }

    /** A sheet of the form room. */
    void form(KeyCode key, boolean shift) {
        room(RoomName.FORM);
        Chosen.repeated(session);
        Event.fireEvent(shell.root(), pressed(key, shift, true, false));
    }

    static KeyEvent pressed(KeyCode key, boolean control) {
        return pressed(key, false, control, false);
    }

    static KeyEvent pressed(KeyCode key, boolean shift, boolean control, boolean alt) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, shift, control, alt, false);
    }

    void fitter() {
        Event.fireEvent(shell.root(), pressed(KeyCode.G, true));
    }
}
