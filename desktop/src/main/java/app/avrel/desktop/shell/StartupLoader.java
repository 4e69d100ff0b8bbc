package app.avrel.desktop.shell;

import app.avrel.files.Demo;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.jspecify.annotations.Nullable;

/** Reads the first project while the toolkit is still starting: the two take about as long, and there are two cores. */
public final class StartupLoader {

    private static final int FIRST = 30;

    private static @Nullable StartupLoader current;

    private final Optional<Path> file;
    private final FutureTask<Opened> reading;

    private StartupLoader(Optional<Path> file) {
        this.file = file;
        this.reading = new FutureTask<>(() -> read(file));
        Thread.ofPlatform().daemon().name("opening").start(reading);
    }

    /** Begins to read a file, or the demo where none is named. */
    public static void begin(Optional<Path> file) {
        current = new StartupLoader(file);
    }

    static StartupLoader current() {
        StartupLoader begun = current;
        if (begun == null) {
            begun = new StartupLoader(Optional.empty());
            current = begun;
        }
        return begun;
    }

    /** {@return where it is read from; empty for the demo} */
    Optional<Path> file() {
        return file;
    }

    /** {@return what was read, when it is} */
    Opened opened() {
        try {
            return reading.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while opening", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException("cannot open", e.getCause());
        }
    }

    /** A few postures are looked at here, so that what that needs is loaded before the window asks for it. */
    private static Opened read(Optional<Path> file) {
        Opened opened =
                file.map(ProjectFile::open).orElseGet(() -> new Opened.Read(Demo.project(), ForeignFields.NONE));
        if (opened instanceof Opened.Read(Project project, var _)) {
            Analysis looked = Analysis.of(project);
            project.postures().stream().limit(FIRST).forEach(posture -> looked.track(posture.id()));
        }
        return opened;
    }
}
