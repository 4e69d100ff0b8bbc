package app.avrel.words.reading;

import static app.avrel.words.reading.Typed.side;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.label.Language;
import app.avrel.words.reading.frame.Refusal;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A share, an hour, a height, a way: each is said of what it stands beside, and of nothing further off. */
class SaidBesideItTest {

    static Stream<Arguments> sides() {
        return Stream.of(Language.values())
                .flatMap(language -> Stream.of(Side.values()).map(side -> Arguments.of(language, side)));
    }

    private static String said(Language language, String typed) {
        return Typed.said(Typed.in(language, typed));
    }

    /** The one hand sinks to the hip, the other rises to the brow, without a comma between them. */
    @ParameterizedTest
    @MethodSource("sides")
    void aSideBeforeAVerbIsTheOtherHand(Language language, Side first) {
        Side second = first.other();
        String typed = switch (language) {
            case ENGLISH ->
                "as the %s hand sinks to the hip the %s rises to the brow".formatted(first.word(), second.word());
            case SPANISH ->
                "mientras la mano %sa baja a la cadera la %sa sube a la frente"
                        .formatted(side(language, first), side(language, second));
            case CHINESE -> "%s手落到胯，%s手上到额".formatted(side(language, first), side(language, second));
        };
        assertThat(said(language, typed))
                .isEqualTo("%s hand, at the hip. %s hand, at the brow".formatted(first.word(), second.word()));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void theShareIsOfTheSideBesideIt(Language language, Side goal) {
        String typed = switch (language) {
            case ENGLISH ->
                "shift the weight to the %s leg until only twenty percent is on the %s"
                        .formatted(goal.word(), goal.other().word());
            case SPANISH ->
                "pasa el peso hasta que quede el veinte por ciento en la %sa".formatted(side(language, goal.other()));
            case CHINESE -> "重心移动，%s腿只留两成".formatted(side(language, goal.other()));
        };
        assertThat(said(language, typed)).endsWith("shift 80 " + goal.word());
    }

    /** Its toes hang while the knee is up: no foot comes down by it. */
    @ParameterizedTest
    @MethodSource("sides")
    void toesOfALiftedFootHang(Language language, Side side) {
        String typed = switch (language) {
            case ENGLISH -> "with the %s knee raised hip high, toes down".formatted(side.word());
            case SPANISH -> "con la rodilla %sa a la altura de la cadera, punta abajo".formatted(side(language, side));
            case CHINESE -> "提%s膝与胯平，脚尖下垂".formatted(side(language, side));
        };
        assertThat(said(language, typed)).isEqualTo("lift the %s knee to the hip, toes hanging".formatted(side.word()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the right foot swings in until it points at eleven|turn the right foot on its heel, toes to 11",
                "ENGLISH|the left toes turn out until they point at ten|turn the left foot on its heel, toes to 10",
                "ENGLISH|turn the right foot in eleven degrees|turn the right foot on its heel, toes in 11°",
                "ENGLISH|the left foot steps back to half past seven, toes land first, heel follows"
                        + "|left foot steps to 7:30, ball first",
                "ENGLISH|turn over the right palm|right hand, palm out",
                "ENGLISH|take the right hand behind you at hip height|right hand, at the hip, back",
                "ENGLISH|move the right hand two fists out from the chest|right hand, at the chest, 2 fists away from it",
                "ENGLISH|put the sword on the left forearm"
                        + "|turn the sword with the right hand, against the other forearm",
                "SPANISH|el bastón vertical a la derecha"
                        + "|turn the staff with the right hand, at the side of the body, pointing up",
                "SPANISH|las palmas frente a frente a la altura del pecho|left hand, at the chest, palm facing the other hand."
                        + " right hand, at the chest, palm facing the other hand",
                "CHINESE|左掌附于右肘，右掌向外，与额同高|left hand, at the other elbow. right hand, at the brow, palm out",
                "CHINESE|虚左腿，提左跟|shift 100 right. raise the left heel",
                "ENGLISH|hands rise in front to the shoulders, then part to the sides|left hand, at the shoulder."
                        + " right hand, at the shoulder; left hand, out 90° left. right hand, out 90° right"
            })
    void whatStandsBesideIt(Language language, String typed, String canonical) {
        assertThat(said(language, typed)).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the staff points down to the left|to the left|turn the staff with the right hand, pointing down",
                "ENGLISH|left foot forward, heel follows|heel|left foot steps forward",
                "ENGLISH|fist to the right hip, left palm pushes||left hand, extended"
            })
    void whatOneFieldCannotHoldIsMarkedOrAsked(Language language, String typed, String marked, String canonical) {
        LineReading read = Typed.in(language, typed);
        assertThat(read.understood()).isFalse();
        assertThat(Typed.said(read)).isEqualTo(canonical);
        if (marked != null) {
            assertThat(read.refusals()).extracting(Refusal::word).contains(marked);
        }
    }
}
