package app.avrel.cue;

import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;

/** Which of a count's moves is called where not all can be; lower is called first. */
public final class Urgency {

    /** What must never be left out: the shift before a step. */
    static final int SHIFT_BEFORE_STEP = 0;

    private Urgency() {}

    static int of(Move move) {
        return switch (move) {
            case Move.Step _, Move.Slide _, Move.DrawIn _, Move.HalfStep _, Move.Kicking _, Move.Lift _ -> 1;
            case Move.DrawBack _, Move.Stamp _ -> 1;
            case Move.Shift _ -> 2;
            case Move.HandleProp _ -> 3;
            case Move.HoldBall _, Move.RelateHands _, Move.Circle _ -> 3;
            case Move.TurnBody _ -> 4;
            case Move.PlaceHand _ -> 5;
            case Move.Lower lower -> lower.place().isPresent() ? 1 : lower.to() == Contact.FLAT ? 7 : 6;
            case Move.TurnFoot _, Move.Raise _ -> 6;
            case Move.ChangeDepth _, Move.Incline _ -> 8;
            case Move.Look _ -> 9;
        };
    }

    /** {@return whether a foot leaves the floor or goes to another place, so that the weight must be off it} */
    public static boolean frees(Move move) {
        return of(move) == 1;
    }

    /** {@return whether its order matters: a step, or the weight} */
    public static boolean matters(Move move) {
        return frees(move) || move instanceof Move.Shift;
    }
}
