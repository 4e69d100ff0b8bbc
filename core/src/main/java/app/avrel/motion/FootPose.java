package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.Contact;
import java.util.Optional;

/**
 * Where a foot is.
 *
 * @param heel the rearmost point of the sole; for a raised heel, where it would lie if the foot lay flat
 * @param heading where the toes point
 * @param contact the part that touches
 * @param knee how high the knee is raised, for a foot off the floor, where that was said
 */
public record FootPose(Estimate<FloorPoint> heel, Estimate<Heading> heading, Contact contact, Optional<Landmark> knee) {

    /** The base of the big toe, as a share of the foot's length from the heel. */
    public static final double BALL = 0.72;

    /** The pressure point of a flat foot, as a share of its length from the heel. */
    public static final double FLAT_PRESSURE = 0.45;

    /** The point on which a foot stands on its heel, as a share of its length from the heel. */
    public static final double HEEL_PRESSURE = 0.08;

    public static FootPose at(FloorPoint heel, Heading heading, Contact contact) {
        return new FootPose(Estimate.known(heel), Estimate.known(heading), contact, Optional.empty());
    }

    public boolean lifted() {
        return contact == Contact.LIFTED;
    }

    /** {@return the point at a share of the foot's length from the heel toward the toes} */
    public FloorPoint point(Body body, double share) {
        return heel.value().plus(heading.value().vector(share * body.footLength()));
    }

    public FootPose withContact(Contact changed) {
        return new FootPose(heel, heading, changed, changed == Contact.LIFTED ? knee : Optional.empty());
    }

    public FootPose withHeel(Estimate<FloorPoint> changed) {
        return new FootPose(changed, heading, contact, knee);
    }

    public FootPose withHeading(Estimate<Heading> changed) {
        return new FootPose(heel, changed, contact, knee);
    }

    public FootPose withKnee(Optional<Landmark> raisedTo) {
        return new FootPose(heel, heading, Contact.LIFTED, raisedTo);
    }

    /** {@return this foot carried round a centre} */
    public FootPose turned(FloorPoint centre, Turn turn) {
        return new FootPose(
                heel.map(point -> point.turned(centre, turn)), heading.map(to -> to.plus(turn)), contact, knee);
    }

    /** {@return this foot carried along} */
    public FootPose moved(app.avrel.floor.FloorVector by) {
        return withHeel(heel.map(point -> point.plus(by)));
    }
}
