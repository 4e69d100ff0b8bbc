package app.avrel.cue;

import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;

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

    /** {@return all words of the script, a line a count} */
    public String text() {
        return String.join("\n", cues.stream().map(Cue::words).toList());
    }

    /** {@return seconds it takes to say everything once} */
    public double speaking() {
        return cues.stream().mapToDouble(Cue::speaking).sum();
    }

    /**
     * {@return the script of a stretch of a track}
     *
     * @param stretch its occurrences, in order
     * @param secondsPerBeat above 0
     */
    public static CueScript of(List<Occurrence> stretch, CueLevel level, double secondsPerBeat, Wording saying) {
        List<Cue> cues = new ArrayList<>();
        double at = 0;
        for (Occurrence done : stretch) {
            for (Moment moment : done.moments()) {
                if (moment.place().stage() == 0) {
                    double length = Playing.measures(moment.count()) * secondsPerBeat;
                    cues.add(new Cue(done.index(), moment.place(), at, length, words(done, moment, level, saying)));
                    at += length;
                }
            }
        }
        return new CueScript(cues, at);
    }

    private static String words(Occurrence done, Moment moment, CueLevel level, Wording saying) {
        Heading front = done.front(moment.place().section());
        Count count = moment.count();
        return new CountWords(saying.withFront(front)).say(count, level);
    }
}
