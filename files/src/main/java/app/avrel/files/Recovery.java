package app.avrel.files;

import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
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

    private static final String BASE = "base ";

    private record Unsaved(Project project, Optional<Path> file, Optional<String> base) {}

    private final Path folder;
    private final Path own;
    private final AtomicReference<Unsaved> newest = new AtomicReference<>();
    private volatile Consumer<Optional<String>> trouble = _ -> {};
    private Optional<String> told = Optional.empty();
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("recovery").factory());

    /** @param folder where recovery files stand; made where it is missing */
    public Recovery(Path folder) {
        this.folder = folder;
        this.own = folder.resolve(Owner.name(ENDING));
    }

    /** Tells whether unsaved work can be kept, each time that changes; called from the writing thread. */
    public void watch(Consumer<Optional<String>> newTrouble) {
        trouble = newTrouble;
    }

    /**
     * Goes the way of writing once without writing, so that the first change is on disk as quickly as the later ones; takes
     * a moment, on whichever thread calls it.
     */
    public static void ready(Project project) {
        var _ = ProjectText.of(project);
    }

    /** Takes down the state of unsaved work; returns at once. */
    public void keep(Project project, Optional<Path> file) {
        keep(project, file, Optional.empty());
    }

    /**
     * Takes down the state of unsaved work; returns at once.
     *
     * @param base the digest of what the file held when the work on it began
     */
    public void keep(Project project, Optional<Path> file, Optional<String> base) {
        if (newest.getAndSet(new Unsaved(project, file, base)) == null) {
            writer.schedule(this::write, MOMENT_MILLIS, TimeUnit.MILLISECONDS);
        }
    }

    /** Puts what is to be kept on disk now. {@return whether it is there} */
    public boolean flush() {
        try {
            return writer.submit(this::write).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } catch (ExecutionException e) {
            throw new IllegalStateException(e);
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

    private boolean write() {
        Unsaved unsaved = newest.getAndSet(null);
        if (unsaved == null) {
            return told.isEmpty();
        }
        try {
            SafeFile.privateFolder(folder);
            String head =
                    unsaved.file().map(path -> path.toAbsolutePath().toString()).orElse("");
            String base = unsaved.base().map(digest -> BASE + digest + "\n").orElse("");
            SafeFile.writePrivate(own, head + "\n" + base + ProjectText.of(unsaved.project()));
            tell(Optional.empty());
            return true;
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot keep unsaved work in " + folder, e);
            tell(Optional.of(folder + ": " + ProjectFile.reason(e)));
            return false;
        }
    }

    private void tell(Optional<String> now) {
        if (!now.equals(told)) {
            told = now;
            trouble.accept(now);
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
     * @param base the digest of what that file held when the work began, where that is known
     * @param at when it was taken down
     * @param kept the recovery file
     */
    public record Left(Project project, Optional<Path> file, Optional<String> base, FileTime at, Path kept) {

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
                    .filter(file -> !Owner.running(file, ENDING))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    private static Optional<Left> read(Path file) {
        try {
            String text = Files.readString(file);
            int line = text.indexOf('\n');
            String head = text.substring(0, Math.max(0, line));
            String rest = text.substring(line + 1);
            Optional<String> base = Optional.empty();
            if (rest.startsWith(BASE)) {
                int end = rest.indexOf('\n');
                base = Optional.of(rest.substring(BASE.length(), end).strip());
                rest = rest.substring(end + 1);
            }
            Optional<String> digest = base;
            FileTime at = Files.getLastModifiedTime(file);
            return switch (ProjectText.read(rest, file.toString())) {
                case Opened.Read(Project project, var _) ->
                    Optional.of(new Left(project, path(head), digest, at, file));
                case Opened.Refused _ -> Optional.empty();
            };
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Optional<Path> path(String head) {
        try {
            return head.isEmpty() ? Optional.empty() : Optional.of(Path.of(head));
        } catch (InvalidPathException notHere) {
            return Optional.empty();
        }
    }
}
