package app.avrel.files.voice;

import app.avrel.cue.Pronunciation;
import app.avrel.label.Language;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Writes words as a voice has to read them: the field's terms, and over them those of the school.
 *
 * <p>Whole words only; in Chinese any run of characters. The longest term counts.
 */
public final class Pronouncing {

    private static final String FILE = "sounds_";

    /** Half past ten by the clock, written as one writes it. */
    private static final Pattern HALF_HOUR = Pattern.compile("(\\d):30(?!\\d)");

    private static final Pattern POINT = Pattern.compile("(\\d)\\.(?=\\d)");

    private final Language language;
    private final Map<String, String> sounds;
    private final Pattern terms;

    private Pronouncing(Language language, Map<String, String> sounds) {
        this.language = language;
        this.sounds = sounds;
        String any = sounds.keySet().stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        String whole = language == Language.CHINESE ? any : "(?<![\\p{L}\\p{N}])(?:" + any + ")(?![\\p{L}\\p{N}])";
        terms = Pattern.compile(any.isEmpty() ? "(?!)" : whole, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** {@return how words of a language are to be read, the school's own terms before the field's} */
    public static Pronouncing of(Language language, List<Pronunciation> own) {
        Map<String, String> sounds = shipped(language);
        own.stream()
                .filter(sound -> sound.language() == language)
                .forEach(sound -> sounds.put(key(sound.written()), sound.spoken()));
        return new Pronouncing(language, sounds);
    }

    /** {@return the words, spelt so that a voice reads them right} */
    public String spoken(String words) {
        return terms.matcher(language == Language.CHINESE ? numbers(words) : words)
                .replaceAll(term -> Matcher.quoteReplacement(Objects.requireNonNull(sounds.get(key(term.group())))));
    }

    /** Chinese numbers with a colon or a point are not read by those: 10:30 is 10点半, 1.5 is 1点5. */
    private static String numbers(String words) {
        return POINT.matcher(HALF_HOUR.matcher(words).replaceAll("$1点半")).replaceAll("$1点");
    }

    private static String key(String written) {
        return written.toLowerCase(Locale.ROOT);
    }

    private static Map<String, String> shipped(Language language) {
        Map<String, String> sounds = new LinkedHashMap<>();
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Pronouncing.class.getResourceAsStream(FILE + language.code() + ".txt")),
                StandardCharsets.UTF_8))) {
            lines.lines()
                    .filter(line -> line.contains("="))
                    .forEach(line -> sounds.put(
                            key(line.substring(0, line.indexOf('=')).strip()),
                            line.substring(line.indexOf('=') + 1).strip()));
            return sounds;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
