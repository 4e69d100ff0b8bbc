package app.avrel.words.reading.frame;

import app.avrel.posture.count.Arrival;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Pace;
import java.util.Optional;

/** What is said of a whole count; what is empty is not said. */
public record CountManner(
        Optional<Breath> breath, Optional<Pace> pace, Optional<Double> beats, Optional<Arrival> arrival) {

    public static final CountManner UNSAID =
            new CountManner(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** {@return this, with what the other says laid over it} */
    public CountManner with(CountManner other) {
        return new CountManner(
                other.breath.or(() -> breath),
                other.pace.or(() -> pace),
                other.beats.or(() -> beats),
                other.arrival.or(() -> arrival));
    }
}
