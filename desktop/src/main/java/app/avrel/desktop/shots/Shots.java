package app.avrel.desktop.shots;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.AvrelApplication;
import app.avrel.desktop.shell.FileChoosing;
import app.avrel.desktop.shell.Painting;
import app.avrel.desktop.shell.Shell;
import app.avrel.files.Recovery;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.StageStyle;
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

    private static final FileChoosing NO_FILES = new FileChoosing() {
        @Override
        public Optional<Path> toWriteBundle(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWriteSheet(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toRead() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWriteNotes(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWriteSound(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWriteScript(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWrite(String suggested) {
            return Optional.empty();
        }
    };

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
                new Sitting(window(project, look), folder, written).start();
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

    private static Sitter window(Project project, Look look) {
        AvrelApplication.prepare();
        Session session = new Session(project, new Recovery(Path.of(System.getProperty("avrel.state"))));
        Shell shell = new Shell(session, NO_FILES, () -> {});
        shell.look(look.text(), look.dark());
        shell.speak(look.language());
        Stage stage = new Stage(StageStyle.UNDECORATED);
        stage.setScene(new Scene(shell.root(), look.width(), look.height()));
        stage.show();
        return new Sitter(session, shell, stage.getScene());
    }

    private record Sitter(Session session, Shell shell, Scene scene) {}

    /** Shows one view after the other and takes its picture when the window has settled: a few frames later. */
    private static final class Sitting extends AnimationTimer {

        private final Sitter sitter;
        private final Path folder;
        private final CompletableFuture<List<Path>> done;
        private final List<Path> written = new ArrayList<>();
        private final Iterator<View> views = List.of(View.values()).iterator();
        private View view;
        private int frames;

        Sitting(Sitter sitter, Path folder, CompletableFuture<List<Path>> done) {
            this.sitter = sitter;
            this.folder = folder;
            this.done = done;
            next();
        }

        private void next() {
            view = views.next();
            frames = 0;
            view.show(sitter.session(), sitter.shell());
        }

        @Override
        public void handle(long now) {
            if (++frames < view.frames()) {
                return;
            }
            try {
                written.add(write(sitter.scene(), folder, view.fileName()));
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
