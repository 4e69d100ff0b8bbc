package app.avrel.words.reading;

import app.avrel.label.Language;
import app.avrel.motion.Pose;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/**
 * A line as a practitioner types it, and what it records.
 *
 * @param start how one stands before it; empty for shoulder-wide
 * @param recorded in canonical text
 */
record TypedCase(Language language, String start, String typed, String recorded) {

    /** {@return the lines of the list, in its order} */
    static Stream<TypedCase> all() throws IOException {
        try (var in = TypedCase.class.getResourceAsStream("lines.txt")) {
            List<TypedCase> cases = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(TypedCase::of)
                    .toList();
            return cases.stream();
        }
    }

    private static TypedCase of(String line) {
        String[] fields = line.split(" \\|( |$)", -1);
        return new TypedCase(language(fields[0]), fields[1].strip(), fields[2], fields[3].strip());
    }

    private static Language language(String code) {
        return Stream.of(Language.values())
                .filter(some -> some.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    LineReading read() {
        return read(typed);
    }

    /** {@return how another line is read from the same start} */
    LineReading read(String line) {
        Pose usual = Typed.standing("");
        Pose from = start.isEmpty()
                ? usual
                : new Standings(Typed.SAYING, Typed.BODY).find(start, usual).orElseThrow();
        return Typed.read(line, language, from);
    }

    @Override
    public String toString() {
        return typed;
    }
}
