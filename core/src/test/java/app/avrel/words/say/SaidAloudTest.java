package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Stage;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a count is said in a hall: explained, guided and called, in three languages. */
class SaidAloudTest {

    private static final Wording CLOCK = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);
    private static final Performer PERFORMER = Performing.of(BODY, HouseRules.LARGE_FRAME);

    private static List<Scene> scenes(String line) {
        LineReading reading = new Line(Language.ENGLISH, CLOCK, BODY).read(line, STANDING);
        assertThat(reading.understood()).as(line).isTrue();
        List<Stage> stages = reading.count().stages();
        List<Scene> scenes = new ArrayList<>();
        Pose pose = STANDING;
        for (int i = 0; i < stages.size(); i++) {
            Pose after = PERFORMER.after(pose, stages, i);
            scenes.add(new Scene(stages.get(i), pose, after));
            pose = after;
        }
        return scenes;
    }

    private static String said(String line, CueLevel level, Language language) {
        return new CountWords(language, CLOCK).generated(scenes(line), level);
    }

    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            shift 100 right | EXPLAIN | Shift all the weight onto the right foot. | Traslada todo el peso al pie derecho. | 重心全部移到右脚。
            shift 100 right | GUIDE | All the weight right. | Todo el peso a la derecha. | 重心全部移到右。
            shift 100 right | PROMPT | all right | todo a la derecha | 重心全部右移
            shift 70 left | EXPLAIN | Shift 70 percent onto the left foot. | Traslada el 70 por ciento del peso al pie izquierdo. | 重心移到左脚百分之70。
            shift 70 left | GUIDE | Shift left. | Peso a la izquierda. | 重心左移。
            shift 70 left | PROMPT | shift left | peso a la izquierda | 重心左移
            sink 2 fists | EXPLAIN | Sink 2 fists. | Baja el cuerpo 2 puños. | 下沉2拳宽。
            sink 2 fists | GUIDE | Sink. | Baja. | 下沉。
            sink 2 fists | PROMPT | sink | baja | 下沉
            left foot steps forward, heel first | EXPLAIN | Step the left foot forward, heel first. | Da un paso con el pie izquierdo adelante, talón primero. | 左脚向前迈步，脚跟先着地。
            left foot steps forward, heel first | GUIDE | Left foot forward, heel first. | Pie izquierdo adelante, talón primero. | 左脚向前迈步，脚跟先着地。
            left foot steps forward, heel first | PROMPT | left foot forward | pie izquierdo adelante | 左脚向前
            shift 100 right; left foot steps forward, heel first | EXPLAIN | Shift all the weight onto the right foot, then step the left foot forward, heel first. | Traslada todo el peso al pie derecho, luego da un paso con el pie izquierdo adelante, talón primero. | 重心全部移到右脚，然后左脚向前迈步，脚跟先着地。
            shift 100 right; left foot steps forward, heel first | GUIDE | All the weight right, then left foot forward, heel first. | Todo el peso a la derecha, luego pie izquierdo adelante, talón primero. | 重心全部移到右，再左脚向前迈步，脚跟先着地。
            shift 100 right; left foot steps forward, heel first | PROMPT | all right, left foot forward | todo a la derecha, pie izquierdo adelante | 重心全部右移，左脚向前
            shift 100 left; right foot steps back 0.5 shoulder widths, ball first | EXPLAIN | Shift all the weight onto the left foot, then step the right foot back, half a shoulder width, ball first. | Traslada todo el peso al pie izquierdo, luego da un paso con el pie derecho atrás, medio ancho de hombros, metatarso primero. | 重心全部移到左脚，然后右脚向后迈步半肩宽，脚掌先着地。
            shift 100 left; right foot steps back 0.5 shoulder widths, ball first | GUIDE | All the weight left, then right foot back, ball first. | Todo el peso a la izquierda, luego pie derecho atrás, metatarso primero. | 重心全部移到左，再右脚向后迈步，脚掌先着地。
            shift 100 left; right foot steps back 0.5 shoulder widths, ball first | PROMPT | all left, right foot back | todo a la izquierda, pie derecho atrás | 重心全部左移，右脚向后
            shift 100 left; right foot steps to 1:30, heel first | EXPLAIN | Shift all the weight onto the left foot, then step the right foot to 1:30, heel first. | Traslada todo el peso al pie izquierdo, luego da un paso con el pie derecho a la 1:30, talón primero. | 重心全部移到左脚，然后右脚向1:30迈步，脚跟先着地。
            shift 100 left; right foot steps to 1:30, heel first | GUIDE | All the weight left, then right foot steps to 1:30, heel first. | Todo el peso a la izquierda, luego pie derecho da un paso a la 1:30, talón primero. | 重心全部移到左，再右脚向1:30迈步，脚跟先着地。
            shift 100 left; right foot steps to 1:30, heel first | PROMPT | all left, right foot to 1:30 | todo a la izquierda, pie derecho a la 1:30 | 重心全部左移，右脚向1:30
            shift 100 left; draw the right foot in, ball beside the left foot | EXPLAIN | Shift all the weight onto the left foot, then draw the right foot in beside the other, on its ball. | Traslada todo el peso al pie izquierdo, luego recoge el pie derecho junto al otro, sobre el metatarso. | 重心全部移到左脚，然后收右脚到左脚旁，脚掌点地。
            shift 100 left; draw the right foot in, ball beside the left foot | GUIDE | All the weight left, then draw the right foot in, on the ball. | Todo el peso a la izquierda, luego recoge el pie derecho, sobre el metatarso. | 重心全部移到左，再收右脚，脚掌点地。
            shift 100 left; draw the right foot in, ball beside the left foot | PROMPT | all left, right foot draws in | todo a la izquierda, recoge el pie derecho | 重心全部左移，收右脚
            shift 100 left; lift the right knee to the hip | EXPLAIN | Shift all the weight onto the left foot, then lift the right knee to hip height. | Traslada todo el peso al pie izquierdo, luego levanta la rodilla derecha a la altura de la cadera. | 重心全部移到左脚，然后提右膝到胯高。
            shift 100 left; lift the right knee to the hip | GUIDE | All the weight left, then right knee up. | Todo el peso a la izquierda, luego rodilla derecha arriba. | 重心全部移到左，再提右膝。
            shift 100 left; lift the right knee to the hip | PROMPT | all left, right knee up | todo a la izquierda, rodilla derecha arriba | 重心全部左移，提右膝
            shift 100 right; left heel kick forward at the knee | EXPLAIN | Shift all the weight onto the right foot, then kick with the left heel forward at knee height. | Traslada todo el peso al pie derecho, luego da una patada con el talón izquierdo adelante a la altura de la rodilla. | 重心全部移到右脚，然后左脚跟蹬向前膝高。
            shift 100 right; left heel kick forward at the knee | GUIDE | All the weight right, then kick with the left heel forward. | Todo el peso a la derecha, luego patada, talón izquierdo adelante. | 重心全部移到右，再左脚跟蹬向前膝高。
            shift 100 right; left heel kick forward at the knee | PROMPT | all right, kick, left heel | todo a la derecha, patada, talón izquierdo | 重心全部右移，左脚蹬
            turn the left foot on its heel, toes in 45° | EXPLAIN | Turn the left foot on its heel, toes in 45°. | Gira el pie izquierdo sobre el talón, punta hacia dentro 45°. | 左脚以脚跟为轴转动，脚尖向内45度。
            turn the left foot on its heel, toes in 45° | GUIDE | Left toes in. | Pie izquierdo, punta hacia dentro. | 左脚尖内扣。
            turn the left foot on its heel, toes in 45° | PROMPT | left toes in | pie izquierdo, punta dentro | 左脚尖内扣
            turn the right foot on its ball, toes out 30° | EXPLAIN | Turn the right foot on its ball, toes out 30°. | Gira el pie derecho sobre el metatarso, punta hacia fuera 30°. | 右脚以脚掌为轴转动，脚尖向外30度。
            turn the right foot on its ball, toes out 30° | GUIDE | Right toes out, on the ball. | Pie derecho, punta hacia fuera. | 右脚尖外摆。
            turn the right foot on its ball, toes out 30° | PROMPT | right toes out | pie derecho, punta fuera | 右脚尖外摆
            raise the right heel | EXPLAIN | Raise the right heel. | Levanta el talón derecho. | 抬起右脚跟。
            raise the right heel | GUIDE | Raise the right heel. | Levanta el talón derecho. | 抬起右脚跟。
            raise the right heel | PROMPT | right heel up | talón derecho arriba | 抬右脚跟
            waist 45° left | EXPLAIN | Turn the waist 45° to the left. | Gira la cintura 45° a la izquierda. | 腰向左转45度。
            waist 45° left | GUIDE | Turn left. | Gira a la izquierda. | 左转。
            waist 45° left | PROMPT | turn left | gira a la izquierda | 左转
            waist to 3 | EXPLAIN | Turn to face 3 o'clock. | Gira el cuerpo hasta mirar a las 3. | 转身面向3点。
            waist to 3 | GUIDE | Turn to 3. | Gira a las 3. | 转向3点。
            waist to 3 | PROMPT | face 3 | gira a las 3 | 转向3点
            chest to 10:30 | EXPLAIN | Turn the chest to 10:30. | Gira el pecho a las 10:30. | 胸转向10:30。
            chest to 10:30 | GUIDE | Turn the chest to 10:30. | Gira el pecho a las 10:30. | 胸转向10:30。
            chest to 10:30 | PROMPT | chest to 10:30 | pecho a las 10:30 | 胸转向10:30
            left hand, at the chest, palm in | EXPLAIN | Raise the left hand to chest height, palm in. | Sube la mano izquierda a la altura del pecho, palma hacia dentro. | 左手抬到胸高，掌心向内。
            left hand, at the chest, palm in | GUIDE | Left hand up to the chest. | Mano izquierda al pecho. | 左手抬到胸高。
            left hand, at the chest, palm in | PROMPT | left hand to chest | mano izquierda al pecho | 左手抬到胸
            right hand, at the brow, palm out | EXPLAIN | Raise the right hand to brow height, palm out. | Sube la mano derecha a la altura de la frente, palma hacia fuera. | 右手抬到额头高，掌心向外。
            right hand, at the brow, palm out | GUIDE | Right hand up to the brow, palm out. | Mano derecha a la frente, palma hacia fuera. | 右手抬到额头高，掌心向外。
            right hand, at the brow, palm out | PROMPT | right hand to brow | mano derecha a la frente | 右手抬到额头
            left hand, at the chest, palm in. right hand, at the chest, palm in | EXPLAIN | Raise the hands to chest height, palms in. | Sube las manos a la altura del pecho, palmas hacia dentro. | 两手抬到胸高，掌心向内。
            left hand, at the chest, palm in. right hand, at the chest, palm in | GUIDE | Hands up to the chest. | Manos al pecho. | 两手抬到胸高。
            left hand, at the chest, palm in. right hand, at the chest, palm in | PROMPT | hands to chest | manos al pecho | 两手抬到胸
            hold a ball at the navel, right hand above | EXPLAIN | Hold a ball at navel height, right hand above. | Sostén una pelota a la altura del ombligo, la mano derecha arriba. | 抱球，在腹高，右手在上。
            hold a ball at the navel, right hand above | GUIDE | Hold a ball, right above. | Pelota, mano derecha arriba. | 抱球，右手在上。
            hold a ball at the navel, right hand above | PROMPT | hold ball, right above | pelota, derecha arriba | 抱球，右上
            wrists crossed at the chest, left inside | EXPLAIN | Cross the wrists at chest height, left inside. | Cruza las muñecas a la altura del pecho, mano izquierda por dentro. | 两腕交叉在胸高，左手在内。
            wrists crossed at the chest, left inside | GUIDE | Cross the wrists at the chest, left inside. | Cruza las muñecas al pecho, mano izquierda por dentro. | 两腕在胸高交叉，左在内。
            wrists crossed at the chest, left inside | PROMPT | wrists cross, left inside | cruza las muñecas, izquierda dentro | 两腕交叉，左在内
            palms together at the chest | EXPLAIN | Bring the palms together at chest height. | Junta las palmas a la altura del pecho. | 合掌在胸高。
            palms together at the chest | GUIDE | Palms together at the chest. | Palmas juntas al pecho. | 在胸高合掌。
            palms together at the chest | PROMPT | palms together | palmas juntas | 合掌
            right hand, at the hip, fist | EXPLAIN | Raise the right hand to hip height, fist. | Sube la mano derecha a la altura de la cadera, en puño. | 右手抬到胯高，成拳。
            right hand, at the hip, fist | GUIDE | Right hand up to the hip, fist. | Mano derecha a la cadera, en puño. | 右手抬到胯高，成拳。
            right hand, at the hip, fist | PROMPT | right hand to hip | mano derecha a la cadera | 右手抬到胯
            look at the left hand | EXPLAIN | Look at the left hand. | Mira la mano izquierda. | 看左手。
            look at the left hand | GUIDE | Look at the left hand. | Mira la mano izquierda. | 看左手。
            look at the left hand | PROMPT | eyes to left hand | mira la mano izquierda | 看左手
            shift 70 left; waist 45° left | EXPLAIN | Shift 70 percent onto the left foot, then turn the waist 45° to the left. | Traslada el 70 por ciento del peso al pie izquierdo, luego gira la cintura 45° a la izquierda. | 重心移到左脚百分之70，然后腰向左转45度。
            shift 70 left; waist 45° left | GUIDE | Shift left, then turn left. | Peso a la izquierda, luego gira a la izquierda. | 重心左移，再左转。
            shift 70 left; waist 45° left | PROMPT | shift left, turn left | peso a la izquierda, gira a la izquierda | 重心左移，左转
            shift 65 right. right hand, at the shoulder, palm forward | EXPLAIN | Shift 65 percent onto the right foot. Raise the right hand to shoulder height, palm forward. | Traslada el 65 por ciento del peso al pie derecho. Sube la mano derecha a la altura del hombro, palma adelante. | 重心移到右脚百分之65，右手抬到肩高，掌心向前。
            shift 65 right. right hand, at the shoulder, palm forward | GUIDE | Shift right. Right hand up to the shoulder, palm forward. | Peso a la derecha. Mano derecha al hombro, palma adelante. | 重心右移，右手抬到肩高，掌心向前。
            shift 65 right. right hand, at the shoulder, palm forward | PROMPT | shift right, right hand to shoulder | peso a la derecha, mano derecha al hombro | 重心右移，右手抬到肩
            shift 100 left; right foot steps beside the left foot, 1 fist apart | EXPLAIN | Shift all the weight onto the left foot, then step the right foot beside the other, one fist apart. | Traslada todo el peso al pie izquierdo, luego da un paso con el pie derecho junto al otro, 1 puño de separación. | 重心全部移到左脚，然后右脚迈步到左脚旁，相距一拳宽。
            shift 100 left; right foot steps beside the left foot, 1 fist apart | GUIDE | All the weight left, then right foot beside the other. | Todo el peso a la izquierda, luego pie derecho junto al otro. | 重心全部移到左，再右脚并步。
            shift 100 left; right foot steps beside the left foot, 1 fist apart | PROMPT | all left, right foot beside | todo a la izquierda, pie derecho junto al otro | 重心全部左移，右脚并步
            shift 100 right; left foot steps across behind | EXPLAIN | Shift all the weight onto the right foot, then step the left foot across behind. | Traslada todo el peso al pie derecho, luego da un paso con el pie izquierdo cruzado por detrás. | 重心全部移到右脚，然后左脚迈步向后交叉。
            shift 100 right; left foot steps across behind | GUIDE | All the weight right, then left foot across behind. | Todo el peso a la derecha, luego pie izquierdo cruzado por detrás. | 重心全部移到右，再左脚向后交叉。
            shift 100 right; left foot steps across behind | PROMPT | all right, left foot across behind | todo a la derecha, pie izquierdo cruzado por detrás | 重心全部右移，左脚后交叉
            shift 100 left; right foot half step | EXPLAIN | Shift all the weight onto the left foot, then bring the right foot up half a step. | Traslada todo el peso al pie izquierdo, luego trae el pie derecho medio paso. | 重心全部移到左脚，然后右脚跟半步。
            shift 100 left; right foot half step | GUIDE | All the weight left, then half step right. | Todo el peso a la izquierda, luego medio paso, pie derecho. | 重心全部移到左，再右脚跟半步。
            shift 100 left; right foot half step | PROMPT | all left, half step right | todo a la izquierda, medio paso, pie derecho | 重心全部左移，右脚跟半步
            lower the left foot, flat | EXPLAIN | Lower the left foot flat. | Asienta el pie izquierdo. | 左脚踏实。
            lower the left foot, flat | GUIDE | Left foot flat. | Asienta el pie izquierdo. | 左脚踏实。
            lower the left foot, flat | PROMPT | left foot flat | pie izquierdo plano | 左脚踏实
            left hand, at the hip, own side, palm down | EXPLAIN | Raise the left hand to hip height, palm down. | Sube la mano izquierda a la altura de la cadera, palma hacia abajo. | 左手抬到胯高，掌心向下。
            left hand, at the hip, own side, palm down | GUIDE | Left hand up to the hip, palm down. | Mano izquierda a la cadera, palma hacia abajo. | 左手抬到胯高，掌心向下。
            left hand, at the hip, own side, palm down | PROMPT | left hand to hip | mano izquierda a la cadera | 左手抬到胯
            left hand, at the shoulder, extended, palm forward. right hand, at the shoulder, extended, palm forward | EXPLAIN | Raise the hands to shoulder height, extended, palms forward. | Sube las manos a la altura del hombro, extendidas, palmas adelante. | 两手抬到肩高，伸直，掌心向前。
            left hand, at the shoulder, extended, palm forward. right hand, at the shoulder, extended, palm forward | GUIDE | Hands up to the shoulders, extended, palms forward. | Manos a los hombros, extendidas, palmas adelante. | 两手抬到肩高，伸直，掌心向前。
            left hand, at the shoulder, extended, palm forward. right hand, at the shoulder, extended, palm forward | PROMPT | hands to shoulders | manos a los hombros | 两手抬到肩
            right hand, elbow down | EXPLAIN | Right hand, elbow down. | La mano derecha, codo abajo. | 右手，肘向下。
            right hand, elbow down | GUIDE | Right hand, elbow down. | Mano derecha, codo abajo. | 右手，肘向下。
            right hand, elbow down | PROMPT | right elbow down | codo derecho abajo | 右肘向下
            sink 1 fist; rise | EXPLAIN | Sink one fist, then rise. | Baja el cuerpo 1 puño, luego sube el cuerpo. | 下沉一拳宽，然后升起。
            sink 1 fist; rise | GUIDE | Sink, then rise. | Baja, luego sube. | 下沉，再升起。
            sink 1 fist; rise | PROMPT | sink, rise | baja, sube | 下沉，起身
            waist 90° right | EXPLAIN | Turn the waist 90° to the right. | Gira la cintura 90° a la derecha. | 腰向右转90度。
            waist 90° right | GUIDE | Turn right. | Gira a la derecha. | 右转。
            waist 90° right | PROMPT | turn right | gira a la derecha | 右转
            shift 51 to 100 left. left hand, at the knee | EXPLAIN | Shift the weight onto the left foot and lower the left hand to knee height. | Traslada el peso al pie izquierdo y baja la mano izquierda a la altura de la rodilla. | 重心移到左脚，左手落到膝高。
            shift 51 to 100 left. left hand, at the knee | GUIDE | Shift left, left hand down to the knee. | Peso a la izquierda, mano izquierda a la rodilla. | 重心左移，左手落到膝高。
            shift 51 to 100 left. left hand, at the knee | PROMPT | shift left, left hand to knee | peso a la izquierda, mano izquierda a la rodilla | 重心左移，左手落到膝
            shift 100 left; right foot steps 45° right, heel first; lower the right foot, flat; shift 70 right | EXPLAIN | Shift all the weight onto the left foot, then step the right foot diagonally forward right, heel first. Then lower the right foot flat, then shift 70 percent onto the right foot. | Traslada todo el peso al pie izquierdo, luego da un paso con el pie derecho en diagonal adelante a la derecha, talón primero. Luego asienta el pie derecho, luego traslada el 70 por ciento del peso al pie derecho. | 重心全部移到左脚，然后右脚向右前方迈步，脚跟先着地。然后右脚踏实，然后重心移到右脚百分之70。
            shift 100 left; right foot steps 45° right, heel first; lower the right foot, flat; shift 70 right | GUIDE | All the weight left, then right foot diagonally forward right, heel first. Then right foot flat, then shift right. | Todo el peso a la izquierda, luego pie derecho en diagonal adelante a la derecha, talón primero. Luego asienta el pie derecho, luego peso a la derecha. | 重心全部移到左，再右脚向右前方迈步，脚跟先着地。然后右脚踏实，再重心右移。
            shift 100 left; right foot steps 45° right, heel first; lower the right foot, flat; shift 70 right | PROMPT | all left, right foot forward right, right foot flat, shift right | todo a la izquierda, pie derecho adelante derecha, pie derecho plano, peso a la derecha | 重心全部左移，右脚向右前，右脚踏实，重心右移
            left hand, at the shoulder, out 90° left. right hand, at the shoulder, out 90° right | EXPLAIN | Raise the left hand to shoulder height, out to the left. Raise the right hand to shoulder height, out to the right. | Sube la mano izquierda a la altura del hombro, hacia fuera a la izquierda. Sube la mano derecha a la altura del hombro, hacia fuera a la derecha. | 左手抬到肩高，向外向左，右手抬到肩高，向外向右。
            left hand, at the shoulder, out 90° left. right hand, at the shoulder, out 90° right | GUIDE | Left hand up to the shoulder, out to the left. Right hand up to the shoulder, out to the right. | Mano izquierda al hombro, hacia fuera a la izquierda. Mano derecha al hombro, hacia fuera a la derecha. | 左手抬到肩高，向外向左，右手抬到肩高，向外向右。
            left hand, at the shoulder, out 90° left. right hand, at the shoulder, out 90° right | PROMPT | left hand to shoulder, right hand to shoulder | mano izquierda al hombro, mano derecha al hombro | 左手抬到肩，右手抬到肩
            """)
    void aCountIsSaid(String line, CueLevel level, String english, String spanish, String chinese) {
        assertThat(said(line, level, Language.ENGLISH)).isEqualTo(english);
        assertThat(said(line, level, Language.SPANISH)).isEqualTo(spanish);
        assertThat(said(line, level, Language.CHINESE)).isEqualTo(chinese);
    }
}
