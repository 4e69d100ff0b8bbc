package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shin, a heel, a waist, a hand that closes: what is said of the part alone is recorded of the limb it belongs to. */
class APartThatStandsAloneTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right knee up, the shin hangs straight down | lift the right knee, toes hanging
            ENGLISH | palms sink to the navel, right heel settling | left hand, at the navel. right hand, at the navel. lower the right foot, flat
            ENGLISH | right palm down, waist | right hand, at the navel, palm down
            ENGLISH | hands apart and down to the hips | left hand, at the hip, own side. right hand, at the hip, own side
            ENGLISH | close the right hand | right hand, fist
            SPANISH | cierra la mano derecha | right hand, fist
            SPANISH | solo el talón derecho apoya | lower the right foot, heel first
            CHINESE | 提右膝，小腿自然下垂 | lift the right knee, toes hanging
            """)
    void aPartThatStandsAloneIsReadWithItsLimb(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
