package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What the room is asked to show.
 *
 * @param order how it is said
 * @param lesson whose stretches, from 0; the form on the desk where it is below 0
 * @param chosen which cue of the script, from 0
 */
@RecordBuilder
record CueWish(CueOrder order, int lesson, int chosen) implements CueWishBuilder.With {

    static final CueWish FIRST = new CueWish(CueOrder.USUAL, -1, 0);
}
