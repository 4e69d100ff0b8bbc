package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;

/**
 * Where hands are, seen from the chest, from what is said of them.
 *
 * <p>What is not said hangs at the side. A palm is at its landmark's height, a share of the arm ahead of the shoulders;
 * one that cannot be reached comes closer.
 */
final class Reaching {

    private static final double CLOSEST = 0.30;
    private static final double BESIDE = 0.03;
    private static final double ELBOW_OUT = 0.35;

    private final Pose pose;
    private final Body body;
    private final FloorPoint pelvis;
    private final FootRig left;
    private final FootRig right;

    Reaching(Pose pose, Body body, FloorPoint pelvis, FootRig left, FootRig right) {
        this.pose = pose;
        this.body = body;
        this.pelvis = pelvis;
        this.left = left;
        this.right = right;
    }

    HandRig hand(Side side) {
        HandPlace place = pose.hand(side);
        SpacePoint palm =
                reachable(place.at().map(at -> against(side, place, at)).orElseGet(() -> said(side)), side);
        SpacePoint fingers = fingers(side, place, palm);
        SpacePoint facing = facing(side, place, palm).across(fingers).unit(sideways(fingers));
        boolean grips = pose.prop().filter(held -> held.held() == side).isPresent();
        HandShape shape = grips ? HandShape.FIST : place.shape().orElse(HandShape.OPEN);
        return new HandRig(palm, facing, fingers, elbow(side, place), shape);
    }

    private static SpacePoint sideways(SpacePoint fingers) {
        return fingers.cross(SpacePoint.UP).unit(new SpacePoint(1, 0, 0));
    }

    private SpacePoint said(Side side) {
        return new HandSpot(pose, body).of(side);
    }

    private double shoulder() {
        return new HandSpot(pose, body).shoulderHeight();
    }

    /** Beside what it is held against, on the hand's own side of it: the other hand, arm, a knee or a foot. */
    private SpacePoint against(Side side, HandPlace place, HandAt at) {
        return switch (at) {
            case STAYS -> said(side);
            case OTHER_HAND -> moved(side, place, said(side.other()).plus(shares(side, BESIDE, 0, 0)));
            case OTHER_WRIST -> moved(side, place, said(side.other()).plus(shares(side, 0, -0.07, 0)));
            case OTHER_FOREARM ->
                moved(side, place, said(side.other()).plus(shares(side.other(), 0.03, -0.07, -0.012)));
            case OTHER_ELBOW -> said(side.other()).plus(shares(side.other(), 0.035, -0.094, -0.07));
            case OWN_KNEE -> moved(side, place, knee(side));
            case OTHER_KNEE -> moved(side, place, knee(side.other()));
            case OWN_FOOT -> moved(side, place, fromChest(foot(side).ankle()));
            case OTHER_FOOT -> moved(side, place, fromChest(foot(side.other()).ankle()));
        };
    }

    /** A way in shares of the stature: out to a side, ahead, and up. */
    private SpacePoint shares(Side side, double out, double ahead, double up) {
        return new SpacePoint(side.sign() * out, ahead, up).times(body.stature());
    }

    /** As far from there as is said. */
    private SpacePoint moved(Side side, HandPlace place, SpacePoint spot) {
        return place.offset()
                .map(offset -> spot.plus(new HandSpot(pose, body).way(offset, side)))
                .orElse(spot);
    }

    private FootRig foot(Side side) {
        return side == Side.LEFT ? left : right;
    }

    private SpacePoint knee(Side side) {
        SpacePoint hip = Rigging.hip(pose, side, pelvis, body);
        double heading = pose.foot(side).heading().value().degrees();
        SpacePoint knee = TwoBones.between(
                hip,
                foot(side).ankle(),
                Proportions.THIGH * body.stature(),
                Proportions.SHANK * body.stature(),
                SpacePoint.along(heading));
        return fromChest(knee.plus(SpacePoint.along(heading).times(0.03 * body.stature()))
                .plus(SpacePoint.UP.times(0.03 * body.stature())));
    }

    private SpacePoint fromChest(SpacePoint hall) {
        return hall.minus(SpacePoint.over(pelvis, 0)).turned(-pose.facing().degrees());
    }

