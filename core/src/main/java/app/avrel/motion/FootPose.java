package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.posture.move.Contact;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * Where a foot is.
 *
 * @param heel the rearmost point of the sole; for a raised heel, where it would lie if the foot lay flat
 * @param heading where the toes point
 * @param contact the part that touches
 * @param air how it is held, for a foot off the floor
 * @param was where the heel was before the foot's last move
 * @param raised how far the heel or the toes are off the floor, where that was said
 */
@RecordBuilder
public record FootPose(
        Estimate<FloorPoint> heel,
        Estimate<Bearing> heading,
        Contact contact,
        Optional<Air> air,
        Optional<FloorPoint> was,
        Optional<Length> raised)
        implements FootPoseBuilder.With {

    /** The base of the big toe, as a share of the foot's length from the heel. */
    public static final double BALL = 0.72;

    /** The pressure point of a flat foot, as a share of its length from the heel. */
    public static final double FLAT_PRESSURE = 0.45;

    /** The point on which a foot stands on its heel, as a share of its length from the heel. */
    public static final double HEEL_PRESSURE = 0.08;

    /** {@return where the pressure comes down, as a share of the foot's length from the heel} */
    public static double pressure(Contact contact) {
        return switch (contact) {
            case FLAT, LIFTED -> FLAT_PRESSURE;
            case HEEL -> HEEL_PRESSURE;
            case BALL -> BALL;
        };
    }

    public static FootPose at(FloorPoint heel, Bearing heading, Contact contact) {
        return standing(Estimate.known(heel), heading, contact);
    }

    public boolean lifted() {
        return contact == Contact.LIFTED;
    }

    /** {@return the point at a share of the foot's length from the heel toward the toes} */
    public FloorPoint point(Body body, double share) {
        return heel.value().plus(heading.value().vector(share * body.footLength()));
    }

    /** {@return a foot that stands, or hangs just off the floor} */
    public static FootPose standing(Estimate<FloorPoint> heel, Bearing heading, Contact contact) {
        return new FootPose(
                heel, Estimate.known(heading), contact, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** {@return how high the knee is raised, where that was said} */
    public Optional<Landmark> knee() {
        return air.flatMap(Air::knee);
    }

    @Override
    public FootPose withContact(Contact changed) {
        return new FootPose(
                heel,
                heading,
                changed,
                changed == Contact.LIFTED ? air : Optional.empty(),
                was,
                changed == contact ? raised : Optional.empty());
    }

    /** {@return this foot off the floor} */
    public FootPose inAir(Air held) {
        return new FootPose(heel, heading, Contact.LIFTED, Optional.of(held), was, Optional.empty());
    }

    /** {@return this foot with its present place remembered as the one before its last move} */
    FootPose leaving() {
        return new FootPose(heel, heading, contact, air, Optional.of(heel.value()), Optional.empty());
    }

    /** {@return this foot carried round a centre} */
    public FootPose turned(FloorPoint centre, Turn turn) {
        return new FootPose(
                heel.map(point -> point.turned(centre, turn)),
                heading.map(to -> to.plus(turn)),
                contact,
                air.map(held -> held.turned(turn)),
                was.map(point -> point.turned(centre, turn)),
                raised);
    }

    /** {@return this foot carried along} */
    public FootPose moved(FloorVector by) {
        return new FootPose(
                heel.map(point -> point.plus(by)), heading, contact, air, was.map(point -> point.plus(by)), raised);
    }

    /** {@return whether the record says where the foot is and points, or it follows from what it says} */
    public boolean placedAsSaid() {
        return heel.known() && heading.known() && !heel.assumed() && !heading.assumed();
    }
}
