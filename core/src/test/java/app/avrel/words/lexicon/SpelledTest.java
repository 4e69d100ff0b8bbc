package app.avrel.words.lexicon;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Spanish is read with accents or without, and proposed with them. */
class SpelledTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"talno, talón", "muneka, muñeca", "puzo, puño", "atrs, atrás"})
    void theNearestWordIsProposedAsOneWritesIt(String typed, String proposed) {
        assertThat(Spelling.nearest(typed, Language.SPANISH)).contains(proposed);
    }

    @ParameterizedTest(name = "{0} …: {1}")
    @CsvSource({"talo, talón", "circulo, círculo", "muñ, muñeca", "tambi, también"})
    void aBegunWordGoesOnAsOneWritesIt(String begun, String whole) {
        assertThat(Lexicon.of(Language.SPANISH).goingOn(PlainLetters.of(begun))).contains(whole);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"talón, talon", "muñecas, munecas", "señala, senala", "acompaña, acompana"})
    void accentsAreTypedOrNot(String with, String without) {
        Lexicon lexicon = Lexicon.of(Language.SPANISH);
        assertThat(lexicon.find(PlainLetters.of(with))).isPresent().isEqualTo(lexicon.find(without));
    }
}