    /** A place too far away comes closer along the way to the shoulder; so does one too near go out. */
    private SpacePoint reachable(SpacePoint palm, Side side) {
        SpacePoint shoulder = new SpacePoint(side.sign() * body.halfShoulders(), 0, shoulder());
        SpacePoint way = palm.minus(shoulder);
        double arm = Proportions.ARM * body.stature();
        double length = way.length();
        if (length > 0.985 * arm) {
            double down = way.up();
            double level = Math.sqrt(Math.max(0, Math.pow(0.985 * arm, 2) - down * down));
            SpacePoint flat = new SpacePoint(way.right(), way.ahead(), 0).unit(new SpacePoint(0, 1, 0));
            return Math.abs(down) >= 0.985 * arm
                    ? shoulder.plus(way.times(0.985 * arm / length))
                    : shoulder.plus(flat.times(level)).plus(SpacePoint.UP.times(down));
        }
        return length < CLOSEST * arm
                ? shoulder.plus(way.unit(new SpacePoint(0, 1, 0)).times(CLOSEST * arm))
                : palm;
    }

    private SpacePoint fingers(Side side, HandPlace place, SpacePoint palm) {
        if (place.fingers().isPresent()) {
            return way(place.fingers().get(), side);
        }
        if (place.thumb().isPresent()) {
            return besideThumb(side, place, palm);
        }
        SpacePoint shoulder = new SpacePoint(side.sign() * body.halfShoulders(), 0, shoulder());
        SpacePoint out = palm.minus(shoulder).unit(new SpacePoint(0, 1, 0));
        boolean centre = Math.abs(palm.right()) < 0.07 * body.stature() && palm.ahead() > 0.1;
        SpacePoint across = new SpacePoint(-side.sign(), 0.25, 0).unit(SpacePoint.UP);
        boolean level = place.palm()
                .filter(looks -> looks == Palm.UP || looks == Palm.DOWN || looks == Palm.IN)
                .isPresent();
        boolean upright = place.palm()
                .filter(looks -> looks == Palm.FORWARD || looks == Palm.OUT)
                .isPresent();
        if (upright && palm.up() > 0.55 * body.stature() - pose.drop().value()) {
            return new SpacePoint(0, 0.15, 1).unit(SpacePoint.UP);
        }
        if (centre && level) {
            return across;
        }
        return level && palm.up() > 0.5 * body.stature() - pose.drop().value()
                ? new SpacePoint(out.right(), Math.max(0.2, out.ahead()), out.up() * 0.2).unit(out)
                : out;
    }

    /** Fingers, palm and thumb are at right angles: with two of them the third is given. */
    private SpacePoint besideThumb(Side side, HandPlace place, SpacePoint palm) {
        SpacePoint thumb = way(place.thumb().orElseThrow(), side);
        SpacePoint ahead = new SpacePoint(0, 1, 0);
        if (place.palm().isEmpty()) {
            return ahead.across(thumb).unit(SpacePoint.UP);
        }
        SpacePoint fingers = facing(side, place, palm).cross(thumb).times(side.sign());
        return fingers.unit(ahead);
    }

    private SpacePoint facing(Side side, HandPlace place, SpacePoint palm) {
        Palm looks = place.palm().orElse(Palm.IN);
        SpacePoint trunk = new SpacePoint(-palm.right(), -palm.ahead(), 0).unit(new SpacePoint(0, -1, 0));
        return switch (looks) {
            case UP -> SpacePoint.UP;
            case DOWN -> SpacePoint.UP.times(-1);
            case IN -> trunk;
            case OUT -> trunk.times(-1);
            case FORWARD -> new SpacePoint(0, 1, 0);
            case BACK -> new SpacePoint(0, -1, 0);
            case TO_THE_LEFT -> new SpacePoint(-1, 0, 0);
            case TO_THE_RIGHT -> new SpacePoint(1, 0, 0);
            case TO_THE_OTHER_HAND, TO_THE_OTHER_FOREARM, TO_THE_OTHER_ELBOW ->
                said(side.other()).minus(palm).unit(trunk);
        };
    }

    private static SpacePoint way(Pointing pointing, Side side) {
        return switch (pointing) {
            case UP -> SpacePoint.UP;
            case DOWN -> SpacePoint.UP.times(-1);
            case FORWARD -> new SpacePoint(0, 1, 0);
            case BACK -> new SpacePoint(0, -1, 0);
            case IN, ACROSS -> new SpacePoint(-side.sign(), 0, 0);
            case OUT -> new SpacePoint(side.sign(), 0, 0);
            case TO_THE_LEFT -> new SpacePoint(-1, 0, 0);
            case TO_THE_RIGHT -> new SpacePoint(1, 0, 0);
        };
    }

    /** As low as possible, leaning out a little, unless it is said otherwise. */
    private static SpacePoint elbow(Side side, HandPlace place) {
        SpacePoint low = new SpacePoint(side.sign() * ELBOW_OUT, -0.15, -1).unit(SpacePoint.UP);
        return place.elbow()
                .map(way -> way(way, side).plus(low.times(0.3)).unit(low))
                .orElse(low);
    }
}
