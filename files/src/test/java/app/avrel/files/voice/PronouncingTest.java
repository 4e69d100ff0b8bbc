package app.avrel.files.voice;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.cue.Pronunciation;
import app.avrel.label.Language;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Terms as a voice has to read them. */
class PronouncingTest {

    private static String spoken(String words, Pronunciation... own) {
        return Pronouncing.of(Language.ENGLISH, List.of(own)).spoken(words);
    }

    @Test
    void aTermOfTheFieldIsSpeltAsItSounds() {
        assertThat(spoken("Sink the qi to the dantian.")).isEqualTo("Sink the chee to the dahn tee'en.");
    }

    @Test
    void aTermWithinAnotherWordIsNone() {
        assertThat(spoken("a qigong quiz, wounds")).isEqualTo("a chee goong quiz, wounds");
    }

    @Test
    void theSchoolsOwnSoundGoesBeforeTheFields() {
        assertThat(spoken(
                        "Qi to the lower field",
                        new Pronunciation(Language.ENGLISH, "qi", "key"),
                        new Pronunciation(Language.ENGLISH, "lower field", "low-er field $1"),
                        new Pronunciation(Language.SPANISH, "the", "ze")))
                .isEqualTo("key to the low-er field $1");
    }

    @Test
    void inChineseTheTermNeedsNoGapsAroundIt() {
        assertThat(Pronouncing.of(Language.CHINESE, List.of(new Pronunciation(Language.CHINESE, "重心", "众心")))
                        .spoken("把重心移到左脚"))
                .isEqualTo("把众心移到左脚");
    }

    @Test
    void everyLanguageHasItsSounds() {
        assertThat(Pronouncing.of(Language.SPANISH, List.of()).spoken("el qi baja al dantian"))
                .isEqualTo("el chi baja al dantién");
        assertThat(Pronouncing.of(Language.CHINESE, List.of()).spoken("气沉丹田")).isEqualTo("气沉丹田");
    }

    @ParameterizedTest
    @CsvSource({
        "右脚掌先着地, 右脚掌先卓第",
        "左脚离地, 左脚离第",
        "右仆步, 右扑步",
        "慢慢地下沉, 慢慢地下沉",
        "左脚向10:30, 左脚向10点半",
        "向前1.5个脚长, 向前1点5个脚长",
        "重心65, 重心65"
    })
    void aChineseCharacterWithTwoSoundsIsWrittenByTheOneThatIsMeant(String written, String read) {
        assertThat(Pronouncing.of(Language.CHINESE, List.of()).spoken(written)).isEqualTo(read);
    }
}
