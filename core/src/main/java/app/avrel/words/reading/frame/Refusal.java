package app.avrel.words.reading.frame;

/**
 * Something in a line that cannot be.
 *
 * @param word as typed
 * @param message what is wrong and what to do
 */
public record Refusal(String word, String message) {}
