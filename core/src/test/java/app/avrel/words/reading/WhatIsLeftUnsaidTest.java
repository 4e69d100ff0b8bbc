package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes back, what waits, what opens, what goes along: said in few words, and meant of one thing only. */
class WhatIsLeftUnsaidTest {

    private static void says(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | shift left, then back to the right | shift 51 to 100 left; shift 51 to 100 right
            ENGLISH | weight over to the left, then back to the right, right toes out 15 | shift 51 to 100 left; shift 51 to 100 right. turn the right foot on its heel, toes out 15°
            ENGLISH | look left, then back to the right | look 90° left; look 90° right
            ENGLISH | right foot forward, then back to the left | right foot steps forward; left foot steps 135° left
            ENGLISH | most of it on the left | shift 51 to 100 left
            ENGLISH | start at fifty fifty | shift 50 left
            CHINESE | 大部分在左 | shift 51 to 100 left
            """)
    void whatWasSpokenOfLastGoesBack(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the right hand waits | right hand stays where it is
            ENGLISH | right fist waits at the hip | right hand, at the hip, fist
            ENGLISH | left hand held at the chest | left hand, at the chest
            SPANISH | la mano derecha espera en la cadera | right hand, at the hip
            CHINESE | 左手等在胸前 | left hand, at the chest, centre line
            """)
    void aLimbThatWaitsDoesNotHoldTheWholeCount(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the left fist opens | left hand, open hand
            ENGLISH | open the right fist | right hand, open hand
            ENGLISH | left fist opens at the hip | left hand, at the hip, open hand
            ENGLISH | hook the left hand and let the left hand hang at shoulder level | left hand, hook hand. left hand, at the shoulder
            SPANISH | el puño izquierdo se abre | left hand, open hand
            CHINESE | 左拳松开成掌 | left hand, open hand
            CHINESE | 右拳打开 | right hand, open hand
            """)
    void aFistThatOpensIsNoneAnyMore(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | turn the waist 45 right and take the right arm along | waist 45° right
            ENGLISH | turn the waist 45 right, bringing the right arm with it | waist 45° right
            ENGLISH | right palm looks at the right wall and so do the eyes | right hand, palm to the right. look to 3
            ENGLISH | turn to 2 and so do the eyes | waist to 2. look to 2
            """)
    void whatGoesAlongGoesNowhereElse(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right toes out 30, keeping the heel down | turn the right foot on its heel, toes out 30°
            ENGLISH | right toes out 30, heel stays on the floor | turn the right foot on its heel, toes out 30°
            ENGLISH | right foot in 20 | turn the right foot on its heel, toes in 20°
            ENGLISH | left toes sweep in | turn the left foot on its heel, toes in somehow
            ENGLISH | turn the right toes out by a third of a right angle | turn the right foot on its heel, toes out 30°
            ENGLISH | lift both toes and turn to the left corner | raise the left toes. raise the right toes. waist to 10:30
            ENGLISH | the right foot swings round to 6 and lands on the heel | right foot steps to 6, heel first
            ENGLISH | right toes down by the left instep | right foot steps beside the left foot, ball first
            ENGLISH | right foot a fist's width from the left | right foot steps beside the left foot, 1 fist apart
            """)
    void aFootThatTurnsDoesNotStepAndOneThatStepsDoesNotTurn(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | then you sink by a fist | sink 1 fist
            ENGLISH | left palm pushes, thumb to the side | left hand, extended, thumb out
            ENGLISH | left palm at the chest, fingers to the side | left hand, at the chest, fingers out
            ENGLISH | pierce forward with the right fingertips at throat height | right hand, at the chin, extended, fingers forward
            ENGLISH | the left hand cups the right elbow | left hand, at the other elbow, rounded hand
            ENGLISH | sweep the right hand past the left knee and stop by the hip | right hand, at the hip, own side
            ENGLISH | hands: left chest, right hip | left hand, at the chest. right hand, at the hip
            SPANISH | manos: izquierda pecho, derecha cadera | left hand, at the chest. right hand, at the hip
            CHINESE | 左脚一落地，右掌就打到胸高 | lower the left foot, flat; right hand, at the chest, extended
            CHINESE | 两臂抬到肩高，再落到腹 | left hand, at the shoulder. right hand, at the shoulder; left hand, at the navel. right hand, at the navel
            CHINESE | 两掌翻向地面 | left hand, palm down. right hand, palm down
            """)
    void aDetailIsOfTheLimbItIsToldOf(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }
}
