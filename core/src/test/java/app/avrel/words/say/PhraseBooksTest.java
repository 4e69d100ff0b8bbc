package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The books of phrases of the three languages, held against each other. */
class PhraseBooksTest {

    private static final Pattern OWN = Pattern.compile("\\.(one|half|along|verb|any|beside)$"
            + "|^(at_heights?|heights|the_hand|lower|reaches|shapes|sideways|width|direction\\.eighth|detail)\\b"
            + "|^hand\\.goes\\.\\w+\\.palm");

    /** What only one language needs: another word for one o'clock, the article before a hand. */
    private static boolean ownGrammar(String key) {
        return OWN.matcher(key).find();
    }

    private static Set<String> said(Language language) {
        return PhraseBook.of(language).keys().stream()
                .map(key -> key.replaceFirst("^(explain|guide|call):", ""))
                .filter(key -> !ownGrammar(key))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyLanguageSaysWhatTheOthersSay(Language language) {
        assertThat(said(language)).isEqualTo(said(Language.ENGLISH));
    }
}
