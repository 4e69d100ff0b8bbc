package app.avrel.files;

import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;

/**
 * Keeps unsaved work on disk, so that it outlives a crash.
 *
 * <p>Each running program has one recovery file of its own. The newest state is written a moment after a change, and
 * within a second of it: whoever edits sees the change first, and what is overtaken by then is not written. Saving or closing in good order removes the file; one whose program no longer runs is
 * offered at the next start.
 */
public final class Recovery implements AutoCloseable {

    private static final String ENDING = ".recovery";
    private static final long MOMENT_MILLIS = 250;

    private record Unsaved(Project project, Optional<Path> file) {}

    private final Path folder;
    private final Path own;
    private final AtomicReference<Unsaved> newest = new AtomicReference<>();
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("recovery").factory());

    /** @param folder where recovery files stand; made where it is missing */
    public Recovery(Path folder) {
        this.folder = folder;
        this.own = folder.resolve(ProcessHandle.current().pid() + "-" + System.currentTimeMillis() + ENDING);
    }

    /** Takes down the state of unsaved work; returns at once. */
    public void keep(Project project, Optional<Path> file) {
        if (newest.getAndSet(new Unsaved(project, file)) == null) {
            writer.schedule(this::write, MOMENT_MILLIS, TimeUnit.MILLISECONDS);
        }
    }

    /** Forgets what was kept: it is saved, or not wanted any more. */
    public void forget() {
        newest.set(null);
        writer.execute(this::delete);
    }

    /** Puts all that was kept on disk, and stops. */
    @Override
    public void close() {
        writer.execute(this::write);
        writer.execute(writer::shutdownNow);
        try {
            writer.awaitTermination(Long.MAX_VALUE, TimeUnit.NANOSECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void write() {
        Unsaved unsaved = newest.getAndSet(null);
        if (unsaved == null) {
            return;
        }
        try {
            Files.createDirectories(folder);
            String head =
                    unsaved.file().map(path -> path.toAbsolutePath().toString()).orElse("");
            SafeFile.replace(own, head + "\n" + ProjectText.of(unsaved.project()));
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot keep unsaved work in " + folder, e);
        }
    }

    private void delete() {
        try {
            Files.deleteIfExists(own);
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot remove " + own, e);
        }
    }

    /**
     * Work that a program left behind.
     *
     * @param project its last state
     * @param file where it was last saved, if ever
     * @param at when it was taken down
     * @param kept the recovery file
     */
    public record Left(Project project, Optional<Path> file, FileTime at, Path kept) {

        /** Removes the recovery file: the work is taken over, or not wanted. */
        public void discard() throws IOException {
            Files.deleteIfExists(kept);
        }
    }

    /** {@return what programs that no longer run have left in a folder, newest first} */
    public static List<Left> left(Path folder) {
        return abandoned(folder).stream()
                .flatMap(file -> read(file).stream())
                .sorted(Comparator.comparing(Left::at).reversed())
                .toList();
    }

    /** {@return the files that programs have left there and that cannot be read; they are kept as they are} */
    public static List<Path> unreadable(Path folder) {
        return abandoned(folder).stream().filter(file -> read(file).isEmpty()).toList();
    }

    private static List<Path> abandoned(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .filter(file -> !running(file))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** Whether the program that made the file still runs: a process of its number that was there when it was made. */
    private static boolean running(Path file) {
        String[] parts = file.getFileName().toString().replace(ENDING, "").split("-", 2);
        try {
            Optional<ProcessHandle> process = ProcessHandle.of(Long.parseLong(parts[0]));
            Instant made = Instant.ofEpochMilli(Long.parseLong(parts[parts.length - 1]));
            return process.filter(alive -> alive.info()
                            .startInstant()
                            .filter(start -> start.isAfter(made.plusSeconds(1)))
                            .isEmpty())
                    .isPresent();
        } catch (NumberFormatException e) {
            return false;
        }
    }

    private static Optional<Left> read(Path file) {
        try {
            String text = Files.readString(file);
            int line = text.indexOf('\n');
            String head = text.substring(0, Math.max(0, line));
            FileTime at = Files.getLastModifiedTime(file);
            return switch (ProjectText.read(text.substring(line + 1), file.toString())) {
                case Opened.Read(Project project, var _) ->
                    Optional.of(new Left(
                            project, head.isEmpty() ? Optional.empty() : Optional.of(Path.of(head)), at, file));
                case Opened.Refused _ -> Optional.empty();
            };
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
