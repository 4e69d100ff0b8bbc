package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A foot steps, closes, sweeps, falls: what it comes down on, and what was lifted and comes down again. */
class HowAFootComesDownTest {

    private static void says(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(said.questions()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | step forward onto the left heel | left foot steps forward, heel first
            ENGLISH | drop onto the left heel a step ahead, then let the sole follow | left foot steps forward, heel first; lower the left foot, flat
            SPANISH | paso izquierdo a las nueve, no, a las diez, de talón | left foot steps to 10, heel first
            SPANISH | pie izquierdo de puntas junto al empeine derecho | left foot steps beside the right foot, ball first
            """)
    void thePartOfTheFootThatIsNamedTouchesFirst(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | lift both heels, turn right 30, lower them | raise the left heel. raise the right heel. waist 30° right; lower the left foot, flat. lower the right foot, flat
            ENGLISH | drop the left foot straight down beside the right | lower the left foot beside the right foot, flat
            SPANISH | patada derecha, cae detrás del izquierdo | right toe kick; lower the right foot back, flat
            CHINESE | 两脚跟提起，身体略右转，再落下 | raise the left heel. raise the right heel. waist right somehow; lower the left foot, flat. lower the right foot, flat
            CHINESE | 提右脚，再放回原处 | lift the right knee; lower the right foot where the right foot was, flat
            """)
    void whatWasLiftedComesDownAndNotTheBody(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | close the right foot | right foot steps beside the left foot
            ENGLISH | close the right toes | turn the right foot on its heel, toes in somehow
            ENGLISH | after the right foot has closed, turn the waist forty to the left | right foot steps beside the left foot; waist 40° left
            ENGLISH | swing the left foot around to three o'clock and plant it | left foot steps to 3
            ENGLISH | sweep the right leg in an arc to the front | right foot steps forward, in an outward arc
            ENGLISH | right foot sweeps past the left ankle to one | right foot steps to 1, by the other ankle
            ENGLISH | draw a half circle to the left with the left foot | left foot steps 90° left, in an outward arc
            ENGLISH | the left foot moves two inches to the left | left foot steps 90° left 2 inches
            ENGLISH | walk the left foot up to the right | left foot steps beside the right foot
            CHINESE | 右脚盖到左脚前 | right foot steps across in front
            CHINESE | 左脚跟在前一尺半处轻轻着地 | left foot steps forward 49.5 cm, heel first
            """)
    void aFootThatGoesSomewhereIsNeitherTurnedNorKicked(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }
}
