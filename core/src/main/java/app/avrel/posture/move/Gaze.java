package app.avrel.posture.move;

import app.avrel.body.Side;
import app.avrel.floor.Direction;

/** Where the eyes are. */
public sealed interface Gaze {

    Gaze AHEAD = new Ahead();

    /** Straight ahead, with wide vision. */
    record Ahead() implements Gaze {}

    /** At a hand, or past it. */
    record AtHand(Side hand) implements Gaze {}

    /** In a direction. */
    record Toward(Direction direction) implements Gaze {}
}
