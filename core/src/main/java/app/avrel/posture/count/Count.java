package app.avrel.posture.count;

import app.avrel.floor.Numbers;
import app.avrel.label.Language;
import app.avrel.posture.move.Move;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * One count: stages one after the other, in a number of beats, with a breath.
 *
 * @param stages at least one; it may be still
 * @param beats how long it lasts, at least a hundredth, at most 64, to the hundredth; never less than the beats on which its
 *     stages are said to begin
 * @param words the instructor's own, where the generated ones are not wanted
 * @param note for the instructor
 * @param arrival whether hands take the whole count, as they do where it is empty, or wait for their stage
 * @param repeated whether it is part of the cycle of its posture, which a form may go through several times
 */
@RecordBuilder
public record Count(
        List<Stage> stages,
        double beats,
        Pace pace,
        Breath breath,
        List<OwnWords> words,
        String note,
        Optional<Arrival> arrival,
        Optional<Repeated> repeated)
        implements CountBuilder.With {

    /** The most beats of a count. */
    public static final double MOST_BEATS = 64;

    public Count {
        stages = stages.isEmpty() ? List.of(Stage.STILL) : List.copyOf(stages);
        words = List.copyOf(words);
        beats = Numbers.hundredths(beats);
        if (!(beats > 0 && beats <= MOST_BEATS)) {
            throw new IllegalArgumentException("beats must be 0.01 to 64, but was " + Numbers.plain(beats));
        }
        beats = Math.max(beats, spokenOf(stages));
    }

    private static double spokenOf(List<Stage> stages) {
        return stages.stream()
                .flatMap(stage -> stage.on().stream())
                .mapToDouble(Math::ceil)
                .max()
                .orElse(0);
    }

    /** {@return a count of one even beat in which nothing moves yet} */
    public static Count blank() {
        return of(Stage.STILL);
    }

    /** {@return a count of one even beat} */
    public static Count of(Stage... stages) {
        return new Count(List.of(stages), 1, Pace.EVEN, Breath.FREE, List.of(), "", Optional.empty(), Optional.empty());
    }

    public Count withArrival(Arrival changed) {
        return new Count(stages, beats, pace, breath, words, note, Optional.of(changed), repeated);
    }

    /** {@return the words for one time at a level: those for this time alone, else those for every time} */
    public Optional<OwnWords> own(Language language, CueLevel level, int time) {
        List<OwnWords> here = words.stream()
                .filter(own -> own.language() == language && own.level() == level)
                .toList();
        return here.stream()
                .filter(own -> own.time().equals(Optional.of(time)))
                .findFirst()
                .or(() -> here.stream().filter(own -> own.time().isEmpty()).findFirst());
    }

    /** {@return this count said in these words, written for its moves as they are} */
    public Count saying(OwnWords own) {
        List<OwnWords> changed = new ArrayList<>(
                notSaying(own.language(), own.level(), own.time()).words());
        changed.add(own.writtenFor(stages));
        return withWords(changed);
    }

    /** {@return this count without the words that are said at a level, every time or one time} */
    public Count notSaying(Language language, CueLevel level, Optional<Integer> time) {
        return withWords(
                words.stream().filter(own -> !own.saidAt(language, level, time)).toList());
    }

    /** {@return this count with the moves of one stage changed} */
    public Count changing(int stage, Consumer<List<Move>> edit) {
        List<Move> moves = new ArrayList<>(stages.get(stage).moves());
        edit.accept(moves);
        List<Stage> changed = new ArrayList<>(stages);
        changed.set(stage, stages.get(stage).withMoves(moves));
        return withStages(changed);
    }

    /** {@return whether one stands still in it} */
    public boolean held() {
        return pace == Pace.HELD || pace == Pace.OPEN;
    }

    /** {@return whether it is said of some stage on which beat it begins} */
    public boolean timed() {
        return stages.stream().anyMatch(stage -> stage.on().isPresent());
    }

    /** {@return the time of its stages} */
    public StageTimes times() {
        return StageTimes.of(this);
    }

    /** {@return whether it is part of the cycle of its posture} */
    public boolean cycle() {
        return repeated.isPresent();
    }

    public Count withCycle(boolean part) {
        return withRepeated(part ? Optional.of(Repeated.CYCLE) : Optional.empty());
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
