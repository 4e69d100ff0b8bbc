package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** However it is said that one thing is done after another, it is two stages, and the same two. */
class WordsOfOrderTest {

    private static List<String> ways(Language language) {
        return switch (language) {
            case ENGLISH ->
                List.of(
                        "X, then Y",
                        "X and then Y",
                        "first X, then Y",
                        "once X, Y",
                        "after X, Y",
                        "Y after X",
                        "Y once X",
                        "X before Y",
                        "before Y, X",
                        "X, and after that Y");
            case SPANISH ->
                List.of(
                        "X, luego Y",
                        "X y luego Y",
                        "primero X, luego Y",
                        "X y después Y",
                        "una vez que X, Y",
                        "X, a continuación Y",
                        "X y entonces Y",
                        "X, y después Y");
            case CHINESE ->
                List.of("X，然后Y", "X，再Y", "先X，再Y", "先X，然后Y", "X，接着Y", "X之后Y", "X之后，Y", "等X后，Y", "Y之前先X", "先X后Y");
        };
    }

    private static List<String> first(Language language) {
        return switch (language) {
            case ENGLISH ->
                List.of(
                        "the left foot steps forward",
                        "the weight shifts to the left",
                        "the left hand rises to the chest",
                        "the left heel lifts",
                        "the left toes turn out 30",
                        "the body sinks");
            case SPANISH ->
                List.of(
                        "el pie izquierdo avanza",
                        "el peso pasa a la izquierda",
                        "la mano izquierda sube al pecho",
                        "el talón izquierdo sube",
                        "la punta izquierda se abre 30",
                        "el cuerpo baja");
            case CHINESE -> List.of("左脚上步", "重心移到左脚", "左手上举到胸前", "左脚跟提起", "左脚尖外摆三十度", "身体下沉");
        };
    }

    private static List<String> second(Language language) {
        return switch (language) {
            case ENGLISH ->
                List.of(
                        "the right hand pushes forward",
                        "the right knee lifts",
                        "the eyes look right",
                        "the right foot steps back",
                        "both hands press down to the hips");
            case SPANISH ->
                List.of(
                        "la mano derecha empuja adelante",
                        "la rodilla derecha sube",
                        "los ojos miran a la derecha",
                        "el pie derecho retrocede",
                        "las dos manos bajan a la cadera");
            case CHINESE -> List.of("右手前推", "右膝提起", "眼看右方", "右脚后退", "两手按到胯旁");
        };
    }

    static Stream<Arguments> said() {
        return Stream.of(Language.values())
                .flatMap(language -> ways(language).stream().map(way -> Arguments.of(language, way)));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("said")
    void oneAfterTheOtherIsTwoStages(Language language, String way) {
        for (String first : first(language)) {
            for (String second : second(language)) {
                String typed = way.replace("X", first).replace("Y", second);
                String plain = ways(language).getFirst().replace("X", first).replace("Y", second);
                LineReading reading = Typed.read(typed, language, Typed.standing(""));
                assertThat(reading.stages()).as(typed).hasSize(2);
                assertThat(Typed.said(reading))
                        .as(typed)
                        .isEqualTo(Typed.said(Typed.read(plain, language, Typed.standing(""))));
            }
        }
    }

    /** How many of sixty may lose something without a question. Only ever lowered. */
    private static final int MOST = 2;

    @ParameterizedTest
    @EnumSource(Language.class)
    void whatIsSaidInOneBreathWithNoMarkBetweenLosesNothing(Language language) {
        String space = language == Language.CHINESE ? "" : " ";
        List<String> lost = new ArrayList<>();
        for (String first : first(language)) {
            for (String second : second(language)) {
                Set<Move> each = moves(language, first);
                each.addAll(moves(language, second));
                Stream.of(first + space + second, second + space + first)
                        .filter(typed -> asksNothing(language, typed)
                                && !moves(language, typed).equals(each))
                        .forEach(lost::add);
            }
        }
        assertThat(lost).hasSizeLessThanOrEqualTo(MOST);
    }

    private static boolean asksNothing(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        return reading.questions().isEmpty() && reading.refusals().isEmpty();
    }

    private static Set<Move> moves(Language language, String typed) {
        return new HashSet<>(Typed.read(typed, language, Typed.standing("")).moves());
    }
}
