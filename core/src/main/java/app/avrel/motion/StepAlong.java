package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.StepPlace;

/**
 * A step along a direction: so far from the standing heel, and so far to the mover's own side.
 *
 * <p>Which side is a foot's own is seen from where the body will face with that foot: the way its toes point, if that is
 * said; else the way the body faces at the end of the count; else where it faces now, turned toward a direction of the
 * hall by what exceeds a quarter turn, for one steps there to turn there. The width stands square to the direction; it
 * fades where the direction goes sideways, so that nothing jumps where it passes a quarter turn.
 */
record StepAlong(FootPlacement placing, Pose pose, Side side, StepPlace.Along along) {

    /** Degrees off straight ahead or straight back up to which a foot keeps its line, and a width is whole. */
    private static final double STRAIGHT = 30;

    private static final double SIDEWAYS = 90;

    Estimate<FloorPoint> heel() {
        Bearing direction = placing.heading(along.direction());
        double off = ownFacing(direction).turnTo(direction).degrees();
        double square = squareness(off);
        double distance = distance(square);
        double width = width(off);
        Estimate<FloorPoint> standing = pose.foot(side.other()).heel();
        double aside = side.sign() * StepLeap.bounded(width, distance, off) * (Math.abs(off) <= SIDEWAYS ? 1 : -1);
        FloorPoint heel = standing.value()
                .plus(direction.vector(distance))
                .plus(direction.right().vector(aside));
        return new Estimate<>(heel, standing.basis().with(basis()));
    }

    private Basis basis() {
        boolean own = along.width().isEmpty();
        Basis line = own ? pose.foot(side).heel().basis() : Basis.SAID;
        return line.with(along.distance().isPresent() ? Basis.SAID : Basis.ASSUMED);
    }

    /** Where the body will face with that foot. */
    private Bearing ownFacing(Bearing direction) {
        Performer.Begin begin = placing.begin();
        if (begin.toes(side).isPresent()) {
            return placing.toes(pose, side, begin.toes(side).get()).value();
        }
        if (begin.turns()) {
            return begin.facingAtEnd();
        }
        double beyond = begin.facing().turnTo(direction).degrees();
        boolean ofHall = along.direction() instanceof Direction.OfPosture;
        return ofHall && Math.abs(beyond) > SIDEWAYS
                ? begin.facing().plus(new Turn(beyond - Math.copySign(SIDEWAYS, beyond)))
                : begin.facing();
    }

    /** How square a direction stands to the sideways: whole up to 30° off straight, nothing at a quarter turn. */
    private static double squareness(double off) {
        return 1 - sidewaysness(off);
    }

    /** Nothing up to 30° off straight ahead or back, whole at a quarter turn. */
    private static double sidewaysness(double off) {
        double fromStraight = Math.min(Math.abs(off), 180 - Math.abs(off));
        return Math.clamp((fromStraight - STRAIGHT) / (SIDEWAYS - STRAIGHT), 0, 1);
    }

    /** A width said of a step sideways, without a distance, is its distance. */
    private double distance(double square) {
        Body body = placing.body();
        if (along.distance().isPresent()) {
            return body.metres(along.distance().get());
        }
        double ahead = usualLength();
        double aside = along.width()
                .map(body::metres)
                .filter(width -> width > 0)
                .orElse(rule(HouseRule.SIDE_STEP) * body.shoulderWidth());
        return ahead * square + aside * (1 - square);
    }

    /** The house's usual length at this height: deeper stands take longer steps. */
    private double usualLength() {
        Body body = placing.body();
        double fists = pose.drop().value() / body.fist();
        double high = placing.rules().get(HouseRule.HIGH_FRAME) / 10.0;
        double medium = Math.max(high + 0.1, placing.rules().get(HouseRule.MEDIUM_FRAME) / 10.0);
        double low = Math.max(medium + 0.1, placing.rules().get(HouseRule.LOW_FRAME) / 10.0);
        double feet = fists <= medium
                ? between(fists, high, medium, HouseRule.STEP_LENGTH_HIGH, HouseRule.STEP_LENGTH_MEDIUM)
                : between(fists, medium, low, HouseRule.STEP_LENGTH_MEDIUM, HouseRule.STEP_LENGTH_LOW);
        return feet * body.footLength();
    }

    private double between(double fists, double from, double to, HouseRule least, HouseRule most) {
        double share = Math.clamp((fists - from) / (to - from), -0.3, 1);
        return rule(least) + share * (rule(most) - rule(least));
    }

    private double rule(HouseRule rule) {
        return placing.rules().get(rule) / 100.0;
    }

    /** How far beside the direction: what is said, less of it the more the direction goes sideways. */
    private double width(double off) {
        return along.width()
                .map((Length width) -> placing.body().metres(width) * (1 - sidewaysness(off)))
                .orElseGet(() -> ownLine(off));
    }

    /**
     * How far to its own side of the standing heel the foot is, square to the direction. How far ahead it was counts the
     * less, the more the direction goes sideways.
     */
    private double ownLine(double off) {
        Bearing facing = placing.heading(along.direction()).plus(new Turn(-off));
        FloorVector now = pose.foot(side)
                .heel()
                .value()
                .minus(pose.foot(side.other()).heel().value());
        double round = Math.toRadians(off);
        double sideways = sidewaysness(off);
        double right = now.along(facing.right()) * Math.cos(round)
                - now.along(facing) * Math.sin(round) * (1 - Math.pow(sideways, 1.5));
        return side.sign() * (Math.abs(off) <= SIDEWAYS ? right : -right);
    }
}
