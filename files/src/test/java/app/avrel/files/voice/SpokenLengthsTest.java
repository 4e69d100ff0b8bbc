package app.avrel.files.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.cue.Call;
import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.cue.SpeechTime;
import app.avrel.files.Demo;
import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A call takes as long as the voice takes to say it; until it has said it, that is estimated. */
class SpokenLengthsTest {

    private static final Project DEMO = Demo.project();
    private static final List<Occurrence> OPENING = Analysis.of(DEMO)
            .track(DEMO.forms().getFirst().id())
            .orElseThrow()
            .occurrences()
            .subList(0, 2);
    private static final CueScript SCRIPT = Scripting.of(
            OPENING,
            CueOrder.USUAL,
            new Wording(
                    DEMO.directions(),
                    DEMO.setting().startFaces(),
                    DEMO.setting().rules()));

    /** A tenth of a second a letter; it cannot say what speaks of the lantern. */
    private record Slow(List<String> said) implements Voice {

        @Override
        public String name() {
            return "slow";
        }

        @Override
        public boolean speaks(Language language) {
            return true;
        }

        @Override
        public Sound say(String words, Language language) throws IOException {
            synchronized (said) {
                said.add(words);
            }
            if (words.contains("Lantern")) {
                throw new IOException("out of breath");
            }
            return new Sound(new short[words.length() * Sound.RATE / 10], Sound.RATE);
        }
    }

    @Test
    void whatWasSaidTakesAsLongAsItTookAndAllElseIsEstimated() {
        List<String> said = new ArrayList<>();
        SpokenLengths lengths = new SpokenLengths(new Slow(said), Language.ENGLISH, List.of());
        SpeechTime estimate = SpeechTime.of(Language.ENGLISH);
        assertThat(lengths.estimated(SCRIPT)).isEqualTo(SCRIPT.calls().count());
        assertThat(lengths.seconds("all left")).isEqualTo(estimate.seconds("all left"));

        lengths.measure(SCRIPT, _ -> {}, () -> false);

        assertThat(SCRIPT.calls().map(Call::words).filter(words -> !words.contains("Lantern")))
                .isNotEmpty()
                .allSatisfy(words -> assertThat(lengths.seconds(words)).isCloseTo(words.length() / 10.0, within(0.01)));
        assertThat(lengths.seconds("Carry the Lantern")).isEqualTo(estimate.seconds("Carry the Lantern"));
        assertThat(lengths.estimated(SCRIPT)).isEqualTo(1);
    }

    @Test
    void whatIsKnownIsNotSaidAgainAndOneMayStop() {
        List<String> said = new ArrayList<>();
        SpokenLengths lengths = new SpokenLengths(new Slow(said), Language.ENGLISH, List.of());
        lengths.measure(SCRIPT, _ -> {}, () -> true);
        assertThat(said).isEmpty();
        lengths.measure(SCRIPT, _ -> {}, () -> false);
        assertThat(said).doesNotHaveDuplicates();
        said.clear();
        lengths.measure(SCRIPT, _ -> {}, () -> false);
        assertThat(said).as("only what the voice could not say is tried again").containsExactly("Carry the Lantern");
    }
}
