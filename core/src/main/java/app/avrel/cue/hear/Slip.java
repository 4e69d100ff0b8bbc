package app.avrel.cue.hear;

import app.avrel.form.Moment;
import app.avrel.label.Labels;
import java.util.OptionalDouble;

/**
 * Something said wrongly, or not at all.
 *
 * @param said the words; empty where something is left out
 * @param piece which piece of the script, from 0; where something is left out, the one before which it belongs
 * @param occurrence which posture of the track, from 0
 * @param place in which count it belongs
 * @param instead what would be said of what is recorded
 * @param seconds when it is said, where the script has times
 */
public record Slip(
        SlipKind kind,
        String said,
        int piece,
        int occurrence,
        Moment.Place place,
        String instead,
        OptionalDouble seconds) {

    /** {@return a sentence: what was said, what is recorded, what to say} */
    public String sentence() {
        String what = said.isEmpty() ? "" : "“" + said + "”: ";
        return what + kind.sentence() + (instead.isEmpty() ? "." : Labels.say("cues.say", instead));
    }
}
