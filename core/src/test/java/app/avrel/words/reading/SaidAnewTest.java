package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who corrects a line and names the limb or the act again says all of it anew; one word stands in for the one like it. */
class SaidAnewTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right foot forward, no, right foot back|right foot steps back",
                "ENGLISH|right foot forward, correction, right foot back|right foot steps back",
                "ENGLISH|left hand to the chest, sorry, left hand to the hip|left hand, at the hip",
                "ENGLISH|left hand at the chest, I mean the right hand at the hip|right hand, at the hip",
                "ENGLISH|step left, no, step right|right foot steps 90° right",
                "SPANISH|pie derecho adelante, no, pie derecho atrás|right foot steps back",
                "SPANISH|mano izquierda al pecho, perdón, mano derecha a la cadera|right hand, at the hip",
                "CHINESE|右脚向前，不对，右脚向后|right foot steps back",
                "CHINESE|左手到胸前，不对，右手到胯旁|right hand, at the hip, own side"
            })
    void whatWasSaidBeforeIsGone(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right foot, no, left foot, steps to the back left corner|left foot steps to 7:30",
                "ENGLISH|left toes out forty, no, thirty|turn the left foot on its heel, toes out 30°",
                "SPANISH|pie derecho, no, izquierdo, a la esquina trasera izquierda|left foot steps to 7:30",
                "SPANISH|pie derecho adelante, perdón, atrás|right foot steps back",
                "CHINESE|左脚尖外摆四十，不对，三十|turn the left foot on its heel, toes out 30°",
                "CHINESE|右脚向前，不对，向后|right foot steps back"
            })
    void oneWordStandsInForTheOneLikeIt(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right hand to the hip, left hand up to the brow, no, left hand up to the ear"
                        + "|right hand, at the hip. left hand, at the ear",
                "ENGLISH|shift 60 left, right foot forward, no, right foot back|shift 60 left. right foot steps back"
            })
    void whatStandsBeforeItStays(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
