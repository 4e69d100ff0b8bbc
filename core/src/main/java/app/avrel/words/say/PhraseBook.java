package app.avrel.words.say;

import app.avrel.label.Language;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * The phrases of a language, read once from its resource file.
 *
 * <p>A register that has no phrase of its own for something says it as the exact one does.
 */
final class PhraseBook {

    private static final Map<Language, PhraseBook> LOADED = new EnumMap<>(Language.class);

    private final Language language;
    private final Map<String, Phrase> phrases = new HashMap<>();

    /** For each register every phrase that it has, its own or borrowed, by its key alone. */
    private final Map<Register, Map<String, Phrase>> byRegister = new EnumMap<>(Register.class);

    private PhraseBook(Language language) {
        this.language = language;
        text(switch (language) {
                    case ENGLISH -> "english.phrases";
                    case SPANISH -> "spanish.phrases";
                    case CHINESE -> "chinese.phrases";
                })
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                .forEach(this::add);
        settle();
    }

    static synchronized PhraseBook of(Language language) {
        return LOADED.computeIfAbsent(language, PhraseBook::new);
    }

    private static String text(String file) {
        try (InputStream in = PhraseBook.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private void add(String line) {
        int at = line.indexOf('=');
        String key = line.substring(0, at).strip();
        if (phrases.put(key, Phrase.parse(line.substring(at + 1).strip().replace("\\s", " "))) != null) {
            throw new IllegalStateException("said twice in " + language + ": " + key);
        }
    }

    /** {@return every key, for the books to be held against each other} */
    Set<String> keys() {
        return phrases.keySet();
    }

    boolean has(Register register, String key) {
        return find(register, key).isPresent();
    }

    private Optional<Phrase> find(Register register, String key) {
        return Optional.ofNullable(
                Objects.requireNonNull(byRegister.get(register)).get(key));
    }

    /** Lays each register's own phrases over those it borrows: a short sentence may be the long one. */
    private void settle() {
        for (Register register : Register.values()) {
            Map<String, Phrase> own = new HashMap<>();
            lay(Register.EXACT, own);
            if (register == Register.GUIDE) {
                lay(Register.EXPLAIN, own);
            }
            lay(register, own);
            byRegister.put(register, own);
        }
    }

    private void lay(Register register, Map<String, Phrase> over) {
        phrases.forEach((key, phrase) -> {
            boolean plain = key.indexOf(':') < 0;
            if (register == Register.EXACT ? plain : key.startsWith(register.prefix())) {
                over.put(key.substring(register.prefix().length()), phrase);
            }
        });
    }

    /** {@return the phrase with its gaps filled} */
    String say(Register register, String key, Slots slots) {
        Phrase phrase = find(register, key)
                .orElseThrow(() -> new IllegalStateException("no phrase in " + language + " for " + key));
        return phrase.fill(slots, (noun, constant) -> say(register, noun + "." + constant, slots))
                .orElseThrow(() -> new IllegalStateException("gap not filled in " + language + ": " + key));
    }

    String say(Register register, String key) {
        return say(register, key, Slots.none());
    }
}
