package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Language;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.samples.Samples;
import app.avrel.words.CanonicalText;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** The canonical words of a record are read back as the same record. */
class SaidIsReadBackTest {

    private static final Body BODY = Body.ofStature(1.7);

    private static LineReading read(String line, Wording saying) {
        return new Line(Language.ENGLISH, saying, BODY).read(line, Starting.of(StartPose.SHOULDER_WIDE, BODY));
    }

    @RepeatedTest(400)
    void everyMoveByItself(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Wording saying = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        Move move = samples.move();
        String said = new CanonicalText(saying).words(move);
        LineReading reading = read(said, saying);
        assertThat(reading.moves())
                .as("seed %d: %s%n%s", repetition.getCurrentRepetition(), said, reading.refusals())
                .isEqualTo(List.of(move));
        assertThat(reading.understood()).as(said).isTrue();
    }

    @RepeatedTest(300)
    void everyCountInEveryVocabularyFromEveryFront(RepetitionInfo repetition) {
        Samples samples = new Samples(5000 + repetition.getCurrentRepetition());
        Directions directions = new Directions(samples.one(DirectionWords.values()), samples.facing());
        Wording saying = new Wording(directions, samples.facing(), HouseRules.LARGE_FRAME);
        Count count = bare(samples.count());
        String said = new CanonicalText(saying).line(count);
        LineReading reading = read(said, saying);
        assertThat(bare(reading.count()))
                .as("seed %d: %s%n%s", repetition.getCurrentRepetition(), said, reading.refusals())
                .isEqualTo(count);
    }

    /** What a line can say: no own words, no note, no stage in which nothing moves. */
    private static Count bare(Count count) {
        List<Stage> moving = count.stages().stream()
                .filter(stage -> !stage.moves().isEmpty())
                .toList();
        return new Count(moving, count.beats(), count.pace(), count.breath(), List.of(), "", Optional.empty());
    }
}
