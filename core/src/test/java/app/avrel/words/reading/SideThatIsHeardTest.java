package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A side, a place, a way that is typed is either recorded or pointed at: no word of it is lost and none goes to another limb. */
class SideThatIsHeardTest {

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }

    private static void says(Language language, String typed, String canonical) {
        LineReading said = read(language, typed);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    /** A knee that goes higher is lifted: it is not the body that rises. */
    @ParameterizedTest(name = "{1}")
    @CsvSource({
        "ENGLISH, left knee higher",
        "ENGLISH, the left knee a little higher",
        "SPANISH, la rodilla izquierda más arriba",
        "CHINESE, 左膝再高一点"
    })
    void aLimbThatGoesHigherIsLifted(Language language, String typed) {
        says(language, typed, "lift the left knee");
    }

    /** Degrees out or in are counted for that foot; an hour is of the hall, whichever foot it is. */
    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left toes out to 45 | turn the left foot on its heel, toes out 45°
            ENGLISH | right toes out to 45 | turn the right foot on its heel, toes out 45°
            ENGLISH | left toes in to 30 | turn the left foot on its heel, toes in 30°
            ENGLISH | left foot out to forty-five | left foot steps 45° left
            ENGLISH | right foot out to forty-five | right foot steps 45° right
            ENGLISH | left foot out to 11 | left foot steps to 11
            ENGLISH | open both feet to forty-five | turn the left foot on its heel, toes out 45°. turn the right foot on its heel, toes out 45°
            SPANISH | abre la punta izquierda a cuarenta y cinco | turn the left foot on its heel, toes out 45°
            SPANISH | tres cuartos de vuelta a la derecha | waist 270° right
            CHINESE | 左脚外摆到四十五度 | turn the left foot on its heel, toes out 45°
            """)
    void aNumberOfDegreesIsCountedForTheFootThatTurns(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the right hand follows the left to the hip | right hand, at the hip
            SPANISH | la mano derecha sigue a la izquierda hasta la cadera | right hand, at the hip
            CHINESE | 右手随左手到胯 | right hand, at the hip
            ENGLISH | the right elbow sinks until it is over the right knee | right hand, at its own knee, above it, measured at the elbow
            ENGLISH | both arms open to the sides at shoulder height, palms facing front | left hand, at the shoulder, out 90° left, palm forward. right hand, at the shoulder, out 90° right, palm forward
            SPANISH | palma izquierda a la altura de la frente mirando adelante | left hand, at the brow, palm forward
            CHINESE | 右手举到眼睛左右 | right hand, at the eye
            CHINESE | 左掌搂过膝前停在胯旁 | left hand, at the hip, own side
            ENGLISH | right fist travels from the hip out to chest height | right hand, at the chest, extended, fist
            ENGLISH | left fist upright at the chest | left hand, at the chest, thumb up, fist
            CHINESE | 右立拳打到胸前 | right hand, at the chest, centre line, extended, thumb up, fist
            SPANISH | manos separadas dos puños a la altura del ombligo | left hand, at the navel, 0.39 shoulder halves. right hand, at the navel, 0.39 shoulder halves
            """)
    void aHandGoesWhereItIsSaidToGo(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | the right heel pushes out so the foot points to eleven | turn the right foot on its ball, toes to 11
            SPANISH | el talón derecho sale, la punta mira a las once | turn the right foot on its ball, toes to 11
            CHINESE | 右脚跟外展，脚尖朝十一点 | turn the right foot on its ball, toes to 11
            ENGLISH | tuck the left toes in forty | turn the left foot on its heel, toes in 40°
            ENGLISH | left leg passes behind the right | left foot steps across behind
            SPANISH | la pierna izquierda pasa por detrás de la derecha | left foot steps across behind
            CHINESE | 左脚跟侧踹，与膝同高 | left heel kick 90° left at the knee
            ENGLISH | right foot arcs inward to one, heel first | right foot steps to 1, heel first, in an inward arc
            ENGLISH | sit a bit lower | sink
            ENGLISH | weight into the right heel | shift 51 to 100 right
            SPANISH | el peso se hunde en el talón derecho | shift 51 to 100 right
            CHINESE | 四成，不，五成在左 | shift 50 left
            CHINESE | 原地转到九点 | waist to 9
            CHINESE | 左掌心转向左，同时右转到三点 | left hand, palm to the left. waist to 3 going right
            """)
    void aFootDoesWhatItIsSaidToDo(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | hold the staff across in front of the body | take up the staff with the right hand, pointing across. right hand, centre line
            SPANISH | el bastón cruzado delante del cuerpo | turn the staff with the right hand, pointing across. right hand, centre line
            CHINESE | 棍横在身前 | turn the staff with the right hand, pointing across. right hand, centre line
            CHINESE | 剑尖下垂指地 | turn the prop with the right hand, pointing down
            CHINESE | 扇子合拢贴右前臂 | close the fan with the left hand, against the other forearm
            ENGLISH | let go of the fan with the right hand and take it with the left | put away the fan with the right hand. take up the prop with the left hand
            """)
    void aPropIsWhereItIsSaidToBe(Language language, String typed, String canonical) {
        says(language, typed, canonical);
    }

    /** What no record holds is pointed at, in the words that were typed. */
    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | raise both arms in front, shoulder width, palms down | in front
            ENGLISH | close the fan against the left palm | against the left palm
            SPANISH | el palo horizontal delante del pecho | horizontal
            SPANISH | bastón plantado junto al pie izquierdo | junto al pie izquierdo
            CHINESE | 合扇于左掌 | 于左掌
            CHINESE | 合扇轻触左掌 | 左掌
            """)
    void whatIsLostIsPointedAt(Language language, String typed, String unheard) {
        assertThat(read(language, typed).refusals())
                .extracting(refusal -> refusal.word().strip())
                .contains(unheard);
    }

    /** Eyes that look at the floor do not lower the body, and none of it is recorded of a hand. */
    @ParameterizedTest(name = "{1}")
    @CsvSource({"ENGLISH, look down", "ENGLISH, look at the floor", "SPANISH, mira al suelo", "CHINESE, 看地面"})
    void whatTheEyesLookAtMovesNothing(Language language, String typed) {
        LineReading said = read(language, typed);
        assertThat(said.refusals()).isEmpty();
        assertThat(said.moves()).isEmpty();
    }
}
