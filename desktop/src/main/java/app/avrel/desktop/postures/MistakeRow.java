package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.teaching.Mistake;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;

/** One common mistake on the card. */
final class MistakeRow extends HBox {

    private final FieldGrid grid = new FieldGrid();
    private final EntryField looksLike = grid.line(Words.of("postures.looks_like"), Words.of("postures.knee_falls"));
    private final EntryField why = grid.line(Words.of("postures.why"), Words.of("postures.twists_knee"));
    private final EntryField putRight = grid.line(Words.of("postures.put_right"), Words.of("postures.turn_foot_first"));
    private final EntryField count = grid.line(Words.of("postures.at_count"), "2");
    private final LinesField shown = new LinesField(
            Words.of("postures.count_as_done"),
            Words.of("postures.count_done_wrongly"),
            Words.of("postures.line_not_understood_try"));
    private final Button beside =
            Buttons.words(Words.of("postures.compare_right_one"), Words.of("common.both_poses_their"), this::beside);
    private Runnable lay = () -> {};
    private Runnable remove = () -> {};

    MistakeRow() {
        getStyleClass().add("sheet-row");
        grid.node(Words.of("postures.done_wrongly"), shown);
        grid.wide(beside);
        HBox.setHgrow(grid, Priority.ALWAYS);
        getChildren().addAll(grid, Buttons.icon(Feather.X, Words.of("postures.take_mistake_out"), () -> remove.run()));
    }

    private void beside() {
        lay.run();
    }

    /** @param laying lays the mistake beside what is right */
    void show(
            Posture posture,
            Desk desk,
            Mistake mistake,
            BiConsumer<String, Mistake> change,
            Runnable laying,
            Runnable newRemove) {
        remove = newRemove;
        lay = laying;
        Wording saying = desk.saying();
        shown.setDisable(mistake.count().isEmpty());
        shown.show(
                mistake.shown().map(Saying.exact(Words.language(), saying)::line).stream()
                        .toList(),
                lines -> read(lines, new TypedCounts(posture, desk.project().setting(), saying), mistake, change));
        beside.setVisible(posture.wrongly(mistake).isPresent());
        beside.setManaged(beside.isVisible());
        words(mistake, change);
    }

    private void words(Mistake mistake, BiConsumer<String, Mistake> change) {
        looksLike.show(mistake.looksLike(), text -> {
            change.accept("looks", mistake.withLooksLike(text));
            return true;
        });
        why.show(mistake.why(), text -> {
            change.accept("why", mistake.withWhy(text));
            return true;
        });
        putRight.show(mistake.putRight(), text -> {
            change.accept(Words.of("common.right"), mistake.withPutRight(text));
            return true;
        });
        count.show(mistake.count().map(at -> Integer.toString(at + 1)).orElse(""), text -> {
            Optional<Integer> at = number(text);
            boolean understood = text.isBlank() || at.isPresent();
            if (understood) {
                change.accept(Words.of("common.count"), mistake.withCount(at));
            }
            return understood;
        });
    }

    /** No line shows nothing; one shows the count. */
    private static boolean read(
            List<String> lines, TypedCounts typed, Mistake mistake, BiConsumer<String, Mistake> change) {
        List<String> said = lines.stream().filter(line -> !line.isBlank()).toList();
        if (said.size() > 1 || mistake.count().isEmpty()) {
            return said.isEmpty();
        }
        Optional<List<Count>> counts = typed.read(said, mistake.count().get());
        counts.ifPresent(
                all -> change.accept("shown", mistake.withShown(all.stream().findFirst())));
        return counts.isPresent();
    }

    private static Optional<Integer> number(String text) {
        return text.strip().matches("[1-9]\\d?") ? Optional.of(Integer.parseInt(text.strip()) - 1) : Optional.empty();
    }
}
