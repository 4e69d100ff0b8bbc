package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.Shell;
import java.util.Locale;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The views of which pictures are taken. */
enum View {
    POSTURES,
    FORM,
    LESSONS,
    POSTURE_SHEET,
    MOVE_FIELDS,
    FINDINGS,
    SETTINGS,
    TYPED_LINE,
    BALANCE,
    HALL;

    String fileName() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    void show(Session session, Shell shell) {
        shell.closeSheets();
        switch (this) {
            case POSTURES -> room(Shell.RoomName.POSTURES, session, shell);
            case FORM -> room(Shell.RoomName.FORM, session, shell);
            case LESSONS -> room(Shell.RoomName.LESSONS, session, shell);
            case POSTURE_SHEET -> {
                shell.go(Shell.RoomName.POSTURES);
                session.choose(session.choice().withCount(Choice.START));
            }
            case MOVE_FIELDS -> {
                shell.go(Shell.RoomName.POSTURES);
                session.choose(session.choice().withCount(0));
                Node row = shell.root().lookup(".move-head");
                if (row != null) {
                    Event.fireEvent(row, pressed(KeyCode.ENTER, false));
                }
            }
            case TYPED_LINE -> {
                room(Shell.RoomName.POSTURES, session, shell);
                if (shell.root().lookup(".typed-line .text-field") instanceof TextField line) {
                    line.setText("right heel out to 2, half a sholder wide, then shift 60 right");
                }
            }
            case BALANCE -> {
                if (shell.root().lookup(".typed-line .text-field") instanceof TextField line) {
                    line.clear();
                }
                room(Shell.RoomName.POSTURES, session, shell);
                Event.fireEvent(shell.root(), pressed(KeyCode.B, true));
            }
            case HALL -> {
                room(Shell.RoomName.POSTURES, session, shell);
                shell.showHall();
            }
            case FINDINGS -> {
                room(Shell.RoomName.POSTURES, session, shell);
                shell.toggleFindings();
                session.select(session.desk().get().survey().serious().stream().findFirst());
            }
            case SETTINGS -> {
                shell.toggleFindings();
                shell.openSettings();
            }
        }
    }

    private static void room(Shell.RoomName room, Session session, Shell shell) {
        Chosen.in(session, room);
        shell.go(room);
    }

    private static KeyEvent pressed(KeyCode key, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, control, false, false);
    }
}
