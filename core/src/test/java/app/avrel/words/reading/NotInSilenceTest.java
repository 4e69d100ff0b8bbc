package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines that leave something open, or say what cannot be told for certain: they ask or are marked, and are not guessed at. */
class NotInSilenceTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | left hand up, palm out
            ENGLISH | raise both arms, palms down
            ENGLISH | lower the right hand, palm down
            ENGLISH | left up palm out, right down palm down
            ENGLISH | right hand goes up, left goes down
            ENGLISH | brush left knee, push right
            ENGLISH | brush left knee and push with the right palm
            ENGLISH | R back 45
            ENGLISH | palm L push 12
            ENGLISH | hook R, palm L push 12
            ENGLISH | spread the fingers
            ENGLISH | left foot beside the right, tip
            ENGLISH | left foot two steps forward
            SPANISH | sube la mano derecha, palma afuera
            CHINESE | 左手上举，掌心向外
            CHINESE | 两手下落，掌心向下
            """)
    void whatIsNotSaidIsAskedForOrMarked(Language language, String typed) {
        LineReading reading = Typed.read(typed, language, Typed.standing(""));
        assertThat(reading.questions().size() + reading.refusals().size()).isPositive();
    }
}
