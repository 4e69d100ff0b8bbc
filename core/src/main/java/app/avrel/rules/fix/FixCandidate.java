package app.avrel.rules.fix;

import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Drafts of a count with one move edited or added.
 *
 * @param at which count of its posture, from 0
 */
record FixCandidate(Count count, int at) {

    /** {@return the count with a stage of its own put before a stage} */
    Count before(int stage, Move... moves) {
        List<Stage> stages = new ArrayList<>(count.stages());
        stages.add(stage, Stage.of(moves));
        return count.withStages(stages);
    }

    /** {@return the count with a move added to a stage} */
    Count with(int stage, Move move) {
        return count.changing(stage, moves -> moves.add(move));
    }

    /** {@return a draft for every move that is edited: those for which {@code edit} gives another} */
    Stream<Count> editing(Function<Move, Optional<Move>> edit) {
        return IntStream.range(0, count.stages().size())
                .boxed()
                .flatMap(stage -> IntStream.range(
                                0, count.stages().get(stage).moves().size())
                        .boxed()
                        .flatMap(place -> edit
                                .apply(count.stages().get(stage).moves().get(place))
                                .stream()
                                .map(move -> replaced(stage, place, move))));
    }

    private Count replaced(int stage, int place, Move move) {
        return count.changing(stage, moves -> moves.set(place, move));
    }

    /** {@return a draft for each place where a stage of its own can stand, the last place first} */
    Stream<Count> inserting(Move... moves) {
        return places().map(stage -> before(stage, moves));
    }

    /** {@return a draft for each stage to which a move is added, the first stage first} */
    Stream<Count> adding(Move move) {
        return IntStream.range(0, count.stages().size()).mapToObj(stage -> with(stage, move));
    }

    private Stream<Integer> places() {
        int last = count.stages().size() - 1;
        return IntStream.rangeClosed(0, last).mapToObj(stage -> last - stage);
    }
}
