package app.avrel.cue;

import app.avrel.label.Language;

/**
 * How a term sounds, for voices that would read it wrongly: what is written, and a spelling that they read right.
 *
 * @param language in which it is said
 * @param written as it stands in a cue
 * @param spoken such as {@code dahn tyen}
 */
public record Pronunciation(Language language, String written, String spoken) {

    public Pronunciation {
        written = written.strip();
        spoken = spoken.strip();
        if (written.isEmpty() || spoken.isEmpty()) {
            throw new IllegalArgumentException("a sound needs the term as it is written and as it is spoken");
        }
    }
}
