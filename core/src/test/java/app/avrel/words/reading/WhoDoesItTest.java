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

/** Which limb it is that moves, and which only stands there to be touched, left or taken. */
class WhoDoesItTest {

    static Stream<Arguments> sides() {
        return Stream.of(Language.values())
                .flatMap(language -> Stream.of(Side.values()).map(side -> Arguments.of(language, side)));
    }

    private static String said(Language language, String typed) {
        return Typed.said(Typed.in(language, typed));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void theHandOneStrikesWithIsAFistAndStrikes(Language language, Side hand) {
        String typed = switch (language) {
            case ENGLISH -> "strike with the %s fist, waist height".formatted(hand.word());
            case SPANISH -> "golpea con el puño %so, a la altura de la cintura".formatted(side(language, hand));
            case CHINESE -> "用%s拳打出，与腰同高".formatted(side(language, hand));
        };
        assertThat(said(language, typed)).isEqualTo("%s hand, at the navel, extended, fist".formatted(hand.word()));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void aFistStrikesThePalmOfTheOtherHand(Language language, Side fist) {
        Side palm = fist.other();
        String typed = switch (language) {
            case ENGLISH -> "strike the %s palm with the %s fist at belly height".formatted(palm.word(), fist.word());
            case SPANISH ->
                "golpea la palma %sa con el puño %so a la altura del vientre"
                        .formatted(side(language, palm), side(language, fist));
            case CHINESE -> "%s拳击%s掌，与腹同高".formatted(side(language, fist), side(language, palm));
        };
        assertThat(said(language, typed))
                .isEqualTo("%s hand, at the other hand, at the navel, fist".formatted(fist.word()));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void theOtherFootIsOtherThanTheLegNamedLast(Language language, Side leg) {
        String typed = switch (language) {
            case ENGLISH -> "all the weight on the %s leg, turn the other foot in sixty".formatted(leg.word());
            case SPANISH ->
                "todo el peso en la pierna %sa, gira el otro pie hacia dentro sesenta".formatted(side(language, leg));
            case CHINESE -> "重心全部移到%s腿，另一脚内扣六十度".formatted(side(language, leg));
        };
        assertThat(said(language, typed))
                .isEqualTo("shift 100 %s. turn the %s foot on its heel, toes in 60°"
                        .formatted(leg.word(), leg.other().word()));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void aFootDrawnToTheAnkleHoversUnlessItTouches(Language language, Side foot) {
        String drawn = switch (language) {
            case ENGLISH -> "draw the %s foot in to the %s ankle";
            case SPANISH -> "recoge el pie %so junto al tobillo %so";
            case CHINESE -> "%s脚收到%s脚踝旁";
        };
        String touching = switch (language) {
            case ENGLISH -> ", toes touching, no weight";
            case SPANISH -> ", tocando con la punta";
            case CHINESE -> "，脚尖点地，不承重";
        };
        String typed = switch (language) {
            case ENGLISH -> drawn.formatted(foot.word(), foot.other().word());
            case SPANISH -> drawn.formatted(side(language, foot), side(language, foot.other()));
            case CHINESE -> drawn.formatted(side(language, foot), side(language, foot.other()));
        };
        assertThat(said(language, typed))
                .isEqualTo("draw the %s foot in, hovering at the %s ankle"
                        .formatted(foot.word(), foot.other().word()));
        assertThat(said(language, typed + touching))
                .isEqualTo("draw the %s foot in, ball beside the %s foot"
                        .formatted(foot.word(), foot.other().word()));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void ofFoldedForearmsTheOuterOneIsOnTop(Language language, Side outer) {
        String folded = switch (language) {
            case ENGLISH -> "fold the forearms at the chest, %s %s";
            case SPANISH -> "cruza los antebrazos delante del pecho, el %so por %s";
            case CHINESE -> "两前臂在胸前交叉，%s臂在%s";
        };
        String one = switch (language) {
            case ENGLISH -> folded.formatted(outer.word(), "outside");
            case SPANISH -> folded.formatted(side(language, outer), "fuera");
            case CHINESE -> folded.formatted(side(language, outer), "外");
        };
        String other = switch (language) {
            case ENGLISH -> folded.formatted(outer.other().word(), "inside");
            case SPANISH -> folded.formatted(side(language, outer.other()), "dentro");
            case CHINESE -> folded.formatted(side(language, outer.other()), "内");
        };
        assertThat(said(language, one))
                .isEqualTo("forearms folded at the chest, %s above".formatted(outer.word()))
                .isEqualTo(said(language, other));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|kick with the right heel, facing one|right heel kick to 1",
                "CHINESE|右蹬脚，朝一点方向|right heel kick to 1",
                "CHINESE|右脚踹向三点，与腰同高|right heel kick to 3 at the navel"
            })
    void whatStandsAloneAfterAKickIsOfTheKick(Language language, String typed, String canonical) {
        assertThat(said(language, typed)).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right heel kick, a little lower|lower",
                "SPANISH|patada con el talón derecho, más baja|baja",
                "CHINESE|右蹬脚，低一点|低一点"
            })
    void aLowerKickIsMarkedAndNoKneeBends(Language language, String typed, String marked) {
        LineReading read = Typed.in(language, typed);
        assertThat(Typed.said(read)).isEqualTo("right heel kick");
        assertThat(read.refusals()).extracting(Refusal::word).contains(marked);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|take the left heel outward twenty|turn the left foot on its ball, toes in 20°",
                "ENGLISH|take the right toes out 45|turn the right foot on its heel, toes out 45°",
                "ENGLISH|take the left foot out to ten|left foot steps to 10",
                "ENGLISH|the right palm slides forward|right hand, forward",
                "CHINESE|右掌向前滑出|right hand, forward",
                "CHINESE|左手沿右臂内侧下滑至肘|left hand, at the other elbow",
                "SPANISH|la palma izquierda va del hombro derecho a la cadera izquierda|left hand, at the hip, own side",
                "ENGLISH|the right palm looks at your face at chin height|right hand, at the chin, palm in",
                "ENGLISH|with the left hand on the hip raise the right to the forehead"
                        + "|left hand, at the hip. right hand, at the brow",
                "SPANISH|mientras giras a las tres recoge las manos en la cadera derecha"
                        + "|waist to 3. left hand, at the hip, across the body. right hand, at the hip, own side",
                "CHINESE|双掌合于胸前，右掌再向前滑出|palms together at the chest. right hand, forward"
            })
    void whatIsCarriedGoesThere(Language language, String typed, String canonical) {
        assertThat(said(language, typed)).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|wait until the weight is on the right, then turn the left foot in 30",
                "SPANISH|espera a que el peso esté en la derecha, luego gira el pie izquierdo hacia dentro 30",
                "CHINESE|等重心到了右腿，然后左脚内扣30度"
            })
    void toWaitUntilIsOrderAndHoldsNothing(Language language, String typed) {
        LineReading read = Typed.in(language, typed);
        assertThat(Typed.said(read)).isEqualTo("shift 51 to 100 right; turn the left foot on its heel, toes in 30°");
        assertThat(read.manner().pace()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|tap the left palm with the closed fan",
                "SPANISH|con el abanico cerrado toca la palma izquierda",
                "CHINESE|合扇轻点左掌心"
            })
    void aHandThatIsTouchedDoesNotHoldTheFan(Language language, String typed) {
        LineReading read = Typed.in(language, typed);
        assertThat(Typed.said(read)).isEqualTo("close the fan with the right hand");
        assertThat(read.refusals()).isNotEmpty();
    }
}
