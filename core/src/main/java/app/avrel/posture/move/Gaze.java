package app.avrel.posture.move;

import app.avrel.body.Side;
import app.avrel.floor.Direction;

/** Where the eyes are. */
public sealed interface Gaze {

    Gaze AHEAD = new Ahead();

    /** Straight ahead, with wide vision. */
    record Ahead() implements Gaze {}

    /** At a hand, or past its fingertips. */
    record AtHand(Side hand, Aim aim) implements Gaze {

        /** How far the eyes go. */
        public enum Aim {
            AT,
            PAST
        }
    }

    /** In a direction. */
    record Toward(Direction direction) implements Gaze {}
}
