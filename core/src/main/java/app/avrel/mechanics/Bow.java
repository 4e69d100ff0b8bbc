package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.posture.move.Contact;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * A stance with one foot ahead, both to be loaded: which lengths it can have. The left foot is ahead and points to the
 * facing; lengths and widths are counted between the heels.
 *
 * <p>Longest within −4 to +8 cm of a real body, largest shares within ±5 points: pelvis turned to the rear foot, lean
 * and a raised rear heel all lengthen it.
 *
 * @param width metres between the heel lines
 * @param rearToesOut degrees the rear foot is turned out
 * @param front how the front foot stands
 * @param pitch degrees of the front foot
 */
public record Bow(double width, double rearToesOut, Contact front, double pitch) {

    private static final double SMALLEST_SHARE = 0.5;

    /** {@return a stance with both feet flat} */
    public static Bow flat(double width, double rearToesOut) {
        return new Bow(width, rearToesOut, Contact.FLAT, 0);
    }

    /**
     * From the shortest to the longest, metres.
     *
     * @param shortest at least 0
     */
    public record Lengths(double shortest, double longest) {}

    /** {@return the stance of a length, a share on the front foot and a drop} */
    public Stand stand(double length, double frontShare, double drop) {
        Sole left = new Sole(new FloorPoint(-width / 2, length), Bearing.FRONT, front, pitch, 0);
        Sole right = Sole.of(new FloorPoint(width / 2, 0), Bearing.wrapping(rearToesOut), Contact.FLAT);
        return Stand.of(left, right, frontShare, Bearing.FRONT, drop);
    }

    /** {@return how far one must sink at least, with a share on the front foot} */
    public LeastDrop leastDrop(double length, double frontShare, Body body) {
        return LeastDrop.of(stand(length, frontShare, 0), body);
    }

    /**
     * {@return the lengths that both legs reach at a drop; empty where there is none}
     *
     * <p>From hip to ankle, each leg's way changes evenly with the length, so that each has one stretch of lengths.
     */
    public Optional<Lengths> lengths(double frontShare, double drop, Body body) {
        double shortest = 0;
        double longest = Double.POSITIVE_INFINITY;
        for (Side side : Side.values()) {
            Optional<Lengths> reached = lengths(side, frontShare, drop, body);
            if (reached.isEmpty()) {
                return reached;
            }
            shortest = Math.max(shortest, reached.get().shortest());
            longest = Math.min(longest, reached.get().longest());
        }
        return longest < shortest ? Optional.empty() : Optional.of(new Lengths(shortest, longest));
    }

    private Optional<Lengths> lengths(Side side, double frontShare, double drop, Body body) {
        FloorVector start = way(side, 0, frontShare, body);
        FloorVector each = way(side, 1, frontShare, body).plus(start.times(-1));
        double up = Proportions.HIP_HEIGHT * body.stature()
                - drop
                - stand(0, frontShare, drop).sole(side).ankle(body).up();
        double straight = LegSpan.straight(body);
        double a = each.right() * each.right() + each.ahead() * each.ahead();
        double b = start.right() * each.right() + start.ahead() * each.ahead();
        double c = start.length() * start.length() + up * up - straight * straight;
        if (a < 1e-12) {
            return c > 0 ? Optional.empty() : Optional.of(new Lengths(0, Double.POSITIVE_INFINITY));
        }
        double root = b * b - a * c;
        return root < 0
                ? Optional.empty()
                : Optional.of(new Lengths((-b - Math.sqrt(root)) / a, (-b + Math.sqrt(root)) / a));
    }

    /** The level way from ankle to hip. */
    private FloorVector way(Side side, double length, double frontShare, Body body) {
        Stand stand = stand(length, frontShare, 0);
        return stand.hip(side, stand.centreOfMass(body), body)
                .floor()
                .minus(stand.sole(side).ankle(body).floor());
    }

    /** {@return the front leg} */
    public Leg frontLeg(double length, double frontShare, double drop, Body body) {
        return Leg.of(stand(length, frontShare, drop), Side.LEFT, body);
    }

