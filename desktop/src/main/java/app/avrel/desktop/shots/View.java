package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.RoomName;
import app.avrel.desktop.shell.Shell;
import app.avrel.desktop.words.Words;
import java.util.Locale;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The views of which pictures are taken. */
enum View {
    POSTURES,
    FORM,
    LESSONS,
    CUES,
    LOG,
    MAKE,
    COURSE,
    REPLAN,
    LOG_SAYS,
    POSTURE_SHEET,
    MOVE_FIELDS,
    FINDINGS,
    BESIDE,
    SETTINGS,
    TYPED_LINE,
    COUNT_NOTE,
    NOTES,
    ANGLES,
    BALANCE,
    FITTER,
    LEARNERS,
    DIRECTIONS,
    TOTALS,
    COMPARE,
    HALLS,
    CLOSING,
    RULES_BESIDE,
    SCALES,
    HELP,
    GUIDE,
    HALL;

    private static final String NOTES_OF_A_LESSON = """
            # Reed in the Wind / Junco al viento
            start: shift 100 left
            1. right foot forward, heel first; both hands to the chest, palms in
            2. shift 70 right, the left palm pushes to the shoulder
            3. let the tide go out, turn right 30
            """;

    /** {@return how many frames the window is given: fixes are looked for behind it} */
    int frames() {
        return switch (this) {
            case FINDINGS, FORM, RULES_BESIDE -> 90;
            case CLOSING -> 400;
            default -> 20;
        };
    }

    String fileName() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    void show(Session session, Shell shell) {
        shell.sheets().close();
        switch (this) {
            case POSTURES -> room(RoomName.POSTURES, session, shell);
            case FORM -> room(RoomName.FORM, session, shell);
            case LESSONS -> room(RoomName.LESSONS, session, shell);
            case LOG -> room(RoomName.LOG, session, shell);
            case MAKE -> lessons(session, shell, KeyCode.M, false);
            case COURSE -> lessons(session, shell, KeyCode.O, true);
            case REPLAN -> lessons(session, shell, KeyCode.R, true);
            case LOG_SAYS -> {
                room(RoomName.LOG, session, shell);
                Event.fireEvent(shell.root(), pressed(KeyCode.I, true));
            }
            case CUES -> {
                room(RoomName.CUES, session, shell);
                for (int count = 0; count < 5; count++) {
                    Event.fireEvent(shell.root(), pressed(KeyCode.PAGE_DOWN, false));
                }
            }
            case POSTURE_SHEET -> {
                shell.go(RoomName.POSTURES);
                session.choose(session.choice().withCount(Choice.START));
            }
            case MOVE_FIELDS -> {
                shell.go(RoomName.POSTURES);
                session.choose(session.choice().withCount(0));
                Node row = shell.root().lookup(".move-head");
                if (row != null) {
                    Event.fireEvent(row, pressed(KeyCode.ENTER, false));
                }
            }
            case TYPED_LINE -> {
                room(RoomName.POSTURES, session, shell);
                if (shell.root().lookup(".typed-line .text-field") instanceof TextField line) {
                    line.setText("right heel out to 2, half a sholder wide, then shift 60 right, like a reed");
                }
            }
            case COUNT_NOTE -> {
                if (shell.root().lookup(".typed-line .text-field") instanceof TextField line) {
                    line.setText("shift 60 right, wrists like a reed in the tide");
                    Event.fireEvent(line, pressed(KeyCode.ENTER, false));
                }
            }
            case NOTES -> {
                session.undo();
                Event.fireEvent(
                        shell.root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.N, false, true, true, false));
                shell.root().applyCss();
                shell.root().layout();
                if (shell.root().lookup(".notes-text") instanceof TextArea notes) {
                    notes.setText(NOTES_OF_A_LESSON);
                }
            }
            case BALANCE -> {
                clearLine(shell);
                room(RoomName.POSTURES, session, shell);
                Event.fireEvent(shell.root(), pressed(KeyCode.B, true));
            }
            case FITTER -> Event.fireEvent(shell.root(), pressed(KeyCode.G, true));
            case ANGLES -> {
                clearLine(shell);
                room(RoomName.POSTURES, session, shell);
                Event.fireEvent(
                        shell.root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.G, true, true, false, false));
            }
            case DIRECTIONS -> form(session, shell, KeyCode.I, true);
            case TOTALS -> form(session, shell, KeyCode.T, false);
            case COMPARE -> form(session, shell, KeyCode.E, false);
            case CLOSING -> {
                room(RoomName.FORM, session, shell);
                Event.fireEvent(
                        shell.root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.L, false, false, true, false));
            }
            case RULES_BESIDE -> {
                shell.sheets().settings();
                shell.root().applyCss();
                press(shell, Words.of("common.house_rules"));
                shell.root().applyCss();
                press(shell, Words.of("settings.compare_two_sets"));
            }
            case SCALES -> {
                room(RoomName.POSTURES, session, shell);
                press(shell, Words.of("postures.two_scales"));
                shell.root().applyCss();
                press(shell, Words.of("postures.simulated_scales"));
            }
            case HELP -> shell.sheets().help();
            case GUIDE -> {
                shell.sheets().help();
                shell.root().applyCss();
                shell.root().lookupAll(".help-sheet .pill").stream()
                        .skip(1)
                        .map(javafx.scene.control.ToggleButton.class::cast)
                        .findFirst()
                        .ifPresent(javafx.scene.control.ToggleButton::fire);
            }
            case HALLS -> form(session, shell, KeyCode.H, true);
            case LEARNERS -> {
                shell.sheets().close();
                shell.sheets().learners();
            }
            case HALL -> {
                shell.sheets().close();
                room(RoomName.POSTURES, session, shell);
                shell.showHall();
            }
            case FINDINGS -> {
                room(RoomName.POSTURES, session, shell);
                Event.fireEvent(shell.root(), pressed(KeyCode.F9, false));
            }
            case BESIDE ->
                shell.root().lookupAll(".finding-buttons .button").stream()
                        .map(Button.class::cast)
                        .filter(button -> button.getText().equals(Words.of("findings.compare_fix")))
                        .findFirst()
                        .ifPresent(Button::fire);
            case SETTINGS -> {
                shell.sheets().close();
                shell.toggleFindings();
                shell.sheets().settings();
                shell.root().applyCss();
                press(shell, Words.of("common.house_rules"));
            }
        }
    }

    private static void press(Shell shell, String words) {
        java.util.stream.Stream.of(".pill", ".word-button")
                .flatMap(style -> shell.root().lookupAll(style).stream())
                .map(javafx.scene.control.ButtonBase.class::cast)
                .filter(button -> button.getText().equals(words))
                .findFirst()
                .ifPresent(javafx.scene.control.ButtonBase::fire);
    }

    private static void clearLine(Shell shell) {
        if (shell.root().lookup(".typed-line .text-field") instanceof TextField line) {
            line.clear();
        }
    }

    private static void room(RoomName room, Session session, Shell shell) {
        Chosen.in(session, room);
        shell.go(room);
    }

    /** A sheet of the form room. */
    private static void lessons(Session session, Shell shell, KeyCode key, boolean shift) {
        room(RoomName.LESSONS, session, shell);
        Event.fireEvent(shell.root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, shift, true, false, false));
    }

    private static void form(Session session, Shell shell, KeyCode key, boolean shift) {
        room(RoomName.FORM, session, shell);
        Chosen.repeated(session);
        Event.fireEvent(shell.root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, shift, true, false, false));
    }

    private static KeyEvent pressed(KeyCode key, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, control, false, false);
    }
}
