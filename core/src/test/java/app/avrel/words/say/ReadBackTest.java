package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is recorded, said exactly in any language and typed again, is the same record. */
class ReadBackTest {

    private static final Body BODY = Body.ofStature(1.7);

    static Stream<Arguments> moves() {
        return each(300);
    }

    static Stream<Arguments> counts() {
        return each(300);
    }

    private static Stream<Arguments> each(int times) {
        return Stream.of(Language.values())
                .flatMap(language -> IntStream.rangeClosed(1, times).mapToObj(seed -> Arguments.of(language, seed)));
    }

    private static LineReading read(Language language, String line, Wording saying) {
        return new Line(language, saying, BODY).read(line, Starting.of(StartPose.SHOULDER_WIDE, BODY));
    }

    @ParameterizedTest
    @MethodSource("moves")
    void everyMoveByItself(Language language, int seed) {
        Samples samples = new Samples(seed);
        Wording saying = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        Move move = samples.move();
        String said = new Saying(language, Register.EXACT, saying).words(move);
        LineReading reading = read(language, said, saying);
        assertThat(reading.moves()).as("%s: %s", said, reading.refusals()).isEqualTo(List.of(move));
        assertThat(reading.understood()).as(said).isTrue();
    }

    @ParameterizedTest
    @MethodSource("counts")
    void everyCountInEveryVocabularyFromEveryFront(Language language, int seed) {
        Samples samples = new Samples(5000 + seed);
        Directions directions = new Directions(samples.one(DirectionWords.values()), samples.facing(), List.of());
        Wording saying = new Wording(directions, samples.facing(), HouseRules.LARGE_FRAME);
        Count count = bare(samples.count());
        String said = new Saying(language, Register.EXACT, saying).line(count);
        LineReading reading = read(language, said, saying);
        assertThat(bare(reading.count())).as("%s: %s", said, reading.refusals()).isEqualTo(count);
    }

    /** What a line can say: no own words, no note, no stage in which nothing moves. */
    private static Count bare(Count count) {
        List<Stage> moving = count.stages().stream()
                .filter(stage -> !stage.moves().isEmpty())
                .toList();
        return new Count(
                moving, count.beats(), count.pace(), count.breath(), List.of(), "", Optional.empty(), Optional.empty());
    }
}
