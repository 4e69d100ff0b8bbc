package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A foot that steps past the other goes on ahead of it, or where else is said: the other's side is no way to go. */
class AFootThatPassesTheOtherTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right foot steps past the left | right foot steps forward
            ENGLISH | the right foot goes past the left foot | right foot steps forward
            ENGLISH | the right foot passes the left | right foot steps forward
            ENGLISH | step past the right foot with the left | left foot steps forward
            ENGLISH | right foot moves past the left and lands on its heel | right foot steps forward, heel first
            ENGLISH | left foot steps past the right to 11 | left foot steps to 11
            ENGLISH | left foot turned in 20, right foot steps past it to the back | turn the left foot on its heel, toes in 20°. right foot steps back
            SPANISH | el pie derecho avanza más allá del izquierdo | right foot steps forward
            CHINESE | 右脚越过左脚向前迈 | right foot steps forward
            CHINESE | 右脚越过左脚 | right foot steps forward
            """)
    void itGoesOnAhead(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the left leg passes behind the right | left foot steps across behind
            SPANISH | el pie izquierdo pasa por delante del derecho | left foot steps across in front
            CHINESE | 左脚经右脚旁向左前迈出 | left foot steps 45° left, by the other ankle
            """)
    void whereItPassesBehindItCrosses(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
