package app.avrel.files.voice;

import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Tempo;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Speaks a script into a WAV file, with a soft tone for the breath and a tick for each beat where they are wanted. */
public final class SpokenFile {

    private static final double PAUSE = 0.1;
    private static final double TAIL = 1;
    private static final double LONGEST = 4 * 3600.0;
    private static final double TICK_SECONDS = 0.03;

    /**
     * What sounds beside the words.
     *
     * @param beats a tick each
     * @param breath a tone that rises with an in-breath and falls with an out-breath
     * @param countIn ticks before the first count, at least 0
     * @param tempo of the script
     */
    public record Beside(boolean beats, boolean breath, int countIn, Tempo tempo) {

        /** {@return seconds that a beat of a count lasts} */
        double beat(Cue cue, Count count) {
            return tempo.breaths().isPresent() ? cue.length() / Playing.measures(count) : tempo.secondsPerBeat();
        }

        double seconds() {
            return countIn * tempo.secondsPerBeat();
        }
    }

    private final CueScript script;
    private final Map<Integer, Occurrence> done = new HashMap<>();
    private final Voice voice;
    private final Language language;
    private final double ahead;
    private final float[] mix;
    private final Map<String, Sound> spoken = new HashMap<>();
    private final Beside wanted;

    private SpokenFile(CueScript script, List<Occurrence> track, Voice voice, Language language, Beside wanted) {
        this.wanted = wanted;
        this.script = script;
        this.voice = voice;
        this.language = language;
        track.forEach(one -> done.put(one.index(), one));
        ahead = Math.max(
                wanted.seconds(), -script.calls().mapToDouble(Call::at).min().orElse(0));
        mix = new float[(int) ((ahead + script.seconds() + lastWords() + TAIL) * Sound.RATE)];
    }

    private double lastWords() {
        double end = script.calls().mapToDouble(Call::end).max().orElse(0);
        return Math.max(0, end - script.seconds()) + 5;
    }

    /**
     * Writes a script as sound.
     *
     * @param progress is told the share that is done, 0 to 1
     * @param stopped is asked whether to give up
     * @return whether it was written; false where it was given up, and then nothing is left behind
     * @throws IOException where the voice fails or the file cannot be written
     */
    public static boolean write(
            CueScript script,
            List<Occurrence> track,
            Voice voice,
            Language language,
            Beside beside,
            Path to,
            DoubleConsumer progress,
            BooleanSupplier stopped)
            throws IOException {
        if (script.seconds() > LONGEST) {
            throw new IOException(Labels.say("keep.script_too_long"));
        }
        SpokenFile file = new SpokenFile(script, track, voice, language, beside);
        if (!file.speak(progress, stopped)) {
            return false;
        }
        file.beside();
        file.save(to);
        return true;
    }

    private boolean speak(DoubleConsumer progress, BooleanSupplier stopped) throws IOException {
        List<Call> calls = script.calls().toList();
        double free = 0;
        for (int i = 0; i < calls.size(); i++) {
            if (stopped.getAsBoolean()) {
                return false;
            }
            Call call = calls.get(i);
            Sound sound = spoken(call.words());
            double at = Math.max(free, call.at() + ahead);
            add(sound, at);
            free = at + sound.seconds() + PAUSE;
            progress.accept((i + 1.0) / calls.size());
        }
        return true;
    }

    /** What is called again sounds as it did. */
    private Sound spoken(String words) throws IOException {
        Sound known = spoken.get(words);
        if (known == null) {
            known = voice.say(words, language).resampled();
            spoken.put(words, known);
        }
        return known;
    }

    private void add(Sound sound, double at) {
        int from = (int) (at * Sound.RATE);
        for (int i = 0; i < sound.samples().length && from + i < mix.length; i++) {
            mix[from + i] += sound.samples()[i];
        }
    }

    private void beside() {
        for (int beat = 1; beat <= wanted.countIn(); beat++) {
            tick(ahead - beat * wanted.tempo().secondsPerBeat());
        }
        for (Cue cue : script.cues()) {
            double start = cue.start() + ahead;
            if (wanted.beats()) {
                double every = wanted.beat(cue, count(cue));
                for (double beat = 0; beat < cue.length() - 1e-6; beat += every) {
                    tick(start + beat);
                }
            }
            if (wanted.breath()) {
                breath(cue, start);
            }
        }
    }

    private void tick(double at) {
        tone(at, TICK_SECONDS, 880, 880, 2500);
    }

    private Count count(Cue cue) {
        return Objects.requireNonNull(done.get(cue.occurrence())).moments().stream()
                .filter(moment -> moment.place().sameCount(cue.place()))
                .map(Moment::count)
                .findFirst()
                .orElseThrow();
    }

    private void breath(Cue cue, double start) {
        Breath breath = count(cue).breath();
        switch (breath.begins()) {
            case IN -> tone(start, cue.length(), 196, 262, 900);
            case OUT -> tone(start, cue.length(), 262, 196, 900);
            default -> {}
        }
    }

    /** A tone that glides from one pitch to another and swells and fades. */
    private void tone(double at, double seconds, double fromHertz, double toHertz, double loudest) {
        int first = (int) (at * Sound.RATE);
        int length = (int) (seconds * Sound.RATE);
        double phase = 0;
        for (int i = 0; i < length && first + i < mix.length; i++) {
            double share = (double) i / length;
            phase += 2 * Math.PI * (fromHertz + (toHertz - fromHertz) * share) / Sound.RATE;
            mix[first + i] += (float) (Math.sin(phase) * loudest * Math.sin(Math.PI * share));
        }
    }

    private void save(Path to) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(mix.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (float sample : mix) {
            bytes.putShort((short) Math.clamp(Math.round(sample), Short.MIN_VALUE, Short.MAX_VALUE));
        }
        AudioFormat format = new AudioFormat(Sound.RATE, 16, 1, true, false);
        Path folder = to.toAbsolutePath().getParent();
        Path part = Files.createTempFile(folder, ".voice", ".part");
        try (AudioInputStream stream =
                new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, mix.length)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, part.toFile());
            Files.move(part, to, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
