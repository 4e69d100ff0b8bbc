package app.avrel.desktop.ribbon;

import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Names of postures in one word each: the last of its words that is in no other's name, so that no two are ever cut to
 * the same. A name without such a word has no short one.
 */
final class ShortNames {

    private final Map<String, String> words = new HashMap<>();

    ShortNames(Collection<String> names) {
        Set<String> all = Set.copyOf(names);
        Map<String, Long> seen = all.stream()
                .flatMap(name -> words(name).stream().map(ShortNames::plain).distinct())
                .collect(Collectors.groupingBy(word -> word, Collectors.counting()));
        all.forEach(name -> words(name).reversed().stream()
                .filter(word -> word.length() > 3 && Objects.equals(seen.get(plain(word)), 1L))
                .findFirst()
                .ifPresent(word -> words.put(name, word)));
    }

    private static List<String> words(String name) {
        return Arrays.asList(name.split(" +"));
    }

    private static String plain(String word) {
        return word.toLowerCase(Locale.ROOT);
    }

    /** {@return the word that stands for a name; empty where none does} */
    String of(String name) {
        return words.getOrDefault(name, "");
    }
}
