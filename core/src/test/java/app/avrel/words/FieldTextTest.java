package app.avrel.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRules;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands in a field can be typed there: every text is read back as what it was made from. */
class FieldTextTest {

    private static Wording saying(Samples samples) {
        Directions directions = new Directions(samples.one(DirectionWords.values()), samples.facing(), List.of());
        return new Wording(directions, samples.facing(), HouseRules.LARGE_FRAME);
    }

    @RepeatedTest(100)
    void whatAFieldShowsIsReadBack(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Wording saying = saying(samples).withFront(samples.facing());
        Split split = samples.split();
        assertThat(SplitText.parse(SplitText.say(split)))
                .as(SplitText.say(split))
                .contains(split);
        Depth depth = samples.depth();
        assertThat(DepthText.parse(DepthText.say(depth)))
                .as(DepthText.say(depth))
                .contains(depth);
        Reach reach = new Reach(samples.number(0, 100));
        assertThat(HandText.reach(HandText.say(reach))).contains(reach);
        Direction direction = samples.direction();
        assertThat(DirectionText.parse(DirectionText.say(direction, saying), saying)
                        .map(read -> near(read, direction)))
                .as(DirectionText.say(direction, saying))
                .contains(true);
    }

    /** The vocabularies may leave five degrees unsaid. */
    private static boolean near(Direction one, Direction other) {
        if (one instanceof Direction.OfPosture(Bearing a) && other instanceof Direction.OfPosture(Bearing b)) {
            return a.degreesFrom(b) <= 5;
        }
        return one.equals(other);
    }

    @RepeatedTest(100)
    void onTheClockNothingIsLost(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Wording clock = new Wording(Directions.CLOCK, samples.facing(), HouseRules.LARGE_FRAME);
        Toes toes = samples.toes();
        assertThat(ToesText.parse(ToesText.say(toes, clock), clock))
                .as(ToesText.say(toes, clock))
                .contains(toes);
        Turning turning = samples.turning();
        assertThat(TurningText.parse(TurningText.say(turning, clock), clock))
                .as(TurningText.say(turning, clock))
                .contains(turning);
        Gaze gaze = samples.gaze();
        assertThat(HandText.gaze(HandText.say(gaze, clock), clock)).contains(gaze);
        Sideways sideways = samples.chance(0.5)
                ? new Sideways.Across(samples.number(-8, 12) / 4.0)
                : new Sideways.Toward(samples.direction());
        assertThat(HandText.sideways(HandText.say(sideways, clock), clock)).contains(sideways);
    }

    @Test
    void anHourTypedInAPostureThatFacesThreeIsTheHalls() {
        Wording facingThree = new Wording(Directions.CLOCK, new Heading(90), HouseRules.LARGE_FRAME);
        assertThat(DirectionText.parse("4:30", facingThree)).contains(new Direction.OfPosture(new Bearing(45)));
        assertThat(DirectionText.parse("forward", facingThree)).contains(Direction.FORWARD);
        assertThat(TurningText.parse("to 6 going left", facingThree))
                .contains(new Turning.To(new Bearing(90), Way.LEFT));
    }

    @ParameterizedTest
    @CsvSource({"70 left, 70", "30 % right, 70", "all on the right, 0", "all left, 100", "even, 50", "EVEN, 50"})
    void aShareIsReadInTheWaysPeopleWriteIt(String text, int left) {
        assertThat(SplitText.share(text)).contains(WeightShare.left(left));
    }

    @Test
    void moreOnOneFootIsARange() {
        assertThat(SplitText.parse("more on the right")).contains(Split.toward(Side.RIGHT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "140 left", "70", "left", "80 to 60 left", "70 up"})
    void whatIsNoShareIsNotRead(String text) {
        assertThat(SplitText.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "purple", "200 right", "toward the moon"})
    void whatIsNoDirectionIsNotRead(String text) {
        assertThat(DirectionText.parse(text, new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME)))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "sink purple", "jump 1 fist", "sink -1 fists", "to"})
    void whatIsNoDepthIsNotRead(String text) {
        assertThat(DepthText.parse(text)).isEmpty();
    }

    @Test
    void inAndOutBeforeTheNumberTurnAndAfterItAim() {
        Wording saying = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        assertThat(ToesText.parse("in 45", saying)).contains(new Toes.Turned(-45));
        assertThat(ToesText.parse("45 in", saying)).contains(new Toes.AgainstPelvis(-45));
        assertThat(ToesText.parse("toes out as far as it goes", saying)).contains(new Toes.OutAsFarAsTheyGo());
        assertThat(TurningText.parse("25 right", saying)).contains(new Turning.By(new Turn(25)));
    }
}
