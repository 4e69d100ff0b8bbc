package app.avrel.files;

import app.avrel.label.Labels;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * A project in a bundle: of all that lies in there only the project is read, and nothing is ever laid out on disk, so that no
 * name in it can reach outside.
 */
public final class Bundled {

    /** What the project is called in a bundle. */
    public static final String PROJECT = "project" + ProjectFile.ENDING;

    private static final int MOST_BYTES = 500_000_000;

    private Bundled() {}

    /** {@return whether a file begins as bundles do} */
    public static boolean is(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        } catch (IOException unreadable) {
            // Whoever opens it will be told why it cannot be read.
            return false;
        }
    }

    /** {@return the project in a bundle, or why it cannot be read} */
    static Opened read(Path file, String name) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            Optional<ZipEntry> entry = Optional.ofNullable(zip.getEntry(PROJECT));
            if (entry.isEmpty()) {
                return new Opened.Refused(Labels.say("keep.no_bundle", name, PROJECT));
            }
            try (InputStream in = zip.getInputStream(entry.get())) {
                byte[] bytes = in.readNBytes(MOST_BYTES);
                return in.read() >= 0
                        ? new Opened.Refused(Labels.say("keep.too_large", name))
                        : ProjectText.read(new String(bytes, StandardCharsets.UTF_8), name);
            }
        } catch (ZipException damaged) {
            return new Opened.Refused(Labels.say("keep.bundle_damaged", name, String.valueOf(damaged.getMessage())));
        }
    }
}
