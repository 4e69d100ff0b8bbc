package app.avrel.motion;

import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Gaze;

/** Directions of the frame that hands, eyes and props hold, when the pose is seen from another frame. */
public final class Directed {

    private Directed() {}

    private static Direction turned(Direction direction, Turn turn) {
        return switch (direction) {
            case Direction.OfBody ofBody -> ofBody;
            case Direction.OfPosture ofPosture ->
                new Direction.OfPosture(ofPosture.heading().plus(turn));
        };
    }

    /** {@return a place of a hand seen from a frame turned so against this one} */
    public static HandPlace turned(HandPlace place, Turn turn) {
        return place.sideways().orElse(Sideways.CENTRE) instanceof Sideways.Toward(Direction direction)
                ? place.withSideways(new Sideways.Toward(turned(direction, turn)))
                : place;
    }

    /** {@return where the eyes are, seen from a frame turned so against this one} */
    public static Gaze turned(Gaze gaze, Turn turn) {
        return switch (gaze) {
            case Gaze.Ahead ahead -> ahead;
            case Gaze.AtHand hand -> hand;
            case Gaze.Toward(Direction direction) -> new Gaze.Toward(turned(direction, turn));
        };
    }

    static HeldProp turned(HeldProp held, Turn turn) {
        return new HeldProp(
                held.prop(),
                held.held(),
                held.state(),
                held.points(),
                held.toward().map(to -> turned(to, turn)),
                held.rests());
    }
}
