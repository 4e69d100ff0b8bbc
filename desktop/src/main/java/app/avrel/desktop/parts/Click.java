package app.avrel.desktop.parts;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import org.jspecify.annotations.Nullable;

/** A short wooden sound: the beat, or what cannot be done; silent where the machine has no sound. */
public final class Click {

    private static final float RATE = 22_050;
    private static final double SECONDS = 0.05;

    /** Hertz. */
    public static final double BEAT = 880;

    /** Hertz. */
    public static final double REFUSED = 220;

    private @Nullable Clip clip;

    /** @param pitch in hertz */
    public Click(double pitch) {
        AudioFormat format = new AudioFormat(RATE, 8, 1, true, false);
        DataLine.Info info = new DataLine.Info(Clip.class, format);
        if (!AudioSystem.isLineSupported(info)) {
            return;
        }
        try {
            byte[] sound = sound(pitch);
            clip = (Clip) AudioSystem.getLine(info);
            clip.open(format, sound, 0, sound.length);
        } catch (LineUnavailableException | IllegalArgumentException | IllegalStateException e) {
            clip = null;
        }
    }

    private static byte[] sound(double pitch) {
        byte[] sound = new byte[(int) (RATE * SECONDS)];
        for (int i = 0; i < sound.length; i++) {
            double fade = Math.exp(-12.0 * i / sound.length);
            sound[i] = (byte) (90 * fade * Math.sin(2 * Math.PI * pitch * i / RATE));
        }
        return sound;
    }

    public void play() {
        if (clip != null) {
            clip.setFramePosition(0);
            clip.start();
        }
    }

    public void close() {
        if (clip != null) {
            clip.close();
        }
    }
}
