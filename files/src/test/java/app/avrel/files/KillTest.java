package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KillTest {

    private static final long A_SECOND = 1_000_000_000L;

    /** What a machine that is not starved of time edits in far less than a second. */
    private static final int FORTY_EDITS = 40;

    /** How many projects are open in the program that is killed, each at another moment of its own editing. */
    private static final int PROJECTS = 5;

    /** When each edit of each project was told, and when the program was killed; in nanoseconds. */
    private record Killed(List<List<Long>> toldAt, long at) {}

    @TempDir
    private Path folder;

    /** As many projects as {@link Attacks} says: a thousand in full. */
    static IntStream kills() {
        return IntStream.rangeClosed(1, Attacks.of(1_000) / PROJECTS);
    }

    @ParameterizedTest
    @MethodSource("kills")
    void beingKilledLosesAtMostTheLastSecondAndNeverAFile(int seed) throws IOException, InterruptedException {
        int killedAfter = new Random(seed).nextInt(1, PROJECTS * 60);
        List<Path> folders = folders();
        Killed killed = editUntil(killedAfter, folders);
        for (int project = 0; project < PROJECTS; project++) {
            Path of = folders.get(project);
            assertThat(lost(killed.toldAt().get(project), of, killed.at()))
                    .as("project %d, killed after %d edits in all", project, killedAfter)
                    .isZero();
            assertReadable(of.resolve("hall.avrel"));
            assertReadable(SafeFile.kept(of.resolve("hall.avrel")));
        }
    }

    /** How many edits that were told more than a second before are on disk nowhere. */
    private static long lost(List<Long> toldAt, Path folder, long killed) {
        if (toldAt.isEmpty()) {
            return 0;
        }
        int kept = Recovery.left(folder.resolve("recovery")).stream()
                .mapToInt(left -> Integer.parseInt(left.project().name()))
                .findFirst()
                .orElse(0);
        long second = second(toldAt);
        return toldAt.stream().skip(kept).filter(at -> killed - at > second).count();
    }

    private static void assertReadable(Path file) {
        if (Files.exists(file)) {
            assertThat(ProjectFile.open(file)).isInstanceOf(Opened.Read.class);
        }
    }

    /** A second; on a machine that has no time for the program, as long as it takes for forty edits. */
    private static long second(List<Long> toldAt) {
        long each = (toldAt.getLast() - toldAt.getFirst()) / toldAt.size();
        return Math.max(A_SECOND, FORTY_EDITS * each);
    }

    private List<Path> folders() throws IOException {
        List<Path> folders = new ArrayList<>();
        for (int project = 0; project < PROJECTS; project++) {
            folders.add(Files.createDirectory(folder.resolve(Integer.toString(project))));
        }
        return folders;
    }

    /** Runs the script, kills it after so many edits, and gives when each edit of each project was told. */
    private static Killed editUntil(int edits, List<Path> folders) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xshare:auto",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                ScriptedEditing.class.getName()));
        folders.forEach(folder -> command.add(folder.toString()));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        List<List<Long>> toldAt = Stream.<List<Long>>generate(ArrayList::new)
                .limit(folders.size())
                .toList();
        long killed;
        try (BufferedReader told = process.inputReader()) {
            String line;
            for (int edit = 0; edit < edits && (line = told.readLine()) != null; edit++) {
                toldAt.get(ScriptedEditing.folder(line)).add(System.nanoTime());
            }
            killed = System.nanoTime();
            process.destroyForcibly();
        }
        process.waitFor();
        return new Killed(toldAt, killed);
    }
}
