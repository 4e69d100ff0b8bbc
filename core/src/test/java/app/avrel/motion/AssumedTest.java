package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.mechanics.Performing;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What nobody says is the house's usual, and is known to be no more than that. */
class AssumedTest {

    private static Move step(Side foot, Direction direction, Length distance, Length width) {
        return new Move.Step(
                foot,
                new StepPlace.Along(direction, Optional.ofNullable(distance), Optional.ofNullable(width)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Move sink(double fists) {
        return new Move.ChangeDepth(new Depth.To(Length.fists(fists)));
    }

    private static double ahead(Pose pose, Side foot) {
        return pose.foot(foot)
                .heel()
                .value()
                .minus(pose.foot(foot.other()).heel().value())
                .ahead();
    }

    @Test
    void aStepOfNoSaidLengthIsLongerTheDeeperOneStands() {
        double last = 0;
        for (double fists : new double[] {0.5, 1, 2, 3}) {
            Pose stepped = after(after(shoulderWide(), sink(fists)), step(Side.LEFT, Direction.FORWARD, null, null));
            assertThat(ahead(stepped, Side.LEFT)).as("%s fists down", fists).isGreaterThanOrEqualTo(last);
            last = ahead(stepped, Side.LEFT);
        }
        assertThat(last).isGreaterThan(BODY.footLength());
    }

    @Test
    void theHouseSaysHowLong() {
        Performer longer = Performing.of(
                BODY,
                Standing.POSING
                        .rules()
                        .with(HouseRule.STEP_LENGTH_HIGH, 200)
                        .with(HouseRule.STEP_LENGTH_MEDIUM, 200)
                        .with(HouseRule.STEP_LENGTH_LOW, 200));
        Pose stepped = longer.after(shoulderWide(), Stage.of(step(Side.LEFT, Direction.FORWARD, null, null)));
        assertThat(ahead(stepped, Side.LEFT)).isCloseTo(2 * BODY.footLength(), within(0.01));
    }

    @Test
    void aStepAsideOfNoSaidLengthIsTheHousesWidth() {
        Pose stepped = after(
                shoulderWide(),
                new Move.Shift(Split.on(Side.LEFT, 100)),
                step(Side.RIGHT, new Direction.OfBody(new Turn(90)), null, null));
        double wide = stepped.right()
                .heel()
                .value()
                .minus(stepped.left().heel().value())
                .right();
        assertThat(wide)
                .isCloseTo(
                        Standing.POSING.rules().get(HouseRule.SIDE_STEP) / 100.0 * BODY.shoulderWidth(), within(1e-6));
        assertThat(ahead(stepped, Side.RIGHT)).as("level with the other heel").isCloseTo(0, within(1e-6));
    }

    @Test
    void aWidthSaidOfAStepAsideIsItsLength() {
        Pose stepped = after(
                shoulderWide(),
                new Move.Shift(Split.on(Side.LEFT, 100)),
                step(Side.RIGHT, new Direction.OfBody(new Turn(90)), null, Length.shoulderWidths(1)));
        assertThat(stepped.right()
                        .heel()
                        .value()
                        .minus(stepped.left().heel().value())
                        .right())
                .isCloseTo(BODY.shoulderWidth(), within(1e-6));
    }

    @Test
    void onlyWhatHangsOnTheUsualIsAssumed() {
        Pose half = after(shoulderWide(), step(Side.LEFT, Direction.FORWARD, Length.footLengths(1), null));
        assertThat(half.left().heel().assumed())
                .as("the own line follows from where one stood")
                .isFalse();
        assertThat(half.left().heading().assumed())
                .as("nobody said where the toes point")
                .isTrue();
        assertThat(half.right().heel().assumed()).isFalse();
        assertThat(half.hips().assumed()).isFalse();
    }

    @Test
    void aLightFootDrawnInTurnsWithTheHips() {
        Pose drawn = after(
                shoulderWide(),
                new Move.Shift(Split.on(Side.LEFT, 100)),
                new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(-30)))),
                new Move.DrawIn(Side.RIGHT, DrawnTo.BALL_BESIDE));
        assertThat(drawn.right().heading()).isEqualTo(Estimate.assumed(Bearing.wrapping(-30)));
        assertThat(drawn.right().contact()).isEqualTo(Contact.BALL);
    }

    @ParameterizedTest(name = "{0} % onto a foot on its {1}: flat {2}")
    @CsvSource({"60, HEEL, true", "60, BALL, true", "10, HEEL, false", "10, BALL, false"})
    void aFootThatTakesWeightGoesFlat(int percent, Contact landing, boolean flat) {
        Pose landed = after(
                shoulderWide(),
                new Move.Shift(Split.on(Side.RIGHT, 100)),
                new Move.Step(
                        Side.LEFT,
                        new StepPlace.Along(Direction.FORWARD, Optional.of(Length.footLengths(1)), Optional.empty()),
                        Optional.of(landing),
                        Optional.of(new Toes.Toward(Direction.FORWARD)),
                        Optional.empty()));
        Pose shifted = after(landed, new Move.Shift(Split.on(Side.LEFT, percent)));
        assertThat(shifted.left().contact()).isEqualTo(flat ? Contact.FLAT : landing);
    }

    @Test
    void aHeelThatIsSaidToStayUpStaysUpUnderWeight() {
        Pose landed = after(shoulderWide(), new Move.Shift(Split.on(Side.RIGHT, 100)));
        Pose shifted = after(
                landed,
                new Move.Raise(Side.LEFT, FootPart.HEEL, Optional.empty()),
                new Move.Shift(Split.on(Side.LEFT, 60)));
        assertThat(shifted.left().contact()).isEqualTo(Contact.BALL);
    }

    @Test
    void aSplitOfWhichOnlyTheSideIsSaidIsARange() {
        Pose shifted = after(shoulderWide(), new Move.Shift(Split.toward(Side.LEFT)));
        assertThat(shifted.weight()).isEqualTo(new WeightShare(51, 100));
    }

    /** Wound up against one's feet, "forward" follows the stance; the hall's directions are what they are. */
    @Test
    void forwardWhileWoundFollowsTheStance() {
        Pose wound = after(
                shoulderWide(),
                new Move.Shift(Split.on(Side.RIGHT, 100)),
                new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(45)))));
        Pose stepped = after(wound, step(Side.LEFT, Direction.FORWARD, Length.footLengths(1), Length.centimetres(0)));
        assertThat(ahead(stepped, Side.LEFT)).isCloseTo(BODY.footLength(), within(1e-6));
        Pose toward = after(
                wound,
                step(
                        Side.LEFT,
                        new Direction.OfPosture(new Bearing(45)),
                        Length.footLengths(1),
                        Length.centimetres(0)));
        assertThat(ahead(toward, Side.LEFT)).isCloseTo(BODY.footLength() * Math.sqrt(0.5), within(1e-6));
    }
}
