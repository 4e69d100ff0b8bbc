package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.Shell;
import java.util.Locale;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Views that are not a room of their own. */
enum Further {
    POSTURE_SHEET,
    MOVE_FIELDS,
    FINDINGS,
    SETTINGS;

    String fileName() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    void show(Session session, Shell shell) {
        shell.closeSheets();
        switch (this) {
            case POSTURE_SHEET -> {
                shell.go(Shell.RoomName.POSTURES);
                session.choose(session.choice().withCount(Choice.START));
            }
            case MOVE_FIELDS -> {
                shell.go(Shell.RoomName.POSTURES);
                session.choose(session.choice().withCount(0));
                Node row = shell.root().lookup(".move-head");
                if (row != null) {
                    Event.fireEvent(row, pressed());
                }
            }
            case FINDINGS -> shell.openFindings();
            case SETTINGS -> shell.openSettings();
        }
    }

    private static KeyEvent pressed() {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false);
    }
}
