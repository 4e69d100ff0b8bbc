package app.avrel.words.reading.frame;

import java.util.Optional;

/**
 * Something in a line that cannot be.
 *
 * @param word as typed
 * @param known whether it is a word of the language, or the school's own
 * @param near of a word that is not known, the known one that is nearest to it
 * @param message what is wrong and what to do
 */
public record Refusal(String word, boolean known, Optional<String> near, String message) {}
