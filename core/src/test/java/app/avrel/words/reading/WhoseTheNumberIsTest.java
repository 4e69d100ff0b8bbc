package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.label.Language;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A number, a side, a way belongs to what it stands beside, whatever else of the body is spoken of in the line. */
class WhoseTheNumberIsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH | turn the waist a third to the right | turn the waist 120 to the right",
                "ENGLISH | turn two thirds to the left | turn 240 to the left",
                "ENGLISH | a half turn left | turn 180 left",
                "SPANISH | gira la cintura un tercio a la derecha | gira la cintura 120 a la derecha",
                "CHINESE | 腰向右转三分之一圈 | 腰向右转一百二十度",
                "ENGLISH | three quarters right, one quarter left | three quarters of the weight right",
                "ENGLISH | sink two fingers | sink half a fist"
            })
    void aPartIsOfTheWhole(Language language, String part, String number) {
        assertThat(Typed.in(language, part).stages())
                .isEqualTo(Typed.in(language, number).stages());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH | turn right 45 with the weight on the left | turn right 45, weight on the left",
                "ENGLISH | close the fan and look left | close the fan, look left",
                "SPANISH | cierra el abanico y mira a la izquierda | cierra el abanico, mira a la izquierda",
                "ENGLISH | turn to nine but keep the eyes to the front | turn to nine, look to the front",
                "SPANISH | gira a las nueve pero con los ojos al frente | gira a las nueve, mira al frente",
                "CHINESE | 身转九点，眼仍看前方 | 身转九点，看前方"
            })
    void eachPartKeepsItsOwn(Language language, String joined, String parted) {
        assertThat(Typed.in(language, joined).stages())
                .isEqualTo(Typed.in(language, parted).stages());
    }

    static Stream<Object[]> pushes() {
        return Stream.of(Side.values())
                .flatMap(way -> Stream.of(Side.values())
                        .flatMap(hand -> Stream.of(
                                new Object[] {
                                    Language.ENGLISH,
                                    "%s hand pushes %s".formatted(english(hand), english(way)),
                                    hand,
                                    way
                                },
                                new Object[] {
                                    Language.ENGLISH,
                                    "push %s with the %s palm".formatted(english(way), english(hand)),
                                    hand,
                                    way
                                },
                                new Object[] {
                                    Language.ENGLISH,
                                    "%s palm pushes to the %s".formatted(english(hand), english(way)),
                                    hand,
                                    way
                                },
                                new Object[] {
                                    Language.SPANISH,
                                    "empuja a la %s con la palma %s".formatted(spanish(way), spanish(hand)),
                                    hand,
                                    way
                                },
                                new Object[] {
                                    Language.CHINESE, "%s掌向%s推".formatted(chinese(hand), chinese(way)), hand, way
                                })));
    }

    @ParameterizedTest
    @MethodSource("pushes")
    void aHandThatPushesToASideGoesThere(Language language, String line, Side hand, Side way) {
        Direction aside = way == Side.LEFT ? Direction.LEFT : Direction.RIGHT;
        LineReading read = Typed.in(language, line);
        assertThat(read.understood()).isTrue();
        assertThat(read.moves()).singleElement().isInstanceOfSatisfying(Move.PlaceHand.class, placed -> {
            assertThat(placed.hand()).isEqualTo(hand);
            assertThat(placed.to().sideways()).contains(new Sideways.Toward(aside));
            assertThat(placed.to().reach()).contains(Reach.EXTENDED);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH | left hand to the brow, the right follows it to the chest",
                "SPANISH | la mano izquierda va a la frente, la derecha la sigue al pecho",
                "CHINESE | 左手到额前，右手随到胸前"
            })
    void aHandThatFollowsToAPlaceIsThere(Language language, String line) {
        List<Move> moves = Typed.in(language, line).moves();
        assertThat(moves).extracting(move -> ((Move.PlaceHand) move).hand()).containsExactly(Side.LEFT, Side.RIGHT);
    }

    private static String english(Side side) {
        return side == Side.LEFT ? "left" : "right";
    }

    private static String spanish(Side side) {
        return side == Side.LEFT ? "izquierda" : "derecha";
    }

    private static String chinese(Side side) {
        return side == Side.LEFT ? "左" : "右";
    }
}
