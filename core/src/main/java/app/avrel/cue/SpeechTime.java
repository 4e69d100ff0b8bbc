package app.avrel.cue;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How long English words take to say.
 *
 * <p>{@code 0.19 words + 0.09 syllables + 0.45 commas} seconds at 140 words a minute: fitted to 24 cues said by one
 * synthetic voice, mean error 0.2 s, worst 0.4 s. Expect ±0.4 s or 12 % of a person.
 */
public final class SpeechTime {

    private static final Pattern SPACE = Pattern.compile("[\\s;:]+");
    private static final Pattern NOT_LETTERS = Pattern.compile("[^a-z]");
    private static final Pattern VOWELS = Pattern.compile("[aeiouy]+");
    private static final Pattern INNER_PAUSE = Pattern.compile("[,;:.](?=\\s)");

    private SpeechTime() {}

    /** {@return seconds to say the text at 140 words a minute; 0 for no words} */
    public static double seconds(String text) {
        String said = text.strip();
        if (said.isEmpty()) {
            return 0;
        }
        String[] words = SPACE.split(said);
        int syllables = 0;
        for (String word : words) {
            syllables += syllables(word);
        }
        long pauses = INNER_PAUSE.matcher(said).results().count();
        return 0.19 * words.length + 0.09 * syllables + 0.45 * pauses;
    }

    /** {@return how many syllables a word has, by its groups of vowels; a number counts as two} */
    static int syllables(String word) {
        String letters = NOT_LETTERS.matcher(word.toLowerCase(Locale.ROOT)).replaceAll("");
        if (letters.isEmpty()) {
            return 2;
        }
        int groups = (int) VOWELS.matcher(letters).results().count();
        boolean silent = letters.length() > 3
                && (letters.endsWith("e") && !letters.endsWith("le")
                        || letters.endsWith("ed") && !letters.matches(".*[td]ed"));
        return Math.max(1, silent ? groups - 1 : groups);
    }
}
