package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** All but a tenth, none of it: what is said of the rest of the weight tells where the weight is. */
class SharesThatAreLeftOverTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | all but ten percent goes left | shift 90 left
            ENGLISH | shift all but a tenth to the right | shift 90 right
            ENGLISH | none of my weight is on the left foot | shift 100 right
            SPANISH | todo el peso menos un diez por ciento en la izquierda | shift 90 left
            """)
    void allButATenthIsNineTenths(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
