package app.avrel.rules;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.form.Mismatch;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Gaze;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What differs at a join, in the reader's language. */
class JoinWordsTest {

    private static final JoinWords WORDS = new JoinWords(Body.ofStature(1.7));

    private static String said(Language language, Mismatch mismatch) {
        return Labels.in(language, () -> WORDS.sentence(mismatch));
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Left foot: flat, wanted on the heel.'",
        "SPANISH, 'Pie izquierdo: plano, se quiere sobre el talón.'",
        "CHINESE, 左脚：全脚掌，应为脚跟着地。"
    })
    void howAFootTouches(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Touch(Side.LEFT, Contact.FLAT, Contact.HEEL)))
                .isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Right toes: 45° out, wanted straight ahead.'",
        "SPANISH, 'Punta derecha: 45° afuera, se quiere al frente.'",
        "CHINESE, 右脚尖：45° 外，应为向前。"
    })
    void whereToesPoint(Language language, String sentence) {
        assertThat(said(language, new Mismatch.ToesOut(Side.RIGHT, 45, 0))).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Weight: 70 left / 30 right, wanted 40 left / 60 right.'",
        "SPANISH, 'Peso: 70 izquierda / 30 derecha, se quiere 40 izquierda / 60 derecha.'",
        "CHINESE, 重量：左 70 / 右 30，应为左 40 / 右 60。"
    })
    void howTheWeightIsShared(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Weight(WeightShare.left(70), WeightShare.left(40))))
                .isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Chest: 20° to the right of the hips, wanted square over the hips.'",
        "SPANISH, 'Pecho: 20° a la derecha de las caderas, se quiere recto sobre las caderas.'",
        "CHINESE, 胸：相对胯向右 20°，应为正对胯。"
    })
    void howTheChestIsTurned(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Chest(20, 0))).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Incline: 10°, wanted upright.'",
        "SPANISH, 'Inclinación: 10°, se quiere erguido.'",
        "CHINESE, 倾斜：10°，应为直立。"
    })
    void howTheTrunkInclines(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Incline(10, 0))).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Width: heels 20 cm apart, wanted crossed by 5 cm.'",
        "SPANISH, 'Ancho: talones a 20 cm, se quiere cruzados 5 cm.'",
        "CHINESE, 步宽：两跟相距 20 厘米，应为交叉 5 厘米。"
    })
    void howFarApartTheHeelsAre(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Width(0.20, -0.05))).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({"ENGLISH, 'Eyes: straight ahead, wanted at the left hand.'", "CHINESE, 眼神：向前，应为看左手。"})
    void whereTheEyesGo(Language language, String sentence) {
        assertThat(said(language, new Mismatch.Eyes(new Gaze.Ahead(), new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.AT))))
                .isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 0.388, 'Length: left heel leads by 1.5 foot-lengths (39 cm), wanted heels level.'",
        "SPANISH, 0.388, 'Largo: el talón izquierdo adelanta 1.5 largos de pie (39 cm), se quiere talones a nivel.'",
        "ENGLISH, -0.388, 'Length: right heel leads by 1.5 foot-lengths (39 cm), wanted heels level.'"
    })
    void whichHeelLeads(Language language, double metres, String sentence) {
        assertThat(said(language, new Mismatch.Length(metres, 0))).isEqualTo(sentence);
    }
}
