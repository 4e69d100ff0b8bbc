package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A side that is named is one for both hands, and beside a hand that touches it is the other hand. */
class BothHandsToOneSideTest {

    private static final String LEFT = "left hand, out 90° left, extended, palm to the left. "
            + "right hand, out 90° left, extended, palm to the left";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|both palms push to the left",
                "SPANISH|las dos palmas empujan a la izquierda",
                "CHINESE|两掌向左推"
            })
    void bothPushThere(Language language, String typed) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(LEFT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the left palm touches the right",
                "SPANISH|la palma izquierda toca la derecha",
                "SPANISH|la palma izquierda toca la palma derecha",
                "SPANISH|la palma izquierda roza la derecha"
            })
    void theOtherHandIsTouched(Language language, String typed) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo("left hand, at the other hand");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|weight right to left, seventy",
                "SPANISH|peso de derecha a izquierda, setenta",
                "CHINESE|重心从右移到左，七成"
            })
    void theWeightGoesFromTheOneToTheOther(Language language, String typed) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo("shift 70 left");
    }
}
