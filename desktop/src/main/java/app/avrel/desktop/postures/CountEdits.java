package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.SeenCount;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** The edits of the count card: each names the count it was seen to be made to, and does nothing once that is gone. */
public final class CountEdits {

    private CountEdits() {}

    /** {@return one count changed; edits of one field in a row make one step} */
    public static Edit change(Holder in, SeenCount seen, String name, String field, UnaryOperator<Count> edit) {
        String run = in + "/" + seen.at() + "/" + field;
        return Edit.running(name, run, project -> in.change(project, changing(seen, edit)));
    }

    static Edit changeMove(Holder in, SeenCount seen, MovePlace at, String field, Move move) {
        return change(
                in,
                seen,
                Words.of("postures.change_move"),
                at + field,
                whole -> whole.changing(at.stage(), moves -> moves.set(at.index(), move)));
    }

    /** {@return a stage that begins on a beat of its own; empty where it shares the time with the others} */
    static Edit stageOn(Holder in, SeenCount seen, int stage, Optional<Double> on) {
        return change(
                in,
                seen,
                Words.of("postures.change_beat"),
                "on" + stage,
                whole -> whole.withStages(IntStream.range(0, whole.stages().size())
                        .mapToObj(at -> at == stage
                                ? whole.stages().get(at).withOn(on)
                                : whole.stages().get(at))
                        .toList()));
    }

    static Edit addMove(Holder in, SeenCount seen, int stage, Move move) {
        return step(
                in,
                Words.of("postures.add_move"),
                changing(seen, whole -> whole.changing(stage, moves -> moves.add(move))));
    }

    static Edit removeMove(Holder in, SeenCount seen, MovePlace at) {
        return step(in, Words.of("postures.remove_move"), changing(seen, whole -> {
            Count without = whole.changing(at.stage(), moves -> moves.remove(at.index()));
            boolean bare = without.stages().get(at.stage()).moves().isEmpty()
                    && without.stages().size() > 1;
            return bare ? without.withStages(without(without.stages(), at.stage())) : without;
        }));
    }

    static Edit addStage(Holder in, SeenCount seen, Move first) {
        return step(in, Words.of("postures.add_move_after_others"), changing(seen, whole -> {
            List<Stage> stages = new ArrayList<>(whole.stages());
            stages.add(Stage.of(first));
            return whole.withStages(stages);
        }));
    }

    /** {@return a blank count put in at a place} */
    public static Edit insert(Holder in, int at) {
        return step(
                in,
                Words.of("postures.add_count"),
                counts -> Counts.insert(counts, Math.min(at, counts.size()), Count.blank()));
    }

    /** {@return a count put after the others} */
    public static Edit append(Holder in, Count count) {
        return step(in, Words.of("postures.add_count"), counts -> {
            List<Count> all = new ArrayList<>(counts);
            all.add(count);
            return all;
        });
    }

    static Edit delete(Holder in, SeenCount seen) {
        return step(in, Words.of("postures.delete_count"), where(seen, Counts::delete));
    }

    static Edit duplicate(Holder in, SeenCount seen) {
        return step(in, Words.of("postures.duplicate_count"), where(seen, Counts::duplicate));
    }

    /** {@return the count put so much earlier (below 0) or later} */
    static Edit move(Holder in, SeenCount seen, int by) {
        return step(
                in,
                Words.of("postures.move_count"),
                where(seen, (counts, at) -> Counts.move(counts, at, Math.clamp(at + by, 0, counts.size() - 1))));
    }

    static Edit split(Holder in, SeenCount seen, int stage) {
        return step(in, Words.of("postures.split_count"), where(seen, (counts, at) -> Counts.split(counts, at, stage)));
    }

    static Edit merge(Holder in, SeenCount seen) {
        return step(
                in,
                Words.of("postures.merge_two_counts"),
                where(seen, (counts, at) -> at + 1 < counts.size() ? Counts.merge(counts, at) : counts));
    }

    private static UnaryOperator<List<Count>> changing(SeenCount seen, UnaryOperator<Count> edit) {
        return where(seen, (counts, at) -> Counts.change(counts, at, edit));
    }

    /** Done where the count stands now; the counts stay as they are where it no longer does. */
    private static UnaryOperator<List<Count>> where(
            SeenCount seen, BiFunction<List<Count>, Integer, List<Count>> edit) {
        return counts -> seen.in(counts).map(at -> edit.apply(counts, at)).orElse(counts);
    }

    private static Edit step(Holder in, String name, UnaryOperator<List<Count>> edit) {
        return Edit.of(name, project -> in.change(project, edit));
    }

    private static List<Stage> without(List<Stage> stages, int at) {
        List<Stage> left = new ArrayList<>(stages);
        left.remove(at);
        return left;
    }
}
