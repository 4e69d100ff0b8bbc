package app.avrel.files.voice;

/**
 * A piece of sound.
 *
 * @param samples 16 bits each
 * @param rate samples a second, above 0
 */
public record Sound(short[] samples, int rate) {

    /** The rate of what Avrel writes. */
    public static final int RATE = 22_050;

    private static final int SILENT = 300;

    public double seconds() {
        return (double) samples.length / rate;
    }

    /** {@return this sound without the silence at its ends} */
    Sound trimmed() {
        int from = 0;
        while (from < samples.length && Math.abs(samples[from]) < SILENT) {
            from++;
        }
        int to = samples.length;
        while (to > from && Math.abs(samples[to - 1]) < SILENT) {
            to--;
        }
        short[] kept = new short[to - from];
        System.arraycopy(samples, from, kept, 0, kept.length);
        return new Sound(kept, rate);
    }

    /** {@return this sound at the rate that is written, its samples laid between} */
    Sound resampled() {
        if (rate == RATE || samples.length == 0) {
            return new Sound(samples, RATE);
        }
        int length = (int) Math.round((double) samples.length * RATE / rate);
        short[] between = new short[length];
        for (int i = 0; i < length; i++) {
            double at = (double) i * rate / RATE;
            int before = Math.min((int) at, samples.length - 1);
            int after = Math.min(before + 1, samples.length - 1);
            between[i] = (short) Math.round(samples[before] + (samples[after] - samples[before]) * (at - before));
        }
        return new Sound(between, RATE);
    }
}
