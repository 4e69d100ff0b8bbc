package app.avrel.files.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.avrel.cue.SpeechTime;
import app.avrel.label.Language;
import java.io.IOException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The installed voice reads each language as that language. */
class EspeakVoiceTest {

    @Test
    void chineseIsReadByTheVoiceThatKnowsSyllables() {
        String listed = """
                Pty Language       Age/Gender VoiceName          File                 Other Languages
                 5  cmn             --/M      Chinese_(Mandarin,_latin_as_English) sit/cmn              (zh-cmn 5)(zh 5)
                 5  cmn-latn-pinyin --/M      Chinese_(Mandarin,_latin_as_Pinyin) sit/cmn-Latn-pinyin  (zh-cmn 5)(zh 5)
                """;
        assertThat(EspeakVoice.chinese(listed)).isEqualTo("cmn-latn-pinyin");
    }

    @Test
    void whereOnlyOneChineseVoiceIsListedItReads() {
        assertThat(EspeakVoice.chinese(" 5  cmn  --/M  Chinese_(Mandarin)  sit/cmn  (zh 5)\n"))
                .isEqualTo("cmn");
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 'Step out with the left heel, and sit back.'",
        "SPANISH, 'Gira la cintura a la derecha, talón primero.'",
        "CHINESE, 右脚向前迈步，脚跟先卓第。",
        "CHINESE, 重心全部移到左脚。"
    })
    void aCueLastsAboutAsLongAsItIsTakenToLast(Language language, String cue) throws IOException {
        assertThat(voice().say(cue, language).seconds())
                .isCloseTo(SpeechTime.of(language).seconds(cue), within(0.6));
    }

    /** Whatever is read as the right syllables sounds like other characters of the same syllables. */
    @ParameterizedTest
    @CsvSource({"重心, 众新", "左脚, 佐角", "转身, 转申", "呼气, 忽器", "弓步, 公布", "卓第, 浊弟"})
    void charactersOfOneSoundSoundAlike(String one, String other) throws IOException {
        assertThat(voice().say(one, Language.CHINESE).samples())
                .isEqualTo(voice().say(other, Language.CHINESE).samples());
    }

    private static Voice voice() {
        Optional<EspeakVoice> voice = EspeakVoice.find();
        assumeThat(voice).as("espeak-ng is installed").isPresent();
        return voice.get();
    }
}
