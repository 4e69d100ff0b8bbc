package app.avrel.desktop.shots;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.AvrelApplication;
import app.avrel.desktop.shell.Shell;
import app.avrel.files.Recovery;
import app.avrel.project.Project;
import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.StageStyle;

/** A window that nobody sits before: opened to be painted or timed. */
public record OpenWindow(Session session, Shell shell, Scene scene) {

    /** {@return the window, open; what it keeps is under the folder named by the property avrel.state} */
    public static OpenWindow of(Project project, Shots.Look look) {
        AvrelApplication.prepare();
        Session session = new Session(project, new Recovery(Path.of(System.getProperty("avrel.state"))));
        Shell shell = new Shell(session, new NoFiles(), () -> {});
        shell.appearance().look(look.text(), look.dark());
        shell.speak(look.language());
        Stage stage = new Stage(StageStyle.UNDECORATED);
        stage.setScene(new Scene(shell.root(), look.width(), look.height()));
        stage.show();
        return new OpenWindow(session, shell, stage.getScene());
    }
}
