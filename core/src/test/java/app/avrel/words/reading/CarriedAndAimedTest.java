package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether a hand goes somewhere, or only looks or points there; what is drawn, and what is above. */
class CarriedAndAimedTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the left palm faces left|left hand, palm to the left",
                "ENGLISH|the left palm moves to the left|left hand, out 90° left",
                "ENGLISH|the left palm sweeps to the left at neck height|left hand, at the chin, out 90° left"
            })
    void aPalmThatIsCarriedAsideGoesThere(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|left fingertips point to twelve|left hand, fingers forward",
                "ENGLISH|fingers of the left hand toward the left wall|left hand, fingers to the left",
                "SPANISH|las yemas de la mano izquierda apuntan a las doce|left hand, fingers forward",
                "CHINESE|左手指尖朝三点|left hand, fingers to the right"
            })
    void fingersThatPointToAnHourOnlyPoint(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the right fist goes out to chest height|right hand, at the chest, extended, fist",
                "SPANISH|la mano derecha sale al pecho|right hand, at the chest, extended",
                "SPANISH|la mano derecha sale al lado a la altura del hombro|right hand, at the shoulder, out 90° right"
            })
    void whatGoesOutGoesAheadWhereNoSideIsSaid(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|raise the left arm forward to chest height|left hand, at the chest, forward",
                "SPANISH|sube los brazos al frente hasta los hombros"
                        + "|left hand, at the shoulder, forward. right hand, at the shoulder, forward",
                "CHINESE|两臂前举与肩平|left hand, at the shoulder, forward. right hand, at the shoulder, forward"
            })
    void armsThatAreRaisedForwardAreAhead(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|draw the sword with the right hand and point it forward"
                        + "|take up the sword with the right hand. turn the prop with the right hand, pointing forward",
                "ENGLISH|draw the sword back to the hip|turn the sword with the right hand. right hand, at the hip"
            })
    void aBladeIsTakenUpOrDrawnSomewhere(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right hand above the brow|right hand, at the brow, above it",
                "ENGLISH|right hand at the brow|right hand, at the brow",
                "CHINESE|左脚跟向左蹬|left heel kick 90° left",
                "CHINESE|左蹬脚|left heel kick"
            })
    void aboveAndAsideAreKept(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
