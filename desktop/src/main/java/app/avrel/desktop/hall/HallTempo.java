package app.avrel.desktop.hall;

import app.avrel.desktop.words.Words;
import app.avrel.form.Tempo;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How fast one rehearses: by the beat, or by the breath.
 *
 * @param secondsABeat 0.5 to 6
 * @param breathing whether counts last as long as one breathes, where the breath is said
 * @param breaths a minute, 2 to 15
 */
record HallTempo(double secondsABeat, boolean breathing, double breaths) {

    static final HallTempo USUAL = new HallTempo(2.5, false, Tempo.CALM);

    private static final double SLOWEST = 6;
    private static final double QUICKEST = 0.5;
    private static final double FEWEST = 2;
    private static final double MOST = 15;

    /** {@return this with everything lasting so many times as long; by the breath it is the breath that does} */
    HallTempo lasting(double times) {
        return breathing
                ? new HallTempo(secondsABeat, true, Math.clamp(breaths / times, FEWEST, MOST))
                : new HallTempo(Math.clamp(secondsABeat * times, QUICKEST, SLOWEST), false, breaths);
    }

    HallTempo otherWay() {
        return new HallTempo(secondsABeat, !breathing, breaths);
    }

    /** {@return how many seconds each count lasts} */
    List<Double> seconds(List<HallCount> counts) {
        return new Tempo(secondsABeat, breathing ? OptionalDouble.of(breaths) : OptionalDouble.empty())
                .seconds(counts.stream()
                        .map(count -> count.moments().getFirst().count())
                        .toList());
    }

    String words() {
        return breathing
                ? Words.of("hall.breaths_a_minute").formatted(breaths)
                : Words.of("hall.seconds_a_beat").formatted(secondsABeat);
    }
}
