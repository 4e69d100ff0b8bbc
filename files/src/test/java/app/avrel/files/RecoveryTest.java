package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecoveryTest {

    private static final Project HALL = Project.empty("Hall", Setting.USUAL);

    @TempDir
    private Path folder;

    /** A recovery file whose program no longer runs: the number is above any process. */
    private Path leftBehind(String text) throws IOException {
        return Files.writeString(folder.resolve("99999999-1.recovery"), text);
    }

    private long files() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.count();
        }
    }

    @Test
    void theNewestStateIsOnDiskWhenTheProgramEnds() throws IOException {
        try (Recovery recovery = new Recovery(folder)) {
            for (int i = 0; i < 100; i++) {
                recovery.keep(HALL.withName("Hall " + i), Optional.of(Path.of("/x/hall.avrel")));
            }
        }
        try (Stream<Path> files = Files.list(folder)) {
            String text = Files.readString(files.findFirst().orElseThrow());
            assertThat(text).startsWith("/x/hall.avrel\n").contains("\"name\": \"Hall 99\"");
        }
    }

    @Test
    void whatIsSavedIsForgotten() throws IOException {
        try (Recovery recovery = new Recovery(folder)) {
            recovery.keep(HALL, Optional.empty());
            recovery.forget();
        }
        assertThat(files()).isZero();
    }

    @Test
    void workOfARunningProgramIsNotOffered() {
        try (Recovery recovery = new Recovery(folder)) {
            recovery.keep(HALL, Optional.empty());
        }
        assertThat(Recovery.left(folder)).isEmpty();
    }

    @Test
    void whatAProgramLeftIsOfferedWithItsFileAndCanBeDiscarded() throws IOException {
        leftBehind("/x/hall.avrel\n" + ProjectText.of(HALL));
        Recovery.Left left = Recovery.left(folder).getFirst();
        assertThat(left.project()).isEqualTo(HALL);
        assertThat(left.file()).contains(Path.of("/x/hall.avrel"));
        left.discard();
        assertThat(Recovery.left(folder)).isEmpty();
    }

    @Test
    void itIsKnownWhichStateOfTheFileTheWorkBeganFrom() throws IOException {
        leftBehind("/x/hall.avrel\nbase 00ff\n" + ProjectText.of(HALL));
        assertThat(Recovery.left(folder).getFirst().base()).contains("00ff");
        assertThat(Recovery.left(folder).getFirst().project()).isEqualTo(HALL);
    }

    @Test
    void onlyItsOwnerCanReadUnsavedWork() throws IOException {
        Path own = folder.resolve("recovery");
        try (Recovery recovery = new Recovery(own)) {
            recovery.keep(HALL, Optional.empty(), Optional.of("00ff"));
            assertThat(recovery.flush()).isTrue();
            assertThat(Files.getPosixFilePermissions(own)).isEqualTo(PosixFilePermissions.fromString("rwx------"));
            try (Stream<Path> files = Files.list(own)) {
                Path kept = files.findFirst().orElseThrow();
                assertThat(Files.getPosixFilePermissions(kept)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
                assertThat(Files.readString(kept)).startsWith("\nbase 00ff\n{");
            }
        }
    }

    @Test
    void whereNothingCanBeKeptThatIsToldOnce() throws IOException {
        Path notAFolder = Files.writeString(folder.resolve("in the way"), "x");
        List<Optional<String>> told = new CopyOnWriteArrayList<>();
        try (Recovery recovery = new Recovery(notAFolder)) {
            recovery.watch(told::add);
            recovery.keep(HALL, Optional.empty());
            assertThat(recovery.flush()).isFalse();
            recovery.keep(HALL.withName("Later"), Optional.empty());
            assertThat(recovery.flush()).isFalse();
        }
        assertThat(told).hasSize(1);
        assertThat(told.getFirst().orElseThrow()).contains("in the way");
    }

    @Test
    void workThatWasNeverSavedHasNoFile() throws IOException {
        leftBehind("\n" + ProjectText.of(HALL));
        assertThat(Recovery.left(folder).getFirst().file()).isEmpty();
    }

    /** After the machine began anew, another program may have the number. */
    @Test
    void workIsOfferedThoughAnotherProgramHasTheNumberOfTheOneThatLeftIt() throws IOException {
        long pid = ProcessHandle.current().pid();
        Path earlier = folder.resolve(pid + "-" + 1_000_000_000_000L + ".recovery");
        Files.writeString(earlier, "\n" + ProjectText.of(HALL));
        assertThat(Recovery.left(folder))
                .singleElement()
                .satisfies(left -> assertThat(left.kept()).isEqualTo(earlier));
    }

    @Test
    void aDamagedRecoveryFileIsLeftAloneAndTold() throws IOException {
        Path damaged = leftBehind("\n{\"format\":");
        assertThat(Recovery.left(folder)).isEmpty();
        assertThat(Recovery.unreadable(folder)).containsExactly(damaged);
        assertThat(damaged).exists();
        assertThat(Recovery.left(folder.resolve("not there"))).isEmpty();
    }
}
