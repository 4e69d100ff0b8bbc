package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Fonts;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.Opened;
import app.avrel.files.Recovery;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import atlantafx.base.theme.PrimerLight;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.layout.StackPane;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;

/** The JavaFX application: it shows what the {@link StartupLoader} has read. */
public final class AvrelApplication extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    @Override
    public void start(Stage stage) {
        prepare();
        Opened opened = StartupLoader.current().opened();
        Project project = opened instanceof Opened.Read(Project read, var _) ? read : blank();
        Session session = new Session(project, new Recovery(StateFolder.recovery()));
        Shell shell = new Shell(session, new SystemFileChoosing(stage), AvrelApplication::quit);
        UnexpectedErrors.watch((StackPane) shell.root(), StateFolder.errors());
        Title.follow(stage, session);
        stage.getIcons()
                .add(new Image(AvrelApplication.class.getResource("avrel.png").toExternalForm()));
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setScene(new Scene(shell.root(), WIDTH, HEIGHT));
        stage.setOnCloseRequest(event -> {
            event.consume();
            shell.files().quit();
        });
        said(opened, session, shell);
        shell.restore(stage);
        stage.setOnHiding(_ -> shell.remember(stage));
        stage.show();
        shell.files().watch();
        Platform.runLater(() -> {
            shell.files().offerRecovery();
            FirstFrame.seen();
            Rehearsal.perform(stage.getScene());
        });
    }

    private static Project blank() {
        return Project.empty(Words.of("common.my_hall"), Setting.USUAL);
    }

    private static void said(Opened opened, Session session, Shell shell) {
        switch (opened) {
            case Opened.Read read ->
                StartupLoader.current().file().ifPresent(file -> session.start(read, Optional.of(file)));
            case Opened.Refused(String message) ->
                Sheet.tell((StackPane) shell.root(), Words.of("shell.file_cannot_be"), message);
        }
    }

    /** Loads fonts and the base theme; once, before the first window. */
    public static void prepare() {
        Fonts.load();
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheetBSS());
    }

    /** A popup that still shows while the toolkit ends would take the process down with it. */
    private static void quit() {
        for (Window window : List.copyOf(Window.getWindows())) {
            if (window instanceof PopupWindow popup) {
                popup.hide();
            }
        }
        Platform.exit();
    }
}
