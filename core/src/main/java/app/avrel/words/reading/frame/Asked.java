package app.avrel.words.reading.frame;

import java.util.List;
import java.util.Map;

/**
 * What a frame asks or refuses, before it is put in the words of the line's language.
 *
 * @param word of the line that it is about
 * @param key of the question or of what cannot be
 * @param gaps what the words for it need to know
 * @param answers the keys of the answers; none where something cannot be
 */
public record Asked(String word, String key, Map<String, String> gaps, List<String> answers) {

    public Asked {
        gaps = Map.copyOf(gaps);
        answers = List.copyOf(answers);
    }
}
