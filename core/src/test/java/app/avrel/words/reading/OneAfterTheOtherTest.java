package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.label.Language;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What one limb cannot do at once it does one after the other, and what is said of both hands is done by both. */
class OneAfterTheOtherTest {

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | draw the right foot in and step it out to 3
            ENGLISH | lift the right knee and kick to 3 with the heel
            ENGLISH | lift the right foot and step forward with it
            SPANISH | recoge el pie derecho y da un paso a las tres
            SPANISH | levanta la rodilla derecha y patea con el talón a las tres
            CHINESE | 提右膝，向三点蹬脚
            CHINESE | 右脚收到左脚旁，再向三点出步
            """)
    void oneFootDoesOneThingAfterTheOther(Language language, String typed) {
        LineReading reading = read(language, typed);
        assertThat(reading.understood()).isTrue();
        assertThat(reading.stages()).hasSize(2);
        assertThat(reading.moves())
                .filteredOn(Move.OfFoot.class::isInstance)
                .extracting(move -> ((Move.OfFoot) move).foot())
                .containsOnly(Side.RIGHT);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | step back right, step back left
            ENGLISH | left foot steps to 10 and the right foot steps to 2
            SPANISH | paso atrás con la derecha, paso atrás con la izquierda
            CHINESE | 右脚退步，左脚退步
            """)
    void nobodyStepsWithBothFeetAtOnce(Language language, String typed) {
        LineReading reading = read(language, typed);
        assertThat(reading.understood()).isTrue();
        assertThat(reading.stages())
                .hasSize(2)
                .allSatisfy(stage -> assertThat(stage.moves()).singleElement().isInstanceOf(Move.Step.class));
    }

    /** The palm up the forearm, and on to the elbow: where it ends is where it is. */
    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left palm slides up the right forearm to the elbow
            SPANISH | la palma izquierda sube por el antebrazo derecho hasta el codo
            CHINESE | 左掌沿右前臂上滑到肘
            """)
    void aHandThatPassesOneThingEndsAtTheOther(Language language, String typed) {
        assertThat(Typed.said(read(language, typed))).isEqualTo("left hand, at the other elbow");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left foot steps forward, right heel comes up",
                "turn the left toes out 45 and shift 70 right",
                "left knee up, right hand to the chest"
            })
    void twoLimbsMoveTogether(String typed) {
        assertThat(Typed.english(typed).stages()).hasSize(1);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right foot comes up to the left
            ENGLISH | bring the right foot in to the left
            SPANISH | el pie derecho sube hasta el izquierdo
            SPANISH | trae el pie derecho hasta el izquierdo
            """)
    void aFootThatComesToTheOtherStandsBesideItAndTheOtherStays(Language language, String typed) {
        assertThat(Typed.said(read(language, typed))).isEqualTo("right foot steps beside the left foot");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | hands to the left, then to the right
            SPANISH | las manos a la izquierda y luego a la derecha
            CHINESE | 两手先向左，再向右
            """)
    void bothHandsGoOnTogetherAndNoFootStepsForThem(Language language, String typed) {
        LineReading reading = read(language, typed);
        assertThat(reading.stages()).hasSize(2);
        for (Stage stage : reading.stages()) {
            assertThat(hands(stage)).containsExactlyInAnyOrder(Side.LEFT, Side.RIGHT);
        }
    }

    private static List<Side> hands(Stage stage) {
        return stage.moves().stream()
                .map(move -> ((Move.PlaceHand) move).hand())
                .toList();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left fist to the hip and the right punches forward
            SPANISH | el puño izquierdo a la cadera y el derecho golpea al frente
            """)
    void aSideWithoutANounIsTheFistThatWasSpokenOf(Language language, String typed) {
        assertThat(Typed.said(read(language, typed))).contains("right hand, extended, fist");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left hand at the belly, right hand above it
            ENGLISH | left hand at the belly, the right on top
            ENGLISH | left hand at the belly, right hand on top
            SPANISH | mano izquierda en el ombligo, la derecha encima
            CHINESE | 左手在腹前，右手在上
            """)
    void aHandAboveTheOneThatWasPlacedIsThereToo(Language language, String typed) {
        assertThat(Typed.said(read(language, typed))).startsWith("hands stacked at the navel, right above");
    }
}
