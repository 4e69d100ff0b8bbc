package app.avrel.words.reading;

import static app.avrel.words.reading.Typed.side;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.label.Language;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A step and the stance that it ends in, in one breath: the side beside the stance is the stance's. */
class StepIntoAStanceTest {

    /** One who steps forward has that foot in front, and one who steps back the other. */
    static Stream<Arguments> steps() {
        return Stream.of(Language.values())
                .flatMap(language -> Stream.of(Side.values())
                        .flatMap(side -> Stream.of(true, false)
                                .flatMap(forward -> Stream.of(true, false)
                                        .map(named -> Arguments.of(language, side, forward, named)))));
    }

    @ParameterizedTest
    @MethodSource("steps")
    void theStanceHasItsOwnSide(Language language, Side foot, boolean forward, boolean named) {
        Side front = forward ? foot : foot.other();
        assertThat(Typed.said(Typed.in(language, line(language, foot, forward, named, front))))
                .isEqualTo("%s foot steps %s. shift to the house front-loaded share %s"
                        .formatted(foot.word(), forward ? "forward" : "back", front.word()));
    }

    private static String line(Language language, Side foot, boolean forward, boolean named, Side front) {
        return switch (language) {
            case ENGLISH ->
                (named ? "the " + foot.word() + " foot steps " : "step ")
                        + (forward ? "forward" : "back")
                        + " into a " + front.word() + " bow stance";
            case SPANISH ->
                (named ? "el pie " + side(language, foot) + "o" + " da un paso " : "paso ")
                        + (forward ? "adelante" : "atrás")
                        + " a postura de arco "
                        + side(language, front) + "a";
            case CHINESE ->
                (named ? side(language, foot) + "脚" : "") + (forward ? "上步" : "退步") + "成" + side(language, front)
                        + "弓步";
        };
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|shift forward into a left bow stance|shift to the house front-loaded share left",
                "CHINESE|重心前移成左弓步|shift to the house front-loaded share left",
                "ENGLISH|step the left foot back into a bow stance, right foot in front"
                        + "|left foot steps back. shift to the house front-loaded share right",
                "ENGLISH|bow stance, right in front"
                        + "|right foot steps forward. shift to the house front-loaded share right",
                "SPANISH|avanza el derecho a postura de arco"
                        + "|right foot steps forward. shift to the house front-loaded share right",
                "ENGLISH|sit back into a left empty stance" + "|shift to the house light foot share right",
                "CHINESE|后坐成左虚步，左脚尖翘起|shift to the house light foot share right. raise the left toes",
                "CHINESE|左脚左开一步成马步|left foot steps 90° left. shift 50 left",
                "CHINESE|收右脚成左虚步"
                        + "|draw the right foot in, ball beside the left foot. shift to the house light foot share right"
            })
    void theStanceTellsTheRest(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
