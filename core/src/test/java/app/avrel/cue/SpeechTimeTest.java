package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.label.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeechTimeTest {

    /** Measured with one synthetic voice at 140 words a minute. */
    @ParameterizedTest(name = "{0}: {1} s")
    @CsvSource(
            delimiter = '|',
            value = {
                "Breathe in.|0.61",
                "Sink, and let the shoulders drop.|2.33",
                "Shift the weight to the right leg.|1.90",
                "Step out with the left heel.|1.69",
                "Turn the waist to the left, and open the left foot.|3.36",
                "Roll the weight forward, and press with both hands.|3.39",
                "Empty the left foot, then draw it in beside the right.|3.57",
                "Breathe out slowly as the palms float down to the hips.|3.34",
                "Keep the crown of the head lifted, and the knees soft.|3.29",
                "Pivot on the heel of the back foot, forty-five degrees.|3.66",
                "Separate the hands, the right one rising, the left one falling, and sit back.|5.57"
            })
    void theEstimateIsWithinFourTenthsOfAMeasuredVoice(String cue, double measured) {
        assertThat(SpeechTime.of(Language.ENGLISH).seconds(cue)).isCloseTo(measured, within(0.4));
    }

    /** Measured with a synthetic Spanish voice at 140 words a minute. */
    @ParameterizedTest(name = "{0}: {1} s")
    @CsvSource(
            delimiter = '|',
            value = {
                "Inhala.|0.45",
                "Exhala despacio.|1.21",
                "Traslada todo el peso al pie izquierdo.|2.62",
                "Pie derecho adelante, talón primero.|2.48",
                "Gira la cintura a la derecha.|1.77",
                "Sube las manos a la altura del pecho.|2.30",
                "Baja el cuerpo y baja las manos.|2.16",
                "Da un paso con el pie izquierdo atrás, metatarso primero.|4.07",
                "Recoge el pie derecho junto al otro.|2.38",
                "Reparte el peso por igual, luego sube el cuerpo.|3.63",
                "Mira más allá de la mano derecha.|2.01",
                "Gira el pie izquierdo sobre el talón, punta hacia dentro.|3.86",
                "Lleva las manos adelante a la altura del ombligo, palmas adelante.|4.22",
                "Cruza las muñecas a la altura del pecho.|2.61",
                "Medio paso, pie derecho.|1.90",
                "Exhala mientras las palmas bajan flotando hasta las caderas.|3.91",
                "Abre la mano derecha hacia fuera, palma adelante, codo abajo.|4.32",
                "Al otro lado, despacio, sin prisa.|2.69",
                "Separa las manos, la derecha sube, la izquierda baja, y siéntate atrás.|5.36"
            })
    void spanishIsEstimatedByItsWordsSyllablesAndPauses(String cue, double measured) {
        assertThat(SpeechTime.of(Language.SPANISH).seconds(cue)).isCloseTo(measured, within(0.65));
    }

    /** Measured with a synthetic Chinese voice at about 220 characters a minute. */
    @ParameterizedTest(name = "{0}: {1} s")
    @CsvSource(
            delimiter = '|',
            value = {
                "吸气。|0.50",
                "慢慢呼气。|1.02",
                "重心全部移到左脚。|2.18",
                "右脚向前迈步，脚跟先着地。|2.81",
                "腰向右转。|1.07",
                "两手抬到胸高，掌心向内。|2.67",
                "下沉，两手落到胯高。|2.06",
                "收右脚到左脚旁，脚掌点地。|2.93",
                "重心居中，然后升起。|2.44",
                "提左膝到胯高，脚尖下垂。|2.59",
                "左脚以脚跟为轴转动，脚尖内扣。|3.38",
                "右脚踏实，重心移到右脚。|2.69",
                "两手向前到腹高，掌心向前。|3.20",
                "右脚跟半步。|1.17",
                "呼气，两掌慢慢落到胯旁。|2.71",
                "右手向外打开到肩高，掌心向前，肘向下。|4.48",
                "第二次。|0.60",
                "腰向右转45度。|1.80",
                "左脚向前迈步，脚尖向12点。|3.27",
                "重心移到右脚百分之65，两掌心向内。|4.35",
                "重心全部移到右脚，两手收回到腹高，掌心向下，开掌。然后收左脚到右脚旁，脚掌点地。|9.64",
                "两手分开，右手上升，左手下落，然后后坐。|4.32"
            })
    void chineseIsEstimatedByItsCharactersAndPauses(String cue, double measured) {
        assertThat(SpeechTime.of(Language.CHINESE).seconds(cue)).isCloseTo(measured, within(0.4));
    }

    @Test
    void nothingSaidTakesNoTime() {
        assertThat(SpeechTime.of(Language.ENGLISH).seconds("  ")).isZero();
    }

    @ParameterizedTest
    @CsvSource({"weight, 1", "shoulders, 2", "beside, 2", "lifted, 2", "rolled, 1", "circle, 2", "70, 2", "the, 1"})
    void syllablesAreCountedByEar(String word, int syllables) {
        assertThat(SpeechTime.syllables(word)).isEqualTo(syllables);
    }

    @Test
    void moreWordsTakeLonger() {
        String cue = "Shift the weight to the right leg";
        assertThat(SpeechTime.of(Language.ENGLISH).seconds(cue + ", slowly"))
                .isGreaterThan(SpeechTime.of(Language.ENGLISH).seconds(cue));
    }
}
