package app.avrel.posture.hand;

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
 * @param point the point whose height is said; the palm's centre where empty
 * @param fingers which way they point
 * @param elbow which way it points
 * @param at what the hand is placed against; the trunk where empty
 */
public record HandPlace(
        Optional<Landmark> height,
        Optional<Sideways> sideways,
        Optional<Reach> reach,
        Optional<Palm> palm,
        Optional<HandShape> shape,
        Optional<HandPoint> point,
        Optional<Pointing> fingers,
        Optional<Pointing> elbow,
        Optional<HandAt> at) {

    public HandPlace(
            Optional<Landmark> height,
            Optional<Sideways> sideways,
            Optional<Reach> reach,
            Optional<Palm> palm,
            Optional<HandShape> shape) {
        this(
                height,
                sideways,
                reach,
                palm,
                shape,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

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
        return new HandPlace(Optional.of(landmark), sideways, reach, palm, shape, point, fingers, elbow, at);
    }

    public HandPlace withSideways(Sideways place) {
        return new HandPlace(height, Optional.of(place), reach, palm, shape, point, fingers, elbow, at);
    }

    public HandPlace withReach(Reach howFar) {
        return new HandPlace(height, sideways, Optional.of(howFar), palm, shape, point, fingers, elbow, at);
    }

    public HandPlace withPalm(Palm facing) {
        return new HandPlace(height, sideways, reach, Optional.of(facing), shape, point, fingers, elbow, at);
    }

    public HandPlace withShape(HandShape form) {
        return new HandPlace(height, sideways, reach, palm, Optional.of(form), point, fingers, elbow, at);
    }

    public HandPlace withPoint(HandPoint measured) {
        return new HandPlace(height, sideways, reach, palm, shape, Optional.of(measured), fingers, elbow, at);
    }

    public HandPlace withFingers(Pointing way) {
        return new HandPlace(height, sideways, reach, palm, shape, point, Optional.of(way), elbow, at);
    }

    public HandPlace withElbow(Pointing way) {
        return new HandPlace(height, sideways, reach, palm, shape, point, fingers, Optional.of(way), at);
    }

    public HandPlace withAt(HandAt against) {
        return new HandPlace(height, sideways, reach, palm, shape, point, fingers, elbow, Optional.of(against));
    }

    /** {@return this place, with what {@code said} says laid over it; a new place gives up what the hand was held against} */
    public HandPlace with(HandPlace said) {
        boolean placed = said.height.isPresent() || said.sideways.isPresent();
        return new HandPlace(
                said.height.or(() -> height),
                said.sideways.or(() -> sideways),
                said.reach.or(() -> reach),
                said.palm.or(() -> palm),
                said.shape.or(() -> shape),
                said.height.isPresent() ? said.point : said.point.or(() -> point),
                said.fingers.or(() -> fingers),
                said.elbow.or(() -> elbow),
                placed ? said.at : said.at.or(() -> at));
    }
}
