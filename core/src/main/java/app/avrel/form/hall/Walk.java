package app.avrel.form.hall;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.FootPose;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The room a form takes: every place that feet, hands and kicks reach, relative to where it starts.
 *
 * @param reached to 5 cm, each place once
 * @param breadth metres from the farthest reach to the farthest at any one moment
 */
public record Walk(List<FloorPoint> reached, double breadth) {

    private static final double GRAIN = 0.05;

    public Walk {
        reached = List.copyOf(reached);
    }

    /** {@return the room that a track takes} */
    public static Walk of(Track track, Body body) {
        Map<Long, FloorPoint> places = new HashMap<>();
        double breadth = add(track.start().drawn(), body, places);
        for (Occurrence one : track.occurrences()) {
            for (Moment moment : one.moments()) {
                Pose after = one.hall(moment.after(), moment.place().section()).drawn();
                breadth = Math.max(breadth, add(after, body, places));
            }
        }
        return new Walk(List.copyOf(places.values()), breadth);
    }

    private static double add(Pose pose, Body body, Map<Long, FloorPoint> places) {
        List<FloorPoint> reached = reached(pose, body);
        reached.forEach(point -> places.putIfAbsent(
                Math.round(point.right() / GRAIN) * 100_000 + Math.round(point.ahead() / GRAIN), point));
        double breadth = 0;
        for (FloorPoint one : reached) {
            for (FloorPoint other : reached) {
                breadth = Math.max(breadth, one.distance(other));
            }
        }
        return breadth;
    }

    /** {@return where a body reaches in a pose: both ends of each foot, both hands, and itself} */
    public static List<FloorPoint> reached(Pose pose, Body body) {
        List<FloorPoint> reached = new ArrayList<>();
        FloorPoint middle = CentreOfMass.of(pose, body);
        reached.add(middle);
        HandSpot spots = new HandSpot(pose, body);
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            reached.add(foot.point(body, 0));
            reached.add(foot.point(body, 1));
            SpacePoint hand = spots.of(side);
            reached.add(middle.plus(pose.facing().vector(hand.ahead()))
                    .plus(pose.facing().right().vector(hand.right())));
        }
        return reached;
    }

    /** {@return the least metres to the right of the start that anything reaches; to the left is negative} */
    public double left() {
        return reached.stream().mapToDouble(FloorPoint::right).min().orElse(0);
    }

    public double right() {
        return reached.stream().mapToDouble(FloorPoint::right).max().orElse(0);
    }

    public double back() {
        return reached.stream().mapToDouble(FloorPoint::ahead).min().orElse(0);
    }

    public double ahead() {
        return reached.stream().mapToDouble(FloorPoint::ahead).max().orElse(0);
    }

    /** {@return metres across that are needed with so much kept free on either side} */
    public double width(double clearance) {
        return right() - left() + 2 * clearance;
    }

    /** {@return metres from front to back that are needed with so much kept free on either side} */
    public double depth(double clearance) {
        return ahead() - back() + 2 * clearance;
    }
}
