package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.Mirror;
import app.avrel.posture.move.Move;
import java.io.IOException;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of whatever line a practitioner types, in each language. */
class LawsOfEveryLineTest {

    /** A word that no language has. */
    private static final Map<Language, String> UNHEARD_OF = Map.of(
            Language.ENGLISH, "quorbling",
            Language.SPANISH, "zurmbando",
            Language.CHINESE, "\u9f98\u9f49");

    private static final Pattern SIDE = Pattern.compile(
            "\\b(?:left|right|anticlockwise|clockwise|izquierd|derech|antihorari|horari)"
                    + "|[\u5de6\u53f3]|\u9006\u65f6\u9488|\u987a\u65f6\u9488",
            Pattern.CASE_INSENSITIVE);

    private static final Map<String, String> OTHER = Map.ofEntries(
            Map.entry("left", "right"),
            Map.entry("right", "left"),
            Map.entry("anticlockwise", "clockwise"),
            Map.entry("clockwise", "anticlockwise"),
            Map.entry("izquierd", "derech"),
            Map.entry("derech", "izquierd"),
            Map.entry("antihorari", "horari"),
            Map.entry("horari", "antihorari"),
            Map.entry("\u5de6", "\u53f3"),
            Map.entry("\u53f3", "\u5de6"),
            Map.entry("\u9006\u65f6\u9488", "\u987a\u65f6\u9488"),
            Map.entry("\u987a\u65f6\u9488", "\u9006\u65f6\u9488"));

    /** What names a place of the hall stays where it is, whichever side one does it on. */
    private static final Pattern HALL = Pattern.compile(
            "(?U)\\d|north|south|east|west|\\b[NS][EW]?\\b|half past|o'clock|(?:to|face) (?:one|three|ten|eleven|twelve)|norte|sur\\b|este\\b|(?:a|hasta) las? (?:una|dos|tres|seis|nueve|diez|once|doce)"
                    + "|wall|corner|window|pared|esquina|[\u4e1c\u5357\u897f\u5317\u6771\u70b9\u9ede\u89d2\u5899\u7246]",
            Pattern.CASE_INSENSITIVE);

    /** A thing is in the right hand where nothing else is said; and "left" may be what is gone, "right" an angle. */
    private static final Pattern ONE_HANDED =
            Pattern.compile("fan|staff|abanico|[\u6247\u68cd]|nothing left|it left|right angle|palms together");

    static Stream<TypedCase> lines() throws IOException {
        return TypedCase.all();
    }

    static Stream<TypedCase> everySecondLine() throws IOException {
        List<TypedCase> all = TypedCase.all().toList();
        return IntStream.range(0, all.size()).filter(at -> at % 2 == 0).mapToObj(all::get);
    }

    static Stream<TypedCase> linesWithASide() throws IOException {
        return TypedCase.all()
                .filter(line -> line.start().isEmpty())
                .filter(line -> SIDE.matcher(line.typed()).find())
                .filter(line -> !HALL.matcher(line.typed()).find())
                .filter(line -> !ONE_HANDED.matcher(line.typed()).find());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lines")
    void noLetterOfALineIsPassedOver(TypedCase line) {
        BitSet told = new BitSet();
        line.read().words().forEach(word -> told.set(word.from(), word.to()));
        List<String> passed = Stream.iterate(0, at -> at < line.typed().length(), at -> at + 1)
                .filter(at -> Character.isLetterOrDigit(line.typed().charAt(at)) && !told.get(at))
                .map(at -> line.typed().substring(at, at + 1))
                .toList();
        assertThat(passed).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("everySecondLine")
    void aWordThatNobodyKnowsStaysAsANoteAndChangesNothingElse(TypedCase line) {
        String word = UNHEARD_OF.get(line.language());
        LineReading with = line.read(line.typed() + ", " + word);
        assertThat(Typed.said(with)).isEqualTo(Typed.said(line.read()));
        assertThat(with.keepable()).isTrue();
        assertThat(with.count().note()).contains(word);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("linesWithASide")
    void onTheOtherSideEveryMoveIsTheMirror(TypedCase line) {
        String turned = SIDE.matcher(line.typed()).replaceAll(LawsOfEveryLineTest::other);
        List<List<Move>> mirrored = Mirror.of(line.read().count()).stages().stream()
                .map(stage -> stage.moves())
                .toList();
        List<List<Move>> read = line.read(turned).count().stages().stream()
                .map(stage -> stage.moves())
                .toList();
        assertThat(read).hasSameSizeAs(mirrored);
        for (int stage = 0; stage < read.size(); stage++) {
            assertThat(read.get(stage)).containsExactlyInAnyOrderElementsOf(mirrored.get(stage));
        }
    }

    private static String other(MatchResult side) {
        return OTHER.get(side.group().toLowerCase());
    }
}
