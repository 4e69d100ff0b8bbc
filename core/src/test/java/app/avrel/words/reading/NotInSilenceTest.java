package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines that leave something open, or say what cannot be told for certain: they ask or are marked, and are not guessed at. */
class NotInSilenceTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left hand up, palm out
            ENGLISH | raise both arms, palms down
            ENGLISH | lower the right hand, palm down
            ENGLISH | left up palm out, right down palm down
            ENGLISH | right hand goes up, left goes down
            ENGLISH | brush left knee, push right
            ENGLISH | brush left knee and push with the right palm
            ENGLISH | R back 45
            ENGLISH | palm L push 12
            ENGLISH | hook R, palm L push 12
            ENGLISH | spread the fingers
            ENGLISH | forward to 70, right palm out chest high
            ENGLISH | left foot beside the right, tip
            ENGLISH | left foot two steps forward
            ENGLISH | press forward, right palm against the left wrist
            ENGLISH | separate the hands to shoulder width, sit back, palms settle by the waist
            ENGLISH | hands form a triangle in front of the forehead
            ENGLISH | separate hands, right up left down
            SPANISH | separa las manos, derecha arriba izquierda abajo
            SPANISH | sube la mano derecha, palma afuera
            CHINESE | 两手分开与肩同宽，后坐，掌收腰间
            CHINESE | 两手在额前成三角
            CHINESE | 两手分开，右上左下
            SPANISH | recoge abajo con las dos manos a la izquierda
            CHINESE | 左手上举，掌心向外
            CHINESE | 两手下落，掌心向下
            CHINESE | 左手上托
            CHINESE | 两脚跟碾转向右
            """)
    void whatIsNotSaidIsAskedForOrMarked(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.questions().size() + reading.refusals().size()).isPositive();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | shift a little forward
            ENGLISH | front leg sixty
            ENGLISH | the back leg takes all of it
            ENGLISH | seventy percent in the front leg, thirty in the back
            ENGLISH | slowly, over four beats, shift to the back leg
            ENGLISH | step up with the back foot, half a step
            SPANISH | pasa casi todo el peso a la pierna de atrás
            SPANISH | setenta en la de delante, treinta en la de atrás
            CHINESE | 重心慢慢移到后腿
            """)
    void whoStandsSideBySideHasNoFrontLegAndNoBackLeg(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.questions().size() + reading.refusals().size()).isPositive();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | face the window
            ENGLISH | turn the toes of both feet toward the door
            ENGLISH | finish in a horse stance facing the mirror
            SPANISH | postura del jinete mirando a la puerta
            CHINESE | 马步，面向门
            """)
    void aPlaceThatTheHallDoesNotHaveIsPointedAt(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.refusals()).isNotEmpty();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the same with the left
            ENGLISH | repeat the last count on the other side
            ENGLISH | hands as before
            SPANISH | lo mismo al otro lado
            CHINESE | 换另一边
            """)
    void whatPointsBackHasNothingToPointToInAFirstCount(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.moves()).isEmpty();
        assertThat(reading.refusals()).isNotEmpty();
    }
}
