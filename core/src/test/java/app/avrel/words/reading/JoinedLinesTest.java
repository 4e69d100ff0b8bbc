package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
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

    /** The same where a line is several clauses: a name of a stance is then often done already. Only ever lowered. */
    private static final int MOST_OF_LONGER = 5;

    private static final int MANY = 1000;

    /** How many of so many may differ, where the one is of hands and the other is not. Only ever lowered. */
    private static final int MOST_OF_OTHER_LIMBS = 0;

    private static final int LONGEST = 70;

    private static List<String> between(Language language) {
        return switch (language) {
            case ENGLISH -> List.of(", then ", " and then ", " and ", " while ", ", ", "; ", " and at the same time ");
            case SPANISH -> List.of(", luego ", " y después ", " y ", " mientras ", ", ", "; ", " y a la vez ");
            case CHINESE -> List.of("，然后", "，同时", "，", "；", "，接着");
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

    /** Lines that are one stage, of as many clauses as they have. */
    private static List<TypedCase> longerLines(Language language) throws IOException {
        return TypedCase.all()
                .filter(line -> line.language() == language && line.start().isEmpty())
                .filter(line -> Stream.of(";", "beat", "held", "breath").noneMatch(line.recorded()::contains))
                .filter(line -> !line.recorded().isEmpty() && line.typed().length() < LONGEST)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void eachKeepsItsMeaning(Language language) throws IOException {
        assertThat(differing(lines(language), between(language), new Samples(language.ordinal() + 1)))
                .hasSizeLessThanOrEqualTo(PAIRS * MOST / 100);
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void soDoLinesOfSeveralClauses(Language language) throws IOException {
        assertThat(differing(longerLines(language), between(language), new Samples(language.ordinal() + 7)))
                .hasSizeLessThanOrEqualTo(PAIRS * MOST_OF_LONGER / 100);
    }

    /** The hand and the feet, the eyes and the weight: what one line says of the one is never taken for the other. */
    @ParameterizedTest
    @EnumSource(Language.class)
    void whatIsOfOtherLimbsKeepsItsMeaningTheMore(Language language) throws IOException {
        List<TypedCase> lines = lines(language);
        Samples samples = new Samples(language.ordinal() + 11);
        List<TypedCase> hands = lines.stream()
                .filter(line -> is(line, true) && howeverOneFaces(line))
                .toList();
        List<TypedCase> others = lines.stream().filter(line -> is(line, false)).toList();
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            boolean handsFirst = samples.number(0, 1) == 0;
            List<TypedCase> before = handsFirst ? hands : others;
            List<TypedCase> after = handsFirst ? others : hands;
            wrong.addAll(differing(before, after, between(language), samples));
        }
        assertThat(wrong).hasSizeLessThanOrEqualTo(MOST_OF_OTHER_LIMBS);
    }

    /** A palm that looks to three looks forward once the body has turned there: such a line means another thing after a turn. */
    private static boolean howeverOneFaces(TypedCase line) {
        Pose turned = Typed.standing("waist to 9");
        return Typed.read(line.typed(), line.language(), turned)
                .moves()
                .equals(line.read().moves());
    }

    /** Whether a line is of hands alone, or of everything but them. */
    private static boolean is(TypedCase line, boolean ofHands) {
        List<Move> moves = line.read().moves();
        return !moves.isEmpty()
                && moves.stream()
                        .allMatch(
                                move -> !(move instanceof Move.HandleProp) && move instanceof Move.OfHands == ofHands);
    }

    /** {@return pairs that are understood, and as something else than each by itself} */
    private static List<String> differing(List<TypedCase> lines, List<String> between, Samples samples) {
        List<String> other = new ArrayList<>();
        for (int i = 0; i < PAIRS; i++) {
            other.addAll(differing(lines, lines, between, samples));
        }
        return other;
    }

    /** {@return one of these and one of those, joined, where that says something else} */
    private static List<String> differing(
            List<TypedCase> before, List<TypedCase> after, List<String> between, Samples samples) {
        TypedCase first = before.get(samples.number(0, before.size() - 1));
        TypedCase second = after.get(samples.number(0, after.size() - 1));
        String joined = first.typed() + between.get(samples.number(0, between.size() - 1)) + second.typed();
        LineReading reading = first.read(joined);
        Set<String> each = moves(first.read());
        each.addAll(moves(second.read()));
        boolean asks = !reading.questions().isEmpty() || !reading.refusals().isEmpty();
        return asks || moves(reading).equals(each) ? List.of() : List.of(joined);
    }
}
