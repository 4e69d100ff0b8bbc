package app.avrel.desktop.hall;

import app.avrel.cue.Pronunciation;
import app.avrel.desktop.words.Words;
import app.avrel.files.voice.Sound;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
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

    private final List<Pronunciation> sounds;
    private Optional<Voice> voice = Optional.empty();
    private final ExecutorService speaking = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "voice");
        thread.setDaemon(true);
        return thread;
    });
    private boolean on;

    /** @param sounds how the school's terms sound */
    HallVoice(List<Pronunciation> sounds) {
        this.sounds = sounds;
    }

    /** {@return what to say about the voice: that it is on, off, or cannot be heard} */
    String toggle() {
        voice = voice.or(() -> Voices.find(Words.language(), Optional.empty())
                .map(found -> Voices.schooled(found, Words.language(), sounds)));
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
            play(voice.orElseThrow().say(words, Words.language()));
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
