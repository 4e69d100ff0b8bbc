package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.label.Labels;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** Both palms in one place, where nothing says that they meet. */
final class PalmsMeet implements MomentRule {

    /** Metres within which two palms cannot be beside each other. */
    private static final double ONE_PLACE = 0.03;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Pose after = watched.after();
        boolean moved = !after.leftHand().equals(watched.before().leftHand())
                || !after.rightHand().equals(watched.before().rightHand());
        boolean placed = ofTheTrunk(after.leftHand()) && ofTheTrunk(after.rightHand());
        if (!moved || !placed || after.hold().isPresent()) {
            return;
        }
        HandSpot spots = new HandSpot(after, watched.body());
        SpacePoint left = spots.of(Side.LEFT);
        SpacePoint right = spots.of(Side.RIGHT);
        if (left.distance(right) < ONE_PLACE) {
            found.accept(
                    Finding.of(RuleId.PALMS_MEET, Severity.LOOK, watched.where(), Labels.say("rules.both_palms_one"))
                            .at(Spot.HANDS));
        }
    }

    private static boolean ofTheTrunk(HandPlace place) {
        return place.height().isPresent() && place.at().isEmpty();
    }
}
