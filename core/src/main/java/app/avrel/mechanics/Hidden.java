package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.SpacePoint;
import java.util.ArrayList;
import java.util.List;

/**
 * What someone cannot see of a body who stands level with it and far away: a hand behind the trunk, a knee behind the
 * other leg.
 *
 * <p>Trunk and limbs are taken as thick lines: the trunk 0.085, the head 0.05, a leg 0.035 of the stature about their
 * middle (after the breadths of Winter's figure, less a little, so that what shows at the edge counts as seen).
 *
 * @param from the heading of the hall in which the viewer stands, seen from the body
 */
public record Hidden(Skeleton skeleton, Bearing from, Body body) {

    private static final double TRUNK = 0.085;
    private static final double HEAD = 0.05;
    private static final double LEG = 0.035;

    private record Bar(SpacePoint start, SpacePoint end, double thick) {}

    /** {@return the parts that cannot be seen, such as {@code left hand} and {@code right knee}} */
    public List<String> parts() {
        List<String> hidden = new ArrayList<>();
        for (Side side : Side.values()) {
            if (behind(skeleton.limbs(side).palm(), handBars())) {
                hidden.add(side.word() + " hand");
            }
            if (behind(skeleton.limbs(side).knee(), leg(side.other()))) {
                hidden.add(side.word() + " knee");
            }
        }
        return hidden;
    }

    private List<Bar> handBars() {
        List<Bar> bars = new ArrayList<>();
        bars.add(new Bar(skeleton.pelvis(), skeleton.chest(), TRUNK));
        bars.add(new Bar(skeleton.chest(), skeleton.head(), HEAD));
        bars.addAll(leg(Side.LEFT));
        bars.addAll(leg(Side.RIGHT));
        return bars;
    }

    private List<Bar> leg(Side side) {
        Skeleton.Limbs limbs = skeleton.limbs(side);
        return List.of(new Bar(limbs.hip(), limbs.knee(), LEG), new Bar(limbs.knee(), limbs.ankle(), LEG));
    }

    private boolean behind(SpacePoint point, List<Bar> bars) {
        return bars.stream().anyMatch(bar -> covers(bar, point));
    }

    /** Whether the bar, in the picture, lies over the point, and in the hall nearer to the viewer. */
    private boolean covers(Bar bar, SpacePoint point) {
        SpacePoint toward = SpacePoint.along(from.degrees());
        SpacePoint way = bar.end().minus(bar.start()).across(toward);
        SpacePoint there = point.minus(bar.start()).across(toward);
        double length = way.dot(way);
        double along = length < 1e-9 ? 0 : Math.clamp(there.dot(way) / length, 0, 1);
        SpacePoint nearest = bar.start().towards(bar.end(), along);
        boolean over = nearest.minus(point).across(toward).length() < bar.thick() * body.stature();
        return over && nearest.minus(point).dot(toward) > bar.thick() * body.stature() / 2;
    }
}
