package app.avrel.words;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The angle between any two directions of a pose. */
class PoseAnglesTest {

    private static Map<String, Bearing> of(Move... moves) {
        return PoseAngles.of(after(shoulderWide(), moves), BODY);
    }

    private static String between(Map<String, Bearing> all, String from, String to) {
        return PoseAngles.between(all.get(from), all.get(to));
    }

    @ParameterizedTest(name = "from {0} to {1}: {2}")
    @CsvSource({
        "0, 35, 35° to the right",
        "35, 0, 35° to the left",
        "350, 10, 20° to the right",
        "10, 350, 20° to the left",
        "90, 90, the same way",
        "0, 180, '180°, straight against'"
    })
    void anAngleSaysHowFarAndWhichWayRound(double from, double to, String said) {
        assertThat(PoseAngles.between(new Bearing(from), new Bearing(to))).isEqualTo(said);
    }

    @RepeatedTest(30)
    void thereAndBackIsAsFarTheOtherWay(RepetitionInfo repetition) {
        Bearing from = Bearing.wrapping(repetition.getCurrentRepetition() * 37.0);
        Bearing to = Bearing.wrapping(repetition.getCurrentRepetition() * 83.0 + 5);
        String there = PoseAngles.between(from, to);
        String back = PoseAngles.between(to, from);
        assertThat(back.replace("left", "x").replace("right", "left").replace("x", "right"))
                .isEqualTo(there);
    }

    @Test
    void chestAgainstHipsIsTheWaist() {
        Map<String, Bearing> turned = of(new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.By(new Turn(-20)))));
        assertThat(between(turned, "hips", "chest")).isEqualTo("20° to the left");
        assertThat(between(turned, "left toes", "right toes")).isEqualTo("the same way");
    }

    @Test
    void aHandPointsFromItsShoulder() {
        Map<String, Bearing> out = of(new Move.PlaceHand(
                Side.RIGHT,
                HandPlace.UNSAID
                        .withHeight(Landmark.SHOULDER)
                        .withSideways(new Sideways.Toward(new Direction.OfBody(new Turn(90))))
                        .withReach(new Reach(90)),
                Optional.empty()));
        assertThat(between(out, "chest", "right hand, from its shoulder")).isEqualTo("90° to the right");
    }

    @Test
    void aKickIsThereOnlyWhileItIsOut() {
        assertThat(of()).doesNotContainKey("left leg's kick");
        Pose lifted = after(
                after(shoulderWide(), new Move.Shift(Split.on(Side.RIGHT, 100))),
                new Move.Lift(Side.LEFT, Optional.of(Landmark.HIP), Optional.empty(), Optional.empty()));
        Pose kicked = after(
                lifted,
                new Move.Kicking(
                        Side.LEFT,
                        Kick.HEEL,
                        Optional.of(new Direction.OfBody(new Turn(-45))),
                        Optional.of(Landmark.KNEE)));
        assertThat(between(PoseAngles.of(kicked, BODY), "chest", "left leg's kick"))
                .isEqualTo("45° to the left");
    }

    @Test
    void eyesAreAheadAtAHandOrInADirection() {
        assertThat(between(of(), "chest", "eyes")).isEqualTo("the same way");
        assertThat(between(
                        of(new Move.Look(new Gaze.Toward(new Direction.OfPosture(new Bearing(90))))), "chest", "eyes"))
                .isEqualTo("90° to the right");
        Map<String, Bearing> atHand = of(
                new Move.PlaceHand(
                        Side.LEFT,
                        HandPlace.UNSAID
                                .withHeight(Landmark.SHOULDER)
                                .withSideways(Sideways.BEYOND)
                                .withReach(new Reach(60)),
                        Optional.empty()),
                new Move.Look(new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.AT)));
        assertThat(between(atHand, "chest", "eyes")).endsWith("to the left");
    }
}
