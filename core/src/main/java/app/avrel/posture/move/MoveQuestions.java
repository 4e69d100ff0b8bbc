package app.avrel.posture.move;

import app.avrel.body.Side;
import java.util.Optional;

/** What is asked of a move, each answered for every kind in one place. */
public final class MoveQuestions {

    private MoveQuestions() {}

    /** {@return whether a foot leaves the floor, or its place on it} */
    public static boolean leavesItsPlace(Move move) {
        return travels(move) || inTheAir(move);
    }

    /** {@return whether a foot goes to another place} */
    public static boolean travels(Move move) {
        return switch (move) {
            case Move.Step _, Move.Slide _, Move.DrawIn _, Move.HalfStep _ -> true;
            case Move.Lower lower -> lower.place().isPresent();
            case Move.Stamp stamp -> stamp.place().isPresent();
            case Move.Lift _, Move.Kicking _, Move.DrawBack _ -> false;
            case Move.Raise _, Move.TurnFoot _ -> false;
            case Move.OfTrunk _, Move.OfHands _, Move.Look _ -> false;
        };
    }

    /** {@return whether a foot is in the air afterwards, or moves there} */
    public static boolean inTheAir(Move move) {
        return switch (move) {
            case Move.Lift _, Move.Kicking _, Move.DrawBack _ -> true;
            case Move.DrawIn draw -> draw.to() == DrawnTo.HOVERING;
            case Move.Step _, Move.Slide _, Move.HalfStep _, Move.Lower _, Move.Stamp _ -> false;
            case Move.Raise _, Move.TurnFoot _ -> false;
            case Move.OfTrunk _, Move.OfHands _, Move.Look _ -> false;
        };
    }

    /** {@return whether a foot sets down in a place of its own, so that its place and its line are new} */
    public static boolean setsAFoot(Move move) {
        return switch (move) {
            case Move.Stamp _, Move.TurnFoot _ -> true;
            case Move.OfFoot foot -> travels(foot);
            case Move.OfTrunk _, Move.OfHands _, Move.Look _ -> false;
        };
    }

    /** {@return whether a hand goes to a place, alone or with the other} */
    public static boolean placesHands(Move move) {
        return switch (move) {
            case Move.PlaceHand _, Move.HoldBall _, Move.RelateHands _ -> true;
            case Move.Circle _, Move.HandleProp _ -> false;
            case Move.OfFoot _, Move.OfTrunk _, Move.Look _ -> false;
        };
    }

    /** {@return the side whose limb moves; empty where both do, or none} */
    public static Optional<Side> side(Move move) {
        return switch (move) {
            case Move.OfFoot foot -> Optional.of(foot.foot());
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.Circle circle -> Optional.of(circle.hand());
            case Move.HandleProp prop -> Optional.of(prop.hand());
            case Move.HoldBall _, Move.RelateHands _, Move.OfTrunk _, Move.Look _ -> Optional.empty();
        };
    }
}
