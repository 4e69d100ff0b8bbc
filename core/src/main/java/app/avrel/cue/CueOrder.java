package app.avrel.cue;

import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What is wanted of a script.
 *
 * @param level how much is said; by the ladder, shorter each time, where empty
 * @param view for whom sides are named
 * @param secondsPerBeat 0.2 to 30
 * @param lead seconds by which a call ends before its movement begins, 0 to 5
 * @param calls most calls a count, 1 to 5
 * @param names where a posture's name is called
 * @param ordinals whether the second and third time are told
 * @param numbers whether the counts are told by number
 * @param breath whether the breath is called
 */
@RecordBuilder
public record CueOrder(
        Language language,
        Optional<CueLevel> level,
        Layer layer,
        Viewpoint view,
        double secondsPerBeat,
        double lead,
        int calls,
        NamePlace names,
        boolean ordinals,
        boolean numbers,
        boolean breath)
        implements CueOrderBuilder.With {

    /** Four seconds a beat, shorter each time, in English. */
    public static final CueOrder USUAL = new CueOrder(
            Language.ENGLISH,
            Optional.empty(),
            Layer.EVERYTHING,
            Viewpoint.OWN,
            4,
            1,
            2,
            NamePlace.BEFORE,
            true,
            false,
            true);

    public CueOrder {
        if (!(secondsPerBeat >= 0.2 && secondsPerBeat <= 30)) {
            throw new IllegalArgumentException("a beat must take 0.2 to 30 seconds, but was " + secondsPerBeat);
        }
        if (!(lead >= 0 && lead <= 5)) {
            throw new IllegalArgumentException("the lead must be 0 to 5 seconds, but was " + lead);
        }
        if (calls < 1 || calls > 5) {
            throw new IllegalArgumentException("calls a count must be 1 to 5, but were " + calls);
        }
    }

    public CueOrder withLevel(CueLevel said) {
        return withLevel(Optional.of(said));
    }
}
