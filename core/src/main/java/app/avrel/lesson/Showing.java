package app.avrel.lesson;

import app.avrel.form.Played;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a run is shown and said.
 *
 * @param layer what of it is done and said
 * @param side as it stands in the form, or on the other side
 * @param from from where the class looks
 * @param mirrored whether sides are named for one who faces the one who shows
 * @param first how much is said the first time
 * @param later how much is said after that
 */
@RecordBuilder
public record Showing(
        Layer layer,
        Played side,
        SeenFrom from,
        boolean mirrored,
        CueLevel first,
        CueLevel later,
        Doing doing,
        Version version)
        implements ShowingBuilder.With {

    /** Everything, seen from behind, called in short. */
    public static final Showing CALLED = new Showing(
            Layer.EVERYTHING,
            Played.AS_RECORDED,
            SeenFrom.BEHIND,
            false,
            CueLevel.PROMPT,
            CueLevel.PROMPT,
            Doing.SPOKEN,
            Version.FULL);

    /** Explained the first time, guided after that. */
    public static final Showing EXPLAINED = CALLED.withFirst(CueLevel.EXPLAIN).withLater(CueLevel.GUIDE);

    /** Guided the first time, called after that. */
    public static final Showing GUIDED = CALLED.withFirst(CueLevel.GUIDE);

    /** Shown without a word. */
    public static final Showing WATCHED = CALLED.withFrom(SeenFrom.RIGHT).withDoing(Doing.SILENT);

    /** Said, and nobody moves. */
    public static final Showing SAID = CALLED.withDoing(Doing.UNMOVED);

    /** {@return how much is said the n-th time, from 0} */
    public CueLevel level(int time) {
        return time == 0 ? first : later;
    }
}
