package app.avrel.desktop.shell;

import app.avrel.desktop.session.Session;
import java.nio.file.Path;
import javafx.stage.Stage;

/** The title of the window: the project, whether it is saved, and its file. */
final class Title {

    private Title() {}

    /** Keeps a window's title to what is on the desk. */
    static void follow(Stage stage, Session session) {
        session.desk().addListener((_, _, _) -> stage.setTitle(of(session)));
        session.file().addListener((_, _, _) -> stage.setTitle(of(session)));
        stage.setTitle(of(session));
    }

    /** {@return such as {@code Weirside Hall • (weirside.avrel) – Avrel}; the dot is for what is not saved} */
    static String of(Session session) {
        String file = session.file()
                .get()
                .map(Path::getFileName)
                .map(name -> " (" + name + ")")
                .orElse("");
        return session.project().name() + (session.dirty() ? " •" : "") + file + " – Avrel";
    }
}
