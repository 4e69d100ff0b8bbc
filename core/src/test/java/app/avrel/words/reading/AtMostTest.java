package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No higher, no further, no more than: what is at most is as much as is said, and a share of the weight is a range. */
class AtMostTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|raise the left hand no higher than the shoulder|left hand, at the shoulder",
                "ENGLISH|right heel kick to the front, no higher than the hip|right heel kick forward at the hip",
                "ENGLISH|turn the waist right, at most 30|waist 30° right",
                "ENGLISH|right foot forward, no more than one foot length|right foot steps forward 1 foot-length",
                "ENGLISH|shift left, no more than 60 percent|shift 51 to 60 left",
                "ENGLISH|at most 70 on the right|shift 51 to 70 right",
                "ENGLISH|left foot forward, no wider than the shoulders|left foot steps forward, 1 shoulder width wide",
                "SPANISH|la mano derecha sube, no más alto que el hombro|right hand, at the shoulder",
                "SPANISH|gira a la derecha como mucho 30|waist 30° right",
                "CHINESE|右脚蹬向右前方，高不过胯|right heel kick 45° right at the hip",
                "CHINESE|两臂前举，不高于肩|left hand, at the shoulder. right hand, at the shoulder"
            })
    void itIsAsMuchAsIsSaid(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }
}
