package app.avrel.files.voice;

import app.avrel.label.Language;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/** The voice of the program espeak-ng, where it is installed: English, Spanish and Chinese. */
final class EspeakVoice implements Voice {

    private static final String PROGRAM = "espeak-ng";
    private static final int LONGEST_SECONDS = 60;

    /** The Chinese voice that reads characters by their syllables: the plain one spells those out in English. */
    private static final String SYLLABLES = "cmn-latn-pinyin";

    private static final String PLAIN = "cmn";

    private final String chinese;

    private EspeakVoice(String chinese) {
        this.chinese = chinese;
    }

    /** {@return the voice, where the program is there and answers} */
    static Optional<EspeakVoice> find() {
        return voices().map(listed -> new EspeakVoice(chinese(listed)));
    }

    /** {@return which of the Chinese voices that the program lists reads characters as they sound} */
    static String chinese(String listed) {
        return listed.lines().anyMatch(line -> line.contains(" " + SYLLABLES + " ")) ? SYLLABLES : PLAIN;
    }

    private static Optional<String> voices() {
        try {
            Process asked = new ProcessBuilder(PROGRAM, "--voices=" + PLAIN)
                    .redirectErrorStream(true)
                    .start();
            String listed = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            boolean answers = asked.waitFor(5, TimeUnit.SECONDS) && asked.exitValue() == 0;
            return answers ? Optional.of(listed) : Optional.empty();
        } catch (IOException absent) {
            return Optional.empty();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    @Override
    public String name() {
        return PROGRAM;
    }

    @Override
    public boolean speaks(Language language) {
        return true;
    }

    /** The rates are those at which the estimates of speech were measured. */
    private List<String> command(Language language) {
        return switch (language) {
            case ENGLISH -> List.of(PROGRAM, "-v", "en", "-s", "140", "--stdin", "--stdout");
            case SPANISH -> List.of(PROGRAM, "-v", "es", "-s", "140", "--stdin", "--stdout");
            case CHINESE -> List.of(PROGRAM, "-v", chinese, "-s", "190", "--stdin", "--stdout");
        };
    }

    @Override
    public Sound say(String words, Language language) throws IOException {
        Process speaking = new ProcessBuilder(command(language))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (var in = speaking.getOutputStream()) {
            in.write(words.getBytes(StandardCharsets.UTF_8));
        }
        byte[] wave = speaking.getInputStream().readAllBytes();
        try {
            if (!speaking.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS) || speaking.exitValue() != 0) {
                speaking.destroyForcibly();
                throw new IOException(PROGRAM + " failed on “" + words + "”");
            }
        } catch (InterruptedException stopped) {
            speaking.destroyForcibly();
            Thread.currentThread().interrupt();
            throw new IOException(PROGRAM + " was stopped", stopped);
        }
        return sound(wave);
    }

    /** The samples after the word "data": a stream does not know its length, so what its head says of that is no guide. */
    private static Sound sound(byte[] wave) throws IOException {
        ByteBuffer head = ByteBuffer.wrap(wave).order(ByteOrder.LITTLE_ENDIAN);
        int at = 12;
        while (at + 8 <= wave.length && !new String(wave, at, 4, StandardCharsets.US_ASCII).equals("data")) {
            at += 8 + head.getInt(at + 4);
        }
        if (at + 8 > wave.length || at < 12) {
            throw new IOException(PROGRAM + " gave no sound");
        }
        int rate = head.getInt(24);
        short[] samples = new short[(wave.length - at - 8) / 2];
        ByteBuffer.wrap(wave, at + 8, samples.length * 2)
                .order(ByteOrder.LITTLE_ENDIAN)
                .asShortBuffer()
                .get(samples);
        return new Sound(samples, rate).trimmed();
    }
}
