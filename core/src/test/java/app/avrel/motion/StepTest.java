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
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StepTest {

    private static Move step(Side foot, Direction direction, Length distance, Length width) {
        return new Move.Step(
                foot,
                new StepPlace.Along(direction, Optional.ofNullable(distance), Optional.ofNullable(width)),
                Optional.of(Contact.HEEL),
                Optional.of(new Toes.Toward(Direction.FORWARD)),
                Optional.empty());
    }

    /** Where the moving heel is from the standing heel, metres. */
    private static FloorVector fromStanding(Pose pose, Side moved) {
        return pose.foot(moved)
                .heel()
                .value()
                .minus(pose.foot(moved.other()).heel().value());
    }

    private static void place(Pose pose, Side moved, double right, double ahead) {
        FloorVector way = fromStanding(pose, moved);
        assertThat(way.right()).as("to the right").isCloseTo(right, within(1e-6));
        assertThat(way.ahead()).as("ahead").isCloseTo(ahead, within(1e-6));
    }

    @Test
    void aStepForwardGoesItsDistanceAheadAndItsWidthToTheMoversOwnSide() {
        Pose right = after(
                shoulderWide(), step(Side.RIGHT, Direction.FORWARD, Length.centimetres(50), Length.centimetres(20)));
        place(right, Side.RIGHT, 0.20, 0.50);
        Pose left = after(
                shoulderWide(), step(Side.LEFT, Direction.FORWARD, Length.centimetres(50), Length.centimetres(20)));
        place(left, Side.LEFT, -0.20, 0.50);
    }

    @Test
    void aStepBackKeepsToItsOwnSideTooAndOnlyANegativeWidthCrosses() {
        Pose back =
                after(shoulderWide(), step(Side.LEFT, Direction.BACK, Length.centimetres(40), Length.centimetres(15)));
        place(back, Side.LEFT, -0.15, -0.40);
        Pose crossed =
                after(shoulderWide(), step(Side.LEFT, Direction.BACK, Length.centimetres(40), Length.centimetres(-10)));
        place(crossed, Side.LEFT, 0.10, -0.40);
    }

    @Test
    void widthZeroIsOnOneLine() {
        Pose line = after(
                shoulderWide(), step(Side.RIGHT, Direction.FORWARD, Length.footLengths(2), Length.centimetres(0)));
        place(line, Side.RIGHT, 0, 2 * BODY.footLength());
    }

    @Test
    void straightAheadWithoutAWidthKeepsTheFootsOwnLine() {
        Pose ahead = after(shoulderWide(), step(Side.RIGHT, Direction.FORWARD, Length.centimetres(30), null));
        place(ahead, Side.RIGHT, BODY.shoulderWidth(), 0.30);
        assertThat(ahead.right().heel().known()).isTrue();
    }

    @Test
    void aStepTowardAClockHourGoesThereWhereverTheBodyFaces() {
        Pose turned =
                after(shoulderWide(), new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(70)))));
        Move toThree = step(
                Side.RIGHT, new Direction.OfPosture(new Bearing(90)), Length.centimetres(40), Length.centimetres(0));
        place(after(turned, toThree), Side.RIGHT, 0.40, 0);
    }

    @Test
    void directionsOfTheBodyAreThoseWithWhichTheStageBegins() {
        Move turn = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(90))));
        Move forward = step(Side.RIGHT, Direction.FORWARD, Length.centimetres(40), Length.centimetres(10));
        place(after(shoulderWide(), turn, forward), Side.RIGHT, 0.10, 0.40);
    }

    @Test
    void aFootThatHasSteppedBearsNothingYet() {
        Pose stepped = after(shoulderWide(), step(Side.RIGHT, Direction.FORWARD, Length.centimetres(30), null));
        assertThat(stepped.weight()).isEqualTo(WeightShare.left(100));
        assertThat(stepped.right().contact()).isEqualTo(Contact.HEEL);
    }

    @Test
    void aDistanceThatIsNotSaidIsTheHousesUsualOne() {
        Pose open = after(shoulderWide(), step(Side.RIGHT, Direction.FORWARD, null, null));
        assertThat(open.right().heel().assumed()).isTrue();
        assertThat(open.left().heel().assumed()).isFalse();
    }

    @Test
    void toesThatAreNotSaidAreAssumedToPointAsTheyDid() {
        Move step = new Move.Step(
                Side.RIGHT,
                new StepPlace.Beside(Optional.of(Length.fists(1)), Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        Pose stepped = after(shoulderWide(), step);
        assertThat(stepped.right().heading()).isEqualTo(Estimate.assumed(Bearing.FRONT));
    }

    @Test
    void besideTheOtherFootAGapIsBetweenTheInnerEdges() {
        Move beside = new Move.Step(
                Side.LEFT,
                new StepPlace.Beside(Optional.of(Length.fists(1)), Optional.empty()),
                Optional.of(Contact.FLAT),
                Optional.of(new Toes.Toward(Direction.FORWARD)),
                Optional.empty());
        place(after(shoulderWide(), beside), Side.LEFT, -(BODY.fist() + BODY.footBreadth()), 0);
    }

    @Test
    void levelWithTheOtherHeelKeepsTheOwnLineUnlessAWidthIsSaid() {
        Pose bow = Standing.apart(0.5, 0.22);
        Move level = new Move.Step(
                Side.RIGHT,
                new StepPlace.LevelWithHeel(Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        place(after(bow, level), Side.RIGHT, 0.22, 0);
        Move wide = new Move.Step(
                Side.RIGHT,
                new StepPlace.LevelWithHeel(Optional.of(Length.centimetres(40))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        place(after(bow, wide), Side.RIGHT, 0.40, 0);
    }

    @Test
    void onTheLineOfTheOtherHeelKeepsHowFarAlongUnlessItIsSaid() {
        Pose bow = Standing.apart(0.5, 0.22);
        Move line = new Move.Step(
                Side.RIGHT,
                new StepPlace.OnHeelLine(Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        place(after(bow, line), Side.RIGHT, 0, -0.5);
    }

    @Test
    void aHalfStepClosesHalfTheWayAndKeepsItsLine() {
        Pose closed = after(Standing.apart(0.6, 0.22), new Move.HalfStep(Side.RIGHT, Optional.empty()));
        place(closed, Side.RIGHT, 0.22, -0.3);
        assertThat(closed.right().contact()).isEqualTo(Contact.FLAT);
    }

    @Test
    void drawingInBringsTheFootBesideOnItsBallOrHovering() {
        Pose ball = after(Standing.apart(0.6, 0.22), new Move.DrawIn(Side.RIGHT, DrawnTo.BALL_BESIDE));
        assertThat(ball.right().contact()).isEqualTo(Contact.BALL);
        assertThat(fromStanding(ball, Side.RIGHT).ahead()).isCloseTo(0, within(1e-9));
        assertThat(fromStanding(ball, Side.RIGHT).right()).isBetween(0.10, 0.16);
        Pose hovering = after(Standing.apart(0.6, 0.22), new Move.DrawIn(Side.RIGHT, DrawnTo.HOVERING));
        assertThat(hovering.right().lifted()).isTrue();
    }

    @Test
    void aFootInTheAirIsLoweredToAPlaceLikeAStep() {
        Pose up =
                after(shoulderWide(), new Move.Lift(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty()));
        Move down = new Move.Lower(
                Side.RIGHT,
                Contact.HEEL,
                Optional.of(new StepPlace.Along(
                        Direction.FORWARD, Optional.of(Length.centimetres(40)), Optional.of(Length.centimetres(10)))),
                Optional.empty());
        Pose lowered = after(up, down);
        place(lowered, Side.RIGHT, 0.10, 0.40);
        assertThat(lowered.right().contact()).isEqualTo(Contact.HEEL);
    }
}
