package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The share from side to side. In balance the centre of mass lies on the line between the pressure points, so that the
 * share of the weight is the share in every direction; pressure at the edges of the feet widens that a little.
 */
public record SideShare(Stand stand, Body body) {

    private static final double STEP = 0.001;

    /**
     * What is possible, as shares of the way from the right pressure point to the left one.
     *
     * @param least may be below 0
     * @param most may be above 1
     */
    public record Range(double least, double most) {}

    /** {@return metres to the edge on the left and on the right of a place} */
    public List<Double> sides(FloorPoint place) {
        Support support = Support.of(stand, body);
        Bearing right = stand.facing().right();
        return List.of(support.distance(place, right.plus(new Turn(180))), support.distance(place, right));
    }

    /**
     * {@return a place's share along a direction, counted between the pressure points; empty where the feet are closer
     * than a quarter of a foot's breadth that way, or one is off the floor}
     */
    public OptionalDouble share(FloorPoint place, Bearing direction) {
        if (stand.left().lifted() || stand.right().lifted()) {
            return OptionalDouble.empty();
        }
        FloorVector between = left().minus(right());
        double length = between.along(direction);
        return Math.abs(length) < 0.25 * body.footBreadth()
                ? OptionalDouble.empty()
                : OptionalDouble.of(place.minus(right()).along(direction) / length);
    }

    private FloorPoint left() {
        return stand.left().pressurePoint(body);
    }

    private FloorPoint right() {
        return stand.right().pressurePoint(body);
    }

    /** {@return the place as far ahead as the centre of mass, but at a share across} */
    private FloorPoint at(double acrossShare) {
        FloorPoint centre = stand.centreOfMass(body);
        Bearing across = stand.facing().right();
        double wanted = right().towards(left(), acrossShare).minus(centre).along(across);
        return centre.plus(across.vector(wanted));
    }

    /** {@return the place as far ahead as the centre of mass, midway between the pressure points across} */
    public FloorPoint centred() {
        return at(0.5);
    }

    /** {@return the place as far ahead as the centre of mass, midway between the heels across} */
    public FloorPoint heelCentred() {
        FloorPoint centre = stand.centreOfMass(body);
        FloorPoint middle = stand.right().heel().towards(stand.left().heel(), 0.5);
        Bearing across = stand.facing().right();
        return centre.plus(across.vector(middle.minus(centre).along(across)));
    }

    /** {@return the share across at which both sides are equally far from their edges} */
    public OptionalDouble forEqualSides() {
        if (stand.left().lifted() || stand.right().lifted()) {
            return OptionalDouble.empty();
        }
        FloorPoint centre = stand.centreOfMass(body);
        List<Double> sides = sides(centre);
        Bearing across = stand.facing().right();
        return share(centre.plus(across.vector((sides.get(1) - sides.get(0)) / 2)), across);
    }

    /** {@return the shares across that the centre of mass can have with the weight shared as it is; none on one leg} */
    public Optional<Range> possible() {
        if (stand.left().lifted() || stand.right().lifted()) {
            return Optional.empty();
        }
        FloorPoint centre = stand.centreOfMass(body);
        Bearing across = stand.facing().right();
        Support places = places(stand.shareLeft());
        OptionalDouble one =
                share(centre.plus(across.vector(-places.distance(centre, across.plus(new Turn(180))))), across);
        OptionalDouble other = share(centre.plus(across.vector(places.distance(centre, across))), across);
        return one.isEmpty() || other.isEmpty()
                ? Optional.empty()
                : Optional.of(new Range(
                        Math.min(one.getAsDouble(), other.getAsDouble()),
                        Math.max(one.getAsDouble(), other.getAsDouble())));
    }

    /** {@return the shares of the weight on the left foot with which the centre of mass can be at a place} */
    public Optional<Range> weightsFor(FloorPoint place) {
        double least = Double.NaN;
        double most = Double.NaN;
        for (int step = 0; step <= 1 / STEP; step++) {
            if (places(step * STEP).inside(place) >= -1e-9) {
                least = Double.isNaN(least) ? step * STEP : least;
                most = step * STEP;
            }
        }
        return Double.isNaN(least) ? Optional.empty() : Optional.of(new Range(least, most));
    }

    /** {@return the share across of the centre of mass, counted between the heel lines; empty where those are one} */
    public OptionalDouble byHeels() {
        Bearing across = stand.facing().right();
        double length = stand.left().heel().minus(stand.right().heel()).along(across);
        return Math.abs(length) < 1e-9
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        stand.centreOfMass(body).minus(stand.right().heel()).along(across) / length);
    }

    /** All places of the centre of mass for a share: each point of one sole with each of the other. */
    private Support places(double share) {
        List<FloorPoint> all = new ArrayList<>();
        for (FloorPoint left : stand.left().outline(body)) {
            for (FloorPoint right : stand.right().outline(body)) {
                all.add(right.towards(left, share));
            }
        }
        return Support.around(all);
    }
}
