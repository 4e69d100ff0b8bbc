package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.label.Language;
import app.avrel.words.lexicon.TaughtWord;
import app.avrel.words.reading.frame.Refusal;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A school teaches its own words once, and every later line knows them. */
class TaughtWordsTest {

    private static final List<TaughtWord> SCHOOL = List.of(
            new TaughtWord(Language.ENGLISH, "mill stream", "left foot forward, heel first, shift 70 left"),
            new TaughtWord(Language.ENGLISH, "window side", "9 o'clock"),
            new TaughtWord(Language.ENGLISH, "window", "3 o'clock"),
            new TaughtWord(Language.ENGLISH, "planted", "all the weight on the"),
            new TaughtWord(Language.ENGLISH, "reed stance", "empty stance"),
            new TaughtWord(Language.CHINESE, "水边", "右墙"),
            new TaughtWord(Language.SPANISH, "la presa", "la pared trasera"));

    private static LineReading read(String line, Language language) {
        return new Line(language, Typed.SAYING, Typed.BODY).knowing(SCHOOL).read(line, Typed.standing(""));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            turn to the window side | waist to 9
            turn to the window | waist to 3
            Mill  Stream | left foot steps forward, heel first. shift 70 left
            mill stream, right palm down | left foot steps forward, heel first. shift 70 left. right hand, palm down
            planted right leg, left knee up | shift 100 right. lift the left knee
            right foot forward into a reed stance | right foot steps forward. shift to the house light foot share left
            """)
    void aTaughtPhraseStandsForWhatItMeans(String line, String said) {
        LineReading reading = read(line.replace("  ", " "), Language.ENGLISH);
        assertThat(reading.refusals()).isEmpty();
        assertThat(Typed.said(reading)).isEqualTo(said);
    }

    @Test
    void eachLanguageHasItsOwn() {
        assertThat(Typed.said(read("身体转向水边", Language.CHINESE))).isEqualTo("waist to 3");
        assertThat(Typed.said(read("gira hacia la presa", Language.SPANISH))).isEqualTo("waist to 6");
        assertThat(read("gira hacia window", Language.SPANISH).understood()).isFalse();
    }

    @Test
    void aTaughtWordIsKnownInTraditionalLettersToo() {
        assertThat(Typed.said(read("身體轉向水邊", Language.CHINESE))).isEqualTo("waist to 3");
    }

    @Test
    void aNumberAfterATaughtWordIsNoNumberOfAList() {
        LineReading reading = read("mill stream 45. Right palm down", Language.ENGLISH);
        assertThat(reading.refusals()).extracting(Refusal::word).anyMatch(word -> word.contains("45"));
        assertThat(Typed.said(read("1. mill stream", Language.ENGLISH)))
                .isEqualTo("left foot steps forward, heel first. shift 70 left");
    }

    @Test
    void onlyWholeWordsAreFound() {
        assertThat(read("turn to the windows3", Language.ENGLISH).understood()).isFalse();
    }

    @Test
    void whatIsUnderstoodStandsWhereThePhraseWasTyped() {
        LineReading reading = read("turn to the window side slowly", Language.ENGLISH);
        assertThat(reading.words())
                .anySatisfy(word -> assertThat("turn to the window side slowly".substring(word.from(), word.to()))
                        .contains("window side"));
    }

    @Test
    void aHalfTypedTaughtWordIsCompleted() {
        assertThat(new Line(Language.ENGLISH, Typed.SAYING, Typed.BODY)
                        .knowing(SCHOOL)
                        .goingOn("mill"))
                .contains("mill stream");
    }

    @Test
    void theThousandthWordIsKnownAsTheFirst() {
        List<TaughtWord> many = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            many.add(new TaughtWord(Language.ENGLISH, "word" + i + "x", "sink " + (i % 5 + 1) + " fists"));
        }
        Line line = new Line(Language.ENGLISH, Typed.SAYING, Typed.BODY).knowing(many);
        assertThat(Typed.said(line.read("word999x", Typed.standing("")))).isEqualTo("sink 5 fists");
        assertThat(Typed.said(line.read("word0x", Typed.standing("")))).isEqualTo("sink 1 fist");
    }

    @Test
    void aWordWithoutAMeaningIsRefused() {
        assertThatThrownBy(() -> new TaughtWord(Language.ENGLISH, "rooted", "  "))
                .hasMessageContaining("needs the word and what it means");
    }
}
