package app.avrel.desktop.hall;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;

/** A short wooden click on the beat; silent where the machine has no sound. */
final class Click {

    private static final float RATE = 22_050;
    private static final double SECONDS = 0.05;
    private static final double PITCH = 880;

    private Clip clip;

    Click() {
        AudioFormat format = new AudioFormat(RATE, 8, 1, true, false);
        DataLine.Info info = new DataLine.Info(Clip.class, format);
        if (!AudioSystem.isLineSupported(info)) {
            return;
        }
        try {
            byte[] sound = sound();
            clip = (Clip) AudioSystem.getLine(info);
            clip.open(format, sound, 0, sound.length);
        } catch (LineUnavailableException | IllegalArgumentException | IllegalStateException e) {
            clip = null;
        }
    }

    private static byte[] sound() {
        byte[] sound = new byte[(int) (RATE * SECONDS)];
        for (int i = 0; i < sound.length; i++) {
            double fade = Math.exp(-12.0 * i / sound.length);
            sound[i] = (byte) (90 * fade * Math.sin(2 * Math.PI * PITCH * i / RATE));
        }
        return sound;
    }

    void play() {
        if (clip != null) {
            clip.setFramePosition(0);
            clip.start();
        }
    }

    void close() {
        if (clip != null) {
            clip.close();
        }
    }
}
