package app.avrel.words.say;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What fills the gaps of a phrase: texts as they are, and keys of the words that the book has for them. */
final class Slots {

    private final Map<String, String> texts = new HashMap<>();
    private final Map<String, String> keys = new HashMap<>();

    static Slots none() {
        return new Slots();
    }

    /** Fills a gap with a text; an empty one leaves it open. */
    Slots text(String name, String text) {
        if (!text.isEmpty()) {
            texts.put(name, text);
        }
        return this;
    }

    Slots text(String name, Optional<String> text) {
        text.ifPresent(said -> text(name, said));
        return this;
    }

    /** Fills a gap with the word that the book has for a constant. */
    Slots key(String name, Enum<?> value) {
        keys.put(name, value.name().toLowerCase(Locale.ROOT));
        return this;
    }

    Slots key(String name, Optional<? extends Enum<?>> value) {
        value.ifPresent(constant -> key(name, constant));
        return this;
    }

    Optional<String> text(String name) {
        return Optional.ofNullable(texts.get(name));
    }

    Optional<String> key(String name) {
        return Optional.ofNullable(keys.get(name));
    }
}
