package app.avrel.words.lexicon;

import app.avrel.label.Language;

/**
 * A word or phrase of the school's own: wherever it is typed, it stands for the words it was taught to mean.
 *
 * @param phrase as it is typed, not blank
 * @param means what it stands for, in words the lexicon has, not blank
 */
public record TaughtWord(Language language, String phrase, String means) {

    public TaughtWord {
        phrase = phrase.strip().replaceAll("\\s+", " ");
        means = means.strip();
        if (phrase.isEmpty() || means.isEmpty()) {
            throw new IllegalArgumentException("a taught word needs the word and what it means");
        }
    }
}
