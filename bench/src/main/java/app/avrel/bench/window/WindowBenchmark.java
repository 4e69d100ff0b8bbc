package app.avrel.bench.window;

import app.avrel.bench.GeneratedForm;
import app.avrel.desktop.shell.Painting;
import app.avrel.desktop.shots.OpenWindow;
import app.avrel.desktop.shots.Shots;
import app.avrel.files.Demo;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/**
 * The open window, timed. Bars: 95 in 100 keys have their picture within 33 ms with the demo open, within 50 ms with a form of
 * 1,000 entries; while a posture plays at most 2 in 100 pictures come late.
 */
public final class WindowBenchmark {

    private static final Shots.Look LOOK = new Shots.Look(1280, 800, 100, false, Language.ENGLISH);

    private WindowBenchmark() {}

    /**
     * Opens the window, types or plays, and prints the figures.
     *
     * @param arguments "keys" or "play"; then how many entries the form has, where it is not the demo's
     */
    public static void main(String[] arguments) throws IOException {
        boolean keys = arguments.length == 0 || arguments[0].equals("keys");
        Project project = arguments.length < 2 ? Demo.project() : GeneratedForm.of(Integer.parseInt(arguments[1]));
        Path state = Files.createTempDirectory("avrel-bench");
        System.setProperty("avrel.state", state.toString());
        System.setProperty("javafx.animation.fullspeed", String.valueOf(keys));
        CompletableFuture<String> figures = new CompletableFuture<>();
        Painting.prepare();
        Platform.startup(() -> {
            OpenWindow window = OpenWindow.of(project, LOOK);
            AnimationTimer sitting = keys ? new Typing(window, figures) : new Watching(window, figures);
            sitting.start();
        });
        System.out.println(figures.join());
        Platform.exit();
    }
}
