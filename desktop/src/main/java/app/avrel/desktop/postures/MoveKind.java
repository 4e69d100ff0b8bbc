package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import java.util.Optional;

/** The kinds of move that can be added to a stage, in the order of the menu. */
public enum MoveKind {
    STEP("Step", Group.OFTEN),
    SHIFT("Shift the weight", Group.OFTEN),
    TURN_BODY("Turn the body", Group.OFTEN),
    TURN_FOOT("Turn a foot", Group.OFTEN),
    DRAW_IN("Draw a foot in", Group.FEET),
    HALF_STEP("Half step", Group.FEET),
    SLIDE("Slide a foot", Group.FEET),
    LOWER("Lower a foot", Group.FEET),
    RAISE("Raise heel or toes", Group.FEET),
    LIFT("Lift a knee", Group.FEET),
    KICK("Kick", Group.FEET),
    DRAW_BACK("Draw a raised foot back", Group.FEET),
    STAMP("Stamp", Group.FEET),
    DEPTH("Sink or rise", Group.TRUNK),
    INCLINE("Incline the trunk", Group.TRUNK),
    LOOK("Look", Group.TRUNK),
    HAND("Place a hand", Group.HANDS),
    BALL("Hold a ball", Group.HANDS),
    RELATION("Both hands together", Group.HANDS),
    PROP("Use a prop", Group.HANDS);

    /** Where a kind stands in the menu. */
    public enum Group {
        OFTEN("Often"),
        FEET("The feet"),
        TRUNK("The trunk and the eyes"),
        HANDS("The hands");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private final String label;
    private final Group group;

    MoveKind(String label, Group group) {
        this.label = label;
        this.group = group;
    }

    public Group group() {
        return group;
    }

    public String label() {
        return label;
    }

    /**
     * {@return a new move of this kind, with as little said as can be}
     *
     * @param free the foot that bears less, which is the one that can move
     */
    public Move fresh(Side free) {
        return switch (this) {
            case STEP ->
                new Move.Step(
                        free,
                        new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
            case SHIFT -> new Move.Shift(Split.toward(free));
            case TURN_BODY -> new Move.TurnBody(BodyPart.WHOLE, Optional.empty());
            case TURN_FOOT -> new Move.TurnFoot(free, Pivot.HEEL, Optional.empty());
            case DRAW_IN -> new Move.DrawIn(free, DrawnTo.BALL_BESIDE);
            case HALF_STEP -> new Move.HalfStep(free, Optional.empty());
            case SLIDE -> new Move.Slide(free, StepPlaceFields.FORWARD, Optional.empty(), Optional.empty());
            case KICK -> new Move.Kicking(free, Kick.HEEL, Optional.empty(), Optional.of(Landmark.KNEE));
            case DRAW_BACK -> new Move.DrawBack(free);
            case STAMP -> new Move.Stamp(free, Optional.empty());
            case INCLINE -> new Move.Incline(Optional.empty(), Optional.empty());
            case RELATION ->
                new Move.RelateHands(
                        HandRelation.CROSSED_WRISTS, Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty());
            case PROP ->
                new Move.HandleProp(
                        Side.RIGHT, PropAct.TAKE, Optional.of(Prop.STAFF), Optional.empty(), Optional.empty());
            case LOWER -> new Move.Lower(free, Contact.FLAT, Optional.empty(), Optional.empty());
            case RAISE -> new Move.Raise(free, FootPart.TOES);
            case LIFT -> new Move.Lift(free, Optional.empty(), Optional.empty());
            case DEPTH -> new Move.ChangeDepth(new Depth.Sink(Optional.empty()));
            case HAND -> new Move.PlaceHand(Side.RIGHT, HandPlace.UNSAID, Optional.empty());
            case BALL -> new Move.HoldBall(Side.LEFT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.empty());
            case LOOK -> new Move.Look(Gaze.AHEAD);
        };
    }

    static MoveKind of(Move move) {
        return switch (move) {
            case Move.Step _ -> STEP;
            case Move.DrawIn _ -> DRAW_IN;
            case Move.HalfStep _ -> HALF_STEP;
            case Move.Slide _ -> SLIDE;
            case Move.Kicking _ -> KICK;
            case Move.DrawBack _ -> DRAW_BACK;
            case Move.Stamp _ -> STAMP;
            case Move.Incline _ -> INCLINE;
            case Move.RelateHands _ -> RELATION;
            case Move.HandleProp _ -> PROP;
            case Move.Lower _ -> LOWER;
            case Move.Raise _ -> RAISE;
            case Move.Lift _ -> LIFT;
            case Move.TurnFoot _ -> TURN_FOOT;
            case Move.Shift _ -> SHIFT;
            case Move.TurnBody _ -> TURN_BODY;
            case Move.ChangeDepth _ -> DEPTH;
            case Move.PlaceHand _ -> HAND;
            case Move.HoldBall _ -> BALL;
            case Move.Look _ -> LOOK;
        };
    }

    /** {@return the side a move belongs to, where it belongs to one} */
    static Optional<Side> side(Move move) {
        return switch (move) {
            case Move.OfFoot ofFoot -> Optional.of(ofFoot.foot());
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.HandleProp prop -> Optional.of(prop.hand());
            case Move.Shift _,
                    Move.TurnBody _,
                    Move.ChangeDepth _,
                    Move.Incline _,
                    Move.HoldBall _,
                    Move.RelateHands _,
                    Move.Look _ -> Optional.empty();
        };
    }

    /** {@return what a row of the card is called} */
    static String title(Move move) {
        return switch (move) {
            case Move.OfFoot ofFoot -> ofFoot.foot() == Side.LEFT ? "Left foot" : "Right foot";
            case Move.PlaceHand hand -> hand.hand() == Side.LEFT ? "Left hand" : "Right hand";
            case Move.Shift _ -> "Weight";
            case Move.TurnBody turn ->
                switch (turn.part()) {
                    case WHOLE -> "Body";
                    case HIPS -> "Hips, chest";
                    case CHEST -> "Chest";
                };
            case Move.ChangeDepth _ -> "Depth";
            case Move.HoldBall _, Move.RelateHands _ -> "Both hands";
            case Move.HandleProp _ -> "Prop";
            case Move.Incline _ -> "Trunk";
            case Move.Look _ -> "Gaze";
        };
    }
}
