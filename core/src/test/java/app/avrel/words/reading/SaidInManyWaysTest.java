package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two or three moves are the same moves however they are said and joined: as commands, as what the limbs do, one beside the
 * other or one after the other, with commas or without.
 */
class SaidInManyWaysTest {

    private static final int LINES = 600;

    static Stream<Arguments> lines() {
        return Stream.of(Language.values()).flatMap(language -> {
            ManyWays ways = ManyWays.of(language);
            return IntStream.range(0, LINES).mapToObj(seed -> Arguments.of(language, ways.line(seed)));
        });
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("lines")
    void movesStayTheSameHoweverTheyAreJoined(Language language, ManyWays.Made line) {
        LineReading reading = Typed.in(language, line.typed());
        assertThat(reading.refusals()).as(line.typed()).isEmpty();
        assertThat(reading.questions()).as(line.typed()).isEmpty();
        assertThat(stages(reading)).as(line.typed()).isEqualTo(line.records());
    }

    private static List<Set<String>> stages(LineReading reading) {
        return Stream.of(Typed.said(reading).split("; "))
                .map(stage -> together(List.of(stage.split("\\. "))))
                .toList();
    }

    /** Where a hand goes and how it looks there may be two moves: they are one, if nothing of it is said twice. */
    private static Set<String> together(Collection<String> moves) {
        Map<String, List<String>> hands = new LinkedHashMap<>();
        for (String move : moves) {
            List<String> said = List.of(move.split(", "));
            boolean hand = said.getFirst().endsWith(" hand");
            List<String> all = hands.computeIfAbsent(hand ? said.getFirst() : move, _ -> new ArrayList<>());
            all.addAll(hand ? said.subList(1, said.size()) : List.of());
        }
        return hands.entrySet().stream()
                .map(entry -> Stream.concat(Stream.of(entry.getKey()), entry.getValue().stream())
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
