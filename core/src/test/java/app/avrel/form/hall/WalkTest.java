package app.avrel.form.hall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import java.util.List;
import org.junit.jupiter.api.Test;

class WalkTest {

    private static final Pose UPRIGHT = Starting.of(StartPose.SHOULDER_WIDE, Standing.POSING.body());

    private static double farthestAhead(Pose pose) {
        return Walk.reached(pose, Standing.POSING.body()).stream()
                .mapToDouble(FloorPoint::ahead)
                .max()
                .orElseThrow();
    }

    @Test
    void anArmStretchedAheadTakesRoom() {
        HandPlace ahead = HandPlace.HANGING.withHeight(Landmark.SHOULDER).withReach(Reach.EXTENDED);
        double room = farthestAhead(UPRIGHT.withHand(Side.RIGHT, ahead)) - farthestAhead(UPRIGHT);
        assertThat(room).isBetween(0.2, 0.7);
    }

    @Test
    void standingStillTakesLittleMoreThanTheFeet() {
        List<FloorPoint> reached = Walk.reached(UPRIGHT, Standing.POSING.body());
        assertThat(reached).hasSize(7);
        double across = reached.stream().mapToDouble(FloorPoint::right).max().orElse(0)
                - reached.stream().mapToDouble(FloorPoint::right).min().orElse(0);
        assertThat(across).isCloseTo(0.4, within(0.15));
    }
}
