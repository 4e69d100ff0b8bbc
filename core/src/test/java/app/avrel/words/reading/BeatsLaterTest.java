package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.count.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two beats later: one stands still until then, and what was told before has taken the first beat of them. */
class BeatsLaterTest {

    private static String beats(LineReading said) {
        return String.join(
                " ",
                said.stages().stream()
                        .map(Stage::on)
                        .map(on ->
                                on.map(beat -> String.valueOf(beat.intValue())).orElse("-"))
                        .toList());
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | two beats later the left foot steps forward | ; left foot steps forward | 1 3 | 3
            ENGLISH | a beat later push with the right palm | ; right hand, extended | 1 2 | 2
            ENGLISH | sink, two beats later the left foot steps forward | sink; ; left foot steps forward | 1 2 3 | 3
            ENGLISH | after two beats the left foot steps forward | ; left foot steps forward | 1 3 | 3
            SPANISH | dos tiempos después avanza el pie izquierdo | ; left foot steps forward | 1 3 | 3
            """)
    void oneWaitsSoLong(Language language, String typed, String canonical, String on, double beats) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
        assertThat(beats(said)).isEqualTo(on);
        assertThat(said.manner().beats()).contains(beats);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the weight goes left, a beat later the right heel lifts | shift 51 to 100 left; raise the right heel
            ENGLISH | the right hand rises to the chest, a beat later the left hand rises to the brow | right hand, at the chest; left hand, at the brow
            """)
    void aBeatLaterIsTheNextBeat(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }
}
