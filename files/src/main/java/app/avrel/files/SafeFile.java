package app.avrel.files;

import app.avrel.label.Labels;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Writes files so that at every moment either the old or the new one is whole on disk.
 *
 * <p>What is new is first written beside the old, under a name that nobody can foresee, and then takes its place. It gets
 * the old one's permissions; a link stays a link, and what it points to is replaced.
 */
public final class SafeFile {

    private static final String BEGIN = ".avrel-";
    private static final String PART = ".part";
    private static final Duration STALE = Duration.ofHours(1);
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final Set<PosixFilePermission> PRIVATE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> PRIVATE_FOLDER = PosixFilePermissions.fromString("rwx------");

    private SafeFile() {}

    /** Writes the text; the file that stood there before is kept beside it with a {@code ~} after its name. */
    public static void write(Path file, String text) throws IOException {
        Path target = target(file);
        if (Files.exists(target)) {
            keep(target, kept(target));
        }
        put(target, text);
    }

    /** Writes the text in the same safe way, keeping no earlier one. */
    public static void replace(Path file, String text) throws IOException {
        put(target(file), text);
    }

    /**
     * Copies a file to the first free place beside it, with a {@code ~} and a number after its name.
     *
     * @return where it is kept now
     */
    public static Path aside(Path file) throws IOException {
        Path target = target(file);
        int number = 1;
        while (Files.exists(numbered(target, number))) {
            number++;
        }
        Path aside = numbered(target, number);
        keep(target, aside);
        return aside;
    }

    private static Path numbered(Path file, int number) {
        return file.resolveSibling(file.getFileName() + "~" + number);
    }

    /** {@return where the earlier file is kept} */
    public static Path kept(Path file) {
        return file.resolveSibling(file.getFileName() + "~");
    }

    /** Makes a folder that only its owner can look into. */
    static void privateFolder(Path folder) throws IOException {
        Files.createDirectories(folder);
        PosixFileAttributeView view = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
        if (view != null) {
            view.setPermissions(PRIVATE_FOLDER);
        }
    }

    /** Writes a file that only its owner can read. */
    static void writePrivate(Path file, String text) throws IOException {
        Path fresh = freshBeside(file.toAbsolutePath());
        try {
            force(
                    fresh,
                    text,
                    posix(file) ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(PRIVATE)} : NONE);
            Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    private static final FileAttribute<?>[] NONE = {};

    private static boolean posix(Path file) {
        return file.getFileSystem().supportedFileAttributeViews().contains("posix");
    }

    /** What is to be written: where a link points to. */
    private static Path target(Path file) throws IOException {
        Path target = file.toAbsolutePath();
        for (int links = 0; Files.isSymbolicLink(target); links++) {
            if (links == 40) {
                throw new FileSystemException(file.toString(), null, Labels.say("keep.ring"));
            }
            target = target.resolveSibling(Files.readSymbolicLink(target)).normalize();
        }
        if (Files.isDirectory(target)) {
            throw new FileSystemException(file.toString(), null, Labels.say("keep.a_folder"));
        }
        if (Files.exists(target) && !Files.isWritable(target)) {
            throw new AccessDeniedException(file.toString(), null, Labels.say("keep.protected"));
        }
        return target;
    }

    private static void put(Path target, String text) throws IOException {
        sweep(target.getParent());
        Path fresh = freshBeside(target);
        try {
            force(fresh, text, NONE);
            likeBefore(target, fresh);
            Files.move(fresh, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            forceFolder(target.getParent());
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    private static void keep(Path target, Path where) throws IOException {
        Path copy = freshBeside(target);
        try {
            Files.copy(target, copy, StandardCopyOption.COPY_ATTRIBUTES);
            Files.move(copy, where, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    /** Gives a file the permissions, and where that is permitted the group, of the one whose place it takes. */
    private static void likeBefore(Path old, Path fresh) throws IOException {
        if (!Files.exists(old) || !posix(old)) {
            return;
        }
        PosixFileAttributes before = Files.readAttributes(old, PosixFileAttributes.class);
        PosixFileAttributeView view = Files.getFileAttributeView(fresh, PosixFileAttributeView.class);
        try {
            view.setGroup(before.group());
        } catch (IOException notOurGroup) {
            // Only a member of a group may give a file to it; the permissions are kept all the same.
            view.setPermissions(before.permissions());
            return;
        }
        view.setPermissions(before.permissions());
    }

    private static Path freshBeside(Path file) {
        return file.resolveSibling(BEGIN + Long.toUnsignedString(RANDOM.nextLong(), 36) + PART);
    }

    /** Takes away what a program that was stopped in the middle of writing left in a folder an hour ago or longer. */
    private static void sweep(@Nullable Path folder) {
        if (folder == null) {
            return;
        }
        Instant old = Instant.now().minus(STALE);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(SafeFile::part).toList()) {
                if (Files.getLastModifiedTime(file).toInstant().isBefore(old)) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException leftAsItIs) {
            // A folder that cannot be looked through is written into all the same.
            return;
        }
    }

    private static boolean part(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(BEGIN) && name.endsWith(PART) && Files.isRegularFile(file);
    }

    private static void force(Path file, String text, FileAttribute<?>... attributes) throws IOException {
        try (FileChannel channel =
                FileChannel.open(file, Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE), attributes)) {
            ByteBuffer bytes = ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8));
            while (bytes.hasRemaining()) {
                channel.write(bytes);
            }
            channel.force(true);
        }
    }

    private static void forceFolder(@Nullable Path folder) {
        if (folder == null) {
            return;
        }
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException notOnThisSystem) {
            // Some systems do not let a folder be opened; the rename itself is still atomic there.
            return;
        }
    }
}
