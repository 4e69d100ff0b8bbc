package app.avrel.words.reading.frame;

import java.util.List;

/**
 * Something in a line that can mean two things.
 *
 * @param word as typed
 * @param question in a plain sentence
 * @param choices at least two
 */
public record Question(String word, String question, List<Choice> choices) {

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
