package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.floor.Turn;
import app.avrel.mechanics.Spacing;
import app.avrel.posture.StartPose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class StartingTest {

    @Test
    void aStartStandsAboutTheOriginAsItSays() {
        StartPose start = StartPose.SHOULDER_WIDE.withSpacing(
                Optional.of(Length.footLengths(2)), Optional.of(Length.shoulderWidths(0.5)));
        Spacing spacing = Spacing.of(Starting.of(start, BODY));
        assertThat(spacing.leftLead()).isCloseTo(2 * BODY.footLength(), within(1e-9));
        assertThat(spacing.width()).isCloseTo(BODY.shoulderWidth() / 2, within(1e-9));
    }

    @Test
    void aSpacingThatIsNotSaidIsOpen() {
        Pose pose = Starting.of(StartPose.SHOULDER_WIDE.withSpacing(Optional.empty(), Optional.empty()), BODY);
        assertThat(pose.left().heel().known()).isFalse();
    }

    @RepeatedTest(40)
    void theLoadedFootIsLaidOnThatFootAndTheFacingsAgree(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose before =
                Starting.of(samples.startPose(), BODY).turned(FloorPoint.ORIGIN, new Turn(samples.number(-400, 400)));
        StartPose start = samples.startPose();
        Pose placed = laid(start, before);
        Side anchor = start.weight().heavier();
        assertThat(placed.foot(anchor)
                        .heel()
                        .value()
                        .distance(before.foot(anchor).heel().value()))
                .isCloseTo(0, within(1e-9));
        assertThat(placed.chest().value().degrees())
                .isCloseTo(before.chest().value().degrees(), within(1e-9));
    }

    @Test
    void whereOnePostureEndsCanBeRecordedAsTheStartOfTheNext() {
        Pose end = Standing.after(
                Standing.apart(0.5, 0.22).turned(FloorPoint.ORIGIN, new Turn(250)),
                new Move.Shift(Split.on(Side.LEFT, 70)));
        StartPose start = Starting.startingFrom(end, BODY);
        assertThat(start.weight()).isEqualTo(WeightShare.left(70));
        Pose again = laid(start, end);
        assertThat(again.right().heel().value().distance(end.right().heel().value()))
                .isLessThan(0.003);
        assertThat(again.left().heel().value().distance(end.left().heel().value()))
                .isLessThan(0.003);
    }

    /** A hand that points to a direction of the posture points there still when its end is the start of another. */
    @RepeatedTest(40)
    void aStartTakenOverFromAnEndKeepsWhereTheHandsPoint(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        double turned = samples.number(-170, 170);
        Bearing toward = samples.heading();
        HandPlace place = HandPlace.HANGING
                .withHeight(Landmark.SHOULDER)
                .withSideways(new Sideways.Toward(new Direction.OfPosture(toward)));
        Pose end = Standing.after(
                Standing.apart(0, 0.3),
                new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(turned)))),
                new Move.PlaceHand(Side.RIGHT, place, Optional.empty()));
        Pose again = laid(Starting.startingFrom(end, BODY), end);
        SpacePoint was = new HandSpot(end, BODY).of(Side.RIGHT);
        SpacePoint is = new HandSpot(again, BODY).of(Side.RIGHT);
        assertThat(is.distance(was)).isLessThan(0.02);
    }

    private static Pose laid(StartPose start, Pose before) {
        return Starting.placed(start, before, BODY).of(Starting.of(start, BODY));
    }
}
