package app.avrel.desktop.shots;

import app.avrel.desktop.parts.Painted;
import app.avrel.desktop.shell.Painting;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javax.imageio.ImageIO;

/** Takes a picture of every view. */
public final class Shots {

    /**
     * How the window looks.
     *
     * @param text percent of the usual size
     * @param language that the window speaks
     */
    public record Look(int width, int height, int text, boolean dark, Language language) {}

    private Shots() {}

    /** Writes the pictures. {@return the files written} */
    public static List<Path> take(Project project, Path folder, Look look) throws IOException {
        Files.createDirectories(folder);
        Path state = Files.createTempDirectory("avrel-shots");
        System.setProperty("avrel.state", state.toString());
        CompletableFuture<List<Path>> written = new CompletableFuture<>();
        Painting.prepare();
        Platform.startup(() -> {
            try {
                OpenWindow window = OpenWindow.of(project, look);
                Sitting sitting = new Sitting(window, folder, written);
                Painted.then(window.scene(), sitting::start);
            } catch (RuntimeException e) {
                written.completeExceptionally(e);
            }
        });
        try {
            return written.join();
        } finally {
            Platform.exit();
        }
    }

    /** Shows one view after the other and takes its picture when the window has settled: a few frames later. */
    private static final class Sitting extends AnimationTimer {

        private final OpenWindow window;
        private final Path folder;
        private final CompletableFuture<List<Path>> done;
        private final List<Path> written = new ArrayList<>();
        private final Iterator<View> views = List.of(View.values()).iterator();
        private View view;
        private int frames;

        Sitting(OpenWindow window, Path folder, CompletableFuture<List<Path>> done) {
            this.window = window;
            this.folder = folder;
            this.done = done;
            next();
        }

        private void next() {
            view = views.next();
            frames = 0;
            view.show(new Showing(window.session(), window.shell()));
        }

        @Override
        public void handle(long now) {
            if (++frames < view.frames()) {
                return;
            }
            try {
                written.add(write(window.scene(), folder, view.fileName()));
                if (views.hasNext()) {
                    next();
                } else {
                    stop();
                    done.complete(written);
                }
            } catch (RuntimeException e) {
                stop();
                done.completeExceptionally(e);
            }
        }
    }

    private static Path write(Scene scene, Path folder, String name) {
        Path file = folder.resolve(name + ".png");
        try {
            ImageIO.write(SwingFXUtils.fromFXImage(scene.snapshot(null), null), "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("cannot write " + file, e);
        }
        return file;
    }
}
