package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The rear knee and the front calf of a crossed rest, which closes when they meet.
 *
 * <p>Knee and calf together are 0.065 of the stature thick (recalled), within 3 cm.
 *
 * @param front whose calf is met
 */
public record CrossedKnees(Stand stand, Side front, Body body) {

    private static final double TOUCHING = 0.065;
    private static final double LET_PASS = 0.03;

    /** Of the stature: thighs well below the level, as low as one sits. */
    private static final double LOWEST = 0.33;

    private static final double A_LITTLE = 0.01;
    private static final int TRIES = 60;

    /** {@return whether they touch; on the far side of the shin the knee does not, the feet are too near then} */
    public boolean close() {
        return Math.abs(apart() - TOUCHING * body.stature()) <= LET_PASS && !beyond();
    }

    /** {@return the length nearest to {@code now} at which they touch at this depth, in metres, looked for both ways} */
    public Optional<Double> nearestLength(double now) {
        return nearest(now, CrossedKnees::close);
    }

    /** {@return the length nearest to {@code now} from which sinking brings them together, in metres} */
    public Optional<Double> nearestMeeting(double now) {
        return nearest(now, knees -> knees.drop().isPresent());
    }

    private Optional<Double> nearest(double now, Predicate<CrossedKnees> closes) {
        double step = 0.05 * body.footLength();
        return IntStream.rangeClosed(1, TRIES)
                .boxed()
                .flatMap(away -> Stream.of(now - away * step, now + away * step))
                .filter(length -> length > 0 && closes.test(longer(length - now)))
                .findFirst();
    }

    /** {@return the first depth at which sinking brings them together, in metres below standing, to the centimetre} */
    public Optional<Double> drop() {
        double least = Math.max(0, LeastDrop.of(stand, body).metres());
        boolean parted = false;
        for (double drop = least; drop <= LOWEST * body.stature(); drop += A_LITTLE) {
            CrossedKnees lower = new CrossedKnees(stand.withDrop(drop), front, body);
            boolean apart = lower.apart() > TOUCHING * body.stature();
            if (parted && !apart && lower.close()) {
                return Optional.of(drop);
            }
            parted |= apart;
        }
        return Optional.empty();
    }

    double apart() {
        SpacePoint knee = leg(front.other()).knee();
        return knee.distance(nearest(knee));
    }

    /** The same with the front foot so much further ahead. */
    private CrossedKnees longer(double by) {
        Sole sole = stand.sole(front);
        Sole moved = new Sole(
                sole.heel().plus(stand.facing().vector(by)), sole.heading(), sole.contact(), sole.pitch(), sole.lift());
        return new CrossedKnees(front == Side.LEFT ? stand.withLeft(moved) : stand.withRight(moved), front, body);
    }

    /** Whether the shank is between the rear knee and its own hip. */
    boolean beyond() {
        Leg rear = leg(front.other());
        SpacePoint near = nearest(rear.knee());
        SpacePoint toKnee = rear.knee().minus(near).across(SpacePoint.UP);
        SpacePoint toHip = rear.hip().minus(near).across(SpacePoint.UP);
        return toKnee.dot(toHip) < 0;
    }

    /** The place on the front shank that is nearest to a point. */
    private SpacePoint nearest(SpacePoint point) {
        Leg ahead = leg(front);
        SpacePoint way = ahead.ankle().minus(ahead.knee());
        double along = Math.clamp(point.minus(ahead.knee()).dot(way) / way.dot(way), 0, 1);
        return ahead.knee().plus(way.times(along));
    }

    private Leg leg(Side side) {
        return Leg.of(stand, side, body);
    }
}
