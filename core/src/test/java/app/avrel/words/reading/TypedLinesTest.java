package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.motion.Pose;
import app.avrel.posture.count.Language;
import app.avrel.words.CanonicalText;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What practitioners say in three languages, line by line, and what it records. */
class TypedLinesTest {

    /** How many lines the list must hold at least; raised with it, never lowered. */
    private static final int FLOOR = 780;

    private record Case(Language language, String start, String typed, String recorded) {

        @Override
        public String toString() {
            return typed;
        }
    }

    static Stream<Case> cases() throws IOException {
        try (var in = TypedLinesTest.class.getResourceAsStream("lines.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> !line.startsWith("#") && !line.isBlank())
                            .map(TypedLinesTest::read)
                            .toList()
                            .stream();
        }
    }

    private static Case read(String line) {
        String[] fields = line.split(" \\|( |$)", -1);
        return new Case(language(fields[0]), fields[1].strip(), fields[2], fields[3].strip());
    }

    private static Language language(String code) {
        return Stream.of(Language.values())
                .filter(some -> some.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void aLineRecordsWhatIsMeant(Case line) {
        Pose usual = Typed.standing("");
        Pose from = line.start().isEmpty()
                ? usual
                : new Standings(Typed.SAYING, Typed.BODY)
                        .find(line.start(), usual)
                        .orElseThrow();
        LineReading reading = Typed.read(line.typed(), line.language(), from);
        assertThat(reading.refusals()).isEmpty();
        assertThat(reading.questions()).isEmpty();
        assertThat(new CanonicalText(Typed.SAYING).line(reading.count())).isEqualTo(line.recorded());
    }

    @Test
    void theListNeverShrinks() throws IOException {
        List<Case> all = cases().toList();
        assertThat(all).hasSizeGreaterThanOrEqualTo(FLOOR);
        assertThat(all.stream().map(Case::language)).contains(Language.values());
    }
}
