package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An instructor who saves every few minutes for a year finds last week's state, and the folder stays small. */
class SnapshotsTest {

    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

    @TempDir
    private Path folder;

    private Path saved(String name) throws IOException {
        Path file = folder.resolve("hall.avrel");
        Files.writeString(file, ProjectText.of(Project.empty(name, Setting.USUAL)));
        return file;
    }

    private Snapshots kept() {
        return new Snapshots(folder.resolve("earlier"));
    }

    @Test
    void aStateIsKeptWithItsDateAndCanBeOpened() throws IOException {
        kept().keep(saved("Morning"), NOON.minusSeconds(7200));
        Path file = saved("Noon");
        kept().keep(file, NOON);
        List<Snapshots.Snapshot> states = kept().of(file, NOON);
        assertThat(states).extracting(Snapshots.Snapshot::at).containsExactly(NOON, NOON.minusSeconds(7200));
        assertThat(states.getLast().open())
                .isEqualTo(new Opened.Read(Project.empty("Morning", Setting.USUAL), ForeignFields.NONE));
    }

    @Test
    void theOlderTheFewerAreKept() throws IOException {
        Path file = saved("Hall");
        for (Instant at = NOON.minus(Duration.ofDays(400)); at.isBefore(NOON); at = at.plus(Duration.ofHours(7))) {
            kept().keep(file, at);
        }
        for (int minute = 180; minute >= 0; minute -= 4) {
            kept().keep(file, NOON.minusSeconds(minute * 60L));
        }
        List<Duration> ages = kept().of(file, NOON).stream()
                .map(state -> Duration.between(state.at(), NOON))
                .toList();
        assertThat(ages).hasSizeBetween(70, 110).allMatch(age -> age.toDays() <= 366);
        assertThat(ages).filteredOn(age -> age.toMinutes() < 60).hasSizeBetween(6, 8);
        assertThat(ages)
                .filteredOn(age -> age.toMinutes() >= 60 && age.toHours() < 24)
                .hasSizeBetween(3, 7);
        assertThat(ages)
                .filteredOn(age -> age.toDays() >= 1 && age.toDays() < 31)
                .hasSizeBetween(28, 32);
        assertThat(ages).filteredOn(age -> age.toDays() >= 32).hasSizeBetween(46, 50);
    }

    @Test
    void eachFileHasItsOwn() throws IOException {
        Path file = saved("Hall");
        kept().keep(file, NOON);
        assertThat(kept().of(folder.resolve("other.avrel"), NOON)).isEmpty();
    }

    @Test
    void onlyTheirOwnerCanReadThem() throws IOException {
        Path file = saved("Hall");
        kept().keep(file, NOON);
        assertThat(Files.getPosixFilePermissions(folder.resolve("earlier")))
                .isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(Files.getPosixFilePermissions(
                        kept().of(file, NOON).getFirst().kept()))
                .isEqualTo(PosixFilePermissions.fromString("rw-------"));
    }
}
