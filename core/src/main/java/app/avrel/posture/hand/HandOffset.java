package app.avrel.posture.hand;

import app.avrel.body.Length;
import java.util.Optional;

/**
 * How far and which way a hand is from the place it is said against: a hand above the knee, two fists before the navel.
 *
 * @param by how far, at least 0; empty where not said, which is a fist
 */
public record HandOffset(Way way, Optional<Length> by) {

    /** Which way. */
    public enum Way {
        ABOVE("above"),
        BELOW("below"),
        IN_FRONT("in front of"),
        BEHIND("behind"),
        OUTSIDE("outside"),
        AWAY("away from");

        private final String word;

        Way(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public HandOffset {
        by.ifPresent(length -> {
            if (length.amount() < 0) {
                throw new IllegalArgumentException("a hand's distance must be at least 0, but was " + length);
            }
        });
    }
}
