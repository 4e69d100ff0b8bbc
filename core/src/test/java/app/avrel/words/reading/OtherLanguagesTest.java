package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OtherLanguagesTest {

    private static void reads(String line, Language language, String said) {
        LineReading reading = Typed.read(line, language, Typed.standing(""));
        assertThat(reading.refusals()).isEmpty();
        assertThat(reading.questions()).isEmpty();
        assertThat(Typed.said(reading)).isEqualTo(said);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            talón derecho adelante a la 1 | right foot steps to 1, heel first
            pasa el peso 70 a la izquierda | shift 70 left
            todo el peso sobre el pie derecho | shift 100 right
            setenta treinta a la izquierda | shift 70 left
            peso por igual | shift 50 left
            gira el pie derecho 45 grados adentro sobre el talón | turn the right foot on its heel, toes in 45°
            recoge el pie izquierdo junto al pie derecho | draw the left foot in, ball beside the right foot
            medio paso con el derecho | right foot half step
            paso atrás con el pie izquierdo, metatarso primero | left foot steps back, ball first
            paso adelante con el pie izquierdo, ancho de hombros | left foot steps forward, 1 shoulder width wide
            levanta la rodilla derecha a la cadera | lift the right knee to the hip
            patada con el talón derecho hacia las 12, a la altura de la rodilla | right heel kick to 12 at the knee
            cintura 30 grados a la izquierda | waist 30° left
            gira el cuerpo hacia el oeste | waist to 9
            hunde un puño | sink 1 fist
            sube | rise
            postura baja | low stance
            sostén una pelota delante del pecho, mano izquierda arriba | hold a ball at the chest, left hand above
            mano derecha a la altura del pecho, palma abajo | right hand, at the chest, palm down
            palma izquierda arriba en el ombligo | left hand, at the navel, palm up
            mano derecha en gancho | right hand, hook hand
            mira la mano izquierda | look at the left hand
            mira al frente | look ahead
            inhala |
            exhala despacio, dos tiempos |
            puntas derechas afuera 45 | turn the right foot on its heel, toes out 45°
            pie derecho plano | lower the right foot, flat
            ambas palmas empujan adelante | left hand, extended, palm forward, fingers up. right hand, extended, palm forward, fingers up
            vacía el pie izquierdo | shift 100 right
            60/40 a la derecha | shift 60 right
            paso al lado con el pie derecho, medio ancho de hombros de ancho | right foot steps level with the left heel, 0.5 shoulder widths wide
            talón izquierdo adelante, luego pasa el peso 60 a la izquierda mientras la cintura gira hacia las 12 | left foot steps forward, heel first; shift 60 left. waist to 12
            la mano derecha sube al hombro, palma abajo | right hand, at the shoulder, palm down
            las dos manos bajan a la cadera | left hand, at the hip. right hand, at the hip
            puntas del pie izquierdo arriba | raise the left toes
            paso cruzado por detrás con el izquierdo | left foot steps across behind
            de pie sobre la pierna izquierda | shift 100 left
            retrocede con el derecho | right foot steps back
            avanza con el pie derecho dos largos de pie | right foot steps forward 2 foot-lengths
            sube la rodilla derecha a la altura de la cadera | lift the right knee to the hip
            mano izquierda sobre la derecha | hands stacked, left above
            baja la punta derecha | lower the right foot, flat
            pie derecho donde estaba el izquierdo | right foot steps where the left foot was
            pie izquierdo gira sobre el metatarso hasta mirar a las 3 | turn the left foot on its ball, toes to 3
            pisa fuerte con el derecho junto al izquierdo | stamp the right foot beside the left foot
            baja un puño más | sink 1 fist
            """)
    void spanish(String line, String said) {
        reads(line, Language.SPANISH, said == null ? "" : said);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            右脚跟向一点迈出，肩宽 | right foot steps to 1, 1 shoulder width wide, heel first
            重心移到左脚70% | shift 70 left
            重心全部移到右脚 | shift 100 right
            重心左70右30 | shift 70 left
            重心平均 | shift 50 left
            右脚尖内扣45度 | turn the right foot on its heel, toes in 45°
            左脚尖外摆45度 | turn the left foot on its heel, toes out 45°
            左脚收到右脚旁，脚掌点地 | draw the left foot in, ball beside the right foot
            右脚跟半步 | right foot half step
            左脚后退，脚掌先着地 | left foot steps back, ball first
            左脚向前迈步，脚跟着地 | left foot steps forward, heel first
            提右膝到胯高 | lift the right knee to the hip
            右脚蹬脚向十二点，膝高 | right heel kick to 12 at the knee
            腰左转30度 | waist 30° left
            身体转向西 | waist to 9
            面向北 | waist to 12
            下沉一拳 | sink 1 fist
            起身 | rise
            低架 | low stance
            胸前抱球，左手在上 | hold a ball at the chest, left hand above
            右掌向前推，胸高 | right hand, at the chest, extended, palm forward, fingers up
            左掌心向上，腹高 | left hand, at the navel, palm up
            右手握拳 | right hand, fist
            左勾手，肩高 | left hand, at the shoulder, hook hand
            双手到肩高 | left hand, at the shoulder. right hand, at the shoulder
            看左手 | look at the left hand
            向前看 | look ahead
            吸气 |
            慢慢呼气，两拍 |
            左脚向前，脚跟着地，然后重心移到左60% | left foot steps forward, heel first; shift 60 left
            右脚向左脚旁 | right foot steps beside the left foot
            合掌于胸前 | palms together at the chest
            左脚向前一步，脚跟先着地 | left foot steps forward, heel first
            重心左七右三 | shift 70 left
            右脚以脚跟为轴内扣四十五度 | turn the right foot on its heel, toes in 45°
            右脚蹬脚，向正前方，与髋同高 | right heel kick forward at the hip
            右手升到肩高，掌心向下 | right hand, at the shoulder, palm down
            双手下按到髋 | left hand, at the hip, palm down. right hand, at the hip, palm down
            左脚向后插步 | left foot steps across behind
            左腿独立 | shift 100 left
            右拳收到腰间，拳心向上 | right hand, at the hip, palm up, fist
            右脚后撤一步，前脚掌着地 | right foot steps back, ball first
            右脚踩实 | lower the right foot, flat
            左脚上步，脚跟着地 | left foot steps forward, heel first
            重心移至左腿七成 | shift 70 left
            双掌前推，高与胸平 | left hand, at the chest, extended, palm forward, fingers up. right hand, at the chest, extended, palm forward, fingers up
            右脚向右开步，与肩同宽 | right foot steps level with the left heel, 1 shoulder width wide
            左脚向左前方踢出，高与腰平 | left toe kick 45° left at the navel
            右脚收回并步 | draw the right foot in, ball beside the left foot
            重心移到左脚百分之七十 | shift 70 left
            左脚以前脚掌为轴转向三点 | turn the left foot on its ball, toes to 3
            胯对十二点，胸转到一点半 | hips to 12. chest to 1:30
            两腕在胸前交叉，右手在内，掌心向内 | wrists crossed at the chest, right inside, palms in
            平视前方 | look ahead
            右脚跟与左脚跟对齐 | right foot steps level with the left heel
            """)
    void chinese(String line, String said) {
        reads(line, Language.CHINESE, said == null ? "" : said);
    }
}
