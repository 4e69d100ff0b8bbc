package app.avrel.desktop.hall;

import app.avrel.desktop.words.Words;
import app.avrel.files.voice.Sound;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineEvent;
import javax.sound.sampled.LineUnavailableException;

/** Speaks the words of a count; silent, and saying so, where the machine has no sound or no voice. */
final class HallVoice {

    private static final AudioFormat FORMAT = new AudioFormat(Sound.RATE, 16, 1, true, false);

    private Optional<Voice> voice = Optional.empty();
    private final Map<String, Sound> known = new ConcurrentHashMap<>();
    private final ExecutorService speaking = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "voice");
        thread.setDaemon(true);
        return thread;
    });
    private boolean on;

    /** {@return what to say about the voice: that it is on, off, or cannot be heard} */
    String toggle() {
        voice = voice.or(() -> Voices.find(Words.language(), Optional.empty()));
        boolean heard = AudioSystem.isLineSupported(new DataLine.Info(Clip.class, FORMAT));
        if (voice.isEmpty() || !heard) {
            return Words.of("hall.no_sound_here");
        }
        on = !on;
        return on ? Words.of("hall.voice_on") : Words.of("hall.voice_off");
    }

    /** Says some words, after those that are being said. */
    void say(String words) {
        if (on && !words.isBlank()) {
            speaking.execute(() -> speak(words));
        }
    }

    private void speak(String words) {
        try {
            Sound sound = known.get(words);
            if (sound == null) {
                sound = voice.orElseThrow().say(words, Words.language());
                known.put(words, sound);
            }
            play(sound);
        } catch (IOException | LineUnavailableException | IllegalArgumentException silent) {
            on = false;
        }
    }

    private static void play(Sound sound) throws LineUnavailableException {
        byte[] bytes = new byte[sound.samples().length * 2];
        for (int i = 0; i < sound.samples().length; i++) {
            bytes[2 * i] = (byte) sound.samples()[i];
            bytes[2 * i + 1] = (byte) (sound.samples()[i] >> 8);
        }
        Clip clip = AudioSystem.getClip();
        clip.open(new AudioFormat(sound.rate(), 16, 1, true, false), bytes, 0, bytes.length);
        clip.addLineListener(event -> {
            if (event.getType() == LineEvent.Type.STOP) {
                clip.close();
            }
        });
        clip.start();
    }

    void close() {
        on = false;
        speaking.shutdownNow();
    }
}
