package app.avrel.desktop.postures;

import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.posture.count.Count;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;

/** What stands before the moves of a stage: that it comes after the one before, and on which beat it begins. */
final class StageHead extends HBox {

    private final EntryField beat = new EntryField(Words.of("postures.on_beat"), "–", _ -> false);
    private final boolean timed;

    /** @param timed whether the count is long enough for its stages to begin on beats of their own */
    StageHead(boolean first, boolean timed) {
        this.timed = timed;
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("stage-head");
        if (!first) {
            getChildren().add(Texts.of(Words.of("postures.then_2"), "then"));
        }
        if (timed) {
            beat.getStyleClass().add("beats");
            getChildren().addAll(Texts.of(Words.of("postures.on_beat"), "field-label"), beat);
        }
    }

    /** {@return whether there is anything to show before a stage} */
    static boolean wanted(Count count, int stage) {
        return stage > 0 || timed(count);
    }

    static boolean timed(Count count) {
        return count.timed() || count.beats() > 1 && count.stages().size() > 1;
    }

    void show(Optional<Double> on, Predicate<Optional<Double>> take) {
        if (timed) {
            beat.show(on.map(Numbers::plain).orElse(""), text -> taken(text, take));
        }
    }

    private static boolean taken(String text, Predicate<Optional<Double>> take) {
        if (text.isBlank() || text.strip().equals("–")) {
            return take.test(Optional.empty());
        }
        try {
            double on = Double.parseDouble(text.strip().replace(',', '.'));
            return on >= 1 && on <= Count.MOST_BEATS && take.test(Optional.of(on));
        } catch (NumberFormatException noNumber) {
            return false;
        }
    }
}
