package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A heel that goes out turns the toes in, on the ball; and a foot that joins the other is the one that was spoken of. */
class AHeelThatSwingsTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | pivot the left foot, heel out | turn the left foot on its ball, toes in somehow
            ENGLISH | turn the left foot, heel in | turn the left foot on its ball, toes out somehow
            ENGLISH | turn the left foot on its heel, toes in 45 | turn the left foot on its heel, toes in 45°
            SPANISH | gira el pie izquierdo, talón hacia fuera | turn the left foot on its ball, toes in somehow
            CHINESE | 左脚碾转，脚跟外撑 | turn the left foot on its ball, toes in somehow
            CHINESE | 左脚跟为轴，脚尖外摆三十度 | turn the left foot on its heel, toes out 30°
            """)
    void theToesGoTheOtherWay(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            SPANISH | baja el pie derecho y júntalo con el izquierdo | lower the right foot, flat. draw the right foot in, ball beside the left foot
            SPANISH | junta el pie derecho con el izquierdo | draw the right foot in, ball beside the left foot
            CHINESE | 右脚落下，与左脚并拢 | lower the right foot, flat. right foot steps beside the left foot
            CHINESE | 右脚与左脚并拢 | right foot steps beside the left foot
            """)
    void theFootThatWasSpokenOfComesToTheOther(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 右脚跟步 | right foot half step
            CHINESE | 右脚跟步到左脚后面 | right foot half step
            CHINESE | 右脚跟落下 | lower the right foot, flat
            """)
    void aFootThatFollowsIsNoHeel(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
