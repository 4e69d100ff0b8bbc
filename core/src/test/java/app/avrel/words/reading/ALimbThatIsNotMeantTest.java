package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said not to be done is never recorded as done: the other limb, a pace, and what stands beside a denied verb. */
class ALimbThatIsNotMeantTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | push with the left palm instead of the right | left hand, extended
            ENGLISH | step forward with the right foot, not the left | right foot steps forward
            ENGLISH | shift left, not right | shift 51 to 100 left
            ENGLISH | right palm to the chest and not the left | right hand, at the chest
            SPANISH | el talón derecho se levanta, no el izquierdo | raise the right heel
            SPANISH | empuja con la palma izquierda en vez de la derecha | left hand, extended
            CHINESE | 右脚跟提起，而不是左脚跟 | raise the right heel
            CHINESE | 左掌前推，不是右掌 | left hand, extended, palm forward, fingers up
            CHINESE | 不是左脚，是右脚上步 | right foot steps forward
            """)
    void theOtherOneDoesNothing(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            CHINESE | 左手到胸前，不是，右手到胸前 | right hand, at the chest, centre line
            CHINESE | 腰左转四十，不是，五十度 | waist 50° left
            """)
    void aNotThatStandsAloneCorrects(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            SPANISH | sin levantar el talón gira 30 a la derecha | waist 30° right
            SPANISH | sin inclinarte baja | sink
            ENGLISH | without lifting the heel turn the waist 30 right | waist 30° right
            CHINESE | 不抬脚跟，腰右转三十 | waist 30° right
            """)
    void aSecondVerbIsDone(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | no hurry | slow
            ENGLISH | turn the waist left 30, not too fast | waist 30° left. slow
            SPANISH | no muy rápido | slow
            SPANISH | gira la cintura 30 a la izquierda, no tan rápido | waist 30° left. slow
            CHINESE | 腰左转三十度，不要太快 | waist 30° left. slow
            """)
    void whatIsNotQuickIsNoQuickCount(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
