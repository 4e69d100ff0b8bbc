package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Up to the brow, and then the other hand: where a hand stops is told before the comma, and is not where the other goes. */
class WhereAHandStopsTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right hand arcs up to the brow, left hand presses down to the hip | right hand, at the brow, in an outward arc. left hand, at the hip, palm down
            CHINESE | 右手上提到额前，左手下按 | right hand, at the brow, centre line. left hand, palm down
            CHINESE | 右手画弧上提到额前，左手下按 | right hand, at the brow, centre line, in an outward arc. left hand, palm down
            SPANISH | la mano derecha sube en arco a la frente, la izquierda baja a la cadera | right hand, at the brow, in an outward arc. left hand, at the hip
            """)
    void aPlaceBeforeTheCommaIsOfTheHandThatWentThere(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 两臂平举与肩同高，掌心向下 | left hand, at the shoulder, palm down. right hand, at the shoulder, palm down
            CHINESE | 两臂前平举，与肩同高 | left hand, at the shoulder, forward. right hand, at the shoulder, forward
            """)
    void aHeightSaidTwiceIsOnePlace(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | snap the fan open to the right at head height | open the fan with the right hand. right hand, at the crown, out 90° right
            SPANISH | abre el abanico a la izquierda | open the fan with the right hand. right hand, out 90° left
            CHINESE | 扇子向右打开，与头同高 | open the fan with the right hand. right hand, at the crown, out 90° right
            ENGLISH | the fan rests at the right side | turn the fan with the right hand, at the side of the body
            """)
    void aFanThatOpensToASideTakesTheArmThere(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 右腿完全放空再提起来 | shift 100 left; lift the right knee
            ENGLISH | empty the right leg, then rise | shift 100 left; rise
            CHINESE | 右脚跟落地后左掌再推 | lower the right foot, heel first; left hand, extended
            CHINESE | 提右脚跟，然后脚跟落下 | raise the right heel; lower the right foot, flat
            """)
    void aLegThatIsEmptiedIsTheOneThatLifts(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
