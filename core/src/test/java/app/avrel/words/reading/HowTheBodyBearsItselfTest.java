package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Shoulders that let go, a long neck, a sunken chest: how a body bears itself moves no hand and no weight, and is a note. */
class HowTheBodyBearsItselfTest {

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, relax the shoulders",
        "ENGLISH, the shoulders let go",
        "ENGLISH, drop the shoulders",
        "ENGLISH, sink the chest",
        "ENGLISH, lengthen the spine",
        "ENGLISH, tuck the tail",
        "SPANISH, relaja los hombros",
        "SPANISH, hunde el pecho",
        "SPANISH, alarga la columna",
        "CHINESE, 松肩",
        "CHINESE, 沉肩",
        "CHINESE, 含胸",
        "CHINESE, 下颌微收"
    })
    void itMovesNothingAndIsANote(Language language, String typed) {
        Typed.assertNote(read(language, typed), typed);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'the elbows sink and the shoulders let go', 'left hand, elbow down. right hand, elbow down'",
        "ENGLISH, 'sink a fist, shoulders down', sink 1 fist",
        "SPANISH, 'gira 30 a la izquierda y relaja los hombros', waist 30° left",
        "CHINESE, '含胸，右手到胸前', 'right hand, at the chest, centre line'"
    })
    void whatElseIsSaidIsDone(Language language, String typed, String canonical) {
        LineReading said = read(language, typed);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    /** Shoulders that turn are the chest, a tailbone that goes down is the body, and the shoulder is where a hand may go. */
    @ParameterizedTest
    @CsvSource({
        "turn the shoulders 30 right, chest 30° right",
        "drop the tailbone a fist, sink 1 fist",
        "'left hand to the shoulder', 'left hand, at the shoulder'"
    })
    void whatGoesSomewhereIsAMove(String typed, String canonical) {
        assertThat(Typed.said(read(Language.ENGLISH, typed))).isEqualTo(canonical);
    }
}
