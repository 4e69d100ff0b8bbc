package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What people are told when a file cannot be opened or saved, in the language they work in. */
class MessagesTest {

    /** A sentence in quotes: several words and a full stop. */
    private static final Pattern SENTENCE =
            Pattern.compile("\"[^\"\\n]*\\p{Lower}{2,} \\p{Lower}{2,}[^\"\\n]*\\.\\s?\"");

    @TempDir
    private Path folder;

    private static String refused(Opened opened) {
        return ((Opened.Refused) opened).message();
    }

    @Test
    void aDamagedFileIsRefusedInTheLanguageThatIsSpoken() throws IOException {
        Path file = folder.resolve("sala.avrel");
        Files.writeString(file, "{\"format\": \"avrel-project\", \"version\": 2, \"name\": 7}");
        assertThat(Labels.in(Language.SPANISH, () -> refused(ProjectFile.open(file))))
                .startsWith("sala.avrel no se puede leer en name: ")
                .endsWith("No se ha cambiado nada.");
        assertThat(Labels.in(Language.CHINESE, () -> refused(ProjectFile.open(file))))
                .startsWith("sala.avrel 读不出来，在 name 处：")
                .endsWith("没有任何改动。");
    }

    @Test
    void aPlaceWhereNothingCanBeSavedIsToldInTheLanguageThatIsSpoken() {
        Path nowhere = folder.resolve("no").resolve("sala.avrel");
        Project project = Project.empty("Sala", Setting.USUAL);
        assertThat(Labels.in(Language.SPANISH, () -> ProjectFile.save(project, nowhere)))
                .hasValueSatisfying(told -> assertThat(told).contains("la carpeta no existe"));
        assertThat(Labels.in(Language.CHINESE, () -> ProjectFile.save(project, nowhere)))
                .hasValueSatisfying(told -> assertThat(told).contains("文件夹不存在"));
    }

    @Test
    void noSentenceThatIsShownStandsInTheCode() throws IOException {
        try (Stream<Path> sources = Files.walk(Path.of("src/main/java"))) {
            List<String> sentences = sources.filter(file -> file.toString().endsWith(".java"))
                    .map(MessagesTest::read)
                    .flatMap(source -> SENTENCE.matcher(source).results().map(MatchResult::group))
                    .toList();
            assertThat(sentences).isEmpty();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
