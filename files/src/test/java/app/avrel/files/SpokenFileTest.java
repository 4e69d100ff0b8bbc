package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.cue.Call;
import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Pronunciation;
import app.avrel.cue.Scripting;
import app.avrel.files.voice.SchooledVoice;
import app.avrel.files.voice.Sound;
import app.avrel.files.voice.SpokenFile;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.floor.Heading;
import app.avrel.form.Occurrence;
import app.avrel.form.Tempo;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A script that is spoken: each call where the script has it, in a file that any player reads. */
class SpokenFileTest {

    private static final Project DEMO = Demo.project();
    private static final SpokenFile.Beside NOTHING_BESIDE = new SpokenFile.Beside(false, false, 0, Tempo.ofBeats(4));

    @TempDir
    private Path folder;

    private static List<Occurrence> posture() {
        return Unroll.posture(DEMO.postures().getFirst(), DEMO.setting().posing())
                .occurrences();
    }

    private static CueScript script() {
        Wording wording = new Wording(
                DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules());
        return Scripting.of(posture(), CueOrder.USUAL.withLevel(CueLevel.PROMPT), wording);
    }

    private Path spoken(Voice voice, SpokenFile.Beside beside) throws IOException {
        Path file = folder.resolve("spoken.wav");
        assertThat(SpokenFile.write(script(), posture(), voice, Language.ENGLISH, beside, file, _ -> {}, () -> false))
                .isTrue();
        return file;
    }

    /** A voice that buzzes for half a second whatever it is to say. */
    private static Voice buzzing() {
        short[] buzz = new short[Sound.RATE / 2];
        for (int i = 0; i < buzz.length; i++) {
            buzz[i] = (short) (i % 50 < 25 ? 8000 : -8000);
        }
        return new Voice() {
            @Override
            public String name() {
                return "buzz";
            }

            @Override
            public boolean speaks(Language language) {
                return true;
            }

            @Override
            public Sound say(String words, Language language) {
                return new Sound(buzz, Sound.RATE);
            }
        };
    }

    private static short[] samples(Path file) throws IOException, UnsupportedAudioFileException {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(file.toFile())) {
            assertThat(in.getFormat().getChannels()).isEqualTo(1);
            assertThat(in.getFormat().getSampleSizeInBits()).isEqualTo(16);
            byte[] bytes = in.readAllBytes();
            short[] samples = new short[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8);
            }
            return samples;
        }
    }

    @Test
    void everyCallSoundsAtItsTime() throws Exception {
        CueScript script = script();
        short[] samples = samples(spoken(buzzing(), NOTHING_BESIDE));
        double ahead = -script.calls().mapToDouble(Call::at).min().orElseThrow();
        double free = 0;
        for (Call call : script.calls().toList()) {
            double at = Math.max(free, call.at() + ahead);
            assertThat(loud(samples, at + 0.25)).as(call.words()).isTrue();
            free = at + 0.6;
        }
        assertThat(loud(samples, free + 0.3)).isFalse();
    }

    private static boolean loud(short[] samples, double seconds) {
        int at = (int) (seconds * Sound.RATE);
        for (int i = at; i < Math.min(samples.length, at + 100); i++) {
            if (Math.abs(samples[i]) > 4000) {
                return true;
            }
        }
        return false;
    }

    @Test
    void beatsTickWhereNothingIsSaid() throws Exception {
        short[] plain = samples(spoken(buzzing(), NOTHING_BESIDE));
        short[] ticking = samples(spoken(buzzing(), new SpokenFile.Beside(true, true, 0, Tempo.ofBeats(4))));
        assertThat(ticking).hasSameSizeAs(plain);
        assertThat(ticking).isNotEqualTo(plain);
    }

    @Test
    void aCountInTicksBeforeTheFirstCount() throws Exception {
        short[] counted = samples(spoken(buzzing(), new SpokenFile.Beside(false, false, 4, Tempo.ofBeats(2))));
        double firstCall = 8 + script().calls().mapToDouble(Call::at).min().orElseThrow();
        for (int beat = 0; beat < 4 && 2 * beat + 0.1 < firstCall; beat++) {
            assertThat(sounds(counted, 2 * beat)).as("beat " + beat).isTrue();
            assertThat(sounds(counted, 2 * beat + 0.5)).as("after beat " + beat).isFalse();
        }
        assertThat(loud(counted, firstCall + 0.25)).isTrue();
    }

    private static boolean sounds(short[] samples, double seconds) {
        int at = (int) (seconds * Sound.RATE);
        for (int i = at; i < at + 600; i++) {
            if (Math.abs(samples[i]) > 200) {
                return true;
            }
        }
        return false;
    }

    @Test
    void withAVoiceEveryCallIsExactlyAsLongAsItIsSaid() {
        SchooledVoice voice =
                Voices.schooled(buzzing(), Language.ENGLISH, List.of(new Pronunciation(Language.ENGLISH, "a", "b")));
        Wording wording = new Wording(
                DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules());
        CueScript exact = Scripting.of(List.of(), posture(), CueOrder.USUAL.withLevel(CueLevel.PROMPT), wording, voice);
        assertThat(exact.calls()).isNotEmpty().allMatch(call -> call.seconds() == 0.5);
    }

    @Test
    void aVoiceIsGivenTermsAsTheySound() throws IOException {
        List<String> heard = new ArrayList<>();
        Voice listening = new Voice() {
            @Override
            public String name() {
                return "listening";
            }

            @Override
            public boolean speaks(Language language) {
                return true;
            }

            @Override
            public Sound say(String words, Language language) {
                heard.add(words);
                return new Sound(new short[10], Sound.RATE);
            }
        };
        SchooledVoice voice = Voices.schooled(listening, Language.ENGLISH, List.of());
        voice.say("Sink the qi.", Language.ENGLISH);
        voice.say("Sink the qi.", Language.ENGLISH);
        assertThat(heard).containsExactly("Sink the chee.");
    }

    @Test
    void givenUpNothingIsLeftBehind() throws IOException {
        List<Double> progress = new ArrayList<>();
        Path file = folder.resolve("given-up.wav");
        boolean written = SpokenFile.write(
                script(),
                posture(),
                buzzing(),
                Language.ENGLISH,
                NOTHING_BESIDE,
                file,
                progress::add,
                () -> progress.size() == 3);
        assertThat(written).isFalse();
        assertThat(progress).hasSize(3).isSorted();
        try (var left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
    }

    @Test
    void anEnglishVoiceShipsWithTheApplication() throws IOException {
        Voice voice = Voices.find(Language.ENGLISH, Optional.of("built in")).orElseThrow();
        Sound sound = voice.say("Shift the weight to the right leg", Language.ENGLISH);
        assertThat(sound.seconds()).isCloseTo(1.9, within(0.8));
        assertThat(voice.speaks(Language.CHINESE)).isFalse();
    }
}
