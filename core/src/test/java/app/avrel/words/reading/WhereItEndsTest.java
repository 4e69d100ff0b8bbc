package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From here to there: what is recorded is where it ends, and what is said of one limb is not recorded of the other. */
class WhereItEndsTest {

    private static void says(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, weight goes from sixty right to eighty left, shift 80 left",
        "SPANISH, el peso pasa de sesenta a la derecha a ochenta a la izquierda, shift 80 left",
        "ENGLISH, 'fill the right leg, empty the left', shift 100 right",
        "SPANISH, 'llena la derecha, vacía la izquierda', shift 100 right",
        "ENGLISH, at least 60 percent on the left, shift 60 to 100 left",
        "SPANISH, más de dos tercios a la derecha, shift 67 to 100 right",
        "CHINESE, 左腿不到一半, shift 50 to 100 right",
        "CHINESE, 重心五五四五，左多, shift 55 left"
    })
    void theWeightIsWhereItGoesTo(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, right palm turns from facing in to facing out, 'right hand, palm out'",
        "SPANISH, la palma derecha gira de dentro afuera, 'right hand, palm out'",
        "CHINESE, 右掌心由内翻向外, 'right hand, palm out'",
        "ENGLISH, turn the right palm over on its way to the hip, 'right hand, at the hip, palm out'",
        "SPANISH, gira la palma izquierda hacia la cara a la altura de la nariz, 'left hand, at the eye, palm in'"
    })
    void thePalmLooksWhereItTurnsTo(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest
    @CsvSource({
        "'lower the right hand to hip height without moving the left', 'right hand, at the hip. left hand stays where it is'",
        "'left hand holds the right fist', 'left hand, at the other hand. right hand, fist'",
        "'left elbow bends until the hand is at the shoulder', 'left hand, at the shoulder'",
        "'right elbow over the right knee', 'right hand, at its own knee, above it, measured at the elbow'",
        "'heel of right hand strikes forward', 'right hand, extended, palm forward, fingers up'"
    })
    void whatIsSaidOfOneIsNotOfTheOther(String typed, String canonical) {
        says(Language.ENGLISH, typed, canonical);
    }

    /** A place passed in front of the body on the way to another is a stage of its own. */
    @ParameterizedTest
    @CsvSource({
        "'circle the right hand down in front of the hips and up to the left ear', "
                + "'right hand, at the hip, centre line, in an outward arc; right hand, at the ear, across the body'",
        "'sit left, then sit right', "
                + "'shift to the house light foot share left; shift to the house light foot share right'"
    })
    void oneComesAfterTheOther(String typed, String canonical) {
        says(Language.ENGLISH, typed, canonical);
    }

    /** What no record holds beside what it does hold is marked: a side of hands that lie together, one hip, an edge of the foot. */
    @ParameterizedTest
    @CsvSource({
        "palms together at the left hip",
        "drop the left hip",
        "weight on the outside of the left foot",
        "tilt the left palm up a little",
        "then unwind left 60 and push"
    })
    void nothingIsDropped(String typed) {
        assertThat(Typed.english(typed).refusals()).isNotEmpty();
    }
}
