package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** "At the same time" between what moves and how it moves says no more than before the whole clause. */
class AtTheSameTimeTest {

    /** Who moves, and how. */
    private record Clause(String who, String moves) {

        static List<Clause> of(String... parts) {
            return Stream.of(parts)
                    .map(part -> part.split(" \\| "))
                    .map(part -> new Clause(part[0], part[1]))
                    .toList();
        }
    }

    private static final List<String> ENGLISH = List.of(
            "the left foot steps forward",
            "the weight goes to the left",
            "the waist turns to ten",
            "the left heel lifts");

    private static final List<Clause> ENGLISH_NEXT = Clause.of(
            "the right palm | pushes at shoulder height",
            "the right hand | rises to the brow",
            "the right fist | goes to the hip",
            "both hands | sink to the navel",
            "the eyes | look to nine");

    private static final List<String> SPANISH =
            List.of("el pie izquierdo da un paso adelante", "la cintura gira a las diez", "el talón izquierdo sube");

    private static final List<Clause> SPANISH_NEXT = Clause.of(
            "la palma derecha | empuja a la altura del hombro",
            "la mano derecha | sube a la frente",
            "las dos manos | bajan al ombligo");

    private static final List<String> CHINESE = List.of("左脚向前上步", "重心移到左腿", "腰转到十点");

    private static final List<Clause> CHINESE_NEXT = Clause.of("右掌 | 推出", "右手 | 提到额前", "两手 | 落到胯旁");

    private static Stream<Arguments> pairs() {
        return Stream.of(
                        cross(
                                Language.ENGLISH,
                                ENGLISH,
                                ENGLISH_NEXT,
                                "%s and at the same time %s %s",
                                List.of("%s and %s at the same time %s", "%s, %s simultaneously %s")),
                        cross(
                                Language.SPANISH,
                                SPANISH,
                                SPANISH_NEXT,
                                "%s y al mismo tiempo %s %s",
                                List.of("%s y %s al mismo tiempo %s", "%s, %s a la vez %s")),
                        cross(Language.CHINESE, CHINESE, CHINESE_NEXT, "%s，同时%s%s", List.of("%s，%s同时%s")))
                .flatMap(all -> all);
    }

    private static Stream<Arguments> cross(
            Language language, List<String> first, List<Clause> next, String before, List<String> inside) {
        return first.stream()
                .flatMap(one -> next.stream()
                        .flatMap(other -> inside.stream()
                                .map(way -> Arguments.of(
                                        language,
                                        before.formatted(one, other.who, other.moves),
                                        way.formatted(one, other.who, other.moves)))));
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("pairs")
    void itJoinsTheWholeClauseWhereverItStands(Language language, String before, String inside) {
        LineReading whole = read(language, before);
        assertThat(whole.stages()).as("stages of %s", before).hasSize(1);
        assertThat(read(language, inside).stages()).isEqualTo(whole.stages());
    }

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }
}
