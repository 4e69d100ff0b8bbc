package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What instructors say in a hall, and what is recorded of it, in its own language. */
class SaidInTheHallTest {

    private static final Wording CLOCK = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);

    private static LineReading read(Language language, String line) {
        return new Line(language, CLOCK, BODY).read(line, STANDING);
    }

    private static void isRecorded(Language language, String line, String recorded) {
        LineReading reading = read(language, line);
        assertThat(reading.understood()).as(line).isTrue();
        assertThat(Saying.exact(language, CLOCK).line(reading.count())).isEqualTo(recorded);
    }

    private static void isNotRecordedBlindly(Language language, String line) {
        assertThat(read(language, line).understood()).as(line).isFalse();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = ';', quoteCharacter = '`', textBlock = """
            shift all the weight to the right ; shift 100 right
            put seventy percent on the left leg ; shift 70 left
            weight even ; shift 50 left
            sink half a fist ; sink 0.5 fists
            rise to standing ; rise
            stay where you are ; held
            step forward with the left foot, heel first ; left foot steps forward, heel first
            left foot back half a shoulder width, ball first ; left foot steps back 0.5 shoulder widths, ball first
            right foot out to the side, shoulder width ; right foot steps level with the left heel, 1 shoulder width wide
            draw the left foot in beside the right, toes touching ; draw the left foot in, ball beside the right foot
            left heel out to 10:30 ; left foot steps to 10:30, heel first
            cross the right foot behind the left ; right foot steps across behind
            follow step with the right foot ; right foot half step
            lift the right knee to the hip ; lift the right knee to the hip
            kick forward with the left heel at knee height ; left heel kick forward at the knee
            lower the right foot behind, ball first ; lower the right foot back, ball first
            turn the left toes in 45 ; turn the left foot on its heel, toes in 45°
            pivot on the right heel, toes out 60 ; turn the right foot on its heel, toes out 60°
            turn on the ball of the left foot, heel out ; turn the left foot on its ball, toes in somehow
            raise the right heel ; raise the right heel
            lift the toes of the left foot ; raise the left toes
            turn the waist 45 to the left ; waist 45° left
            turn the body right 90 ; waist 90° right
            turn to face 3 ; waist to 3
            hips to the front ; hips to 12
            lean forward slightly ; lean
            both hands to the chest, palms in ; left hand, at the chest, palm in. right hand, at the chest, palm in
            right hand up to the brow, palm out ; right hand, at the brow, palm out
            left palm presses down beside the hip ; left hand, at the hip, own side, palm down
            hold a ball at the belly, right hand on top ; hold a ball at the navel, right hand above
            cross the wrists in front of the chest, left inside ; wrists crossed at the chest, left inside
            make a fist with the right hand at the hip ; right hand, at the hip, fist
            push both palms forward at shoulder height ; left hand, at the shoulder, extended, palm forward, fingers up. right hand, at the shoulder, extended, palm forward, fingers up
            pull both hands back to the left hip ; left hand, at the hip, own side. right hand, at the hip, across the body
            palms together at the chest ; palms together at the chest
            left hand covers the right fist ; hands stacked, left above. right hand, fist
            right fist on the left palm ; hands stacked, right above. right hand, fist
            turn both feet left 45 ; turn the left foot on its heel, toes out 45°. turn the right foot on its heel, toes in 45°
            step the left foot out into a horse stance ; left foot steps 90° left. shift 50 left
            rise on the left leg, right knee up ; shift 100 left. rise. lift the right knee
            right hand a fist outside the right knee ; right hand, at its own knee, 1 fist outside it
            left palm a hand's breadth below the chin ; left hand, at the chin, 1 fist below it
            peel off the right heel ; raise the right heel
            left hand beside the left hip, fingertips forward ; left hand, at the hip, own side, fingers forward
            hands cross at the belly ; wrists crossed at the navel
            arms hang ; left hand, at the thigh, own side, close in, palm in, open hand. right hand, at the thigh, own side, close in, palm in, open hand
            left hand on the right wrist ; left hand, at the other wrist
            look to the left hand ; look at the left hand
            look ahead ; look ahead
            breathe in ; in-breath
            hold the breath ; hold the breath
            turn left 45 and draw the right foot in ; waist 45° left. draw the right foot in, ball beside the left foot
            right elbow down ; right hand, elbow down
            fingers up ; left hand, fingers up. right hand, fingers up
            separate the hands ; left hand, own side. right hand, own side
            left hand stays ; left hand stays where it is
            stamp with the right foot ; stamp the right foot
            half step forward with the right ; right foot half step
            weight to the left, eighty twenty ; shift 80 left
            sixty forty on the right ; shift 60 right
            empty the left foot ; shift 100 right
            fill the right leg ; shift 51 to 100 right
            sit down on the left leg ; sink. shift 51 to 100 left
            let the body sink a fist ; sink 1 fist
            come up a little ; rise
            left foot steps to the left, shoulder width, toes forward ; left foot steps 90° left, 1 shoulder width wide, toes forward
            step back with the right, toes out 45 ; right foot steps back, toes out 45°
            right foot beside the left, a fist between ; right foot steps beside the left foot, 1 fist apart
            bring the left foot up to the right ankle ; draw the left foot in, hovering at the right ankle
            put the left ball down in front ; left foot steps forward, ball first
            left foot flat ; lower the left foot, flat
            right toes out 30 on the heel ; turn the right foot on its heel, toes out 30°
            left knee up, toes down ; lift the left knee, toes hanging
            right foot forward and out, heel first ; right foot steps 45° right, heel first
            step to 9 with the left foot ; left foot steps to 9
            turn the left foot to 1:30 ; turn the left foot on its heel, toes to 1:30
            chest to 10:30 ; chest to 10:30
            the right hand rises to the shoulder, palm down ; right hand, at the shoulder, palm down
            left hand drops to the thigh ; left hand, at the thigh
            both palms up at the navel ; left hand, at the navel, palm up. right hand, at the navel, palm up
            right palm faces left ; right hand, palm to the left
            right forearm in front of the chest ; right hand, at the chest, centre line
            both arms open to the sides at shoulder height ; left hand, at the shoulder, out 90° left. right hand, at the shoulder, out 90° right
            left hand circles down and out to the shoulder ; left hand, at the shoulder, out 90° left, in an outward arc
            elbows sink ; left hand, elbow down. right hand, elbow down
            eyes follow the right hand ; look at the right hand
            look over the left shoulder ; look 135° left
            wait a breath ; held
            slowly ; slow
            two beats ; 2 beats
            pause ; held
            weight right, left heel up, left hand to the knee ; shift 51 to 100 right. raise the left heel. left hand, at the knee
            step left foot out, shift half, hands open ; left foot steps 90° left. shift 50 left. left hand, open hand. right hand, open hand
            turn right 45, shift 60 right, right hand to the hip, left hand to the chest ; waist 45° right. shift 60 right. right hand, at the hip. left hand, at the chest
            """)
    void inEnglishItIsRecorded(String line, String recorded) {
        isRecorded(Language.ENGLISH, line, recorded);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "settle onto the back foot",
                "put the heel down",
                "breathe out as the hands sink",
                "shift left, then step with the right",
                "step right, then shift 60",
                "left foot forward, shift 70, right hand pushes",
                "sit back and lift the toes",
                "slide the left foot back a fist",
                "hop to the left foot",
                "right heel light",
                "waist left as far as it goes",
                "hands apart, shoulder width",
                "breathe in while the hands rise"
            })
    void inEnglishItIsAskedOrMarked(String line) {
        isNotRecordedBlindly(Language.ENGLISH, line);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = ';', quoteCharacter = '`', textBlock = """
            todo el peso a la derecha ; traslada el peso 100 a la derecha
            setenta por ciento a la izquierda ; traslada el peso 70 a la izquierda
            peso repartido ; traslada el peso 50 a la izquierda
            baja medio puño ; baja el cuerpo 0.5 puños
            paso adelante con el pie izquierdo, talón primero ; el pie izquierdo da un paso adelante, talón primero
            pie derecho atrás, metatarso primero ; el pie derecho da un paso atrás, metatarso primero
            recoge el pie izquierdo junto al derecho ; recoge el pie izquierdo, metatarso junto al pie derecho
            cruza el pie derecho por detrás ; el pie derecho da un paso cruzado por detrás
            levanta la rodilla derecha a la cadera ; levanta la rodilla derecha a la altura de la cadera
            patada con el talón izquierdo a la altura de la rodilla ; patada con el talón izquierdo a la altura de la rodilla
            gira la punta izquierda hacia dentro 45 ; gira el pie izquierdo sobre el talón, punta hacia dentro 45°
            gira sobre el talón derecho, punta afuera 60 ; gira el pie derecho sobre el talón, punta hacia fuera 60°
            levanta el talón derecho ; levanta el talón derecho
            gira la cintura 45 a la izquierda ; gira la cintura 45° a la izquierda
            gira el cuerpo a la derecha 90 ; gira la cintura 90° a la derecha
            mira a las 3 ; mira a las 3
            inclínate un poco hacia adelante ; inclina el tronco
            endereza el tronco ; tronco erguido
            las dos manos al pecho, palmas hacia dentro ; mano izquierda, a la altura del pecho, palma hacia dentro. mano derecha, a la altura del pecho, palma hacia dentro
            mano derecha a la frente, palma afuera ; mano derecha, a la altura de la frente, palma hacia fuera
            la palma izquierda baja junto a la cadera ; mano izquierda, a la altura de la cadera, por su propio lado
            sostén una pelota en el vientre, la derecha arriba ; sostén una pelota a la altura del ombligo, mano derecha arriba
            puño derecho en la cadera ; mano derecha, a la altura de la cadera, en puño
            empuja con las dos palmas a la altura de los hombros ; mano izquierda, a la altura del hombro, extendida. mano derecha, a la altura del hombro, extendida
            pasa el 60 a la izquierda ; traslada el peso 60 a la izquierda
            gira ambos pies a la derecha 90 ; gira el pie izquierdo sobre el talón, punta hacia dentro 90°. gira el pie derecho sobre el talón, punta hacia fuera 90°
            la palma izquierda cubre el puño derecho ; manos una sobre otra, mano izquierda arriba. mano derecha, en puño
            palmas juntas en el pecho ; palmas juntas a la altura del pecho
            recoge el pie izquierdo, las manos se cruzan en el vientre, inspira ; recoge el pie izquierdo, metatarso junto al pie derecho. muñecas cruzadas a la altura del ombligo. inhala
            cruza las muñecas delante del pecho ; muñecas cruzadas a la altura del pecho
            inhala ; inhala
            exhala ; exhala
            mano izquierda quieta ; mano izquierda permanece donde estaba antes
            mira la mano izquierda ; mira la mano izquierda
            codo derecho abajo ; mano derecha, codo abajo
            sesenta cuarenta a la derecha ; traslada el peso 60 a la derecha
            vacía el pie izquierdo ; traslada el peso 100 a la derecha
            siéntate en la pierna izquierda ; traslada el peso de 51 a 100 a la izquierda
            hunde el cuerpo un puño ; baja el cuerpo 1 puño
            paso a la izquierda con el izquierdo, ancho de hombros ; el pie izquierdo da un paso 90° a la izquierda, 1 ancho de hombros de ancho
            rodilla izquierda arriba, punta abajo ; levanta la rodilla izquierda, punta colgando
            gira el pie izquierdo a la 1:30 ; gira el pie izquierdo sobre el talón, punta a la 1:30
            pecho a las 10:30 ; gira el pecho a las 10:30
            la mano derecha sube al hombro, palma abajo ; mano derecha, a la altura del hombro, palma abajo
            la mano izquierda cae al muslo ; mano izquierda, a la altura del muslo
            las dos palmas arriba a la altura del ombligo ; mano izquierda, a la altura del ombligo, palma arriba. mano derecha, a la altura del ombligo, palma arriba
            los brazos se abren a los lados a la altura de los hombros ; mano izquierda, a la altura del hombro, hacia fuera 90° a la izquierda. mano derecha, a la altura del hombro, hacia fuera 90° a la derecha
            los codos caen ; mano izquierda, codo abajo. mano derecha, codo abajo
            los ojos siguen la mano derecha ; mira la mano derecha
            despacio ; despacio
            dos tiempos ; 2 tiempos
            peso a la derecha, talón izquierdo arriba, mano izquierda a la rodilla ; traslada el peso de 51 a 100 a la derecha. levanta el talón izquierdo. mano izquierda, a la altura de la rodilla
            gira 45 a la derecha, peso 60 a la derecha, mano derecha a la cadera ; gira la cintura 45° a la derecha. traslada el peso 60 a la derecha. mano derecha, a la altura de la cadera
            """)
    void inSpanishItIsRecorded(String line, String recorded) {
        isRecorded(Language.SPANISH, line, recorded);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "sube hasta quedar de pie",
                "peso a la izquierda, luego paso con el derecho",
                "el pie izquierdo se desliza atrás un puño",
                "siéntate atrás y levanta la punta",
                "pie derecho al lado del izquierdo, un puño entre los dos",
                "talón derecho ligero",
                "inspira mientras suben las manos",
                "坐在左腿上",
                "两脚平行",
                "左脚尖转向1点半",
                "右转面向4点半",
                "胸向10点半",
                "两手上升时吸气",
                "收左脚，两手腹前交叉，吸气"
            })
    void inSpanishItIsAskedOrMarked(String line) {
        isNotRecordedBlindly(Language.SPANISH, line);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = ';', quoteCharacter = '`', textBlock = """
            重心全部移到右腿 ; 重心移到右脚百分之100
            左腿七成 ; 重心移到左脚百分之70
            重心居中 ; 重心移到左脚百分之50
            下沉半拳 ; 下沉0.5拳宽
            起身 ; 升起
            左脚向前上步，脚跟先着地 ; 左脚迈步向前，脚跟先着地
            右脚后撤步，前脚掌先着地 ; 右脚迈步向后，脚掌先着地
            左脚收到右脚旁 ; 收左脚，脚掌落在右脚旁
            右脚向左后插步 ; 右脚迈步向后交叉
            提右膝至髋高 ; 提右膝到胯高
            左脚跟蹬脚，膝高 ; 左脚跟蹬膝高
            左脚尖内扣45度 ; 左脚以脚跟为轴转动，脚尖向内45度
            以右脚跟为轴，脚尖外摆60度 ; 右脚以脚跟为轴转动，脚尖向外60度
            右脚跟提起 ; 抬起右脚跟
            腰左转45度 ; 腰向左转45度
            身体右转90度 ; 腰向右转90度
            面向3点 ; 腰转向3点
            上体微前倾 ; 上体倾斜
            上体立直 ; 上体正直
            两手到胸前，掌心向内 ; 左手在胸高，中线，掌心向内。右手在胸高，中线，掌心向内
            右手举到额前，掌心向外 ; 右手在额头高，中线，掌心向外
            左掌下按到胯旁 ; 左手在胯高，体侧，掌心向下
            抱球于腹前，右手在上 ; 抱球，在腹高，右手在上
            右手握拳于腰间 ; 右手在胯高，成拳
            两掌前推，肩高 ; 左手在肩高，伸直，掌心向前，手指向上。右手在肩高，伸直，掌心向前，手指向上
            两脚以脚跟为轴右转九十度 ; 左脚以脚跟为轴转动，脚尖向内90度。右脚以脚跟为轴转动，脚尖向外90度
            左手按于左胯旁，指尖向前，掌心向下 ; 左手在胯高，体侧，掌心向下，手指向前
            合掌于胸前 ; 合掌在胸高
            两腕胸前交叉 ; 两腕交叉在胸高
            吸气 ; 吸气
            呼气 ; 呼气
            重心左移，再上右步 ; 重心移到左脚百分之51到100；右脚迈步向前
            左脚向后滑一拳 ; 左脚滑步向后 1拳宽
            左手不动 ; 左手保持原位
            看左手 ; 看左手
            右肘下沉 ; 右手，肘向下
            重心右移六成 ; 重心移到右脚百分之60
            左脚虚 ; 重心移到右脚百分之100
            身体下沉一拳 ; 下沉1拳宽
            左脚向左开步，与肩同宽，脚尖向前 ; 左脚迈步到与右脚跟平齐，1肩宽宽，脚尖向前
            左脚尖点地 ; 左脚放下，脚掌先着地
            提左膝，脚尖下垂 ; 提左膝，脚尖下垂
            右手上提至肩，掌心向下 ; 右手在肩高，掌心向下
            左手下落至大腿 ; 左手在大腿高
            两掌心向上，腹前 ; 左手在腹高，中线，掌心向上。右手在腹高，中线，掌心向上
            两臂侧平举 ; 左手在肩高，向外左90度。右手在肩高，向外右90度
            两肘下沉 ; 左手，肘向下。右手，肘向下
            目视右手 ; 看右手
            慢 ; 慢
            两拍 ; 2拍
            重心右移，左脚跟提起，左手到膝 ; 重心移到右脚百分之51到100。抬起左脚跟。左手在膝高
            右转45度，重心右移六成，右手到腰，左手到胸前 ; 腰向右转45度。重心移到右脚百分之60。右手在腹高。左手在胸高，中线
            """)
    void inChineseItIsRecorded(String line, String recorded) {
        isRecorded(Language.CHINESE, line, recorded);
    }

    @ParameterizedTest
    @ValueSource(strings = {"后坐，脚尖翘起"})
    void inChineseItIsAskedOrMarked(String line) {
        isNotRecordedBlindly(Language.CHINESE, line);
    }

    /** A step before the comma is a step, whatever is shifted after it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "left foot forward, shift 70",
                "right foot back, shift 60",
                "left heel forward, shift 65",
                "right foot forward, shift all"
            })
    void aStepIsNeverLostInTheShiftAfterIt(String line) {
        assertThat(read(Language.ENGLISH, line).stages().toString()).contains("Step[");
    }
}
