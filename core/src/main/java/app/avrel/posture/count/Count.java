package app.avrel.posture.count;

import app.avrel.floor.Numbers;
import app.avrel.posture.move.Move;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One count: stages one after the other, in a number of beats, with a breath.
 *
 * @param stages at least one; it may be still
 * @param beats how long it lasts, at least a hundredth, at most 64, to the hundredth
 * @param words the instructor's own, where the generated ones are not wanted
 * @param note for the instructor
 * @param arrival whether hands take the whole count, as they do where it is empty, or wait for their stage
 */
@RecordBuilder
public record Count(
        List<Stage> stages,
        double beats,
        Pace pace,
        Breath breath,
        List<OwnWords> words,
        String note,
        Optional<Arrival> arrival)
        implements CountBuilder.With {

    public Count {
        stages = stages.isEmpty() ? List.of(Stage.STILL) : List.copyOf(stages);
        words = List.copyOf(words);
        beats = Numbers.hundredths(beats);
        if (!(beats > 0 && beats <= 64)) {
            throw new IllegalArgumentException("beats must be 0.01 to 64, but was " + Numbers.plain(beats));
        }
    }

    /** {@return a count of one even beat in which nothing moves yet} */
    public static Count blank() {
        return of(Stage.STILL);
    }

    /** {@return a count of one even beat} */
    public static Count of(Stage... stages) {
        return new Count(List.of(stages), 1, Pace.EVEN, Breath.FREE, List.of(), "", Optional.empty());
    }

    public Count withArrival(Arrival changed) {
        return new Count(stages, beats, pace, breath, words, note, Optional.of(changed));
    }

    /** {@return whether hands wait for the stage they stand in} */
    public boolean handsByStage() {
        return arrival.equals(Optional.of(Arrival.BY_STAGE));
    }

    /** {@return every move of every stage, in order} */
    public Stream<Move> moves() {
        return stages.stream().flatMap(stage -> stage.moves().stream());
    }
}
