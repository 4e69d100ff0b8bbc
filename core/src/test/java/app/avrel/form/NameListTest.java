package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.form.NameList.Heading;
import app.avrel.form.NameList.Named;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameListTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            Lean on the Gate | Lean on the Gate | - | 1
            1. Lean on the Gate | Lean on the Gate | - | 1
            12) Lean on the Gate (right) | Lean on the Gate | RIGHT | 1
            Lean on the Gate, L | Lean on the Gate | LEFT | 1
            Lean on the Gate – left side | Lean on the Gate | LEFT | 1
            Turn the Millwheel x2 | Turn the Millwheel | - | 2
            Turn the Millwheel (3x) | Turn the Millwheel | - | 3
            Turn the Millwheel, right, twice | Turn the Millwheel | RIGHT | 2
            Turn the Millwheel,left,3 | Turn the Millwheel | LEFT | 3
            - Turn the Millwheel four times | Turn the Millwheel | - | 4
            提灯 (right) | 提灯 | RIGHT | 1
            """)
    void aLineIsReadInTheUsualWaysOfWritingIt(String line, String name, String side, int times) {
        Optional<Side> on = side.equals("-") ? Optional.empty() : Optional.of(Side.valueOf(side));
        assertThat(NameList.parse(line).lines()).containsExactly(new Named(name, on, times));
    }

    @Test
    void sidesOneAfterTheOtherAreEntriesOfTheirOwnAndTheSameSideAgainIsARepeat() {
        assertThat(NameList.parse("Lean on the Gate (right, right, left)").postures())
                .containsExactly(
                        new Named("Lean on the Gate", Optional.of(Side.RIGHT), 2),
                        new Named("Lean on the Gate", Optional.of(Side.LEFT), 1));
        assertThat(NameList.parse("Lean on the Gate, both sides").postures()).hasSize(2);
    }

    @Test
    void aLineWithAColonBeginsAPartAndATableHeadIsPassedOver() {
        assertThat(NameList.parse("name,side,times\nThe weir:\n\nOpen the Sluice\n# The mill\nBar the Door")
                        .lines())
                .containsExactly(
                        new Heading("The weir"),
                        new Named("Open the Sluice", Optional.empty(), 1),
                        new Heading("The mill"),
                        new Named("Bar the Door", Optional.empty(), 1));
    }
}
