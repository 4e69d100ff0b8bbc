package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Of two shares, two breaths, two paces in one line each is heard: the one after the other, or marked. */
class ManyOfOneKindTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shift left 60, right 60, left 70|shift 60 left; shift 60 right; shift 70 left",
                "shift left 60, right 40|shift 60 left",
                "sixty left, forty right, turn right 30|shift 60 left. waist 30° right",
                "sixty right, then eighty right|shift 60 right; shift 80 right"
            })
    void sharesThatMakeNoHundredComeOneAfterTheOther(String typed, String canonical) {
        assertThat(Typed.said(Typed.in(Language.ENGLISH, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource({"CHINESE, '吸气两拍，呼气两拍', 4", "SPANISH, 'inspira en dos tiempos y espira en tres tiempos', 5"})
    void eachBreathHasItsBeats(Language language, String typed, double beats) {
        LineReading reading = Typed.in(language, typed);
        assertThat(reading.manner().breath()).contains(Breath.IN_THEN_OUT);
        assertThat(reading.manner().beats()).contains(beats);
    }

    @Test
    void aCountHasOnePaceAndASecondStaysMarked() {
        LineReading reading = Typed.in(Language.ENGLISH, "start slowly, then faster");
        assertThat(reading.understood()).isFalse();
        assertThat(reading.refusals()).extracting(refusal -> refusal.word()).containsExactly("faster");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the right toes stay while the heel swings out twenty|turn the right foot on its ball, toes in 20°",
                "SPANISH|la punta derecha se queda mientras el talón sale veinte"
                        + "|turn the right foot on its ball, toes in 20°",
                "CHINESE|右脚尖不动，脚跟外展二十|turn the right foot on its ball, toes in 20°",
                "ENGLISH|turn in the left foot|turn the left foot on its heel, toes in somehow",
                "CHINESE|右脚踏平后，腰转到两点|lower the right foot, flat; waist to 2",
                "CHINESE|重心移到右腿左脚提起|shift 51 to 100 right. lift the left knee"
            })
    void theFootIsTheOneThatIsSpokenOf(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
