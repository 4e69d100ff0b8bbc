package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;

/**
 * What the room is asked to show.
 *
 * @param order how it is said
 * @param lesson whose stretches, from 0; the form on the desk where it is below 0
 * @param chosen which cue of the script, from 0
 */
record CueWish(CueOrder order, int lesson, int chosen) {

    static final CueWish FIRST = new CueWish(CueOrder.USUAL, -1, 0);

    CueWish withOrder(CueOrder asked) {
        return new CueWish(asked, lesson, chosen);
    }

    /** {@return the first count of another stretch} */
    CueWish ofLesson(int asked) {
        return new CueWish(order, asked, 0);
    }

    CueWish withChosen(int asked) {
        return new CueWish(order, lesson, asked);
    }
}
