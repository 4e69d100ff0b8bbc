package app.avrel.posture.move;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;

/** How the weight shall be shared. */
public sealed interface Split {

    /** {@return exactly this percent on the given foot} */
    static Split on(Side side, int percent) {
        return new Said(WeightShare.on(side, percent));
    }

    /** {@return more on this foot than on the other, without a number} */
    static Split toward(Side side) {
        return new Said(WeightShare.on(side, 51, 100));
    }

    /** As said: exact, between two shares, or unknown. */
    record Said(WeightShare share) implements Split {}

    /** As the house rules say for a stance in which {@code heavier} bears more. */
    record AsHouse(Loading loading, Side heavier) implements Split {}

    /** The splits that house rules settle. */
    enum Loading {
        FRONT_LOADED("front-loaded"),
        LIGHT_FOOT("light foot");

        private final String word;

        Loading(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
