package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One, shift; two, lift: numbers that begin what is told count it out, and are no shares, angles or lengths. */
class CountedOutTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | 1: shift 70 right. 2: left heel up. 3: turn to 9 | on 1, shift 70 right; on 2, raise the left heel; on 3, waist to 9. 3 beats
            ENGLISH | 1 shift 70 right, 2 left heel up | on 1, shift 70 right; on 2, raise the left heel. 2 beats
            SPANISH | 1: peso 70 a la derecha; 2: talón izquierdo arriba | on 1, shift 70 right; on 2, raise the left heel. 2 beats
            CHINESE | 一拍重心左移，二拍右脚跟提起，三拍上步 | on 1, shift 51 to 100 left; on 2, raise the right heel; on 3, right foot steps forward. 3 beats
            """)
    void aNumberBeforeWhatHappensIsItsBeat(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | 1) shift 70 right 2) left heel up | shift 70 right; raise the left heel
            ENGLISH | (1) shift 70 right, (2) left heel up, (3) waist to 9 | shift 70 right; raise the left heel; waist to 9
            SPANISH | 1) peso 70 a la derecha, 2) talón izquierdo arriba | shift 70 right; raise the left heel
            CHINESE | ①重心右移七成，②左脚跟提起 | shift 70 right; raise the left heel
            """)
    void aNumberInBracketsTellsOnlyWhatComesAfterWhat(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | • shift 70 right • left heel up | shift 70 right. raise the left heel
            ENGLISH | step to 2: the right foot lands on the heel | right foot steps to 2, heel first
            ENGLISH | right foot to 1, 2 feet long | right foot steps to 1 2 foot-lengths
            ENGLISH | turn to 1: right palm up | waist to 1. right hand, palm up
            CHINESE | 两拍重心左移，然后右脚上步 | shift 51 to 100 left; right foot steps forward. 2 beats
            """)
    void aPointCountsNothingAndANumberAloneIsNoBeat(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
