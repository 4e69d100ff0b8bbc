package app.avrel.mechanics;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HiddenTest {

    private static final Bearing FRONT = Bearing.FRONT;
    private static final Bearing BEHIND = new Bearing(180);
    private static final Bearing LEFT = new Bearing(270);

    private static final Pose PALM_BEFORE_THE_CHEST = after(
            shoulderWide(),
            new Move.PlaceHand(
                    Side.RIGHT,
                    HandPlace.UNSAID
                            .withHeight(Landmark.CHEST)
                            .withSideways(Sideways.CENTRE)
                            .withReach(Reach.ROUNDED),
                    Optional.empty()));

    private static List<String> hidden(Pose pose, Bearing from) {
        return new Hidden(Skeleton.of(Rig.of(pose, BODY), BODY), from, BODY).parts();
    }

    @Test
    void aHandBeforeTheChestIsSeenFromTheFrontAndNotFromBehind() {
        assertThat(hidden(PALM_BEFORE_THE_CHEST, FRONT)).isEmpty();
        assertThat(hidden(PALM_BEFORE_THE_CHEST, BEHIND)).containsExactly("right hand");
    }

    @Test
    void fromTheSideTheFarKneeIsBehindTheNearLegAndTheFarHandBehindTheTrunk() {
        assertThat(hidden(shoulderWide(), LEFT)).contains("right knee").doesNotContain("left knee", "left hand");
    }

    @Test
    void whoeverTurnsRoundWithTheBodySeesTheSame() {
        Pose turned = after(
                PALM_BEFORE_THE_CHEST, new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(180)))));
        assertThat(hidden(turned, FRONT)).contains("right hand");
    }
}
