package app.avrel.posture.count;

import app.avrel.label.Language;

/**
 * The instructor's own words for a count.
 *
 * @param text not blank
 */
public record OwnWords(Language language, CueLevel level, String text) {
    public OwnWords {
        text = text.strip();
        if (text.isEmpty()) {
            throw new IllegalArgumentException("own words must not be blank");
        }
    }
}
