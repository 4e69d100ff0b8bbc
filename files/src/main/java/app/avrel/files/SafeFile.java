package app.avrel.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/** Writes files so that at every moment either the old or the new one is whole on disk. */
public final class SafeFile {

    private SafeFile() {}

    /** Writes the text; the file that stood there before is kept beside it with a {@code ~} after its name. */
    public static void write(Path file, String text) throws IOException {
        Path target = Files.isSymbolicLink(file) ? file.toRealPath() : file.toAbsolutePath();
        Path fresh = freshBeside(target);
        try {
            force(fresh, text);
            if (Files.exists(target)) {
                keep(target);
            }
            Files.move(fresh, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            forceFolder(target.toAbsolutePath().getParent());
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    /** Writes the text in the same safe way, keeping no earlier one. */
    static void replace(Path file, String text) throws IOException {
        Path fresh = freshBeside(file.toAbsolutePath());
        force(fresh, text);
        Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** {@return where the earlier file is kept} */
    public static Path kept(Path file) {
        return file.resolveSibling(file.getFileName() + "~");
    }

    private static Path freshBeside(Path file) {
        return file.resolveSibling(
                "." + file.getFileName() + "." + ProcessHandle.current().pid() + ".part");
    }

    private static void keep(Path target) throws IOException {
        Path copy = freshBeside(kept(target));
        Files.copy(target, copy, StandardCopyOption.REPLACE_EXISTING);
        Files.move(copy, kept(target), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static void force(Path file, String text) throws IOException {
        try (FileChannel channel = FileChannel.open(
                file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
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
