package app.avrel.motion;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Kick;
import java.util.Optional;

/**
 * How a foot that is off the floor is held.
 *
 * @param knee how high the knee is raised, where that was said
 * @param toes how they are held, where that was said
 * @param kick how the foot is out, where it is
 * @param height of the sole off the floor, where that was said
 */
public record Air(Optional<Landmark> knee, Optional<HangingToes> toes, Optional<Out> kick, Optional<Length> height) {

    /** Just off the floor. */
    public static final Air JUST_OFF = new Air(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * A foot held out in a kick.
     *
     * @param toward the bearing
     * @param height of the foot, where that was said
     */
    public record Out(Kick kick, Bearing toward, Optional<Landmark> height) {}

    /** {@return the same, carried round with the body} */
    Air turned(Turn turn) {
        return new Air(
                knee, toes, kick.map(out -> new Out(out.kick(), out.toward().plus(turn), out.height())), height);
    }

    /** {@return the same, drawn back from a kick} */
    Air drawnBack() {
        return new Air(knee.or(() -> Optional.of(Landmark.HIP)), toes, Optional.empty(), Optional.empty());
    }
}
