package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One hand is told of, and then the other, the body, what is held: each does what is said of it, and no more. */
class WhichHandGoesOnTest {

    private static void says(Language language, String typed, String canonical) {
        LineReading said = Typed.read(typed, language, Typed.standing(""));
        assertThat(said.refusals()).isEmpty();
        assertThat(said.questions()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | brush the left knee with the left hand, stop by the hip, push right palm forward | left hand, at its own knee; left hand, at the hip, own side. right hand, extended, palm forward, fingers up
            ENGLISH | left hand to the hip as the right shoots forward | left hand, at the hip. right hand, forward
            SPANISH | la mano izquierda roza la rodilla izquierda y se queda junto a la cadera, la derecha empuja | left hand, at its own knee; left hand, at the hip, own side. right hand, extended
            CHINESE | 左手在右前臂外侧 | left hand, at the other forearm, outside it
            CHINESE | 左掌翻转向上，停在右肘下 | palm under elbow, left inside, palms up
            """)
    void aHandEndsWhereItIsSaidToEndAndTheOtherBegins(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | point the right fingertips at the floor | right hand, fingers down
            ENGLISH | right fist forward with the eye of the fist up | right hand, forward, thumb up, fist
            ENGLISH | raise the sword to the brow with the tip down | take up the sword with the right hand. right hand, at the brow. turn the prop with the right hand, pointing down
            SPANISH | levanta la espada a la frente con la punta hacia abajo | take up the sword with the right hand. right hand, at the brow. turn the prop with the right hand, pointing down
            SPANISH | gira la palma izquierda hasta que mire arriba | left hand, palm up
            SPANISH | gira el pecho, no las caderas, a las dos | chest to 2
            CHINESE | 右手画圈落到左肩前 | right hand, at the shoulder, across the body, in an outward arc
            CHINESE | 以两脚掌为轴右转一百八 | waist 180° right. turn the left foot on its ball, toes in 180°. turn the right foot on its ball, toes out 180°
            """)
    void whatPointsOrTurnsDoesSoAndGoesNowhere(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the palms press together and push out | palms together. left hand, extended. right hand, extended
            ENGLISH | palms together at the chest, then sink to the belly | palms together at the chest; left hand, at the navel. right hand, at the navel
            ENGLISH | hold a ball on the right, right hand above, then push | hold a ball at the right side, right hand above; left hand, extended. right hand, extended
            ENGLISH | the left hand leads the right to the forehead | left hand, at the brow. right hand, at the brow
            ENGLISH | parry with the right palm, fist to the hip | left hand, at the hip, fist
            SPANISH | las palmas se juntan y empujan | palms together. left hand, extended. right hand, extended
            CHINESE | 合掌推出 | palms together. left hand, extended. right hand, extended
            """)
    void handsThatHaveMetGoOnTogether(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }
}
