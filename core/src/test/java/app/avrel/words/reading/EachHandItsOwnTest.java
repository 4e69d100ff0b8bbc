package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.label.Language;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands beside a hand is said of that hand: above and below, inside and outside, up and down; a place after both is for both. */
class EachHandItsOwnTest {

    static Stream<Arguments> balls() {
        return Stream.of(Language.values())
                .flatMap(language -> Stream.of(Side.values())
                        .flatMap(above -> Stream.of(true, false)
                                .flatMap(upperFirst -> Stream.of(true, false)
                                        .map(ballFirst -> Arguments.of(language, above, upperFirst, ballFirst)))));
    }

    @ParameterizedTest
    @MethodSource("balls")
    void theHandThatIsAboveABallIsTheOneThatIsSaidToBe(
            Language language, Side above, boolean upperFirst, boolean ballFirst) {
        String upper = hand(language, above, true);
        String lower = hand(language, above.other(), false);
        String comma = language == Language.CHINESE ? "，" : ", ";
        String hands = upperFirst ? upper + comma + lower : lower + comma + upper;
        String ball = ball(language);
        String line = ballFirst ? ball + comma + hands : hands + comma + ball;
        assertThat(Typed.said(Typed.in(language, line)))
                .as(line)
                .isEqualTo("hold a ball, %s hand above".formatted(above.word()));
    }

    private static String hand(Language language, Side side, boolean above) {
        return switch (language) {
            case ENGLISH -> side.word() + " hand " + (above ? "above" : "below");
            case SPANISH -> "mano " + (side == Side.LEFT ? "izquierda" : "derecha") + (above ? " arriba" : " abajo");
            case CHINESE -> (side == Side.LEFT ? "左手" : "右手") + (above ? "在上" : "在下");
        };
    }

    private static String ball(Language language) {
        return switch (language) {
            case ENGLISH -> "hold a ball";
            case SPANISH -> "sostén una pelota";
            case CHINESE -> "抱球";
        };
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|wrists cross at the chest, left outside, right inside|wrists crossed at the chest, right inside",
                "SPANISH|muñecas cruzadas, izquierda por fuera, derecha por dentro|wrists crossed, right inside",
                "CHINESE|两手相叠，左手在下，右手在上|hands stacked, right above",
                "CHINESE|左手在上，右手在下，左侧抱球|hold a ball at the left side, left hand above"
            })
    void inAndOutGoWithTheirHand(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right palm up, left palm down, at belly height",
                "SPANISH|palma derecha arriba, palma izquierda abajo, a la altura del vientre",
                "CHINESE|右掌朝上，左掌朝下，都在腹高"
            })
    void aPlaceAfterBothHandsIsForBoth(Language language, String typed) {
        assertThat(Typed.said(Typed.in(language, typed)))
                .isEqualTo(
                        "right hand, palm up. left hand, palm down. left hand, at the navel. right hand, at the navel");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "CHINESE|两拳收腰间，拳心朝上" + "|left hand, at the hip, palm up, fist. right hand, at the hip, palm up, fist",
                "CHINESE|身体再下沉两拳|sink 2 fists",
                "ENGLISH|make two fists at the hips|left hand, at the hip, fist. right hand, at the hip, fist",
                "ENGLISH|sink two fists|sink 2 fists",
                "SPANISH|haz dos puños en las caderas|left hand, at the hip, fist. right hand, at the hip, fist"
            })
    void twoFistsAreHandsOrALength(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|left palm on the back of the right fist|left hand, at the other hand",
                "CHINESE|左掌贴在右拳背上|left hand, at the other hand",
                "CHINESE|左手指尖搭在右腕|left hand, at the other wrist, measured at the fingertips"
            })
    void whatIsTouchedIsTheOthers(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
