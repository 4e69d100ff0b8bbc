package app.avrel.desktop.shots;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.AvrelApplication;
import app.avrel.desktop.shell.FileChoosing;
import app.avrel.desktop.shell.Shell;
import app.avrel.files.Recovery;
import app.avrel.project.Project;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javax.imageio.ImageIO;

/** Takes a picture of every room. */
public final class Shots {

    /**
     * How the window looks.
     *
     * @param text percent of the usual size
     */
    public record Look(int width, int height, int text, boolean dark) {}

    private static final FileChoosing NO_FILES = new FileChoosing() {
        @Override
        public Optional<Path> toOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String suggested) {
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
        Platform.startup(() -> {
            try {
                written.complete(rooms(project, folder, look));
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

    private static List<Path> rooms(Project project, Path folder, Look look) {
        AvrelApplication.prepare();
        Session session = new Session(project, new Recovery(Path.of(System.getProperty("avrel.state"))));
        Shell shell = new Shell(session, NO_FILES, () -> {});
        shell.look(look.text(), look.dark());
        Scene scene = new Scene(shell.root(), look.width(), look.height());
        List<Path> written = new ArrayList<>();
        for (Shell.RoomName room : Shell.RoomName.values()) {
            Chosen.in(session, room);
            shell.go(room);
            written.add(write(scene, folder, room.label().toLowerCase(Locale.ROOT)));
        }
        for (Further further : Further.values()) {
            further.show(session, shell);
            written.add(write(scene, folder, further.fileName()));
        }
        return written;
    }

    private static Path write(Scene scene, Path folder, String name) {
        Path file = folder.resolve(name + ".png");
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        scene.snapshot(null);
        try {
            ImageIO.write(SwingFXUtils.fromFXImage(scene.snapshot(null), null), "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("cannot write " + file, e);
        }
        return file;
    }
}
