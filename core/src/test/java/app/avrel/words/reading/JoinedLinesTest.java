package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.samples.Samples;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Two lines said one after the other mean what each means by itself: a word of the second is never taken for the first.
 *
 * <p>A few pairs are left out of account: where both say the same, the second adds nothing.
 */
class JoinedLinesTest {

    private static final int PAIRS = 300;

    /** How many of a hundred may differ: what undoes, outdoes or repeats the other. Only ever lowered. */
    private static final int MOST = 3;

    private static List<String> between(Language language) {
        return switch (language) {
            case ENGLISH -> List.of(", then ", " and then ", " and ", " while ", ", ");
            case SPANISH -> List.of(", luego ", " y después ", " y ", " mientras ", ", ");
            case CHINESE -> List.of("，然后", "，同时", "，");
        };
    }

    /** Short lines that are one stage and no answer to what was said before. */
    private static List<TypedCase> lines(Language language) throws IOException {
        return TypedCase.all()
                .filter(line -> line.language() == language && line.start().isEmpty())
                .filter(line -> Stream.of(";", ".", "beat", "held", "breath").noneMatch(line.recorded()::contains))
                .filter(line -> Stream.of(",", "，", ";").noneMatch(line.typed()::contains))
                .filter(line -> !line.recorded().isEmpty())
                .toList();
    }

    private static Set<String> moves(LineReading reading) {
        Set<String> moves = new HashSet<>();
        reading.moves().forEach(move -> moves.add(move.toString()));
        return moves;
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void eachKeepsItsMeaning(Language language) throws IOException {
        List<TypedCase> lines = lines(language);
        Samples samples = new Samples(language.ordinal() + 1);
        List<String> other = new ArrayList<>();
        for (int i = 0; i < PAIRS; i++) {
            TypedCase first = lines.get(samples.number(0, lines.size() - 1));
            TypedCase second = lines.get(samples.number(0, lines.size() - 1));
            List<String> words = between(language);
            String joined = first.typed() + words.get(samples.number(0, words.size() - 1)) + second.typed();
            LineReading reading = first.read(joined);
            Set<String> each = moves(first.read());
            each.addAll(moves(second.read()));
            boolean asks = !reading.questions().isEmpty() || !reading.refusals().isEmpty();
            if (!asks && !moves(reading).equals(each)) {
                other.add(joined);
            }
        }
        assertThat(other).hasSizeLessThanOrEqualTo(PAIRS * MOST / 100);
    }
}
