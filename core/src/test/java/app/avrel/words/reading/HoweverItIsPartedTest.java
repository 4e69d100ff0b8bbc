package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A comma, a dash, a full stop, a space in Chinese: whatever parts two things that are done, they are the same two. */
class HoweverItIsPartedTest {

    private static final List<String> ENGLISH = List.of(
            "weight sixty left",
            "right foot steps forward, heel first",
            "left palm down to the knee",
            "waist 30 right",
            "look at the right hand",
            "left toes turn out 45",
            "right hand to the chest",
            "sink half a fist");

    private static final List<String> SPANISH = List.of(
            "sesenta por ciento en la izquierda",
            "el pie derecho avanza",
            "la palma izquierda baja a la rodilla",
            "la cintura gira 30 a la derecha",
            "mira la mano derecha",
            "la mano derecha al pecho");

    private static final List<String> CHINESE = List.of("重心移到左脚", "右脚向前上步", "左手落到胯旁", "腰右转三十度", "眼看右手", "左脚尖外撇四十五度");

    static Stream<Arguments> pairs() {
        return Stream.of(
                        pairs(Language.ENGLISH, ENGLISH, List.of(" - ", " – ", "—", ". ", " and ")),
                        pairs(Language.SPANISH, SPANISH, List.of(" - ", ". ", " y ")),
                        pairs(Language.CHINESE, CHINESE, List.of(" ", "、", "。", "  ")))
                .flatMap(each -> each);
    }

    private static Stream<Arguments> pairs(Language language, List<String> lines, List<String> marks) {
        return lines.stream()
                .flatMap(first -> lines.stream()
                        .filter(second -> !second.equals(first))
                        .flatMap(second -> marks.stream().map(mark -> Arguments.of(language, first, mark, second))));
    }

    private static String said(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.refusals()).as(typed).isEmpty();
        assertThat(reading.questions()).as(typed).isEmpty();
        return Typed.said(reading);
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void twoThingsStayTheSameTwo(Language language, String first, String mark, String second) {
        String comma = language == Language.CHINESE ? "，" : ", ";
        assertThat(said(language, first + mark + second)).isEqualTo(said(language, first + comma + second));
    }

    /** What is told of a limb after a full stop is told of that limb. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right foot east. heel first|right foot steps to 3, heel first",
                "ENGLISH|Left palm up. Navel.|left hand, at the navel, palm up",
                "ENGLISH|shape a ball. left hand under|hold a ball, right hand above",
                "ENGLISH|bring the left hand under the right elbow. palm facing down|palm under elbow, left inside, palms down",
                "SPANISH|todo el peso. izquierda|shift 100 left",
                "SPANISH|puño izquierdo junto a la cadera. nudillos abajo|left hand, at the hip, own side, fist. left hand, palm up",
                "CHINESE|左脚跟为轴；脚尖外撇六十度|turn the left foot on its heel, toes out 60°"
            })
    void aSentenceMayGoOnWithTheOneBefore(Language language, String typed, String canonical) {
        assertThat(said(language, typed)).isEqualTo(canonical);
    }

    /** A semicolon next to "at the same time" or "before" does not part what these put together or in order. */
    @ParameterizedTest
    @CsvSource({"左脚上步；同时左手前推, 左脚上步，同时左手前推", "腰左转三十度之前；左手收到胯旁, 腰左转三十度之前，左手收到胯旁", "提左膝到胯高之前；先把左手放到腹前, 提左膝到胯高之前，先把左手放到腹前"})
    void aSemicolonAddsNothingToAWordOfOrder(String typed, String comma) {
        assertThat(said(Language.CHINESE, typed)).isEqualTo(said(Language.CHINESE, comma));
    }

    /** In one breath, without a mark. */
    @ParameterizedTest
    @CsvSource({
        "ENGLISH, left palm down to the knee sink, 'left palm down to the knee, sink'",
        "ENGLISH, hands to chest right palm out, 'hands to chest, right palm out'",
        "ENGLISH, weight goes onto the left leg look right, 'weight goes onto the left leg, look right'",
        "SPANISH, carga el 80 por ciento en la derecha baja un poco, 'carga el 80 por ciento en la derecha, baja un poco'",
        "CHINESE, 重心移右腿下沉, 重心移右腿，下沉",
        "CHINESE, 重心移右右手到胸前, 重心移右，右手到胸前"
    })
    void inOneBreathNothingIsLost(Language language, String typed, String comma) {
        assertThat(said(language, typed)).isEqualTo(said(language, comma));
    }

    /** The hand on the right is the right hand, and may be said so of every limb that there are two of. */
    @ParameterizedTest
    @CsvSource({
        "ENGLISH, the palm on the right strikes forward, the right palm strikes forward",
        "ENGLISH, the foot on the left steps to ten, the left foot steps to ten",
        "ENGLISH, lift the knee on the right to hip height, lift the right knee to hip height",
        "ENGLISH, the heel on the right comes up, the right heel comes up",
        "ENGLISH, turn the toes on the left out 30, turn the left toes out 30",
        "SPANISH, la mano de la derecha sube al pecho, la mano derecha sube al pecho"
    })
    void aLimbOfASideIsThatSidesLimb(Language language, String typed, String plain) {
        assertThat(said(language, typed)).isEqualTo(said(language, plain));
    }
}
