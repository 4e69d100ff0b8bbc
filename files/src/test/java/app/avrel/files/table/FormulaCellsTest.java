package app.avrel.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A table is text: no cell of it is a formula to a spreadsheet, and it reads back as it was. */
class FormulaCellsTest {

    private static String cell(String text) throws Exception {
        String table = Csv.write(List.of("name"), List.of(List.of(text)));
        return Csv.cell(Csv.read(table, List.of("name")).getFirst(), "name");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "@SUM(A1)", "+cmd|' /C calc'!A0", "-2+3", "=HYPERLINK(\"http://x\")", "-left"})
    void noCellIsAFormula(String text) throws Exception {
        String table = Csv.write(List.of("name"), List.of(List.of(text)));
        String line = table.lines().skip(1).findFirst().orElseThrow();
        assertThat(line.replace("\"", "")).startsWith("'");
        assertThat(cell(text)).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-12", "+3.5", "12:30", "Lean on the Gate", "left", "it's", "a = b", "-0,5"})
    void whatIsNoFormulaStaysAsItIs(String text) throws Exception {
        String table = Csv.write(List.of("name"), List.of(List.of(text)));
        assertThat(table.lines().skip(1).findFirst().orElseThrow().replace("\"", ""))
                .isEqualTo(text);
        assertThat(cell(text)).isEqualTo(text);
    }

    @Test
    void whateverIsWrittenReadsBack() throws Exception {
        Random random = new Random(12);
        String letters = "=+-@'\",;ab 1|é伏";
        for (int i = 0; i < 4000; i++) {
            StringBuilder text = new StringBuilder("x");
            for (int k = random.nextInt(8); k > 0; k--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            String wanted = (random.nextBoolean() ? "=" : "") + text.toString().strip();
            assertThat(cell(wanted)).isEqualTo(wanted);
        }
    }
}
