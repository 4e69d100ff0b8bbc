package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A foot that comes up behind the other follows it: half a step, and no step back. */
class FollowingFootTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right foot half a step forward, landing on the ball behind the left heel|right foot half step, ball first",
                "ENGLISH|right foot steps forward, landing behind the left heel|right foot half step",
                "SPANISH|el pie derecho avanza hasta detrás del talón izquierdo|right foot half step",
                "CHINESE|右脚跟进半步，落在左脚跟后面|right foot half step",
                "CHINESE|右脚上步落在左脚后|right foot half step",
                "ENGLISH|right foot steps behind the left|right foot steps back",
                "ENGLISH|step the right foot across behind the left|right foot steps across behind"
            })
    void itFollowsAndOneThatGoesBehindStepsBack(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.read(typed, language, Typed.standing("")))).isEqualTo(canonical);
    }
}
