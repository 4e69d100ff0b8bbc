package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The eyes and the weight can be in one place only: a verb that names several is done several times, in the order named. */
class OneVerbManyPlacesTest {

    /** How a language says that the eyes or the weight go somewhere, where to, and what it puts between two places. */
    private record Verb(Language language, String says, List<String> places, List<String> between, String then) {

        String all(List<String> places, String between) {
            return said(places.getFirst())
                    + places.stream().skip(1).map(place -> between + place).collect(Collectors.joining());
        }

        String inFull(List<String> places) {
            return places.stream().map(this::said).collect(Collectors.joining(then));
        }

        private String said(String place) {
            return says + place;
        }
    }

    private static final List<Verb> VERBS = List.of(
            new Verb(
                    Language.ENGLISH,
                    "look ",
                    List.of("left", "right", "ahead", "to 10"),
                    List.of(", then ", " then ", ", "),
                    ", then "),
            new Verb(
                    Language.ENGLISH,
                    "the weight goes ",
                    List.of("left", "right", "to the middle"),
                    List.of(", then ", " then "),
                    ", then "),
            new Verb(Language.ENGLISH, "shift ", List.of("left", "right"), List.of(", then ", ", "), ", then "),
            new Verb(
                    Language.SPANISH,
                    "mira ",
                    List.of("a la izquierda", "a la derecha", "al frente"),
                    List.of(", luego ", " y después ", ", "),
                    ", luego "),
            new Verb(
                    Language.SPANISH,
                    "el peso va ",
                    List.of("a la izquierda", "a la derecha"),
                    List.of(", luego ", ", después "),
                    ", luego "),
            new Verb(Language.CHINESE, "眼看", List.of("左", "右", "前"), List.of("，然后", "，再", "，"), "，然后"));

    static Stream<Arguments> lines() {
        return VERBS.stream()
                .flatMap(verb -> chains(verb.places())
                        .flatMap(places -> verb.between().stream()
                                .map(between -> Arguments.of(
                                        verb.language(), verb.all(places, between), verb.inFull(places)))));
    }

    /** Every way through two or three of the places that never stays where it is. */
    private static Stream<List<String>> chains(List<String> places) {
        List<List<String>> chains = new ArrayList<>();
        for (String first : places) {
            for (String second : places) {
                if (first.equals(second)) {
                    continue;
                }
                chains.add(List.of(first, second));
                places.stream()
                        .filter(third -> !third.equals(second))
                        .forEach(third -> chains.add(List.of(first, second, third)));
            }
        }
        return chains.stream();
    }

    private static LineReading read(String typed, Language language) {
        return Typed.read(typed, language, Typed.standing(""));
    }

    @ParameterizedTest
    @MethodSource("lines")
    void eachPlaceIsAStageOfItsOwn(Language language, String typed, String inFull) {
        LineReading said = read(typed, language);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(Typed.said(read(inFull, language)));
    }

    /** What comes after the comma does something of its own. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "look left, right foot forward|look 90° left. right foot steps forward",
                "look left, forward with the right foot|look 90° left. right foot steps forward",
                "weight left, right hand up to the chest|shift 51 to 100 left. right hand, at the chest",
                "shift left, forward with the right foot|shift 51 to 100 left. right foot steps forward",
                "turn left 30, forward with the right foot|waist 30° left. right foot steps forward",
                "look at the left hand, right foot back|look at the left hand. right foot steps back"
            })
    void aLimbThatActsIsNoPlace(String typed, String canonical) {
        LineReading said = read(typed, Language.ENGLISH);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }
}
