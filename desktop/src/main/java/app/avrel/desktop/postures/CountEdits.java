package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** The edits of the count card. */
public final class CountEdits {

    private CountEdits() {}

    /** {@return one count changed; edits of one field in a row make one step} */
    public static Edit change(Holder in, int count, String name, String field, UnaryOperator<Count> edit) {
        String run = in + "/" + count + "/" + field;
        return Edit.running(name, run, project -> in.change(project, counts -> Counts.change(counts, count, edit)));
    }

    static Edit changeMove(Holder in, int count, MovePlace at, String field, Move move) {
        return change(
                in,
                count,
                Words.of("postures.change_move"),
                at + field,
                whole -> withMoves(whole, at.stage(), moves -> {
                    moves.set(at.index(), move);
                }));
    }

    /** {@return a stage that begins on a beat of its own; empty where it shares the time with the others} */
    static Edit stageOn(Holder in, int count, int stage, Optional<Double> on) {
        return change(
                in,
                count,
                Words.of("postures.change_beat"),
                "on" + stage,
                whole -> whole.withStages(IntStream.range(0, whole.stages().size())
                        .mapToObj(at -> at == stage
                                ? whole.stages().get(at).withOn(on)
                                : whole.stages().get(at))
                        .toList()));
    }

    static Edit addMove(Holder in, int count, int stage, Move move) {
        return step(
                in,
                Words.of("postures.add_move"),
                counts -> Counts.change(counts, count, whole -> withMoves(whole, stage, moves -> moves.add(move))));
    }

    static Edit removeMove(Holder in, int count, MovePlace at) {
        return step(
                in,
                Words.of("postures.remove_move"),
                counts -> Counts.change(counts, count, whole -> {
                    Count without = withMoves(whole, at.stage(), moves -> moves.remove(at.index()));
                    boolean bare = without.stages().get(at.stage()).moves().isEmpty()
                            && without.stages().size() > 1;
                    return bare ? without.withStages(without(without.stages(), at.stage())) : without;
                }));
    }

    static Edit addStage(Holder in, int count, Move first) {
        return step(
                in,
                Words.of("postures.add_move_after_others"),
                counts -> Counts.change(counts, count, whole -> {
                    List<Stage> stages = new ArrayList<>(whole.stages());
                    stages.add(Stage.of(first));
                    return whole.withStages(stages);
                }));
    }

    public static Edit insert(Holder in, int at) {
        return step(in, Words.of("postures.add_count"), counts -> Counts.insert(counts, at, Count.blank()));
    }

    static Edit delete(Holder in, int at) {
        return step(in, Words.of("postures.delete_count"), counts -> Counts.delete(counts, at));
    }

    static Edit duplicate(Holder in, int at) {
        return step(in, Words.of("postures.duplicate_count"), counts -> Counts.duplicate(counts, at));
    }

    static Edit move(Holder in, int from, int to) {
        return step(in, Words.of("postures.move_count"), counts -> Counts.move(counts, from, to));
    }

    static Edit split(Holder in, int at, int stage) {
        return step(in, Words.of("postures.split_count"), counts -> Counts.split(counts, at, stage));
    }

    static Edit merge(Holder in, int at) {
        return step(in, Words.of("postures.merge_two_counts"), counts -> Counts.merge(counts, at));
    }

    private static Edit step(Holder in, String name, UnaryOperator<List<Count>> edit) {
        return Edit.of(name, project -> in.change(project, edit));
    }

    private static Count withMoves(Count count, int stage, Consumer<List<Move>> edit) {
        return count.changing(stage, edit);
    }

    private static List<Stage> without(List<Stage> stages, int at) {
        List<Stage> left = new ArrayList<>(stages);
        left.remove(at);
        return left;
    }
}
