package app.avrel.files.voice;

import app.avrel.label.Language;
import com.sun.speech.freetts.VoiceManager;
import com.sun.speech.freetts.audio.AudioPlayer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import javax.sound.sampled.AudioFormat;
import org.jspecify.annotations.Nullable;

/** The English voice that ships with the application. */
final class BuiltInVoice implements Voice {

    private static final float RATE = 140;

    private com.sun.speech.freetts.@Nullable Voice speaker;

    @Override
    public String name() {
        return "built in";
    }

    @Override
    public boolean speaks(Language language) {
        return language == Language.ENGLISH;
    }

    @Override
    public synchronized Sound say(String words, Language language) throws IOException {
        Tape tape = new Tape();
        com.sun.speech.freetts.Voice voice = speaker();
        voice.setAudioPlayer(tape);
        if (!voice.speak(words)) {
            throw new IOException("the built-in voice failed on “" + words + "”");
        }
        return tape.sound().trimmed();
    }

    private com.sun.speech.freetts.Voice speaker() throws IOException {
        if (speaker == null) {
            System.setProperty("freetts.voices", "com.sun.speech.freetts.en.us.cmu_us_kal.KevinVoiceDirectory");
            speaker = VoiceManager.getInstance().getVoice("kevin16");
            if (speaker == null) {
                throw new IOException("the built-in voice is missing");
            }
            speaker.allocate();
            speaker.setRate(RATE);
        }
        return speaker;
    }

    /** Takes down what the voice would play. */
    private static final class Tape implements AudioPlayer {

        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private AudioFormat format = new AudioFormat(16_000, 16, 1, true, true);
        private float volume = 1;

        Sound sound() {
            ByteOrder order = format.isBigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN;
            short[] samples = new short[bytes.size() / 2];
            ByteBuffer.wrap(bytes.toByteArray()).order(order).asShortBuffer().get(samples);
            return new Sound(samples, (int) format.getSampleRate());
        }

        @Override
        public void setAudioFormat(AudioFormat given) {
            format = given;
        }

        @Override
        public AudioFormat getAudioFormat() {
            return format;
        }

        @Override
        public boolean write(byte[] audio) {
            return write(audio, 0, audio.length);
        }

        @Override
        public boolean write(byte[] audio, int offset, int size) {
            bytes.write(audio, offset, size);
            return true;
        }

        @Override
        public float getVolume() {
            return volume;
        }

        @Override
        public void setVolume(float given) {
            volume = given;
        }

        @Override
        public void begin(int size) {}

        @Override
        public boolean end() {
            return true;
        }

        @Override
        public boolean drain() {
            return true;
        }

        @Override
        public void startFirstSampleTimer() {}

        @Override
        public void pause() {}

        @Override
        public void resume() {}

        @Override
        public void reset() {}

        @Override
        public void cancel() {}

        @Override
        public void close() {}

        @Override
        public long getTime() {
            return -1;
        }

        @Override
        public void resetTime() {}

        @Override
        public void showMetrics() {}
    }
}
