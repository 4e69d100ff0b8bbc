package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two windows on one file. */
class OpenFilesTest {

    @TempDir
    private Path folder;

    private OpenFiles window() {
        return new OpenFiles(folder.resolve("open"));
    }

    /** What another running program says: the one that runs these tests, a while ago. */
    private void anotherHasOpen(Path file, long process) throws IOException {
        Files.createDirectories(folder.resolve("open"));
        Files.writeString(
                folder.resolve("open").resolve(process + "-" + (System.currentTimeMillis() + 5) + ".open"),
                file.toRealPath().toString());
    }

    @Test
    void aFileThatAnotherRunningProgramHasOpenIsSaid() throws IOException {
        Path file = Files.writeString(folder.resolve("hall.avrel"), "x");
        anotherHasOpen(file, ProcessHandle.current().pid());
        assertThat(window().open(file)).isTrue();
        Path link = Files.createSymbolicLink(folder.resolve("link.avrel"), file);
        assertThat(window().open(link)).as("by whichever way").isTrue();
        assertThat(window().open(Files.writeString(folder.resolve("other.avrel"), "y")))
                .isFalse();
    }

    @Test
    void whatAProgramThatIsGoneHadOpenIsForgotten() throws IOException {
        Path file = Files.writeString(folder.resolve("hall.avrel"), "x");
        anotherHasOpen(file, 999_999_999);
        assertThat(window().open(file)).isFalse();
        try (Stream<Path> left = Files.list(folder.resolve("open"))) {
            assertThat(left).hasSize(1);
        }
    }

    @Test
    void aClosedWindowHasNothingOpen() throws IOException {
        Path file = Files.writeString(folder.resolve("hall.avrel"), "x");
        OpenFiles first = window();
        first.open(file);
        first.close();
        try (Stream<Path> left = Files.list(folder.resolve("open"))) {
            assertThat(left).isEmpty();
        }
    }
}
