package app.avrel.cue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * What is said over a stretch of a track, count by count.
 *
 * @param cues in order
 * @param seconds how long the movement lasts
 */
public record CueScript(List<Cue> cues, double seconds) {

    public CueScript {
        cues = List.copyOf(cues);
    }

    /** {@return every call, in order} */
    public Stream<Call> calls() {
        return cues.stream().flatMap(cue -> cue.calls().stream());
    }

    /** {@return all words of the script, a line a count} */
    public String text() {
        return String.join("\n", cues.stream().map(Cue::words).toList());
    }

    /** {@return seconds it takes to say everything once} */
    public double speaking() {
        return cues.stream().mapToDouble(Cue::speaking).sum();
    }

    /** {@return the share of the time in which nothing is said, 0 to 1} */
    public double silence() {
        return seconds == 0 ? 0 : Math.max(0, 1 - speaking() / seconds);
    }

    /**
     * {@return some of the counts, one after the other, each as long as is said}
     *
     * @param kept which counts remain
     * @param lengths how many seconds a count lasts then; what is called in it keeps its place from the count's start
     */
    public CueScript laid(Predicate<Cue> kept, ToDoubleFunction<Cue> lengths) {
        List<Cue> laid = new ArrayList<>();
        double at = 0;
        for (Cue cue : cues) {
            if (kept.test(cue)) {
                double length = lengths.applyAsDouble(cue);
                laid.add(cue.at(at, length));
                at += length;
            }
        }
        return new CueScript(laid, at);
    }
}
