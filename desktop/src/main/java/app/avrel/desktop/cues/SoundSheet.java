package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.ProgressSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.files.voice.SchooledVoice;
import app.avrel.files.voice.SpokenFile;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Writes the script that is shown as sound: by which voice, with what beside the words; then how far it is. */
final class SoundSheet {

    private static final int COUNT_IN = 4;

    /** The share of the work that is done once every call has been said. */
    private static final double LEARNING = 0.9;

    private final CueSheet sheet;
    private final Setting setting;
    private final ScriptFiles choosing;
    private final StackPane over;
    private final List<Voice> voices;
    private final CheckBox beats = new CheckBox(Words.of("cues.tick_beats"));
    private final CheckBox tones = new CheckBox(Words.of("cues.tone_breath"));
    private final CheckBox countIn = new CheckBox(Words.of("cues.count_in", COUNT_IN));
    private int chosen;

    private SoundSheet(CueSheet sheet, Setting setting, ScriptFiles choosing, StackPane over) {
        this.sheet = sheet;
        this.setting = setting;
        this.choosing = choosing;
        this.over = over;
        voices = Voices.of(order().language());
    }

    /** Lays the sheet over a pane; where no voice speaks the language it says so. */
    static void open(CueSheet sheet, Setting setting, ScriptFiles choosing, StackPane over) {
        SoundSheet sound = new SoundSheet(sheet, setting, choosing, over);
        if (sound.voices.isEmpty()) {
            Sheet.tell(over, Words.of("cues.write_sound"), Words.of("cues.no_voice"));
            return;
        }
        FieldGrid grid = new FieldGrid();
        ChoiceField voice = grid.choice(Words.of("cues.voice"));
        voice.show(sound.voices.stream().map(Voice::name).toList(), 0, at -> sound.chosen = at);
        VBox content = new VBox(
                grid, sound.beats, sound.tones, sound.countIn, Texts.wrapped(Words.of("cues.sound_about"), "quiet"));
        content.getStyleClass().add("make-sheet");
        Sheet.show(
                over,
                Words.of("cues.write_sound"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("cues.write_sound_go"), sound::choose),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private CueOrder order() {
        return sheet.wish().order();
    }

    private void choose() {
        choosing.toWriteSound(sheet.title()).ifPresent(this::write);
    }

    private void write(Path to) {
        ProgressSheet.run(
                over,
                Words.of("cues.sound_progress"),
                to.getFileName().toString(),
                Words.of("cues.write_sound"),
                (progress, stopped) -> spoken(to, progress, stopped));
    }

    /** Writes it; what became of it in words. Calls are as long as the voice says them. */
    private String spoken(Path to, DoubleConsumer progress, BooleanSupplier stopped) {
        SchooledVoice voice = Voices.schooled(voices.get(chosen), order().language(), setting.sounds());
        voice.learn(sheet.script(), share -> progress.accept(LEARNING * share), stopped);
        try {
            boolean written = !stopped.getAsBoolean()
                    && SpokenFile.write(
                            sheet.timedBy(voice),
                            sheet.stretch(),
                            voice,
                            order().language(),
                            new SpokenFile.Beside(
                                    beats.isSelected(),
                                    tones.isSelected(),
                                    countIn.isSelected() ? COUNT_IN : 0,
                                    order().tempo()),
                            to,
                            share -> progress.accept(LEARNING + (1 - LEARNING) * share),
                            stopped);
            return Words.of(written ? "cues.sound_written" : "cues.sound_given_up", to);
        } catch (IOException failed) {
            return Words.of("common.cannot_be_written", to);
        }
    }
}
