package app.avrel.desktop.cues;

import app.avrel.cue.CueScript;
import app.avrel.cue.Pronunciation;
import app.avrel.cue.Speech;
import app.avrel.cue.SpeechTime;
import app.avrel.desktop.parts.ProgressSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.words.Words;
import app.avrel.files.voice.SpokenLengths;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.label.Language;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;

/** How long the calls of the room take: estimated, until a voice of this machine has been asked to say them. */
final class CueLengths {

    private static final int ROUNDS = 6;

    private final StackPane over;
    private final Runnable changed;
    private Optional<SpokenLengths> measured = Optional.empty();

    /**
     * All estimated.
     *
     * @param over where sheets are laid
     * @param changed is run when lengths are known that were not
     */
    CueLengths(StackPane over, Runnable changed) {
        this.over = over;
        this.changed = changed;
    }

    Speech speech(Language language) {
        return in(language).<Speech>map(lengths -> lengths).orElseGet(() -> SpeechTime.of(language));
    }

    private Optional<SpokenLengths> in(Language language) {
        return measured.filter(lengths -> lengths.speaks(language));
    }

    /** {@return by whom the lengths of a script were measured, and how many are not; empty where none was} */
    Optional<String> told(CueSheet sheet) {
        return in(sheet.wish().order().language()).map(lengths -> {
            long left = lengths.estimated(sheet.script());
            return left == 0
                    ? Words.of("cues.measured_by", lengths.voice())
                    : Words.of("cues.measured_but", lengths.voice(), left);
        });
    }

    /** Lets the best voice say each call once, with its progress; where there is no voice that is told. */
    void measure(CueSheet sheet, List<Pronunciation> sounds) {
        Language language = sheet.wish().order().language();
        List<Voice> voices = Voices.of(language);
        if (voices.isEmpty()) {
            Sheet.tell(over, Words.of("cues.measure"), Words.of("cues.no_voice"));
            return;
        }
        SpokenLengths lengths = in(language).orElseGet(() -> new SpokenLengths(voices.getFirst(), language, sounds));
        measured = Optional.of(lengths);
        ProgressSheet.run(
                over, Words.of("cues.measuring"), sheet.title(), Words.of("cues.measure"), (progress, stopped) -> {
                    measure(sheet, lengths, progress, stopped);
                    Platform.runLater(changed);
                    return Words.of("cues.measured", lengths.voice());
                });
    }

    /** What takes longer than was thought is said shorter: then that is measured too. */
    private static void measure(
            CueSheet sheet, SpokenLengths lengths, DoubleConsumer progress, BooleanSupplier stopped) {
        for (int round = 0; round < ROUNDS; round++) {
            CueScript script = sheet.timedBy(lengths);
            if (lengths.estimated(script) == 0) {
                return;
            }
            lengths.measure(script, progress, stopped);
        }
    }
}
