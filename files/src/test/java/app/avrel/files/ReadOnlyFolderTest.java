package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A folder in which nothing can be written, such as a CD's or another person's: it is said, and the work is still there. */
class ReadOnlyFolderTest {

    private static final Project HALL = Project.empty("Hall", Setting.USUAL);

    /** Here not even an administrator may make a file, who may write in every protected folder. */
    private static final Path THE_SYSTEMS = Path.of("/sys/kernel");

    @TempDir
    private Path home;

    private Path protectedFolder = THE_SYSTEMS;

    @BeforeEach
    void protect() throws IOException {
        assumeThat(home.getFileSystem().supportedFileAttributeViews()).contains("posix");
        Path folder = Files.createDirectory(home.resolve("disc"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("r-xr-xr-x"));
        protectedFolder = Files.isWritable(folder) ? THE_SYSTEMS : folder;
        assumeThat(protectedFolder).exists();
    }

    @AfterEach
    void unprotect() throws IOException {
        Path folder = home.resolve("disc");
        if (Files.exists(folder)) {
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        }
    }

    @Test
    void savingThereIsRefusedWithTheReasonAndLeavesNothing() {
        Path file = protectedFolder.resolve("hall.avrel");
        Optional<String> told = ProjectFile.save(HALL, file);
        assertThat(told.orElseThrow())
                .startsWith("hall.avrel cannot be saved in ")
                .contains(protectedFolder.toString())
                .endsWith("Choose another place; your work is still here.");
        assertThat(file).doesNotExist();
        assertThat(SafeFile.kept(file)).doesNotExist();
    }

    @Test
    void whatCannotBeKeptThereIsSaidAndTheProgramGoesOn() throws IOException {
        try (Recovery recovery = new Recovery(protectedFolder.resolve("recovery"))) {
            recovery.keep(HALL, Optional.empty());
            assertThat(recovery.flush()).isFalse();
            recovery.keep(HALL.withName("New hall"), Optional.empty());
            assertThat(recovery.flush()).isFalse();
        }
        assertThat(Recovery.left(protectedFolder.resolve("recovery"))).isEmpty();
    }
}
