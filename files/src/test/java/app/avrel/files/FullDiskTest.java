package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** A disk without room: what was saved stays whole, and the instructor is told. */
class FullDiskTest {

    private static final int DISK = 2_000_000;
    private static final int BLOCK = 4096;

    private static FileSystem disk() {
        return Jimfs.newFileSystem(Configuration.unix().toBuilder()
                .setBlockSize(BLOCK)
                .setMaxSize(DISK)
                .setAttributeViews("posix")
                .build());
    }

    /** Fills a disk but for so many bytes. */
    private static void fill(Path folder, long left) throws IOException {
        long room = Files.getFileStore(folder).getUsableSpace() - left;
        Files.write(folder.resolve("films"), new byte[(int) Math.max(0, room)]);
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @RepeatedTest(60)
    void aSaveThatFindsNoRoomLeavesTheFileAsItWasAndIsTold(RepetitionInfo repetition) throws IOException {
        Random random = new Random(repetition.getCurrentRepetition());
        Project before = SampleProjects.of(repetition.getCurrentRepetition(), 3);
        Project after = before.withName("Another name");
        try (FileSystem disk = disk()) {
            Path folder = Files.createDirectories(disk.getPath("/school"));
            Path file = folder.resolve("hall.avrel");
            assertThat(ProjectFile.save(before, file)).isEmpty();
            long size = Files.size(file);
            fill(folder, random.nextLong(size * 3));
            Optional<String> told = ProjectFile.save(after, file);
            Project there = ((Opened.Read) ProjectFile.open(file)).project();
            assertThat(there).isEqualTo(told.isEmpty() ? after : before);
            told.ifPresent(message -> assertThat(message)
                    .startsWith("hall.avrel cannot be saved in ")
                    .endsWith("Choose another place; your work is still here."));
            assertThat(names(folder)).noneMatch(name -> name.endsWith(".part"));
        }
    }

    @RepeatedTest(20)
    void aRecoveryThatFindsNoRoomSaysSoAndKeepsWhatItHad(RepetitionInfo repetition) throws IOException {
        Project before = SampleProjects.of(repetition.getCurrentRepetition(), 3);
        try (FileSystem disk = disk()) {
            Path folder = Files.createDirectories(disk.getPath("/state"));
            try (Recovery recovery = new Recovery(folder)) {
                recovery.keep(before, Optional.empty());
                assertThat(recovery.flush()).isTrue();
                fill(folder, 0);
                recovery.keep(before.withName("Another name"), Optional.empty());
                assertThat(recovery.flush()).isFalse();
            }
            assertThat(names(folder)).noneMatch(name -> name.endsWith(".part"));
        }
    }

    @RepeatedTest(20)
    void aSnapshotThatFindsNoRoomLeavesTheFileAlone(RepetitionInfo repetition) throws IOException {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 3);
        try (FileSystem disk = disk()) {
            Path folder = Files.createDirectories(disk.getPath("/school"));
            Path file = folder.resolve("hall.avrel");
            assertThat(ProjectFile.save(project, file)).isEmpty();
            fill(folder, 0);
            try {
                new Snapshots(disk.getPath("/earlier")).keep(file, Instant.parse("2026-03-04T10:15:00Z"));
            } catch (IOException noRoom) {
                assertThat(ProjectFile.reason(noRoom)).isNotBlank();
            }
            assertThat(((Opened.Read) ProjectFile.open(file)).project()).isEqualTo(project);
        }
    }
}
