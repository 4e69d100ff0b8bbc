package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.words.say.Saying;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What practitioners say in three languages, line by line, and what it records. */
class TypedLinesTest {

    /** How many lines the list must hold at least; raised with it, never lowered. */
    private static final int FLOOR = 6367;

    static Stream<TypedCase> cases() throws IOException {
        return TypedCase.all();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void aLineRecordsWhatIsMeant(TypedCase line) {
        LineReading reading = line.read();
        assertThat(reading.refusals()).isEmpty();
        assertThat(reading.questions()).isEmpty();
        assertThat(Saying.exact(Language.ENGLISH, Typed.SAYING).line(reading.count()))
                .isEqualTo(line.recorded());
    }

    @Test
    void theListNeverShrinks() throws IOException {
        List<TypedCase> all = cases().toList();
        assertThat(all).hasSizeGreaterThanOrEqualTo(FLOOR);
        assertThat(all.stream().map(TypedCase::language)).contains(Language.values());
    }
}
