package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.count.Stage;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is done before what, where nobody types a comma between the two. */
class OrderWithoutACommaTest {

    /** Two things that different limbs do, in each language: the first ones a whole clause, the second ones as they are called. */
    private static final List<String> FIRST = List.of(
            "the left foot steps forward",
            "the right heel lifts",
            "the weight is on the left",
            "the left palm comes to the chest",
            "the waist turns to ten",
            "the fan opens");

    private static final List<String> NEXT = List.of(
            "the right palm pushes at shoulder height",
            "the right hand rises to the brow",
            "look at the right hand",
            "sink a little",
            "turn the right toes in thirty");

    private static final List<String> PRIMERO = List.of(
            "el pie izquierdo da un paso adelante",
            "el peso está en la izquierda",
            "la palma izquierda llega al pecho",
            "la cintura gira a las diez");

    private static final List<String> LUEGO = List.of(
            "la palma derecha empuja a la altura del hombro",
            "mira la mano derecha",
            "la mano derecha sube a la frente",
            "la punta derecha entra treinta");

    private static final List<String> EARLIER = List.of("左脚向前上步", "重心移到左腿", "左掌提到胸前", "腰转到十点", "右手举到额前");

    private static final List<String> LATER = List.of("右掌推出", "右手落到胯旁", "右脚跟提起", "眼看左手");

    private static Stream<Arguments> pairs() {
        return Stream.of(
                        cross(Language.ENGLISH, FIRST, NEXT, "after %s, %s", "after %s %s"),
                        cross(Language.ENGLISH, FIRST, NEXT, "once %s, %s", "once %s %s"),
                        cross(Language.ENGLISH, FIRST, NEXT, "before %s, %s", "before %s %s"),
                        cross(Language.SPANISH, PRIMERO, LUEGO, "cuando %s, %s", "cuando %s %s"),
                        cross(Language.CHINESE, EARLIER, LATER, "先%s，再%s", "先%s再%s"),
                        cross(Language.CHINESE, EARLIER, LATER, "%s，再%s", "%s再%s"),
                        cross(Language.CHINESE, EARLIER, LATER, "%s之后，%s", "%s之后%s"))
                .flatMap(all -> all);
    }

    private static Stream<Arguments> cross(
            Language language, List<String> first, List<String> next, String parted, String joined) {
        return first.stream()
                .flatMap(one -> next.stream()
                        .map(other ->
                                Arguments.of(language, parted.formatted(one, other), joined.formatted(one, other))));
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("pairs")
    void itIsTheSameOrderWithACommaAndWithout(Language language, String parted, String joined) {
        List<Stage> apart = read(language, parted).stages();
        assertThat(apart).as("stages of %s", parted).hasSize(2);
        assertThat(read(language, joined).stages()).isEqualTo(apart);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | before the left hand goes to the hip and the right hand rises to the chest sink a little | sink; left hand, at the hip. right hand, at the chest
            ENGLISH | when the right palm faces up and the weight eases right somewhat the left toes swing round to half past ten | right hand, palm up. shift 51 to 100 right; turn the left foot on its heel, toes to 10:30
            ENGLISH | when the left palm reaches the chest the right pushes forward | left hand, at the chest; right hand, extended, palm forward
            ENGLISH | once the left palm is at the chest while the left foot steps forward, shift seventy left | left hand, at the chest. left foot steps forward; shift 70 left
            SPANISH | cuando el puño izquierdo está junto a la cadera, nudillos abajo, el pie izquierdo pivota hasta las diez | left hand, at the hip, own side, palm up, fist; turn the left foot on its heel, toes to 10
            SPANISH | cuando la pierna derecha está llena, la izquierda vacía, el pie izquierdo sale a las once | shift 100 right; left foot steps to 11
            CHINESE | 重心右70%后左脚退到右脚后面 | shift 70 right; left foot steps back
            CHINESE | 先右手抬到额前再左实右虚 | right hand, at the brow, centre line; shift 100 left
            """)
    void whatBelongsToTheFirstStaysWithIt(Language language, String typed, String canonical) {
        LineReading said = read(language, typed);
        assertThat(said.refusals()).isEmpty();
        assertThat(Typed.said(said)).isEqualTo(canonical);
    }

    private static LineReading read(Language language, String typed) {
        return Typed.read(typed, language, Typed.standing(""));
    }
}
