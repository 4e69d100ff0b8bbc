package app.avrel.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.CRC32C;

/**
 * How a file was when it was last read or written here, by which it is seen whether somebody else has changed it since.
 *
 * @param size in bytes
 * @param time of the last change, as the file system says it
 * @param digest of what is in it
 */
public record FileStamp(long size, FileTime time, String digest) {

    /** {@return how a file is now; empty where it is not there or cannot be read} */
    public static Optional<FileStamp> of(Path file) {
        try {
            byte[] content = Files.readAllBytes(file);
            return Optional.of(new FileStamp(content.length, Files.getLastModifiedTime(file), digest(content)));
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** {@return a stamp of which only the digest is known} */
    public static FileStamp ofDigest(String digest) {
        return new FileStamp(-1, FileTime.fromMillis(0), digest);
    }

    /** {@return whether a file now holds something else; one that is gone was not changed} */
    public boolean changed(Path file) {
        return of(file).filter(now -> !now.digest().equals(digest)).isPresent();
    }

    /** {@return whether a file may have changed: a quick look at its size and time, without reading it} */
    public boolean touched(Path file) {
        try {
            return Files.size(file) != size || !Files.getLastModifiedTime(file).equals(time);
        } catch (IOException gone) {
            return false;
        }
    }

    /** Two sums of 32 bits: nobody forges a file here, and they are quick over a large one. */
    private static String digest(byte[] content) {
        CRC32 first = new CRC32();
        first.update(content);
        CRC32C second = new CRC32C();
        second.update(content);
        return "%08x%08x".formatted(first.getValue(), second.getValue());
    }
}
