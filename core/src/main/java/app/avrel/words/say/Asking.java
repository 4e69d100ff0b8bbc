package app.avrel.words.say;

import app.avrel.label.Language;
import java.util.Map;

/** Questions, answers and refusals in the words of a language. */
public final class Asking {

    private final PhraseBook book;

    public Asking(Language language) {
        book = PhraseBook.of(language);
    }

    /** {@return a question} */
    public String question(String key, Map<String, String> gaps) {
        return say("ask." + key, gaps);
    }

    /** {@return the word or two of an answer} */
    public String label(String answer, Map<String, String> gaps) {
        return say("answer." + answer, gaps);
    }

    /** {@return the words that an answer puts before the word that was asked about} */
    public String add(String answer, Map<String, String> gaps) {
        return say("add." + answer, gaps);
    }

    /** {@return what cannot be, and what to do} */
    public String refusal(String key, Map<String, String> gaps) {
        return say("refuse." + key, gaps);
    }

    private String say(String key, Map<String, String> gaps) {
        Slots slots = Slots.none();
        gaps.forEach(slots::text);
        return book.say(Register.EXACT, key, slots);
    }
}
