package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.SeenCount;
import app.avrel.posture.move.Move;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.Wording;
import app.avrel.words.reading.FieldText;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.layout.VBox;

/** The moves of a count, stage by stage, a row each; rows are built anew only where the count is built otherwise. */
final class StageRows extends VBox {

    private final Predicate<Edit> apply;
    private final Consumer<MovePlace> toggle;
    private final List<MoveRow> rows = new ArrayList<>();
    private final Map<Integer, StageHead> heads = new HashMap<>();

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Holder holder;

    @SuppressWarnings("NullAway.Init") // told by the first show
    private SeenCount seen;

    private int index = -1;
    private MovePlace open = new MovePlace(-1, -1);
    private String built = "";

    /**
     * Rows without moves yet.
     *
     * @param apply makes an edit; false where it may not be made now
     * @param toggle opens the fields of a move, or closes them
     */
    StageRows(Predicate<Edit> apply, Consumer<MovePlace> toggle) {
        this.apply = apply;
        this.toggle = toggle;
        getStyleClass().add("stages");
    }

    void show(Holder newHolder, int count, MovePlace newOpen, Count shown, Wording saying) {
        holder = newHolder;
        index = count;
        seen = new SeenCount(count, shown);
        open = newOpen;
        String structure = structure(shown);
        if (!structure.equals(built)) {
            built = structure;
            build(shown);
        }
        Saying words = Saying.exact(Words.language(), saying);
        MoveFields fields = new MoveFields(new FieldText(Words.language(), saying));
        int row = 0;
        for (int s = 0; s < shown.stages().size(); s++) {
            int stage = s;
            StageHead head = heads.get(s);
            if (head != null) {
                head.show(shown.stages().get(s).on(), on -> apply.test(CountEdits.stageOn(holder, seen, stage, on)));
            }
            List<Move> moves = shown.stages().get(s).moves();
            for (int m = 0; m < moves.size(); m++) {
                Move move = moves.get(m);
                boolean opened = open.equals(new MovePlace(s, m));
                rows.get(row++).show(move, words.words(move), opened, opened ? fields.of(move) : List.of());
            }
        }
    }

    private String structure(Count count) {
        StringBuilder text = new StringBuilder(holder + "/" + index + "/" + open + "/" + StageHead.timed(count));
        count.stages().forEach(stage -> {
            text.append("|");
            stage.moves()
                    .forEach(move -> text.append(MoveKind.of(move))
                            .append(
                                    move instanceof Move.Step step
                                            ? step.place().getClass().getSimpleName()
                                            : ""));
        });
        return text.toString();
    }

    private void build(Count count) {
        rows.clear();
        heads.clear();
        getChildren().clear();
        for (int s = 0; s < count.stages().size(); s++) {
            if (StageHead.wanted(count, s)) {
                StageHead head = new StageHead(s == 0, StageHead.timed(count));
                heads.put(s, head);
                getChildren().add(head);
            }
            for (int m = 0; m < count.stages().get(s).moves().size(); m++) {
                MoveRow row = row(new MovePlace(s, m));
                rows.add(row);
                getChildren().add(row);
            }
        }
        if (rows.isEmpty()) {
            getChildren().add(Texts.wrapped(Words.of("postures.nothing_moves_yet"), "empty"));
        }
    }

    private MoveRow row(MovePlace at) {
        return new MoveRow(
                (field, move) -> apply.test(CountEdits.changeMove(holder, seen, at, field, move)),
                () -> apply.test(CountEdits.removeMove(holder, seen, at)),
                () -> toggle.accept(at));
    }

    void focusOpen(List<Count> counts) {
        int row = open.index();
        for (int s = 0; s < open.stage(); s++) {
            row += counts.get(index).stages().get(s).moves().size();
        }
        if (row >= 0 && row < rows.size()) {
            rows.get(row).focusFirst();
        }
    }
}
