package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.posture.count.Language;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The books of phrases of the three languages, held against each other. */
class PhraseBooksTest {

    /** What only one language needs, such as another word for one o'clock. */
    private static boolean ownGrammar(String key) {
        return key.endsWith(".one")
                || key.endsWith(".half")
                || key.startsWith("at_height.")
                || key.startsWith("the_hand.")
                || key.startsWith("lower.");
    }

    private static Set<String> said(Language language) {
        return PhraseBook.of(language).keys().stream()
                .map(key -> key.replaceFirst("^(guide|call):", ""))
                .filter(key -> !ownGrammar(key))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyLanguageSaysWhatTheOthersSay(Language language) {
        assertThat(said(language)).isEqualTo(said(Language.ENGLISH));
    }
}
