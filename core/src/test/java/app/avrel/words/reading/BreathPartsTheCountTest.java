package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nobody breathes both ways at once: what is done on the second breath is done after what is done on the first. */
class BreathPartsTheCountTest {

    private static final String UP_AND_DOWN =
            "left hand, at the shoulder. right hand, at the shoulder; left hand, at the hip. right hand, at the hip";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|inhale as both arms rise to shoulder height, exhale as they sink to the hips",
                "ENGLISH|as both arms rise to shoulder height, breathe in; as they sink to the hips breathe out",
                "ENGLISH|breathe in while the arms rise to the shoulders and out while they sink to the hips",
                "SPANISH|inhala mientras subes los brazos a los hombros, exhala mientras bajan a las caderas",
                "CHINESE|吸气的同时两臂升至肩高，呼气的同时两臂落到胯"
            })
    void whatIsDoneGoingInAndThenGoingOut(Language language, String typed) {
        LineReading reading = Typed.in(language, typed);
        assertThat(reading.manner().breath()).contains(Breath.IN_THEN_OUT);
        assertThat(Typed.said(reading)).isEqualTo(UP_AND_DOWN);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|breathe out as you sink, breathe in as you rise|sink; rise",
                "ENGLISH|exhale while sinking, inhale while rising and lift the right heel|sink; rise. raise the right heel",
                "ENGLISH|exhale while shifting 70 left, inhale while the right heel lifts|shift 70 left; raise the right heel"
            })
    void andTheOtherWayRound(Language language, String typed, String canonical) {
        LineReading reading = Typed.in(language, typed);
        assertThat(reading.manner().breath()).contains(Breath.OUT_THEN_IN);
        assertThat(Typed.said(reading)).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|breathe out as you sink and as the right hand presses down to the hip",
                "ENGLISH|breathe out while sinking, breathe out while the right hand presses down to the hip"
            })
    void oneBreathPartsNothing(Language language, String typed) {
        assertThat(Typed.in(language, typed).stages()).hasSize(1);
    }
}
