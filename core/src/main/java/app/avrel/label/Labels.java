package app.avrel.label;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * The words of findings, rules and of all that has a name. A program speaks one language at a time; what is made for
 * somebody else, such as a hand-out, is worked out in theirs with {@link #in}.
 */
public final class Labels {

    private static final Map<Enum<?>, String> KEYS = new ConcurrentHashMap<>();
    private static final Bundles BUNDLES =
            new Bundles(Labels.class, List.of("value", "rules", "words", "lessons", "cues", "keep"));

    /** From how many on it is worth sharing the work. */
    private static final int MANY = 8;

    private static final ScopedValue<Language> FOR_NOW = ScopedValue.newInstance();

    private static volatile Language spoken = Language.ENGLISH;

    private Labels() {}

    /** {@return the bundles, to be looked through} */
    public static Bundles bundles() {
        return BUNDLES;
    }

    /** {@return the language that is spoken here and now} */
    public static Language language() {
        return FOR_NOW.orElse(spoken);
    }

    /** Lets the program speak another language from now on. What was worked out before stays in the language it is in. */
    public static void speak(Language language) {
        spoken = language;
    }

    /** {@return what is worked out in a language, whatever is spoken otherwise} */
    public static <T> T in(Language language, Supplier<T> work) {
        return ScopedValue.where(FOR_NOW, language).call(work::get);
    }

    /**
     * {@return what is worked out for each, in their order; several at a time where there are many}
     *
     * <p>Whoever works beside this thread speaks the language that is spoken here.
     */
    public static <T, R> List<R> each(List<T> all, Function<T, R> work) {
        Language here = language();
        Stream<T> each = all.size() < MANY ? all.stream() : all.parallelStream();
        return each.map(one -> in(here, () -> work.apply(one))).toList();
    }

    /** {@return the words of a key, with values in their places} */
    public static String say(String key, Object... values) {
        return BUNDLES.say(language(), key, values);
    }

    /** {@return whether there are words for a key} */
    public static boolean has(String key) {
        return BUNDLES.template(Language.ENGLISH, key).isPresent();
    }

    /** {@return what something of a fixed set is called, such as a side, a stance or a part of the foot} */
    public static String of(Enum<?> value) {
        return say(key(value));
    }

    /** {@return the key of a value, such as {@code value.Side.LEFT}} */
    static String key(Enum<?> value) {
        return KEYS.computeIfAbsent(value, Labels::keyOf);
    }

    private static String keyOf(Enum<?> value) {
        Class<?> type = value.getDeclaringClass();
        String outer =
                type.getEnclosingClass() == null ? "" : type.getEnclosingClass().getSimpleName() + ".";
        return "value." + outer + type.getSimpleName() + "." + value.name();
    }

    /** {@return a word with a capital at its start} */
    public static String capital(String word) {
        return word.isEmpty() ? word : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
