package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/** How fast a script goes: seconds a beat, or breaths a minute. */
final class CueTimes extends VBox {

    private final EntryField beat = new EntryField(Words.of("common.seconds_per_beat"), "4", _ -> false);
    private final EntryField breaths = new EntryField(Words.of("cues.breaths_a_minute"), "", _ -> false);
    private final Consumer<UnaryOperator<CueWish>> ask;

    CueTimes(Consumer<UnaryOperator<CueWish>> ask) {
        this.ask = ask;
        beat.getStyleClass().add("beats");
        breaths.getStyleClass().add("beats");
        getStyleClass().add("cue-times");
        getChildren()
                .addAll(
                        Texts.wrapped(Words.of("common.seconds_per_beat"), "section"),
                        beat,
                        Texts.wrapped(Words.of("cues.breaths_a_minute"), "section"),
                        breaths);
        Tips.give(breaths.field(), Words.of("cues.breaths_tip"));
    }

    void show(CueOrder order) {
        beat.show(Numbers.plain(order.secondsPerBeat()), this::beat);
        breaths.show(
                order.breathsAMinute().isPresent()
                        ? Numbers.plain(order.breathsAMinute().getAsDouble())
                        : "",
                this::breaths);
    }

    private boolean beat(String text) {
        boolean fits = text.strip().matches("\\d{1,2}([.,]\\d)?");
        double seconds = fits ? Double.parseDouble(text.strip().replace(',', '.')) : 0;
        if (seconds < 0.2 || seconds > 30) {
            return false;
        }
        ask.accept(wish -> wish.withOrder(wish.order().withSecondsPerBeat(seconds)));
        return true;
    }

    /** Empty is by the beat. */
    private boolean breaths(String text) {
        String typed = text.strip().replace(',', '.');
        boolean fits = typed.matches("\\d{1,2}(\\.\\d)?");
        double each = fits ? Double.parseDouble(typed) : 0;
        if (!typed.isEmpty() && (each < 1 || each > 30)) {
            return false;
        }
        ask.accept(wish -> wish.withOrder(
                wish.order().withBreathsAMinute(typed.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(each))));
        return true;
    }
}
