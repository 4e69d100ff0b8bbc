package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeFileTest {

    private static final Project HALL = Project.empty("Hall", Setting.USUAL);

    @TempDir
    private Path folder;

    private static Stream<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(path -> path.getFileName().toString()).sorted().toList().stream();
        }
    }

    @Test
    void savingKeepsTheFileThatStoodThereBefore() throws IOException {
        Path file = folder.resolve("hall.avrel");
        assertThat(ProjectFile.save(HALL, file)).isEmpty();
        assertThat(ProjectFile.save(HALL.withName("New hall"), file)).isEmpty();
        assertThat(ProjectFile.open(file)).isEqualTo(new Opened.Read(HALL.withName("New hall"), ForeignFields.NONE));
        assertThat(ProjectFile.open(SafeFile.kept(file))).isEqualTo(new Opened.Read(HALL, ForeignFields.NONE));
        assertThat(names(folder)).containsExactly("hall.avrel", "hall.avrel~");
    }

    @Test
    void aFolderThatIsNotThereIsSaidAndNothingIsLost() {
        Optional<String> refused =
                ProjectFile.save(HALL, folder.resolve("missing").resolve("hall.avrel"));
        assertThat(refused.orElseThrow())
                .startsWith("hall.avrel cannot be saved in ")
                .endsWith("the folder does not exist. Choose another place; your work is still here.");
    }

    @Test
    void aRefusedSaveLeavesTheFileAsItWas() throws IOException {
        Path file = folder.resolve("hall.avrel");
        Files.createDirectory(file);
        assertThat(ProjectFile.save(HALL, file)).isPresent();
        assertThat(names(folder)).noneMatch(name -> name.endsWith(".part"));
    }

    @Test
    void openingWhatIsNotThereOrNotTextSaysSo() throws IOException {
        assertThat(((Opened.Refused) ProjectFile.open(folder.resolve("no.avrel"))).message())
                .startsWith("There is no file ");
        Path binary = folder.resolve("picture.avrel");
        Files.write(binary, new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1, (byte) 0xc3});
        assertThat(((Opened.Refused) ProjectFile.open(binary)).message()).contains("it is not text");
    }

    @Test
    void openingLeavesEvenADamagedFileAsItIs() throws IOException {
        Path file = folder.resolve("hall.avrel");
        Files.writeString(file, "{\"format\": \"avrel-project\", ");
        assertThat(ProjectFile.open(file)).isInstanceOf(Opened.Refused.class);
        assertThat(Files.readString(file)).isEqualTo("{\"format\": \"avrel-project\", ");
    }

    @Test
    void aLinkedFileIsWrittenWhereItPoints() throws IOException {
        Path real = folder.resolve("real.avrel");
        Files.writeString(real, "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.avrel"), real);
        SafeFile.write(link, "new");
        assertThat(Files.readString(real)).isEqualTo("new");
        assertThat(Files.isSymbolicLink(link)).isTrue();
    }
}
