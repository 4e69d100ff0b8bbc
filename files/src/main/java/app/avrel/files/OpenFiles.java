package app.avrel.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** Which file this program has open, so that another one on the same machine that opens it can say so. */
public final class OpenFiles implements AutoCloseable {

    private static final String ENDING = ".open";

    private final Path folder;
    private final Path own;

    /** @param folder where running programs say what they have open; made where it is missing */
    public OpenFiles(Path folder) {
        this.folder = folder;
        this.own = folder.resolve(Owner.name(ENDING));
    }

    /**
     * Says that a file is open here.
     *
     * @return whether another running program has it open too
     */
    public boolean open(Path file) throws IOException {
        SafeFile.privateFolder(folder);
        String path = real(file);
        SafeFile.writePrivate(own, path);
        for (Path other : others()) {
            if (!Owner.running(other, ENDING)) {
                Files.deleteIfExists(other);
            } else if (Files.readString(other).equals(path)) {
                return true;
            }
        }
        return false;
    }

    /** Says that nothing is open here. */
    @Override
    public void close() throws IOException {
        Files.deleteIfExists(own);
    }

    private List<Path> others() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .filter(file -> !file.getFileName().equals(own.getFileName()))
                    .toList();
        }
    }

    private static String real(Path file) {
        try {
            return file.toRealPath().toString();
        } catch (IOException notThereYet) {
            return file.toAbsolutePath().normalize().toString();
        }
    }
}
