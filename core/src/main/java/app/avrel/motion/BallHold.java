package app.avrel.motion;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.hand.Sideways;
import java.util.Optional;

/**
 * Where the palms are that hold a ball: one landmark of the trunk above and one below its middle, both on one line,
 * which is the centre line or half a shoulder to one side.
 */
final class BallHold {

    /** How far to the side a ball is held that is not held before the middle, in shoulder halves. */
    private static final double ASIDE = 0.7;

    private BallHold() {}

    static Sideways sideways(Side hand, Optional<Side> beside) {
        return beside.<Sideways>map(side -> new Sideways.Across(side == hand ? ASIDE : -ASIDE))
                .orElse(Sideways.CENTRE);
    }

    static Landmark upper(Landmark middle) {
        return switch (middle) {
            case HIP -> Landmark.NAVEL;
            case NAVEL, SOLAR_PLEXUS -> Landmark.CHEST;
            case CHEST -> Landmark.SHOULDER;
            default -> middle;
        };
    }

    static Landmark lower(Landmark middle) {
        return switch (middle) {
            case NAVEL -> Landmark.HIP;
            case SOLAR_PLEXUS, CHEST -> Landmark.NAVEL;
            case SHOULDER -> Landmark.SOLAR_PLEXUS;
            default -> middle;
        };
    }
}
