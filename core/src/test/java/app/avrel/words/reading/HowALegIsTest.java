package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How one leg is follows from the feet and the depth: nothing is recorded of it, and the words stay as a note. */
class HowALegIsTest {

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, the right leg straightens",
        "ENGLISH, the back leg is straight",
        "ENGLISH, bend the left knee",
        "ENGLISH, left knee slightly bent",
        "ENGLISH, keep the left knee bent",
        "ENGLISH, right leg straight but not locked",
        "SPANISH, estira la pierna derecha",
        "SPANISH, la pierna de atrás se estira",
        "CHINESE, 右腿蹬直",
        "CHINESE, 右腿伸直"
    })
    void itMovesNothingAndIsANote(Language language, String typed) {
        Typed.assertNote(read(language, typed), typed);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'shift 60 left, right leg straight', shift 60 left",
        "ENGLISH, 'lift the right knee, left leg slightly bent', lift the right knee",
        "ENGLISH, left knee bends and the right foot steps forward, right foot steps forward",
        "SPANISH, 'peso 60 a la izquierda, la pierna de atrás se estira', shift 60 left"
    })
    void whatElseIsSaidIsDone(Language language, String typed, String canonical) {
        LineReading said = read(language, typed);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    /** Two knees that bend are the body that sinks; a leg that goes somewhere is a step. */
    @ParameterizedTest
    @CsvSource({
        "bend both knees, sink",
        "knees slightly bent, sink",
        "stretch the left leg forward, left foot steps forward",
        "'right leg straight out to the right', 'right foot steps 90° right, in a straight line'"
    })
    void bothKneesAndALegThatGoesSomewhereAreMoves(String typed, String canonical) {
        assertThat(Typed.said(read(Language.ENGLISH, typed))).isEqualTo(canonical);
    }
}
