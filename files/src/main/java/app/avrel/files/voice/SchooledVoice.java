package app.avrel.files.voice;

import app.avrel.cue.Call;
import app.avrel.cue.CueScript;
import app.avrel.cue.Speech;
import app.avrel.cue.SpeechTime;
import app.avrel.label.Language;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;

/**
 * A voice that has learnt how the field's and the school's terms sound, and remembers what it has said: what is said again
 * sounds as it did, and how long it takes is known exactly.
 */
public final class SchooledVoice implements Voice, Speech {

    private final Voice voice;
    private final Language language;
    private final Pronouncing terms;
    private final Map<String, Sound> said = new ConcurrentHashMap<>();

    /** @param language the one it measures */
    public SchooledVoice(Voice voice, Language language, Pronouncing terms) {
        this.voice = voice;
        this.language = language;
        this.terms = terms;
    }

    @Override
    public String name() {
        return voice.name();
    }

    @Override
    public boolean speaks(Language asked) {
        return asked == language;
    }

    @Override
    public Sound say(String words, Language asked) throws IOException {
        Sound known = said.get(words);
        if (known == null) {
            known = voice.say(terms.spoken(words), language).resampled();
            said.put(words, known);
        }
        return known;
    }

    /**
     * Says what a script has once, several calls at a time, so that all of it is known.
     *
     * @param progress is told the share that is done, 0 to 1
     * @param stopped is asked whether to give up
     */
    public void learn(CueScript script, DoubleConsumer progress, BooleanSupplier stopped) {
        Set<String> words = script.calls().map(Call::words).collect(Collectors.toSet());
        AtomicInteger done = new AtomicInteger();
        words.parallelStream().filter(_ -> !stopped.getAsBoolean()).forEach(each -> {
            seconds(each);
            progress.accept((double) done.incrementAndGet() / words.size());
        });
    }

    /** Measured; estimated where the voice fails, which is told when the words are to be heard. */
    @Override
    public double seconds(String words) {
        if (words.isBlank()) {
            return 0;
        }
        try {
            return say(words, language).seconds();
        } catch (IOException failed) {
            return SpeechTime.of(language).seconds(words);
        }
    }
}
