package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.form.Playing;
import app.avrel.mechanics.Skeleton;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * The way of a palm or a foot through a count.
 *
 * @param points in metres of the hall, one after the other
 */
public record Trace(Side side, List<SpacePoint> points) {

    private static final int PLACES = 28;

    /** Metres under which nothing is said to have moved. */
    private static final double STILL = 0.04;

    public Trace {
        points = List.copyOf(points);
    }

    /** {@return the ways of both palms, and of the feet that move} */
    public static List<Trace> of(Playing playing, Body body) {
        List<Skeleton> through = new ArrayList<>();
        for (int i = 0; i <= PLACES; i++) {
            through.add(Skeleton.of(playing.at((double) i / PLACES), body));
        }
        List<Trace> traces = new ArrayList<>();
        for (Side side : Side.values()) {
            traces.add(of(side, through, Skeleton.Limbs::palm));
            traces.add(of(side, through, Skeleton.Limbs::toe));
        }
        return traces.stream().filter(Trace::moves).toList();
    }

    private static Trace of(Side side, List<Skeleton> through, Function<Skeleton.Limbs, SpacePoint> of) {
        return new Trace(
                side,
                through.stream().map(skeleton -> of.apply(skeleton.limbs(side))).toList());
    }

    private boolean moves() {
        SpacePoint first = points.getFirst();
        return points.stream().anyMatch(point -> {
            SpacePoint way = point.minus(first);
            return way.dot(way) > STILL * STILL;
        });
    }
}
