package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
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

    private static Set<PosixFilePermission> permissions(Path file) throws IOException {
        return Files.getPosixFilePermissions(file);
    }

    @Test
    void whoMayReadTheFileStaysAsItWas() throws IOException {
        Path file = Files.writeString(folder.resolve("learners.avrel"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        SafeFile.write(file, "new");
        assertThat(permissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        assertThat(permissions(SafeFile.kept(file))).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        SafeFile.write(file, "newer");
        assertThat(permissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-rw-r--"));
    }

    @Test
    void aLinkToWhatIsNotThereMakesItThere() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link.avrel"), Path.of("later.avrel"));
        SafeFile.write(link, "new");
        assertThat(Files.readString(folder.resolve("later.avrel"))).isEqualTo("new");
        assertThat(Files.isSymbolicLink(link)).isTrue();
    }

    @Test
    void linksInARingAreSaid() throws IOException {
        Files.createSymbolicLink(folder.resolve("a.avrel"), Path.of("b.avrel"));
        Path ring = Files.createSymbolicLink(folder.resolve("b.avrel"), Path.of("a.avrel"));
        assertThat(ProjectFile.save(HALL, ring).orElseThrow()).contains("the links point in a ring");
    }

    @Test
    void savingOntoAFolderSaysSoAndLeavesNothingBeside() throws IOException {
        Path file = Files.createDirectory(folder.resolve("hall.avrel"));
        assertThat(ProjectFile.save(HALL, file).orElseThrow()).contains("it is a folder");
        assertThat(names(folder)).containsExactly("hall.avrel");
    }

    @Test
    void aNameAsLongAsTheSystemTakesCanBeSaved() throws IOException {
        Path file = folder.resolve("n".repeat(248) + ".avrel");
        assertThat(ProjectFile.save(HALL, file)).isEmpty();
        assertThat(ProjectFile.save(HALL.withName("again"), file)).isEmpty();
        assertThat(ProjectFile.open(SafeFile.kept(file))).isInstanceOf(Opened.Read.class);
    }

    @Test
    void nobodyCanForeseeWhereItIsWrittenFirst() throws IOException {
        Path victim = Files.writeString(folder.resolve("victim.txt"), "mine");
        for (int pid = 0; pid < 3000; pid++) {
            Files.createSymbolicLink(folder.resolve(".hall.avrel." + pid + ".part"), victim);
        }
        SafeFile.write(folder.resolve("hall.avrel"), "new");
        assertThat(Files.readString(victim)).isEqualTo("mine");
        assertThat(Files.isSymbolicLink(folder.resolve("hall.avrel"))).isFalse();
    }

    @Test
    void whatAStoppedProgramLeftIsSweptAwayAnHourLater() throws IOException {
        Path old = Files.writeString(folder.resolve(".avrel-abc.part"), "half");
        Path now = Files.writeString(folder.resolve(".avrel-def.part"), "half");
        Files.setLastModifiedTime(old, FileTime.from(Instant.now().minusSeconds(4000)));
        SafeFile.write(folder.resolve("hall.avrel"), "new");
        assertThat(old).doesNotExist();
        assertThat(now).as("another program may be writing it").exists();
    }

    @Test
    void aCopyAsideIsNumberedAndReplacesNone() throws IOException {
        Path file = Files.writeString(folder.resolve("hall.avrel"), "theirs");
        assertThat(SafeFile.aside(file)).isEqualTo(folder.resolve("hall.avrel~1"));
        Files.writeString(file, "theirs again");
        assertThat(SafeFile.aside(file)).isEqualTo(folder.resolve("hall.avrel~2"));
        assertThat(Files.readString(folder.resolve("hall.avrel~1"))).isEqualTo("theirs");
    }
}