    /** {@return the rear leg} */
    public Leg rearLeg(double length, double frontShare, double drop, Body body) {
        return Leg.of(stand(length, frontShare, drop), Side.RIGHT, body);
    }

    /** {@return the shortest length with the front knee not past the tip of the toes; empty where there is none} */
    public OptionalDouble shortestBehindToe(double frontShare, double drop, Body body) {
        return shortest(frontShare, drop, body, Leg::pastToe);
    }

    /** {@return the shortest length with the front knee not past the base of the big toe; empty where there is none} */
    public OptionalDouble shortestBehindBall(double frontShare, double drop, Body body) {
        return shortest(frontShare, drop, body, Leg::pastBall);
    }

    /** At one depth a longer stance brings the knee back. */
    private OptionalDouble shortest(double frontShare, double drop, Body body, ToDoubleFunction<Leg> past) {
        Optional<Lengths> lengths = lengths(frontShare, drop, body);
        if (lengths.isEmpty() || past.applyAsDouble(frontLeg(lengths.get().longest(), frontShare, drop, body)) > 0) {
            return OptionalDouble.empty();
        }
        double from = lengths.get().shortest();
        if (past.applyAsDouble(frontLeg(from, frontShare, drop, body)) <= 0) {
            return OptionalDouble.of(from);
        }
        return OptionalDouble.of(Bisection.firstTrue(
                from,
                lengths.get().longest(),
                length -> past.applyAsDouble(frontLeg(length, frontShare, drop, body)) <= 0));
    }

    /** {@return the largest share on the front foot, 0.5 to 1, with the knee not past the tip of the toes} */
    public double largestShareBehindToe(double drop, Body body) {
        return largestShare(drop, body, Leg::pastToe);
    }

    /** {@return the largest share on the front foot, 0.5 to 1, with the knee not past the base of the big toe} */
    public double largestShareBehindBall(double drop, Body body) {
        return largestShare(drop, body, Leg::pastBall);
    }

    /** The longest stance has the knee furthest back. */
    private double largestShare(double drop, Body body, ToDoubleFunction<Leg> past) {
        return Bisection.lastTrue(
                SMALLEST_SHARE,
                1,
                share -> lengths(share, drop, body)
                        .map(lengths -> past.applyAsDouble(frontLeg(lengths.longest(), share, drop, body)) <= 0)
                        .orElse(false));
    }

    /** {@return metres of drop at which the more bent knee is bent by degrees; empty where no leg can be so bent} */
    public OptionalDouble dropForBend(double length, double frontShare, double degrees, Body body) {
        double span = LegSpan.at(degrees, body);
        Stand stand = stand(length, frontShare, 0);
        OptionalDouble hips = OptionalDouble.empty();
        for (Side side : Side.values()) {
            double level = way(side, length, frontShare, body).length();
            if (level <= span) {
                double up = stand.sole(side).ankle(body).up() + Math.sqrt(span * span - level * level);
                hips = OptionalDouble.of(Math.max(up, hips.orElse(up)));
            }
        }
        return hips.isEmpty() ? hips : OptionalDouble.of(Proportions.HIP_HEIGHT * body.stature() - hips.getAsDouble());
    }

    /** {@return the longest length with the more bent knee bent by degrees; empty where there is none} */
    public OptionalDouble longestForBend(double frontShare, double degrees, Body body) {
        double step = body.stature() / 500;
        for (double length = body.stature(); length >= 0; length -= step) {
            if (reaches(length, frontShare, degrees, body)) {
                return OptionalDouble.of(Bisection.lastTrue(
                        length, length + step, longer -> reaches(longer, frontShare, degrees, body)));
            }
        }
        return OptionalDouble.empty();
    }

    private boolean reaches(double length, double frontShare, double degrees, Body body) {
        OptionalDouble drop = dropForBend(length, frontShare, degrees, body);
        return drop.isPresent() && leastDrop(length, frontShare, body).metres() <= drop.getAsDouble() + 1e-9;
    }
}
