package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Fonts;
import app.avrel.desktop.parts.Painted;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.Opened;
import app.avrel.files.Recovery;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.words.lexicon.Lexicon;
import atlantafx.base.theme.PrimerLight;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;

/** The JavaFX application: it shows what the {@link StartupLoader} has read. */
public final class AvrelApplication extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    /** The window is there at once, in its place and colour; what is in it comes with the frame after. */
    @Override
    public void start(Stage stage) {
        prepare();
        WindowFrame frame = WindowFrame.empty();
        stage.setTitle(Words.of("shell.avrel"));
        stage.getIcons()
                .add(new Image(AvrelApplication.class.getResource("avrel.png").toExternalForm()));
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setScene(new Scene(frame.root(), WIDTH, HEIGHT));
        new WindowMemory(frame.preferences()).place(stage);
        FirstFrame.after(stage.getScene(), () -> open(stage, frame));
        stage.show();
    }

    private static void open(Stage stage, WindowFrame frame) {
        Opened opened = StartupLoader.current().opened();
        Session session = session(opened, new Recovery(StateFolder.recovery()));
        Shell shell = new Shell(session, frame, new SystemFileChoosing(stage), AvrelApplication::quit);
        UnexpectedErrors.watch(frame.root(), StateFolder.errors());
        Title.follow(stage, session);
        stage.setOnCloseRequest(event -> {
            event.consume();
            shell.files().quit();
        });
        stage.setOnHiding(_ -> shell.remember(stage));
        if (opened instanceof Opened.Refused(String message)) {
            Sheet.tell(frame.root(), Words.of("shell.file_cannot_be"), message);
        }
        shell.restore();
        shell.begin();
        shell.files().watch();
        Platform.runLater(shell.files()::offerRecovery);
        Painted.then(stage.getScene(), () -> {
            FirstFrame.seen();
            ready(session.project());
            Rehearsal.perform(stage.getScene());
        });
    }

    /** Has ready, beside the window, what the first line typed and the first change kept would wait for. */
    private static void ready(Project project) {
        Thread.ofPlatform().daemon().name("ready").start(() -> {
            Lexicon.of(Words.language());
            Recovery.ready(project);
        });
    }

    private static Session session(Opened opened, Recovery recovery) {
        StartupLoader loader = StartupLoader.current();
        return opened instanceof Opened.Read read
                ? new Session(read, loader.survey(read), loader.file(), recovery)
                : new Session(blank(), recovery);
    }

    private static Project blank() {
        return Project.empty(Words.of("common.my_hall"), Setting.USUAL);
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
