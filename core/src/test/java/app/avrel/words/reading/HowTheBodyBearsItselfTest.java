package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

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

    private static final Map<Language, List<String>> MOVES = Map.of(
            Language.ENGLISH,
            List.of(
                    "left hand forward",
                    "both palms push at chest height",
                    "right hand up to the ear",
                    "turn left 45",
                    "left foot forward, heel first",
                    "weight 70 left",
                    "left palm up"),
            Language.SPANISH,
            List.of(
                    "mano izquierda adelante",
                    "gira 45 a la izquierda",
                    "pie izquierdo adelante",
                    "peso 70 a la izquierda",
                    "mano derecha al pecho"),
            Language.CHINESE,
            List.of("左手向前", "左转四十五", "左脚上步", "重心七成在左", "右手到胸前"));

    private static final Map<Language, List<String>> BEARINGS = Map.of(
            Language.ENGLISH,
            List.of("relax the shoulders", "sink the chest", "shoulders down", "the neck long"),
            Language.SPANISH,
            List.of("relaja los hombros", "hunde el pecho", "alarga la columna"),
            Language.CHINESE,
            List.of("松肩", "含胸", "下颌微收"));

    static Stream<Object[]> both() {
        return MOVES.entrySet().stream()
                .flatMap(moves -> moves.getValue().stream()
                        .flatMap(move -> BEARINGS.get(moves.getKey()).stream()
                                .map(bearing -> new Object[] {moves.getKey(), move, bearing})));
    }

    @ParameterizedTest(name = "{1}, {2}")
    @MethodSource("both")
    void afterAMoveItChangesNothingOfTheMove(Language language, String move, String bearing) {
        LineReading said = read(language, move + (language == Language.CHINESE ? "，" : ", ") + bearing);
        assertThat(said.understood()).isTrue();
        assertThat(said.stages()).isEqualTo(read(language, move).stages());
        assertThat(said.note())
                .hasValueSatisfying(note -> assertThat(note).contains(bearing.substring(bearing.length() - 2)));
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
