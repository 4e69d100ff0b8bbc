package app.avrel.posture.move;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.CircleSize;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropRest;
import io.soabase.recordbuilder.core.RecordBuilder;
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

    /** A move of the trunk: the weight, the turn, the depth, the incline. */
    sealed interface OfTrunk extends Move {}

    /** A move of one hand or both, or of what they hold. */
    sealed interface OfHands extends Move {}

    /**
     * A foot goes to another place.
     *
     * @param place where to
     * @param landing the part that touches down; empty where not said
     * @param toes where the toes point afterwards; empty where not said
     * @param way how the foot goes there; empty where not said
     */
    @RecordBuilder
    record Step(Side foot, StepPlace place, Optional<Contact> landing, Optional<Toes> toes, Optional<FootWay> way)
            implements OfFoot, MoveStepBuilder.With {}

    /**
     * A foot goes to another place without leaving the floor; distances count from its old place.
     *
     * @param landing the part that bears afterwards; empty keeps it
     * @param toes where the toes point afterwards; empty keeps them
     */
    record Slide(Side foot, StepPlace place, Optional<Contact> landing, Optional<Toes> toes) implements OfFoot {}

    /** A light foot comes beside the standing one. */
    record DrawIn(Side foot, DrawnTo to) implements OfFoot {}

    /**
     * The foot follows, closing the share of the distance that the house rules say.
     *
     * @param landing the part that touches down; flat where not said
     */
    record HalfStep(Side foot, Optional<Contact> landing) implements OfFoot {}

    /**
     * A raised part, or the whole raised foot, goes down.
     *
     * @param to the part that then bears: flat, heel or ball
     * @param place where a foot that is in the air comes down; empty is under where it hangs
     * @param toes where the toes point afterwards; empty keeps them
     */
    record Lower(Side foot, Contact to, Optional<StepPlace> place, Optional<Toes> toes) implements OfFoot {}

    /**
     * The heel or the toes of a standing foot leave the floor.
     *
     * @param height how far they come off it; empty where not said
     */
    record Raise(Side foot, FootPart part, Optional<Length> height) implements OfFoot {}

    /**
     * The foot leaves the floor and the knee rises.
     *
     * @param knee how high the knee comes; empty where not said
     * @param toes how they are held; empty where not said
     * @param height how far the sole comes off the floor; empty where not said
     */
    @RecordBuilder
    record Lift(Side foot, Optional<Landmark> knee, Optional<HangingToes> toes, Optional<Length> height)
            implements OfFoot, MoveLiftBuilder.With {}

    /**
     * A foot in the air goes out in a kick, and stays out until it is drawn back or lowered.
     *
     * @param toward the direction of the kick; empty is where the body faces
     * @param height of the foot; empty where not said
     */
    record Kicking(Side foot, Kick kick, Optional<Direction> toward, Optional<Landmark> height) implements OfFoot {}

    /** A foot that is out in the air comes back, knee raised. */
    record DrawBack(Side foot) implements OfFoot {}

    /**
     * A light foot is stamped down flat.
     *
     * @param place where; empty is under where it hangs
     */
    record Stamp(Side foot, Optional<StepPlace> place) implements OfFoot {}

    /**
     * The foot turns where it stands.
     *
     * @param on the part that stays in place
     * @param toes where the toes point afterwards; empty where not said
     */
    record TurnFoot(Side foot, Pivot on, Optional<Toes> toes) implements OfFoot {}

    /** The weight is shared anew. */
    record Shift(Split split) implements OfTrunk {}

    /**
     * The body turns about its upright axis.
     *
     * @param part whole body (hips and chest), or the chest against the hips
     * @param turning how far; empty where not said
     */
    record TurnBody(BodyPart part, Optional<Turning> turning) implements OfTrunk {}

    /** The pelvis sinks or rises. */
    record ChangeDepth(Depth depth) implements OfTrunk {}

    /**
     * The trunk inclines from the upright, or comes back to it.
     *
     * @param degrees from the upright, 0 to 60; 0 is upright; empty where not said
     * @param toward the direction; empty is forward
     */
    record Incline(Optional<Integer> degrees, Optional<Direction> toward) implements OfTrunk {
        public Incline {
            degrees.ifPresent(lean -> {
                if (lean < 0 || lean > 60) {
                    throw new IllegalArgumentException("incline must be 0 to 60 degrees, but was " + lean);
                }
            });
        }
    }

    /**
     * One hand goes to a place; whatever is not said stays as it is.
     *
     * @param path how it goes there; empty where not said
     */
    record PlaceHand(Side hand, HandPlace to, Optional<HandPath> path) implements OfHands {}

    /**
     * Both hands hold a ball before the body, one palm down above the other palm up.
     *
     * @param above the upper hand
     * @param height of the ball's middle; empty where not said
     * @param size the ball's diameter; empty where not said
     * @param beside the side of the body at which it is held; empty before its middle
     */
    @RecordBuilder
    record HoldBall(Side above, Optional<Landmark> height, Optional<Length> size, Optional<Side> beside)
            implements OfHands, MoveHoldBallBuilder.With {}

    /**
     * The hands come to stand to each other in some way.
     *
     * @param leading the hand that the relation tells apart; see {@link HandRelation}. Empty where it is not said: neither is
     *     then before or above the other
     * @param height of the place where they meet; empty where not said
     * @param gap between them, where the relation has one; empty where not said
     * @param palm which way both palms look; empty where not said
     */
    @RecordBuilder
    record RelateHands(
            HandRelation relation,
            Optional<Side> leading,
            Optional<Landmark> height,
            Optional<Length> gap,
            Optional<Palm> palm)
            implements OfHands, MoveRelateHandsBuilder.With {}

    /**
     * A hand goes round and comes back to where it was, or ends where the same stage places it.
     *
     * @param sense which way round; empty where not said
     * @param size how large; empty where not said
     * @param times how often, 1 to 9; empty is once
     */
    record Circle(Side hand, Optional<CircleSense> sense, Optional<CircleSize> size, Optional<Integer> times)
            implements OfHands {
        public Circle {
            times.ifPresent(often -> {
                if (often < 1 || often > 9) {
                    throw new IllegalArgumentException("circles must be 1 to 9, but were " + often);
                }
            });
        }
    }

    /**
     * A hand does something with a prop.
     *
     * @param hand that does it; passing gives the prop to this hand
     * @param prop which; empty is the one that is held
     * @param points where its tip points afterwards; empty keeps it
     * @param toward the direction it points or leans in; empty keeps it
     * @param rests what it lies against afterwards; empty is nothing but the hand
     */
    @RecordBuilder
    record HandleProp(
            Side hand,
            PropAct act,
            Optional<Prop> prop,
            Optional<Pointing> points,
            Optional<Direction> toward,
            Optional<PropRest> rests)
            implements OfHands, MoveHandlePropBuilder.With {}

    /** The eyes go somewhere. */
    record Look(Gaze at) implements Move {}
}
