package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A foot set down without weight, all of it on the other leg: how far it reaches with a straight leg.
 *
 * <p>The pelvis is upright over the standing foot's pressure point. Within ±5 cm; crossing steps and back diagonals ±8
 * cm, for hip limits take away and pelvis turns add.
 *
 * @param standing the leg one stands on
 * @param drop metres the pelvis is below standing
 * @param landing the stepping foot's part: heel or ball
 * @param pitch degrees of it
 * @param toes where the stepping foot points
 * @param standingToes where the standing foot points
 * @param pelvis where the pelvis faces
 */
@RecordBuilder
public record EmptyStep(
        Side standing, double drop, Contact landing, double pitch, Bearing toes, Bearing standingToes, Bearing pelvis)
        implements EmptyStepBuilder.With {

    private static final double MORE = 1.1;

    /** {@return a step with pelvis and both feet to the front, landing as is usual} */
    public static EmptyStep ahead(Side standing, double drop, Contact landing) {
        return new EmptyStep(
                standing, drop, landing, Sole.usualPitch(landing), Bearing.FRONT, Bearing.FRONT, Bearing.FRONT);
    }

    /** {@return metres the pelvis is below standing when the standing knee is bent by degrees} */
    public static double dropForBend(double degrees, Body body) {
        double span = LegSpan.at(degrees, body);
        return Proportions.LEG * body.stature() - Math.sqrt(span * span - level(body));
    }

    /** {@return degrees the standing knee is bent at a drop} */
    public static double bendForDrop(double drop, Body body) {
        double up = Proportions.LEG * body.stature() - drop;
        return LegSpan.bend(Math.sqrt(up * up + level(body)), body);
    }

    /** The square of the level distance from hip to ankle of the leg that is stood on. */
    private static double level(Body body) {
        double across = Proportions.HALF_HIPS * body.stature();
        double along = (FootPose.FLAT_PRESSURE - Proportions.ANKLE_ALONG) * body.footLength();
        return across * across + along * along;
    }

    /**
     * {@return metres from the axis of the standing leg to the point that is set down, the heel or the base of the big
     * toe, in a direction; empty where nothing reaches the floor}
     */
    public OptionalDouble reach(Bearing direction, Body body) {
        Sole sole = new Sole(FloorPoint.ORIGIN, toes, landing, pitch, 0);
        double ahead = sole.ankleAhead(body) - setDown() * body.footLength();
        double up = Proportions.HIP_HEIGHT * body.stature()
                - drop
                - sole.ankle(body).up();
        double straight = LegSpan.straight(body);
        double level = straight * straight - up * up;
        FloorVector hip = pelvis.right().vector(standing.other().sign() * Proportions.HALF_HIPS * body.stature());
        FloorVector way = toes.vector(ahead).plus(hip.times(-1));
        double along = way.along(direction);
        double root = along * along - way.length() * way.length() + level;
        return level < 0 || root < 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.sqrt(root) - along);
    }

    private double setDown() {
        return landing == Contact.BALL ? FootPose.BALL : 0;
    }

    /** {@return the way from the standing heel to the stepping one for a reach in a direction} */
    public FloorVector heelToHeel(double reach, Bearing direction, Body body) {
        return direction
                .vector(reach)
                .plus(toes.vector(-setDown() * body.footLength()))
                .plus(standingToes.vector(FootPose.FLAT_PRESSURE * body.footLength()));
    }

    /** {@return metres more to sink for a tenth more reach; empty where that cannot be} */
    public OptionalDouble sinkForTenthMore(Bearing direction, Body body) {
        OptionalDouble now = reach(direction, body);
        if (now.isEmpty()) {
            return now;
        }
        double wanted = MORE * now.getAsDouble();
        double deepest = Proportions.LEG * body.stature() * 0.7;
        if (withDrop(deepest).reach(direction, body).orElse(0) < wanted) {
            return OptionalDouble.empty();
        }
        double found = Bisection.firstTrue(
                drop, deepest, deeper -> withDrop(deeper).reach(direction, body).orElse(0) >= wanted);
        return OptionalDouble.of(found - drop);
    }
}
