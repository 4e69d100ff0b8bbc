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
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KillTest {

    private static final long A_SECOND = 1_000_000_000L;

    /** What a machine that is not starved of time edits in far less than a second. */
    private static final int FORTY_EDITS = 40;

    @TempDir
    private Path folder;

    /** Each takes seconds. */
    private static final double FEW = 0.03;

    /** As many as {@link Attacks} says: a thousand in full. */
    static IntStream kills() {
        return IntStream.rangeClosed(1, Attacks.of(1_000, FEW));
    }

    @ParameterizedTest
    @MethodSource("kills")
    void beingKilledLosesAtMostTheLastSecondAndNeverTheFile(int seed) throws IOException, InterruptedException {
        int killedAfter = new Random(seed).nextInt(1, 150);
        List<Long> toldAt = editUntil(killedAfter);
        long killed = System.nanoTime();
        int kept = Recovery.left(folder.resolve("recovery")).stream()
                .mapToInt(left -> Integer.parseInt(left.project().name()))
                .findFirst()
                .orElse(0);
        long second = second(toldAt);
        long lost =
                toldAt.stream().skip(kept).filter(at -> killed - at > second).count();
        assertThat(lost).as("killed after %d edits, %d kept", killedAfter, kept).isZero();
        Path file = folder.resolve("hall.avrel");
        if (Files.exists(file)) {
            assertThat(ProjectFile.open(file)).isInstanceOf(Opened.Read.class);
        }
        if (Files.exists(SafeFile.kept(file))) {
            assertThat(ProjectFile.open(SafeFile.kept(file))).isInstanceOf(Opened.Read.class);
        }
    }

    /** A second; on a machine that has no time for the program, as long as it takes for forty edits. */
    private static long second(List<Long> toldAt) {
        long each = (toldAt.getLast() - toldAt.getFirst()) / toldAt.size();
        return Math.max(A_SECOND, FORTY_EDITS * each);
    }

    /** Runs the script, kills it after so many edits, and gives when each edit was told. */
    private List<Long> editUntil(int edits) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xshare:auto",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ScriptedEditing.class.getName(),
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        List<Long> toldAt = new ArrayList<>();
        try (BufferedReader told = process.inputReader()) {
            while (toldAt.size() < edits && told.readLine() != null) {
                toldAt.add(System.nanoTime());
            }
            process.destroyForcibly();
        }
        process.waitFor();
        return toldAt;
    }
}
