package app.avrel.rules;

import app.avrel.body.Side;
import app.avrel.label.Labels;
import java.util.Optional;

/**
 * The part of the body that a finding is about.
 *
 * @param side empty where the part has none
 */
public record Spot(Part part, Optional<Side> side) {

    public static final Spot BALANCE = new Spot(Part.BALANCE, Optional.empty());
    public static final Spot TRUNK = new Spot(Part.TRUNK, Optional.empty());
    public static final Spot EYES = new Spot(Part.EYES, Optional.empty());
    public static final Spot BREATH = new Spot(Part.BREATH, Optional.empty());
    public static final Spot HANDS = new Spot(Part.HAND, Optional.empty());
    public static final Spot KNEES = new Spot(Part.KNEE, Optional.empty());
    public static final Spot FEET = new Spot(Part.FOOT, Optional.empty());

    /** What findings look at. */
    public enum Part {
        FOOT("foot"),
        KNEE("knee"),
        HIP("hip"),
        HAND("hand"),
        TRUNK("trunk"),
        BALANCE("balance"),
        EYES("eyes"),
        BREATH("breath");

        private final String word;

        Part(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public static Spot foot(Side side) {
        return new Spot(Part.FOOT, Optional.of(side));
    }

    public static Spot knee(Side side) {
        return new Spot(Part.KNEE, Optional.of(side));
    }

    public static Spot hip(Side side) {
        return new Spot(Part.HIP, Optional.of(side));
    }

    public static Spot hand(Side side) {
        return new Spot(Part.HAND, Optional.of(side));
    }

    /** {@return the part in words, such as {@code left knee}} */
    public String words() {
        return side.map(of -> Labels.of(of) + " ").orElse("") + Labels.of(part);
    }
}
