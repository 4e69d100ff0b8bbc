package app.avrel.words.reading;

import app.avrel.label.Language;

/**
 * How a language orders its phrases.
 *
 * @param sideAfterPart whether whose it is may stand after the thing: pie derecho
 * @param placeAfterThing whether the relation stands after the thing: 胸前
 */
record Grammar(boolean sideAfterPart, boolean placeAfterThing) {

    static Grammar of(Language language) {
        return switch (language) {
            case ENGLISH -> new Grammar(false, false);
            case SPANISH -> new Grammar(true, false);
            case CHINESE -> new Grammar(false, true);
        };
    }
}
