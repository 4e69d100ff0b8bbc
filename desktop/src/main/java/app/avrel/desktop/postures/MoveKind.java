package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
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
    STEP("postures.step", Group.OFTEN),
    SHIFT("postures.shift_weight", Group.OFTEN),
    TURN_BODY("postures.turn_body", Group.OFTEN),
    TURN_FOOT("postures.turn_foot", Group.OFTEN),
    DRAW_IN("postures.draw_foot", Group.FEET),
    HALF_STEP("postures.half_step", Group.FEET),
    SLIDE("postures.slide_foot", Group.FEET),
    LOWER("postures.lower_foot", Group.FEET),
    RAISE("postures.raise_heel_or", Group.FEET),
    LIFT("postures.lift_knee", Group.FEET),
    KICK("postures.kick", Group.FEET),
    DRAW_BACK("postures.draw_raised_foot", Group.FEET),
    STAMP("postures.stamp", Group.FEET),
    DEPTH("postures.sink_or_rise", Group.TRUNK),
    INCLINE("postures.incline_trunk", Group.TRUNK),
    LOOK("postures.look", Group.TRUNK),
    HAND("postures.place_hand", Group.HANDS),
    BALL("postures.hold_ball", Group.HANDS),
    CIRCLE("postures.circle_hand", Group.HANDS),
    RELATION("postures.both_hands_together", Group.HANDS),
    PROP("postures.use_prop", Group.HANDS);

    /** Where a kind stands in the menu. */
    public enum Group {
        OFTEN("postures.often"),
        FEET("postures.feet"),
        TRUNK("postures.trunk_eyes"),
        HANDS("postures.hands");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        public String label() {
            return Words.of(label);
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
        return Words.of(label);
    }

    /**
     * {@return a new move of this kind, with as little said as can be}
     *
     * @param free the foot that bears less, which is the one that can move
     */
    public Move fresh(Side free) {
        return switch (this) {
            case STEP -> step(free);
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
            case RELATION -> crossedWrists();
            case PROP -> takingAStaff();
            case LOWER -> new Move.Lower(free, Contact.FLAT, Optional.empty(), Optional.empty());
            case RAISE -> new Move.Raise(free, FootPart.TOES, Optional.empty());
            case LIFT -> new Move.Lift(free, Optional.empty(), Optional.empty(), Optional.empty());
            case DEPTH -> new Move.ChangeDepth(new Depth.Sink(Optional.empty()));
            case HAND -> new Move.PlaceHand(Side.RIGHT, HandPlace.UNSAID, Optional.empty());
            case BALL -> new Move.HoldBall(Side.LEFT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.empty());
            case CIRCLE -> CircleFields.fresh();
            case LOOK -> new Move.Look(Gaze.AHEAD);
        };
    }

    private static Move step(Side free) {
        return new Move.Step(
                free,
                new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Move crossedWrists() {
        return new Move.RelateHands(
                HandRelation.CROSSED_WRISTS,
                Optional.of(Side.RIGHT),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Move takingAStaff() {
        return new Move.HandleProp(
                Side.RIGHT,
                PropAct.TAKE,
                Optional.of(Prop.STAFF),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
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
            case Move.Circle _ -> CIRCLE;
            case Move.Look _ -> LOOK;
        };
    }

    /** {@return the side a move belongs to, where it belongs to one} */
    static Optional<Side> side(Move move) {
        return switch (move) {
            case Move.OfFoot ofFoot -> Optional.of(ofFoot.foot());
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.Circle circle -> Optional.of(circle.hand());
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
            case Move.OfFoot ofFoot ->
                ofFoot.foot() == Side.LEFT ? Words.of("postures.left_foot") : Words.of("postures.right_foot");
            case Move.PlaceHand hand ->
                hand.hand() == Side.LEFT ? Words.of("postures.left_hand") : Words.of("postures.right_hand");
            case Move.Circle circle ->
                circle.hand() == Side.LEFT ? Words.of("postures.left_hand") : Words.of("postures.right_hand");
            case Move.Shift _ -> Words.of("postures.weight");
            case Move.TurnBody turn ->
                switch (turn.part()) {
                    case WHOLE -> Words.of("postures.whole_body");
                    case HIPS -> Words.of("postures.hips_chest");
                    case CHEST -> Words.of("postures.chest");
                };
            case Move.ChangeDepth _ -> Words.of("postures.depth");
            case Move.HoldBall _, Move.RelateHands _ -> Words.of("postures.both_hands");
            case Move.HandleProp _ -> Words.of("postures.prop");
            case Move.Incline _ -> Words.of("postures.trunk");
            case Move.Look _ -> Words.of("postures.gaze");
        };
    }
}
