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

    private static @Nullable StartupLoader current;

    private final Optional<Path> file;
    private final FutureTask<Opened> reading;
    private final FutureTask<Optional<Analysis>> looking;

    private StartupLoader(Optional<Path> file) {
        this.file = file;
        this.reading = new FutureTask<>(
                () -> file.map(ProjectFile::open).orElseGet(() -> new Opened.Read(Demo.project(), ForeignFields.NONE)));
        this.looking = new FutureTask<>(() -> survey(opened()));
        Thread.ofPlatform().daemon().name("opening").start(this::work);
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

    private void work() {
        reading.run();
        looking.run();
    }

    private static Optional<Analysis> survey(Opened opened) {
        return opened instanceof Opened.Read(Project project, var _)
                ? Optional.of(Analysis.of(project))
                : Optional.empty();
    }

    /** {@return what was read, when it is} */
    Opened opened() {
        return answer(reading);
    }

    /** {@return what is computed from what was read} */
    Analysis survey(Opened.Read read) {
        return answer(looking).orElseGet(() -> Analysis.of(read.project()));
    }

    private static <T> T answer(FutureTask<T> asked) {
        try {
            return asked.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while opening", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException("cannot open", e.getCause());
        }
    }
}
