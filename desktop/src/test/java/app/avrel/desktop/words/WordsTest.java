package app.avrel.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WordsTest {

    private static final Path SOURCES = Path.of("src/main/java/app/avrel/desktop");
    private static final Pattern PLACE = Pattern.compile("\\{(\\d)");
    private static final Pattern ASKED = Pattern.compile("Words\\s*\\.of\\(\\s*\"([a-z0-9_.]+)\"");

    /** Calls whose first words are shown, or heard by who hears the screen. */
    private static final Pattern SHOWN = Pattern.compile(
            "(?:Texts\\.(?:of|wrapped)|Buttons\\.(?:words|pill)|Command\\.of|Edit\\.of|new Label|new Button|new MenuItem"
                    + "|new Menu|new CheckBox|new ToggleButton|new RadioButton|new Sheet\\.Answer|new EntryField"
                    + "|new ChoiceField|new LinesField|\\.setText|\\.setPromptText|\\.setAccessibleText|\\.setTitle"
                    + "|Tips\\.give\\([^,]*,|Sheet\\.(?:show|tell)\\([^,]*,|\\.section|\\.line|\\.choice)\\(?\\s*"
                    + "\"([^\"]*)\"");

    /** What is the same in every language, or a name of its own. */
    private static final Set<String> ALIKE = Set.of("Español", "中文", "名", "un nombre", "cm", "■", "▶", "−", "+", "");

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyLanguageHasTheSameKeys(Language language) {
        assertThat(Words.bundles().keys(language)).isEqualTo(Words.bundles().keys(Language.ENGLISH));
    }

    /** Of two lines with one key the second would be shown wherever the first is meant. */
    @Test
    void noKeyIsWrittenTwice() throws IOException {
        Path bundles = Path.of("src/main/resources/app/avrel/desktop/words");
        try (Stream<Path> files = Files.list(bundles)) {
            for (Path file : files.toList()) {
                List<String> keys = Files.readAllLines(file).stream()
                        .filter(line -> line.contains(" = "))
                        .map(line -> line.substring(0, line.indexOf(" = ")))
                        .toList();
                assertThat(keys).as(file.getFileName().toString()).doesNotHaveDuplicates();
            }
        }
    }

    /** A posture and its side, and then the next posture: each language parts the two in its own way. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '"', textBlock = """
            ENGLISH | Mow the Bank, right; Lift the Oar, left
            SPANISH | Mow the Bank, derecho; Lift the Oar, izquierdo
            CHINESE | Mow the Bank，右、Lift the Oar，左
            """)
    void aRowOfPosturesTellsASideFromTheNextPosture(Language language, String shown) {
        String row = Labels.in(
                language,
                () -> Words.row(List.of(
                        Words.sided("Mow the Bank", Optional.of(Side.RIGHT)),
                        Words.sided("Lift the Oar", Optional.of(Side.LEFT)))));
        assertThat(row).isEqualTo(shown);
    }

    @Test
    void aPostureWithoutASideIsCalledByItsNameAlone() {
        assertThat(Words.sided("Mow the Bank", Optional.empty())).isEqualTo("Mow the Bank");
    }

    @Test
    void everyLanguageHasAPlaceForTheSameValues() {
        for (String key : Words.bundles().keys(Language.ENGLISH)) {
            for (Language language : Language.values()) {
                assertThat(places(language, key)).as(language + " " + key).isEqualTo(places(Language.ENGLISH, key));
            }
        }
    }

    @Test
    void aKeyCombinationIsTheSameInEveryLanguage() {
        Pattern keys = Pattern.compile("Ctrl|Alt(?=\\+)|Shift(?=\\+)|\\bF\\d{1,2}\\b");
        for (String key : Words.bundles().keys(Language.ENGLISH)) {
            for (Language language : Language.values()) {
                assertThat(found(keys, language, key))
                        .as(language + " " + key)
                        .isEqualTo(found(keys, Language.ENGLISH, key));
            }
        }
    }

    private static List<String> found(Pattern keys, Language language, String key) {
        return keys.matcher(Words.bundles().template(language, key).orElseThrow())
                .results()
                .map(MatchResult::group)
                .sorted()
                .toList();
    }

    private static TreeSet<String> places(Language language, String key) {
        TreeSet<String> places = new TreeSet<>();
        PLACE.matcher(Words.bundles().template(language, key).orElseThrow())
                .results()
                .forEach(place -> places.add(place.group(1)));
        return places;
    }

    @Test
    void everyKeyThatIsAskedForHasWords() throws IOException {
        assertThat(sources()
                        .flatMap(source -> ASKED.matcher(source).results().map(asked -> asked.group(1)))
                        .filter(key -> !key.endsWith("_") && !key.endsWith("."))
                        .distinct())
                .isSubsetOf(Words.bundles().keys(Language.ENGLISH));
    }

    @Test
    void noWordsThatAreShownStandInCode() throws IOException {
        List<String> literals = sources()
                .flatMap(source -> SHOWN.matcher(source).results())
                .map(WordsTest::literal)
                .filter(words -> words.codePoints().anyMatch(Character::isLetter) && !ALIKE.contains(words))
                .toList();
        assertThat(literals).isEmpty();
    }

    private static String literal(MatchResult found) {
        return found.group(1);
    }

    /** All sources of the window; the command line speaks English, and pictures are taken by us. */
    private static Stream<String> sources() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files
                    .filter(file -> file.toString().endsWith(".java"))
                    .filter(file ->
                            !file.startsWith(SOURCES.resolve("door")) && !file.startsWith(SOURCES.resolve("shots")))
                    .map(WordsTest::read)
                    .collect(Collectors.toList())
                    .stream();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void theWindowSpeaksTheLanguageThatIsChosen() {
        assertThat(Labels.in(Language.SPANISH, () -> Words.of("common.cancel"))).isEqualTo("Cancelar");
        assertThat(Labels.in(Language.CHINESE, () -> Words.of("common.cancel"))).isEqualTo("取消");
        assertThat(Labels.in(Language.ENGLISH, () -> Words.of("common.cancel"))).isEqualTo("Cancel");
    }
}
