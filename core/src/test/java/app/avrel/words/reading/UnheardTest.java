package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a line says and no move of it holds: it is pointed at, never lost without a word. */
class UnheardTest {

    private static LineReading read(Language language, String typed) {
        return new Line(language, Typed.SAYING, Typed.BODY).read(typed, Typed.standing(""));
    }

    @ParameterizedTest(name = "{1}: {2}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | ward off with the left arm, the right hand at the hip | with the left arm
            ENGLISH | both arms make a circle overhead and come down in front | in front
            ENGLISH | the left toes turn out as the legs settle into a bow stance about three feet long | three feet long
            SPANISH | cruza los brazos delante del pecho y baja | baja
            SPANISH | abre los brazos a los lados y sube | sube
            ENGLISH | the staff stands upright beside the right foot | beside the right foot
            ENGLISH | plant the staff upright beside the right foot, the left hand open at the hip | beside the right foot
            ENGLISH | right forearm horizontal before the chest, left fist on its elbow | horizontal
            ENGLISH | right forearm level at the collarbone | level
            CHINESE | 两前臂平行，掌心朝下，与肩同高 | 平行
            """)
    void aHandAWayOrALengthThatChangesNothingIsPointedAt(Language language, String typed, String unheard) {
        LineReading reading = read(language, typed);
        assertThat(reading.moves()).isNotEmpty();
        assertThat(reading.refusals())
                .extracting(refusal -> refusal.word().strip())
                .contains(unheard);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left hand, at the shoulder, out 90° left
            ENGLISH | thirty percent left, seventy right
            ENGLISH | left toes to 11, waist to 11 as well
            ENGLISH | shift 51 to 100 left, the left hand at the chest
            ENGLISH | press the right palm down to the belt
            SPANISH | saca el pie izquierdo en diagonal, a cuarenta y cinco grados, apoyando el talón
            CHINESE | 左脚向左前方四十五度迈出
            """)
    void whatOtherWordsOfTheLineSayAlreadyIsNoLoss(Language language, String typed) {
        assertThat(read(language, typed).refusals()).isEmpty();
    }
}
