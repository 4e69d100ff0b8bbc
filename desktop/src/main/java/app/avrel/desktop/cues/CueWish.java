package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;
import app.avrel.desktop.words.Words;

/**
 * What the room is asked to show.
 *
 * @param order how it is said
 * @param lesson whose stretches, from 0; the form on the desk where it is below 0
 * @param chosen which cue of the script, from 0
 */
record CueWish(CueOrder order, int lesson, int chosen) {

    /** {@return what is shown at first: the form, called in the language of the window} */
    static CueWish first() {
        return new CueWish(CueOrder.USUAL.withLanguage(Words.language()), -1, 0);
    }

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
