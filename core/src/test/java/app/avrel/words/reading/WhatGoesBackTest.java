package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What returns to a side, where nothing is named, is what was spoken of last: the weight, the eyes, the waist. */
class WhatGoesBackTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | weight goes left then returns to the right | shift 51 to 100 left; shift 51 to 100 right
            ENGLISH | shift right, then return to the left | shift 51 to 100 right; shift 51 to 100 left
            ENGLISH | eyes go left then return to the right | look 90° left; look 90° right
            ENGLISH | turn the waist 30 left then return to the right | waist 30° left; waist 30° right
            SPANISH | el peso va a la izquierda y luego vuelve a la derecha | shift 51 to 100 left; shift 51 to 100 right
            CHINESE | 重心移左，再回到右 | shift 51 to 100 left; shift 51 to 100 right
            """)
    void itIsWhatWasSpokenOf(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
