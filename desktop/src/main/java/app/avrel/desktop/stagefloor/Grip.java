package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Estimate;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Pivot;
import java.util.Optional;

/**
 * What is taken hold of on the floor, and what becomes of the pose while it is dragged.
 *
 * <p>The middle of a sole moves the foot; the toes turn it on its heel, the heel on its ball.
 */
sealed interface Grip {

    double NEAR_CENTRE = 0.07;
    double HEEL_ZONE = 0.26;
    double TOE_ZONE = 0.76;

    /** The sole, held so far from its heel. */
    record OfFoot(Side side, FloorVector fromHeel) implements Grip {}

    /** The end of a sole that swings. */
    record OfEnd(Side side, Pivot on) implements Grip {}

    /** The centre of mass. */
    record OfWeight() implements Grip {}

    /** {@return what lies under a place; nothing on the bare floor} */
    static Optional<Grip> at(FloorPoint place, Pose pose, Body body) {
        if (CentreOfMass.of(pose, body).distance(place) < NEAR_CENTRE) {
            return Optional.of(new OfWeight());
        }
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            FloorVector way = place.minus(foot.heel().value());
            double along = way.along(foot.heading().value()) / body.footLength();
            double across = way.along(foot.heading().value().right()) / body.footBreadth();
            if (along > -0.08 && along < 1.08 && Math.abs(across) < 0.8) {
                return Optional.of(
                        along < HEEL_ZONE
                                ? new OfEnd(side, Pivot.BALL)
                                : along > TOE_ZONE ? new OfEnd(side, Pivot.HEEL) : new OfFoot(side, way));
            }
        }
        return Optional.empty();
    }

    /** {@return the pose with what is held brought to a place} */
    static Pose dragged(Grip grip, FloorPoint place, Pose pose, Body body) {
        return switch (grip) {
            case OfFoot(Side side, FloorVector fromHeel) ->
                pose.withFoot(side, pose.foot(side).withHeel(Estimate.known(place.plus(fromHeel.times(-1)))));
            case OfEnd(Side side, Pivot on) -> turned(side, on, place, pose, body);
            case OfWeight _ -> pose.withWeight(WeightShare.left(share(place, pose, body)));
        };
    }

    private static Pose turned(Side side, Pivot on, FloorPoint place, Pose pose, Body body) {
        FootPose foot = pose.foot(side);
        double share = on == Pivot.HEEL ? 0 : FootPose.BALL;
        FloorPoint pivot = foot.point(body, share);
        FloorVector way = on == Pivot.HEEL ? place.minus(pivot) : pivot.minus(place);
        if (way.length() < 0.01) {
            return pose;
        }
        Bearing heading = Bearing.wrapping(Math.round(way.bearing().degrees()));
        FloorPoint heel = pivot.plus(heading.vector(-share * body.footLength()));
        return pose.withFoot(side, foot.withHeading(Estimate.known(heading)).withHeel(Estimate.known(heel)));
    }

    /** Along the line of the pressure points, in whole percent. */
    private static int share(FloorPoint place, Pose pose, Body body) {
        FloorPoint left = CentreOfMass.pressurePoint(pose.left(), body);
        FloorPoint right = CentreOfMass.pressurePoint(pose.right(), body);
        FloorVector line = left.minus(right);
        double length = line.length();
        double along = length < 0.01 ? 0.5 : place.minus(right).along(line.heading()) / length;
        return (int) Math.round(Math.clamp(along, 0, 1) * 100);
    }

    /** {@return what is told while dragging, in the body's measures and in centimetres} */
    static String words(Grip grip, Pose before, Pose now, Body body, Directions directions) {
        return switch (grip) {
            case OfFoot(Side side, FloorVector _) -> placeWords(side, now, body);
            case OfEnd(Side side, Pivot on) -> {
                Heading from = drawn(before.foot(side).heading().value());
                Heading to = drawn(now.foot(side).heading().value());
                yield Words.of(
                        "stagefloor.toes_on", directions.say(to), Numbers.whole(from.degreesFrom(to)), Words.of(on));
            }
            case OfWeight _ -> {
                int left = now.weight().leastLeft();
                yield Words.of("stagefloor.left_right", left, 100 - left);
            }
        };
    }

    /** On a floor that is drawn in the hall's frame, bearings count from the hall's front. */
    private static Heading drawn(Bearing bearing) {
        return Heading.FRONT.of(bearing);
    }

    private static String placeWords(Side side, Pose now, Body body) {
        FloorVector way = now.foot(side)
                .heel()
                .value()
                .minus(now.foot(side.other()).heel().value());
        double ahead = way.along(now.facing());
        double wide = side.sign() * way.along(now.facing().right());
        return Words.of(
                "stagefloor.wide",
                measure(Math.abs(ahead), body.footLength(), "foot-lengths")
                        + (ahead < 0 ? Words.of("stagefloor.back") : Words.of("stagefloor.ahead")),
                measure(wide, body.shoulderWidth(), Words.of("stagefloor.shoulder_widths")));
    }

    private static String measure(double metres, double unit, String name) {
        return Words.of(
                "stagefloor.cm",
                Numbers.plain(Math.round(metres / unit * 20) / 20.0),
                name,
                Numbers.whole(metres * 100));
    }
}
