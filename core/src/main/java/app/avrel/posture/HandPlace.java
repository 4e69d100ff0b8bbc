package app.avrel.posture;

import app.avrel.body.Landmark;
import java.util.Optional;

/**
 * Where a hand is and how it looks there; whatever is empty is not said.
 *
 * @param height of the palm's centre
 * @param sideways where across the body, or in which direction
 * @param reach how far from the shoulder
 * @param palm which way the palm looks
 * @param shape of the hand
 */
public record HandPlace(
        Optional<Landmark> height,
        Optional<Sideways> sideways,
        Optional<Reach> reach,
        Optional<Palm> palm,
        Optional<HandShape> shape) {

    /** Nothing said. */
    public static final HandPlace UNSAID =
            new HandPlace(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Arms hanging at the sides. */
    public static final HandPlace HANGING = UNSAID.withHeight(Landmark.THIGH)
            .withSideways(Sideways.OWN_SIDE)
            .withReach(Reach.CLOSE)
            .withPalm(Palm.IN)
            .withShape(HandShape.OPEN);

    public HandPlace withHeight(Landmark landmark) {
        return new HandPlace(Optional.of(landmark), sideways, reach, palm, shape);
    }

    public HandPlace withSideways(Sideways place) {
        return new HandPlace(height, Optional.of(place), reach, palm, shape);
    }

    public HandPlace withReach(Reach howFar) {
        return new HandPlace(height, sideways, Optional.of(howFar), palm, shape);
    }

    public HandPlace withPalm(Palm facing) {
        return new HandPlace(height, sideways, reach, Optional.of(facing), shape);
    }

    public HandPlace withShape(HandShape form) {
        return new HandPlace(height, sideways, reach, palm, Optional.of(form));
    }

    /** {@return this place, with what {@code said} says laid over it} */
    public HandPlace with(HandPlace said) {
        return new HandPlace(
                said.height.or(() -> height),
                said.sideways.or(() -> sideways),
                said.reach.or(() -> reach),
                said.palm.or(() -> palm),
                said.shape.or(() -> shape));
    }
}
