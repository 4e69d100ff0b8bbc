package app.avrel.motion;

import app.avrel.body.Landmark;

/** Where the palms are that hold a ball: one landmark of the trunk above and one below its middle. */
final class BallHold {

    private BallHold() {}

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
