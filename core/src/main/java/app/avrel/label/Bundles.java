package app.avrel.label;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;

/** Words by key in each language, read when a language is first asked for: {@code key = words}, a file for each subject. */
public final class Bundles {

    private final Class<?> beside;
    private final List<String> subjects;
    private final Map<Language, Properties> read = new EnumMap<>(Language.class);

    /**
     * Bundles.
     *
     * @param beside the class whose folder they are in
     * @param subjects what the files are called before their language, such as {@code rules} in {@code
     *     rules_es.properties}; the first part of every key in them
     */
    public Bundles(Class<?> beside, List<String> subjects) {
        this.beside = beside;
        this.subjects = List.copyOf(subjects);
    }

    /**
     * {@return the words of a key in a language, with values in their places}
     *
     * @throws IllegalArgumentException where there are no words for the key, in English neither
     */
    public String say(Language language, String key, Object... values) {
        return template(language, key)
                .or(() -> template(Language.ENGLISH, key))
                .map(template -> Template.filled(template, values))
                .orElseThrow(() -> new IllegalArgumentException("there are no words for the key " + key));
    }

    /** {@return the words of a key as they stand in a language's bundle} */
    public Optional<String> template(Language language, String key) {
        return Optional.ofNullable(in(language).getProperty(key));
    }

    /** {@return all keys of a language} */
    public Set<String> keys(Language language) {
        return in(language).stringPropertyNames();
    }

    private synchronized Properties in(Language language) {
        return read.computeIfAbsent(language, this::read);
    }

    private Properties read(Language language) {
        Properties words = new Properties();
        for (String subject : subjects) {
            String name = subject + "_" + language.code() + ".properties";
            try (InputStream in = beside.getResourceAsStream(name)) {
                if (in == null) {
                    throw new IllegalStateException("the words " + name + " are missing");
                }
                words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException("the words " + name + " cannot be read", e);
            }
        }
        return words;
    }
}
