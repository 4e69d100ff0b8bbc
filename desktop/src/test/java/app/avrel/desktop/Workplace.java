package app.avrel.desktop;

import app.avrel.desktop.parts.Fonts;
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
import java.util.Optional;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The real window over a project, for tests; files are chosen for the user. */
final class Workplace {

    final Path folder;
    final Path file;
    final Session session;
    final Shell shell;

    private Workplace(Project project) {
        try {
            folder = Files.createTempDirectory("avrel-test");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        System.setProperty("avrel.state", folder.resolve("state").toString());
        file = folder.resolve("hall.avrel");
        session = new Session(project, new Recovery(folder.resolve("recovery")));
        shell = new Shell(session, new Chosen(), () -> {});
    }

    private final class Chosen implements FileChoosing {
        @Override
        public Optional<Path> toOpen() {
            return Optional.of(file);
        }

        @Override
        public Optional<Path> toRead() {
            return Optional.of(file);
        }

        @Override
        public Optional<Path> toSave(String suggested) {
            return Optional.of(file);
        }

        @Override
        public Optional<Path> toWriteSound(String suggested) {
            return Optional.of(file.resolveSibling("script.wav"));
        }

        @Override
        public Optional<Path> toWriteScript(String suggested) {
            return Optional.of(file.resolveSibling("script.vtt"));
        }

        @Override
        public Optional<Path> toWriteNotes(String suggested) {
            return Optional.of(file.resolveSibling("notes.txt"));
        }

        @Override
        public Optional<Path> toWriteBundle(String suggested) {
            return Optional.of(bundle());
        }

        @Override
        public Optional<Path> toWriteSheet(String suggested) {
            return Optional.of(sheet());
        }

        @Override
        public Optional<Path> toWrite(String suggested) {
            return Optional.of(table());
        }
    }

    /** {@return where a bundle is written} */
    Path bundle() {
        return file.resolveSibling("hall.zip");
    }

    /** {@return where sheets are written} */
    Path sheet() {
        return file.resolveSibling("sheet.pdf");
    }

    /** {@return where tables are written} */
    Path table() {
        return file.resolveSibling("form.csv");
    }

    /** Opens a window of the size that the offscreen screen can hold. */
    static Workplace open(Stage stage, Project project) {
        return open(stage, project, 1000, 900);
    }

    static Workplace open(Stage stage, Project project, double width, double height) {
        Fonts.load();
        AvrelApplication.prepare();
        Workplace workplace = new Workplace(project);
        stage.setX(0);
        stage.setY(0);
        stage.setScene(new Scene(workplace.shell.root(), width, height));
        stage.show();
        return workplace;
    }
}
