package app.avrel.files.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Bundled;
import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.ProjectText;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A project with all that is made of it, in one file. */
class BundleTest {

    private static final Project DEMO = Demo.project();

    @TempDir
    private Path folder;

    private Path bundle(Language language) throws IOException {
        Path file = folder.resolve("hall.zip");
        boolean written = new Bundle(DEMO, language, Optional.empty()).write(file, _ -> {}, () -> false);
        assertThat(written).isTrue();
        return file;
    }

    private static List<String> names(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return zip.stream().map(ZipEntry::getName).toList();
        }
    }

    private Path zip(String name, String text) throws IOException {
        Path file = folder.resolve("other.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
            out.putNextEntry(new ZipEntry(name));
            out.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return file;
    }

    private static String refused(Path file) {
        return ((Opened.Refused) ProjectFile.open(file)).message();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void theProjectInItIsTheProjectThatWentIn(Language language) throws IOException {
        assertThat(((Opened.Read) ProjectFile.open(bundle(language))).project()).isEqualTo(DEMO);
    }

    @Test
    void everyCountHasItsFloorAndItsFigureAndEveryFormWhatIsCalled() throws IOException {
        List<String> names = names(bundle(Language.ENGLISH));
        int counts = DEMO.postures().stream()
                .map(Posture::counts)
                .mapToInt(List::size)
                .sum();
        assertThat(names).filteredOn(name -> name.endsWith("-floor.svg")).hasSize(counts);
        assertThat(names).filteredOn(name -> name.endsWith("-figure.svg")).hasSize(counts);
        assertThat(names)
                .filteredOn(name -> name.endsWith(".vtt"))
                .hasSize(DEMO.forms().size());
        assertThat(names).contains("notes.txt").doesNotHaveDuplicates().allMatch(name -> name.matches("[a-z0-9./-]+"));
    }

    @Test
    void whereItIsGivenUpWhatStoodThereStays() throws IOException {
        Path file = folder.resolve("hall.zip");
        Files.writeString(file, "the old one");
        boolean written = new Bundle(DEMO, Language.ENGLISH, Optional.empty()).write(file, _ -> {}, () -> true);
        assertThat(written).isFalse();
        assertThat(Files.readString(file)).isEqualTo("the old one");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
    }

    @Test
    void nothingInABundleReachesOutsideIt() throws IOException {
        Path sly = zip("../../" + Bundled.PROJECT, ProjectText.of(DEMO));
        assertThat(refused(sly)).startsWith("other.zip is not a bundle of Avrel: there is no project.avrel in it.");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(sly);
        }
    }

    @Test
    void aSpoiltBundleIsRefusedWithAReason() throws IOException {
        byte[] whole = Files.readAllBytes(bundle(Language.ENGLISH));
        Random random = new Random(7);
        Path file = folder.resolve("spoilt.zip");
        for (int i = 0; i < 60; i++) {
            byte[] spoilt = Arrays.copyOf(whole, 3 + random.nextInt(whole.length - 3));
            spoilt[2 + random.nextInt(spoilt.length - 2)] ^= 0x55;
            Files.write(file, spoilt);
            assertThat(refused(file)).startsWith("spoilt.zip ").endsWith("Nothing was changed.");
        }
    }
}
