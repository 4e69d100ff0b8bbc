package app.avrel.words.say;

import app.avrel.posture.move.Move;

/** What of a count is said. */
public enum Layer {
    EVERYTHING,
    FEET,
    FEET_AND_BODY,
    HANDS,
    BREATH;

    /** {@return whether a move belongs to this layer} */
    public boolean has(Move move) {
        return switch (this) {
            case EVERYTHING -> true;
            case FEET -> move instanceof Move.OfFoot || move instanceof Move.Shift;
            case FEET_AND_BODY -> move instanceof Move.OfFoot || move instanceof Move.OfTrunk;
            case HANDS -> move instanceof Move.OfHands;
            case BREATH -> false;
        };
    }
}
