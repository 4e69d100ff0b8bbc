package app.avrel.files.voice;

import app.avrel.cue.Call;
import app.avrel.cue.CueScript;
import app.avrel.cue.Pronunciation;
import app.avrel.cue.Speech;
import app.avrel.cue.SpeechTime;
import app.avrel.label.Language;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;

/** How long a voice takes for what it was asked to say, measured once; how long all else takes is estimated. */
public final class SpokenLengths implements Speech {

    private final Voice voice;
    private final Language language;
    private final Pronouncing terms;
    private final Map<String, Double> known = new ConcurrentHashMap<>();

    /**
     * Nothing measured yet.
     *
     * @param own how the school's own terms sound
     */
    public SpokenLengths(Voice voice, Language language, List<Pronunciation> own) {
        this.voice = voice;
        this.language = language;
        this.terms = Pronouncing.of(language, own);
    }

    /** {@return what the voice is called} */
    public String voice() {
        return voice.name();
    }

    public boolean speaks(Language asked) {
        return asked == language;
    }

    @Override
    public double seconds(String words) {
        Double measured = known.get(words);
        return measured == null ? SpeechTime.of(language).seconds(words) : measured;
    }

    /** {@return how many calls of a script are only estimated} */
    public long estimated(CueScript script) {
        return script.calls().filter(call -> !known.containsKey(call.words())).count();
    }

    /**
     * Measures what a script has that is not known yet, several calls at a time.
     *
     * @param progress is told the share that is done, 0 to 1
     * @param stopped is asked whether to give up
     */
    public void measure(CueScript script, DoubleConsumer progress, BooleanSupplier stopped) {
        Set<String> words = script.calls()
                .map(Call::words)
                .filter(each -> !known.containsKey(each))
                .collect(Collectors.toSet());
        AtomicInteger done = new AtomicInteger();
        words.parallelStream().filter(_ -> !stopped.getAsBoolean()).forEach(each -> {
            measure(each);
            progress.accept((double) done.incrementAndGet() / words.size());
        });
    }

    /** What the voice cannot say stays estimated. */
    private void measure(String words) {
        try {
            known.put(words, voice.say(terms.spoken(words), language).seconds());
        } catch (IOException unsaid) {
            known.remove(words);
        }
    }
}
