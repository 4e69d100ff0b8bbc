package app.avrel.posture.move;

import app.avrel.body.Length;
import app.avrel.body.Side;
import java.util.Optional;

/** How deep the pelvis goes. Lengths are at least 0. */
public sealed interface Depth {

    /** Deeper than it is. */
    record Sink(Optional<Length> by) implements Depth {
        public Sink {
            by.ifPresent(Depth::check);
        }
    }

    /** Higher than it is, at most up to standing. */
    record Rise(Optional<Length> by) implements Depth {
        public Rise {
            by.ifPresent(Depth::check);
        }
    }

    /** So far below standing. */
    record To(Length drop) implements Depth {
        public To {
            check(drop);
        }
    }

    /** To the height the house rules give a frame. */
    record ToFrame(Frame frame) implements Depth {}

    /**
     * Until the knee of the rear leg meets the calf of the other, as in a crossed rest.
     *
     * @param knee the side of the rear leg; where empty, of the one that is behind
     */
    record UntilKneeMeetsCalf(Optional<Side> knee) implements Depth {}

    /** How tall one stands in a form. */
    enum Frame {
        HIGH,
        MEDIUM,
        LOW
    }

    private static void check(Length length) {
        if (length.amount() < 0) {
            throw new IllegalArgumentException("depth must be at least 0, but was " + length);
        }
    }
}
