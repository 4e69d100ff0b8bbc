package app.avrel.cue;

import app.avrel.form.Tempo;
import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is wanted of a script.
 *
 * @param level how much is said; by the ladder, shorter each time, where empty
 * @param view for whom sides are named
 * @param secondsPerBeat 0.2 to 30
 * @param breathsAMinute by which counts last as long as one breathes, 1 to 30; empty where the beats count
 * @param lead seconds by which a call ends before its movement begins, 0 to 5
 * @param calls most calls a count, 1 to 5
 * @param names where a posture's name is called; as the house and the posture have it where empty
 * @param ordinals whether the second and third time are told; as the house and the posture have it where empty
 * @param numbers whether the counts are told by number; as the house and the posture have it where empty
 * @param breath whether the breath is called; as the house and the posture have it where empty
 */
@RecordBuilder
public record CueOrder(
        Language language,
        Optional<CueLevel> level,
        Layer layer,
        Viewpoint view,
        double secondsPerBeat,
        OptionalDouble breathsAMinute,
        double lead,
        int calls,
        Optional<NamePlace> names,
        Optional<Boolean> ordinals,
        Optional<Boolean> numbers,
        Optional<Boolean> breath)
        implements CueOrderBuilder.With {

    /** Four seconds a beat, shorter each time, in English. */
    public static final CueOrder USUAL = new CueOrder(
            Language.ENGLISH,
            Optional.empty(),
            Layer.EVERYTHING,
            Viewpoint.OWN,
            4,
            OptionalDouble.empty(),
            1,
            2,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public CueOrder {
        Tempo _ = new Tempo(secondsPerBeat, breathsAMinute);
        if (!(lead >= 0 && lead <= 5)) {
            throw new IllegalArgumentException("the lead must be 0 to 5 seconds, but was " + lead);
        }
        if (calls < 1 || calls > 5) {
            throw new IllegalArgumentException("calls a count must be 1 to 5, but were " + calls);
        }
    }

    /** {@return how long counts last} */
    public Tempo tempo() {
        return new Tempo(secondsPerBeat, breathsAMinute);
    }

    public CueOrder withLevel(CueLevel said) {
        return withLevel(Optional.of(said));
    }

    public CueOrder withNames(NamePlace called) {
        return withNames(Optional.of(called));
    }

    public CueOrder withOrdinals(boolean told) {
        return withOrdinals(Optional.of(told));
    }

    public CueOrder withNumbers(boolean told) {
        return withNumbers(Optional.of(told));
    }

    public CueOrder withBreath(boolean called) {
        return withBreath(Optional.of(called));
    }
}
