package app.avrel.cue;

import java.util.List;
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
}
