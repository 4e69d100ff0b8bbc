package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.io.IOException;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A line means the same in whatever signs it is written: numbered, in capitals, with wide signs, in traditional letters. */
class HoweverItIsWrittenTest {

    private static final int EVERY = 6;

    private static final Map<Character, Character> TRADITIONAL = Map.ofEntries(
            Map.entry('脚', '腳'),
            Map.entry('转', '轉'),
            Map.entry('后', '後'),
            Map.entry('抬', '擡'),
            Map.entry('轴', '軸'),
            Map.entry('弯', '彎'),
            Map.entry('从', '從'),
            Map.entry('时', '時'),
            Map.entry('两', '兩'),
            Map.entry('虚', '虛'),
            Map.entry('实', '實'),
            Map.entry('头', '頭'),
            Map.entry('剑', '劍'),
            Map.entry('对', '對'),
            Map.entry('过', '過'),
            Map.entry('动', '動'),
            Map.entry('进', '進'),
            Map.entry('内', '內'),
            Map.entry('点', '點'),
            Map.entry('长', '長'),
            Map.entry('与', '與'),
            Map.entry('齐', '齊'),
            Map.entry('随', '隨'),
            Map.entry('边', '邊'));

    private static Stream<TypedCase> some(int first) throws IOException {
        List<TypedCase> all = TypedCase.all().toList();
        return IntStream.range(0, all.size()).filter(at -> at % EVERY == first).mapToObj(all::get);
    }

    static Stream<TypedCase> oneInSix() throws IOException {
        return some(0);
    }

    static Stream<TypedCase> anotherOneInSix() throws IOException {
        return some(1);
    }

    static Stream<TypedCase> chinese() throws IOException {
        return TypedCase.all().filter(line -> line.language() == Language.CHINESE);
    }

    static Stream<TypedCase> notChinese() throws IOException {
        return some(2).filter(line -> line.language() != Language.CHINESE);
    }

    static Stream<TypedCase> spanish() throws IOException {
        return TypedCase.all().filter(line -> line.language() == Language.SPANISH);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("oneInSix")
    void theNumberOfALineInAListIsNoAmount(TypedCase line) {
        same(line, typed -> "3. " + typed);
        same(line, typed -> "• " + typed);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("anotherOneInSix")
    void howTheLineEndsAndHowWideItsSpacesAreSaysNothing(TypedCase line) {
        same(line, typed -> typed + (line.language() == Language.CHINESE ? "！" : "!"));
        same(line, typed -> " " + typed.replace(' ', '\u00a0') + "\u3000");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("notChinese")
    void capitalsSayNothing(TypedCase line) {
        same(line, typed -> typed.toUpperCase(Locale.ROOT));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("spanish")
    void anAccentMayStandBehindItsLetter(TypedCase line) {
        same(line, typed -> Normalizer.normalize(typed, Normalizer.Form.NFD));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("chinese")
    void traditionalLettersAndWideSignsMeanTheSame(TypedCase line) {
        same(line, typed -> each(typed, letter -> TRADITIONAL.getOrDefault(letter, letter)));
        same(line, typed -> each(typed, letter -> wide(letter)));
    }

    private static char wide(char sign) {
        boolean figure = sign >= '0' && sign <= '9' || sign == '%' || sign == ':' || sign == '/';
        return figure ? (char) (sign - '!' + '！') : sign;
    }

    private static void same(TypedCase line, UnaryOperator<String> written) {
        assertThat(Typed.said(line.read(written.apply(line.typed())))).isEqualTo(Typed.said(line.read()));
    }

    private static String each(String typed, UnaryOperator<Character> letter) {
        StringBuilder written = new StringBuilder();
        for (char typedLetter : typed.toCharArray()) {
            written.append(letter.apply(typedLetter).charValue());
        }
        return written.toString();
    }
}
