package app.avrel.posture;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import java.util.Optional;

/**
 * One thing that moves in a stage of a count: the closed set of actions.
 *
 * <p>Every concern (posing, mirroring, checking, saying, writing) is one exhaustive switch over this.
 */
public sealed interface Move {

    /** A move of one foot. */
    sealed interface OfFoot extends Move {
        Side foot();
    }

    /**
     * A foot goes to another place.
     *
     * @param place where to
     * @param landing the part that touches down; empty where not said
     * @param toes where the toes point afterwards; empty where not said
     */
    record Step(Side foot, StepPlace place, Optional<Contact> landing, Optional<Toes> toes) implements OfFoot {}

    /** A light foot comes beside the standing one. */
    record DrawIn(Side foot, DrawnTo to) implements OfFoot {}

    /** The foot follows, closing the share of the distance that the house rules say, and lands flat. */
    record HalfStep(Side foot) implements OfFoot {}

    /**
     * A raised part, or the whole raised foot, goes down.
     *
     * @param to the part that then bears: flat, heel or ball
     * @param place where a foot that is in the air comes down; empty is under where it hangs
     */
    record Lower(Side foot, Contact to, Optional<StepPlace> place) implements OfFoot {}

    /** The heel or the toes of a standing foot leave the floor. */
    record Raise(Side foot, FootPart part) implements OfFoot {}

    /**
     * The foot leaves the floor and the knee rises.
     *
     * @param knee how high the knee comes; empty where not said
     */
    record Lift(Side foot, Optional<Landmark> knee) implements OfFoot {}

    /**
     * The foot turns where it stands.
     *
     * @param on the part that stays in place
     * @param toes where the toes point afterwards; empty where not said
     */
    record TurnFoot(Side foot, Pivot on, Optional<Toes> toes) implements OfFoot {}

    /** The weight is shared anew. */
    record Shift(Split split) implements Move {}

    /**
     * The body turns about its upright axis.
     *
     * @param part whole body (hips and chest), or the chest against the hips
     * @param turning how far; empty where not said
     */
    record TurnBody(BodyPart part, Optional<Turning> turning) implements Move {}

    /** The pelvis sinks or rises. */
    record ChangeDepth(Depth depth) implements Move {}

    /** One hand goes to a place; whatever is not said stays as it is. */
    record PlaceHand(Side hand, HandPlace to) implements Move {}

    /**
     * Both hands hold a ball before the body, one palm down above the other palm up.
     *
     * @param above the upper hand
     * @param height of the ball's middle; empty where not said
     */
    record HoldBall(Side above, Optional<Landmark> height) implements Move {}

    /** The eyes go somewhere. */
    record Look(Gaze at) implements Move {}
}
