package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Lexicon;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever is typed, reading it ends well. */
class AnyLineTest {

    private static final List<String> ODD = List.of(
            "-5",
            "9999999999999",
            "1:99",
            "60/60",
            "°",
            "%",
            "25:61",
            "-180 left",
            "500 degrees",
            "5000 cm",
            "-2 fists",
            "—",
            "😀",
            "''",
            "0",
            "100000 beats",
            "and",
            "then",
            ";",
            ".",
            ",",
            "(",
            "to",
            "½");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH | sit to shoulder width",
                "ENGLISH | sink to hip width, then rise",
                "ENGLISH | waist to three, turn both feet to the right to three",
                "SPANISH | empuja las dos manos a las tres girando a las tres pivota los dos pies a la derecha",
                "SPANISH | mira a la mano derecha y luego a las doce, con la espada a la altura del pecho la mano izquierda suelta la espada"
            })
    void whatIsLeftOverIsAWordThatWasTyped(Language language, String line) {
        LineReading read = Typed.in(language, line);
        assertThat(read.refusals())
                .allSatisfy(refusal ->
                        assertThat(refusal.word()).as("a word that was typed").isNotBlank());
    }

    @RepeatedTest(300)
    void saladsOfKnownWordsNeverThrow(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        for (Language language : Language.values()) {
            String line = salad(random, language);
            assertThatCode(() -> Typed.read(line, language, Typed.standing("all left; lift the right knee")))
                    .as("seed %d: %s", repetition.getCurrentRepetition(), line)
                    .doesNotThrowAnyException();
        }
    }

    private static String salad(Random random, Language language) {
        List<String> words = List.copyOf(Lexicon.of(language).forms());
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < random.nextInt(1, 14); i++) {
            boolean odd = random.nextInt(6) == 0;
            line.append(odd ? ODD.get(random.nextInt(ODD.size())) : words.get(random.nextInt(words.size())))
                    .append(random.nextInt(5) == 0 ? ", " : " ");
        }
        return line.toString();
    }

    /** What a record refuses is told as not understood, whatever stands before and after it. */
    @Test
    void whatNoRecordCanHoldIsMarkedAndNeverThrown() {
        for (String line : List.of(
                "right hand -0.4 shoulder widths from the other foot",
                "left hand -2 fists outside the left knee",
                "hold a ball -1 foot wide, left hand above",
                "hands side by side, -5 cm apart")) {
            LineReading reading = Typed.english(line);
            assertThat(reading.understood()).as(line).isFalse();
        }
    }

    @Test
    void anEmptyLineSaysNothing() {
        LineReading reading = Typed.english("  ");
        assertThat(reading.stages()).isEmpty();
        assertThat(reading.words()).isEmpty();
        assertThat(reading.understood()).isFalse();
    }

    @Test
    void caseCommasAndFillersDoNotMatter() {
        String plain = Typed.said(Typed.english("left foot forward, heel first, toes out 30"));
        assertThat(Typed.said(Typed.english("Now GENTLY your Left foot forward heel first toes out 30")))
                .isEqualTo(plain);
        assertThat(Typed.said(Typed.english("forward with the left foot: heel first; toes out 30")))
                .startsWith("left foot steps forward, heel first");
    }

    @Test
    void aHalfTypedWordIsCompletedShortestFirst() {
        Line line = new Line(Language.ENGLISH, Typed.SAYING, Typed.BODY);
        assertThat(line.goingOn("should")).contains("shoulder", "shoulder width");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "ENGLISH, turn the purple, purple, ",
        "ENGLISH, hand at the moon, moon, door",
        "SPANISH, pie izquierdo a la zanfona, zanfona, ",
        "CHINESE, 右手到紫, 紫, ",
    })
    void aWordThatNobodyKnowsIsToldFromOneThatOnlyStandsWhereItCannot(
            Language language, String typed, String word, @Nullable String near) {
        LineReading reading = new Line(language, Typed.SAYING, Typed.BODY).read(typed, Typed.standing(""));
        assertThat(reading.refusals())
                .filteredOn(refusal -> refusal.word().equals(word))
                .singleElement()
                .satisfies(refusal -> {
                    assertThat(refusal.known()).isFalse();
                    assertThat(refusal.near()).isEqualTo(Optional.ofNullable(near));
                });
    }
}
