package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is left out of a sentence is left out; what it says is so. */
class GuideIsTrueTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Performer PERFORMER = Performing.of(BODY, HouseRules.LARGE_FRAME);

    static Stream<Arguments> moves() {
        return Stream.of(Language.values())
                .flatMap(language -> Stream.of(Register.EXPLAIN, Register.GUIDE)
                        .flatMap(register -> IntStream.rangeClosed(1, 400)
                                .mapToObj(seed -> Arguments.of(language, register, seed))));
    }

    @ParameterizedTest
    @MethodSource("moves")
    void everyMoveThatIsHeardIsRecorded(Language language, Register register, int seed) {
        Move move = new Samples(seed).move();
        Pose before = Starting.of(StartPose.SHOULDER_WIDE, BODY);
        List<Stage> stages = List.of(Stage.of(move));
        Scene scene = new Scene(stages.getFirst(), before, PERFORMER.after(before, stages, 0));
        Telling telling = new Telling(language, register, WORDING);
        String said = telling.sentences(telling.of(List.of(scene), Layer.EVERYTHING, register == Register.EXPLAIN));
        LineReading heard = new Line(language, WORDING, BODY).read(said, before);
        assertThat(heard.moves()).as("%s %s", said, move).allMatch(some -> SaysLess.than(some, move));
    }
}
