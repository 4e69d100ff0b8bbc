package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.posture.teaching.Mistake;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;

/** One common mistake on the card. */
final class MistakeRow extends HBox {

    private final FieldGrid grid = new FieldGrid();
    private final EntryField looksLike = grid.line("Looks like", "the knee falls in");
    private final EntryField why = grid.line("Why", "it twists the knee");
    private final EntryField putRight = grid.line("Put right", "turn the foot first");
    private final EntryField count = grid.line("At count", "2");
    private Runnable remove = () -> {};

    MistakeRow() {
        getStyleClass().add("sheet-row");
        HBox.setHgrow(grid, Priority.ALWAYS);
        getChildren().addAll(grid, Buttons.icon(Feather.X, "Take this mistake out", () -> remove.run()));
    }

    void show(Mistake mistake, BiConsumer<String, Mistake> change, Runnable newRemove) {
        remove = newRemove;
        looksLike.show(mistake.looksLike(), text -> {
            change.accept("looks", mistake.withLooksLike(text));
            return true;
        });
        why.show(mistake.why(), text -> {
            change.accept("why", mistake.withWhy(text));
            return true;
        });
        putRight.show(mistake.putRight(), text -> {
            change.accept("right", mistake.withPutRight(text));
            return true;
        });
        count.show(mistake.count().map(at -> Integer.toString(at + 1)).orElse(""), text -> {
            Optional<Integer> at = number(text);
            boolean understood = text.isBlank() || at.isPresent();
            if (understood) {
                change.accept("count", mistake.withCount(at));
            }
            return understood;
        });
    }

    private static Optional<Integer> number(String text) {
        return text.strip().matches("[1-9]\\d?") ? Optional.of(Integer.parseInt(text.strip()) - 1) : Optional.empty();
    }
}
