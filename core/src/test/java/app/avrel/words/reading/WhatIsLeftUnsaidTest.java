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

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | as the left heel drops the right one lifts | lower the left foot, flat. raise the right heel
            ENGLISH | the left heel drops, the right one lifts | lower the left foot, flat. raise the right heel
            ENGLISH | the left toes lift as the right drop | raise the left toes. lower the right foot, flat
            ENGLISH | lift the left heel and lower the right one | raise the left heel. lower the right foot, flat
            ENGLISH | left foot to 9, right foot closes | left foot steps to 9; right foot steps beside the left foot
            SPANISH | al bajar el talón izquierdo el derecho sube | lower the left foot, flat. raise the right heel
            SPANISH | baja el talón izquierdo y sube el derecho | lower the left foot, flat. raise the right heel
            SPANISH | abre la punta izquierda y cierra la derecha | turn the left foot on its heel, toes out somehow. turn the right foot on its heel, toes in somehow
            SPANISH | pie izquierdo a las nueve, el derecho cierra | left foot steps to 9; right foot steps beside the left foot
            CHINESE | 左脚向九点开步，右脚跟着并拢 | left foot steps to 9; right foot steps beside the left foot
            """)
    void theOtherOneIsOfTheSameKind(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | bring the hands to the chest and push | left hand, at the chest. right hand, at the chest; left hand, extended. right hand, extended
            ENGLISH | draw the right hand to the hip and punch | right hand, at the hip; right hand, extended, fist
            ENGLISH | right hand passes under the left and out to the shoulder | right hand, at the shoulder, out 90° right, going under
            ENGLISH | bring the weight through the middle to the left | shift 51 to 100 left
            ENGLISH | shift to 60 left, then to 80 | shift 60 left; shift 80 left
            SPANISH | mano derecha a la oreja y empuja | right hand, at the ear; right hand, extended
            SPANISH | lleva el peso por el medio a la izquierda | shift 51 to 100 left
            CHINESE | 两手收到胸前推出 | left hand, at the chest, centre line. right hand, at the chest, centre line; left hand, extended. right hand, extended
            CHINESE | 重心经中间移到左腿 | shift 51 to 100 left
            """)
    void whereOneComesByIsNotWhereOneEnds(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right hand at the chest, pointing up | right hand, at the chest, fingers up
            ENGLISH | the left hand points down | left hand, fingers down
            ENGLISH | right palm sweeps across at chest height | right hand, at the chest, across the body
            ENGLISH | right palm at the ear, left palm at the belly, elbows down | right hand, at the ear. left hand, at the navel. left hand, elbow down. right hand, elbow down
            SPANISH | arco derecho mirando a las nueve | right foot steps forward. shift to the house front-loaded share right. waist to 9
            CHINESE | 右手平肩，指向三点 | right hand, at the shoulder, out to 3
            """)
    void whatPointsIsNotWhatTurns(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the right palm advances at chest height while the left retreats | right hand, at the chest, forward. left hand, back
            ENGLISH | left palm pushes and the right foot advances | left hand, extended. right foot steps forward
            SPANISH | mano derecha al pecho, la izquierda avanza | right hand, at the chest. left hand, forward
            SPANISH | mano derecha al pecho, el izquierdo avanza | right hand, at the chest. left foot steps forward
            SPANISH | la mano derecha retrocede a la cadera | right hand, at the hip
            CHINESE | 左掌前推的同时右掌后收 | left hand, extended, palm forward, fingers up. right hand, back
            CHINESE | 右手停在胯上 | right hand, at the hip
            """)
    void aHandThatAdvancesIsNoFootThatSteps(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }
}
