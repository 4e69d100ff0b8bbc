package app.avrel.words.reading.frame;

import java.util.List;

/**
 * Something in a line that can mean two things.
 *
 * @param word as typed
 * @param key which question it is, the same in every language
 * @param question in a plain sentence
 * @param choices at least two
 */
public record Question(String word, String key, String question, List<Choice> choices) {

    /** Which foot moves. */
    public static final String WHICH_FOOT = "which_foot";

    public Question {
        choices = List.copyOf(choices);
    }

    /**
     * One answer.
     *
     * @param label a word or two
     * @param add the words that, put before {@code word}, make the line say it
     */
    public record Choice(String label, String add) {}
}
