package app.avrel.project;

import app.avrel.body.Side;
import java.util.Optional;

/**
 * What is to be taken care of.
 *
 * @param side only on this side, for a knee or a hip; empty for both, and for what has no side
 */
public record Care(Precaution what, Optional<Side> side) {

    public Care {
        if (!what.sided()) {
            side = Optional.empty();
        }
    }

    /** {@return something on both sides, or without one} */
    public static Care of(Precaution what) {
        return new Care(what, Optional.empty());
    }

    /** {@return such as {@code left knee}} */
    public String words() {
        return side.map(of -> of.word() + " ").orElse("") + what.word();
    }
}
