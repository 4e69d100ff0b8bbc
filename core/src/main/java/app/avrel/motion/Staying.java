package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.SpacePoint;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A hand that stays where it is in the room while the body moves: where that is, seen from the body once it has moved.
 * A body that goes further than the arm is long takes the hand along. Within a hundredth of the arm.
 */
record Staying(Pose before, Pose after, Body body) {

    static Pose hands(Pose before, Pose after, Body body) {
        Staying staying = new Staying(before, after, body);
        Pose kept = after;
        for (Side side : Side.values()) {
            if (after.hand(side).at().equals(Optional.of(HandAt.STAYS)) && staying.moved()) {
                kept = kept.withHand(side, staying.place(side));
            }
        }
        return kept;
    }

    private boolean moved() {
        return !before.chest().equals(after.chest())
                || !before.drop().equals(after.drop())
                || centre(before).distance(centre(after)) > 1e-6;
    }

    private HandPlace place(Side side) {
        HandSpot now = new HandSpot(after, body);
        SpacePoint kept = seenFromBody(new HandSpot(before.withHand(side, after.hand(side)), body).of(side));
        Landmark height = Stream.of(Landmark.values())
                .min(Comparator.comparingDouble(landmark -> Math.abs(now.height(landmark) - kept.up())))
                .orElseThrow();
        SpacePoint arm = kept.minus(now.shoulder(side, now.shoulderHeight()));
        double share = 100 * arm.length() / (Proportions.ARM * body.stature());
        double degrees = Math.toDegrees(Math.atan2(arm.right(), arm.ahead()));
        return after.hand(side)
                .withHeight(height)
                .withSideways(new Sideways.Toward(Direction.wrapping(degrees)))
                .withReach(new Reach((int) Math.min(98, Math.round(share))));
    }

    private SpacePoint seenFromBody(SpacePoint ofBodyBefore) {
        return centre(before)
                .plus(ofBodyBefore.turned(before.facing().degrees()))
                .minus(centre(after))
                .turned(-after.facing().degrees());
    }

    private SpacePoint centre(Pose pose) {
        return SpacePoint.over(CentreOfMass.of(pose, body), 0);
    }
}
