package app.avrel.posture.hand;

import app.avrel.body.Landmark;
import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param thumb which way it points; with the palm it gives the fingers
 * @param elbow which way it points
 * @param at what the hand is placed against; the trunk where empty
 * @param offset how far from that, and which way; right there where empty
 */
@RecordBuilder
public record HandPlace(
        Optional<Landmark> height,
        Optional<Sideways> sideways,
        Optional<Reach> reach,
        Optional<Palm> palm,
        Optional<HandShape> shape,
        Optional<HandPoint> point,
        Optional<Pointing> fingers,
        Optional<Pointing> thumb,
        Optional<Pointing> elbow,
        Optional<HandAt> at,
        Optional<HandOffset> offset)
        implements HandPlaceBuilder.With {

    /** Nothing said. */
    public static final HandPlace UNSAID = new HandPlace(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** Arms hanging at the sides. */
    public static final HandPlace HANGING = UNSAID.withHeight(Landmark.THIGH)
            .withSideways(Sideways.OWN_SIDE)
            .withReach(Reach.CLOSE)
            .withPalm(Palm.IN)
            .withShape(HandShape.OPEN);

    public HandPlace withHeight(Landmark landmark) {
        return withHeight(Optional.of(landmark));
    }

    public HandPlace withSideways(Sideways place) {
        return withSideways(Optional.of(place));
    }

    public HandPlace withReach(Reach howFar) {
        return withReach(Optional.of(howFar));
    }

    public HandPlace withPalm(Palm facing) {
        return withPalm(Optional.of(facing));
    }

    public HandPlace withShape(HandShape form) {
        return withShape(Optional.of(form));
    }

    public HandPlace withPoint(HandPoint measured) {
        return withPoint(Optional.of(measured));
    }

    public HandPlace withFingers(Pointing way) {
        return withFingers(Optional.of(way));
    }

    public HandPlace withThumb(Pointing way) {
        return withThumb(Optional.of(way));
    }

    public HandPlace withElbow(Pointing way) {
        return withElbow(Optional.of(way));
    }

    public HandPlace withAt(HandAt against) {
        return withAt(Optional.of(against));
    }

    public HandPlace withOffset(HandOffset from) {
        return withOffset(Optional.of(from));
    }

    /** {@return whether this says a new target: a height, or what the hand is placed against; staying is none} */
    public boolean targets() {
        return height.isPresent()
                || at.filter(against -> against != HandAt.STAYS).isPresent();
    }

    /** {@return whether this says anything of where the hand is} */
    public boolean places() {
        return targets() || at.isPresent() || sideways.isPresent() || offset.isPresent();
    }

    /**
     * {@return this place, with what {@code said} says laid over it}
     *
     * <p>A new target sets the hand anew: side, reach and what it was held against are then what is said, or the usual of
     * the new height, never what the last move left. How the hand looks stays.
     */
    public HandPlace with(HandPlace said) {
        return new HandPlace(
                said.targets() ? said.height : height,
                said.targets() ? said.sideways : said.sideways.or(() -> sideways),
                said.targets() ? said.reach : said.reach.or(() -> reach),
                said.palm.or(() -> palm),
                said.shape.or(() -> shape),
                said.targets() ? said.point : said.point.or(() -> point),
                said.fingers.or(() -> said.thumb.isPresent() ? Optional.empty() : fingers),
                said.thumb.or(() -> said.fingers.isPresent() || said.palm.isPresent() ? Optional.empty() : thumb),
                said.elbow.or(() -> elbow),
                said.places() ? said.at : at,
                said.targets() || said.offset.isPresent() ? said.offset : offset);
    }
}
