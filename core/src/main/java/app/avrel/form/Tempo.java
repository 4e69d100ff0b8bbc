package app.avrel.form;

import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How fast a form goes: so many seconds a beat; or, where the breath is said, as long as one breathes.
 *
 * @param secondsPerBeat 0.2 to 30
 * @param breaths in and out together, a minute, 1 to 30; empty where the breath follows the beats
 */
public record Tempo(double secondsPerBeat, OptionalDouble breaths) {

    /** Breaths a minute of a calm body at practice. */
    public static final double CALM = 6;

    public Tempo {
        if (!(secondsPerBeat >= 0.2 && secondsPerBeat <= 30)) {
            throw new IllegalArgumentException("a beat must take 0.2 to 30 seconds, but was " + secondsPerBeat);
        }
        if (breaths.isPresent() && !(breaths.getAsDouble() >= 1 && breaths.getAsDouble() <= 30)) {
            throw new IllegalArgumentException("breaths a minute must be 1 to 30, but were " + breaths.getAsDouble());
        }
    }

    public static Tempo ofBeats(double secondsPerBeat) {
        return new Tempo(secondsPerBeat, OptionalDouble.empty());
    }

    /**
     * A breath in or out, and the counts it lasts over.
     *
     * @param measures even beats of all of them together
     */
    private record Half(double measures) {
        Half longer(double by) {
            return new Half(measures + by);
        }
    }

    /** What a count has of one half of a breath. */
    private record Piece(int count, int half, double measures) {}

    /**
     * {@return how many seconds each of some counts lasts, which are done one after the other}
     *
     * <p>By the breath, one in or out takes half a breath however many counts it lasts over, shared by their beats; a
     * count that holds both takes a half of each. Where the breath is free or held the beats count.
     */
    public List<Double> seconds(List<Count> counts) {
        if (breaths.isEmpty()) {
            return counts.stream()
                    .map(count -> Playing.measures(count) * secondsPerBeat)
                    .toList();
        }
        List<Half> halves = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        Breath last = Breath.FREE;
        double[] seconds = new double[counts.size()];
        for (int i = 0; i < counts.size(); i++) {
            Breath breath = counts.get(i).breath();
            double measures = Playing.measures(counts.get(i));
            if (breath.begins() == Breath.FREE) {
                seconds[i] = measures * secondsPerBeat;
            } else {
                double share = breath.both() ? measures / 2 : measures;
                pieces.add(piece(halves, breath.goesOn() && breath.begins() == last, i, share));
                if (breath.both()) {
                    pieces.add(piece(halves, false, i, share));
                }
            }
            last = breath.ends();
        }
        double half = 30 / breaths.getAsDouble();
        pieces.forEach(piece -> seconds[piece.count()] +=
                half * piece.measures() / halves.get(piece.half()).measures());
        return Arrays.stream(seconds).boxed().toList();
    }

    /** {@return how many seconds each count of a stretch lasts, way in by way in, posture by posture} */
    public List<Double> over(List<Occurrence> stretch) {
        return seconds(stretch.stream()
                .flatMap(done -> Moment.byCount(done.moments()).stream())
                .map(count -> count.getFirst().count())
                .toList());
    }

    private static Piece piece(List<Half> halves, boolean goesOn, int count, double measures) {
        if (goesOn) {
            halves.addLast(halves.removeLast().longer(measures));
        } else {
            halves.add(new Half(measures));
        }
        return new Piece(count, halves.size() - 1, measures);
    }
}
