package app.avrel.desktop.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class WrappingTest {

    @Test
    void wordsBreakAtSpaces() {
        assertThat(Wrapping.lines("right heel out, half a shoulder wide", 12, 4))
                .containsExactly("right heel", "out, half a", "shoulder", "wide");
    }

    @Test
    void chineseBreaksBetweenCharactersEachAsWideAsTwoLetters() {
        assertThat(Wrapping.lines("重心移到左脚", 6, 3)).containsExactly("重心移", "到左脚");
    }

    @Test
    void whatIsCutEndsInAnEllipsis() {
        assertThat(Wrapping.lines("right heel out, half a shoulder wide", 12, 2))
                .containsExactly("right heel", "out, half a…");
        assertThat(Wrapping.lines("shoulderwidth", 8, 1)).containsExactly("shoulde…");
    }

    @Test
    void nothingIsOneEmptyLine() {
        assertThat(Wrapping.lines("", 10, 2)).containsExactly("");
    }

    @Test
    void aBriefNameKeepsWholeWordsAndDropsSmallOnesAtItsEnd() {
        assertThat(Wrapping.brief("Hold up the Eaves", 20, 1)).containsExactly("Hold up the Eaves");
        assertThat(Wrapping.brief("Hold up the Eaves", 12, 1)).containsExactly("Hold");
        assertThat(Wrapping.brief("Kick the Stone", 8, 2)).containsExactly("Kick the", "Stone");
        assertThat(Wrapping.brief("Raise", 3, 1)).isEmpty();
    }

    @RepeatedTest(40)
    void noLineIsWiderThanAskedAndNoWordIsLostWhereThereIsRoom(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < random.nextInt(1, 30); i++) {
            words.append("x".repeat(random.nextInt(1, 9))).append(' ');
        }
        String asked = words.toString().strip();
        String[] lines = Wrapping.lines(asked, 14, 100);
        assertThat(String.join(" ", lines))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEqualTo(asked);
        assertThat(lines).allMatch(line -> line.length() <= 14);
    }
}
