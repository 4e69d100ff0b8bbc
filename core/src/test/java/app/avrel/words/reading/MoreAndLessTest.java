package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Of the weight one tells how much a foot bears, or by how much more or less than before: the second is counted from there. */
class MoreAndLessTest {

    private static final int CASES = 60;

    private static String said(Language language, String typed, String from) {
        LineReading said = Typed.read(typed, language, Typed.standing(from));
        assertThat(said.refusals()).isEmpty();
        assertThat(said.questions()).isEmpty();
        return Typed.said(said);
    }

    private static Stream<Arguments> changes() {
        Random random = new Random(41);
        return IntStream.range(0, CASES).mapToObj(_ -> {
            int before = 5 * (2 + random.nextInt(17));
            int most = Math.min(45, Math.min(before, 100 - before));
            int change = 5 * (1 + random.nextInt(Math.max(1, most / 5)));
            return Arguments.of(before, Math.min(change, Math.max(5, most)));
        });
    }

    private static String left(int percent) {
        return percent >= 50 ? "shift " + percent + " left" : "shift " + (100 - percent) + " right";
    }

    @ParameterizedTest(name = "{1} more than {0}")
    @MethodSource("changes")
    void soMuchMoreIsCountedFromWhatTheFootBears(int before, int change) {
        String from = left(before);
        String more = left(before + change);
        assertThat(said(Language.ENGLISH, "give the left leg another " + change + " percent", from))
                .isEqualTo(more);
        assertThat(said(Language.ENGLISH, change + " percent more on the left", from))
                .isEqualTo(more);
        assertThat(said(Language.ENGLISH, "take " + change + " percent off the right leg", from))
                .isEqualTo(more);
        assertThat(said(Language.SPANISH, "añade un " + change + " por ciento a la izquierda", from))
                .isEqualTo(more);
        assertThat(said(Language.CHINESE, "左腿再加百分之" + change, from)).isEqualTo(more);
    }

    @ParameterizedTest(name = "{1} less than {0}")
    @MethodSource("changes")
    void soMuchLessIsTheOthersMore(int before, int change) {
        String from = left(before);
        String less = left(before - change);
        assertThat(said(Language.ENGLISH, change + " percent less on the left", from))
                .isEqualTo(less);
        assertThat(said(Language.ENGLISH, "let " + change + " percent drain from the left foot into the right", from))
                .isEqualTo(less);
        assertThat(said(Language.SPANISH, "quita un " + change + " por ciento a la izquierda", from))
                .isEqualTo(less);
        assertThat(said(Language.CHINESE, "左腿减百分之" + change, from)).isEqualTo(less);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | weight goes to the left leg until the right is weightless | shift 100 left
            ENGLISH | seventy from the right to the left | shift 70 left
            ENGLISH | somewhere between sixty and seventy on the left | shift 60 to 70 left
            SPANISH | cincuenta y cincuenta, luego ochenta a la izquierda | shift 50 left; shift 80 left
            SPANISH | peso igual | shift 50 left
            CHINESE | 重心几乎都在右腿 | shift 85 to 100 right
            CHINESE | 重心大部在左 | shift 51 to 100 left
            """)
    void whatIsToldAsTheEndIsTheEnd(Language language, String typed, String canonical) {
        assertThat(said(language, typed, "")).isEqualTo(canonical);
    }
}
