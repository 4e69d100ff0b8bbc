package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.SpacePoint;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import java.util.Optional;

/**
 * Where a palm is that is placed by height, sideways place and reach: metres to the right and ahead of the pelvis'
 * centre as the chest faces, and up from the floor. What is not said hangs at the side.
 *
 * @param pose whose chest and depth count
 */
public record HandSpot(Pose pose, Body body) {

    /** {@return where the palm's centre is said to be, reachable or not} */
    public SpacePoint of(Side side) {
        HandPlace place = pose.hand(side);
        double reach = place.reach().orElse(usual(place)).percent() / 100.0 * Proportions.ARM * body.stature();
        double up = height(place);
        double half = body.halfShoulders();
        SpacePoint spot = switch (place.sideways().orElse(Sideways.OWN_SIDE)) {
            case Sideways.Across(double halves) -> new SpacePoint(side.sign() * halves * half, ahead(place, reach), up);
            case Sideways.Toward(Direction direction) ->
                shoulder(side, up)
                        .plus(SpacePoint.along(degrees(direction)).times(level(reach, up - shoulderHeight())));
        };
        return place.offset().map(offset -> spot.plus(way(offset, side))).orElse(spot);
    }

    /** A hand at hip or thigh is close to it; one before the trunk is held round. */
    private static Reach usual(HandPlace place) {
        return hanging(place) || place.height().equals(Optional.of(Landmark.HIP)) ? Reach.CLOSE : Reach.ROUNDED;
    }

    /** {@return how far, in metres, and which way a hand of the side goes from what it is said against} */
    public SpacePoint way(HandOffset offset, Side side) {
        double metres = offset.by().map(body::metres).orElse(body.fist());
        return switch (offset.way()) {
            case ABOVE -> new SpacePoint(0, 0, metres);
            case BELOW -> new SpacePoint(0, 0, -metres);
            case IN_FRONT, AWAY -> new SpacePoint(0, metres, 0);
            case BEHIND -> new SpacePoint(0, -metres, 0);
            case OUTSIDE -> new SpacePoint(side.sign() * metres, 0, 0);
        };
    }

    /** {@return the place beside a shoulder, at a height} */
    SpacePoint shoulder(Side side, double up) {
        return new SpacePoint(side.sign() * body.halfShoulders(), 0, up);
    }

    /** {@return metres from the floor to the shoulder joints} */
    public double shoulderHeight() {
        return Proportions.SHOULDER_HEIGHT * body.stature() - pose.drop().value();
    }

    /** {@return metres from the floor to a landmark: above the legs all sink as far as the pelvis does} */
    double height(Landmark landmark) {
        double standing = landmark.shareOfStature() * body.stature();
        double hip = Landmark.HIP.shareOfStature() * body.stature();
        return standing >= hip
                ? standing - pose.drop().value()
                : standing * (hip - pose.drop().value()) / hip;
    }

    private double height(HandPlace place) {
        double point = switch (place.point().orElse(HandPoint.PALM)) {
            case PALM, ELBOW -> 0;
            case FINGERTIPS -> -0.05;
            case WRIST -> 0.02;
        };
        return height(place.height().orElse(Landmark.THIGH)) + point * body.stature();
    }

    private double degrees(Direction direction) {
        return switch (direction) {
            case Direction.OfBody(var turn) -> turn.degrees();
            case Direction.OfPosture(var heading) ->
                pose.facing().turnTo(heading).degrees();
        };
    }

    /** Hands at the thighs hang; all others are ahead of the shoulders. */
    private static double ahead(HandPlace place, double reach) {
        return hanging(place) ? reach * 0.25 : reach;
    }

    private static boolean hanging(HandPlace place) {
        return place.height().orElse(Landmark.THIGH).compareTo(Landmark.THIGH) <= 0;
    }

    /** How far out a hand is whose arm is so long, so far above or below the shoulder. */
    private static double level(double reach, double down) {
        return Math.sqrt(Math.max(0, reach * reach - down * down));
    }
}
