package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a hand does after it came somewhere is still told of that hand, and of nothing else that could go there. */
class AHandThatGoesOnTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the right hand comes to the chest and goes out to the left | right hand, at the chest; right hand, out 90° left
            ENGLISH | the right hand drops to the hip and swings forward | right hand, at the hip; right hand, forward
            ENGLISH | the right hand comes to the chest, then goes forward | right hand, at the chest; right hand, forward
            SPANISH | la mano derecha va al pecho y sale al frente | right hand, at the chest; right hand, forward
            ENGLISH | the left hand rises to the brow and the body sinks | left hand, at the brow. sink
            """)
    void aHandGoesOnFromWhereItCame(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @Test
    void howFarAHandSinksThatRoseIsAskedAndTheBodyStays() {
        LineReading said = Typed.english("the right hand rises to the chest and sinks");
        assertThat(said.questions()).extracting(question -> question.key()).containsExactly("hand_where");
        assertThat(Typed.said(said)).doesNotContain("sink");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left palm passes over the right forearm and comes down to the hip | left hand, at the other forearm. left hand, at the hip
            SPANISH | la palma izquierda pasa por encima del antebrazo derecho y baja a la cadera | left hand, at the other forearm. left hand, at the hip
            SPANISH | apoya la mano derecha en la muñeca izquierda y llévalas al pecho | right hand, at the other wrist. left hand, at the chest. right hand, at the chest
            """)
    void aHandThatPassesTheOtherArmLeavesItThere(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left palm goes out to the left | left hand, out 90° left
            ENGLISH | left palm comes in to the chest | left hand, at the chest
            SPANISH | la palma derecha sale a la derecha | right hand, out 90° right
            ENGLISH | the right palm turns out | right hand, palm out
            ENGLISH | right hand at the chest, palm in | right hand, at the chest, palm in
            """)
    void whichWayAPalmGoesIsNotHowItLooks(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 右手从左前臂下穿出，掌心向上 | right hand, forward, extended, palm up, going under
            CHINESE | 左掌从右前臂上方穿出 | left hand, forward, extended, going over
            ENGLISH | right palm threads forward under the left forearm, palm up | right hand, forward, extended, palm up, going under
            SPANISH | la mano derecha pasa por debajo del antebrazo izquierdo | right hand, at the other forearm, below it
            """)
    void aHandThatThreadsPastTheOtherArmEndsBeyondIt(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 两掌在胸前相合 | palms together at the chest
            ENGLISH | both palms meet at the chest | palms together at the chest
            CHINESE | 两掌叠放小腹，右手在上 | hands stacked at the navel, right above
            SPANISH | los brazos se cruzan delante del pecho, antebrazo derecho por fuera | wrists crossed at the chest, left inside
            """)
    void handsThatMeetAreInRelation(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
