package app.avrel.form;

import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.motion.HallPose;
import app.avrel.motion.Placement;
import java.util.List;
import java.util.Optional;

/**
 * A form unrolled on the floor for one body.
 *
 * @param start the pose in which it begins, about the origin, facing the front
 * @param occurrences in order
 * @param missing entries (from 0) whose posture is not on the shelf; they are passed over
 */
public record Track(HallPose start, List<Occurrence> occurrences, List<Integer> missing) {

    public Track {
        occurrences = List.copyOf(occurrences);
        missing = List.copyOf(missing);
    }

    /** {@return all stages, each in its own frame} */
    public List<Moment> moments() {
        return occurrences.stream()
                .flatMap(occurrence -> occurrence.moments().stream())
                .toList();
    }

    /** {@return the same form begun in another direction} */
    public Track turned(Turn turn) {
        Placement turned = start.at().turned(turn);
        return new Track(
                new HallPose(start.own(), turned),
                occurrences.stream().map(done -> done.turned(turn)).toList(),
                missing);
    }

    /** {@return the pose in which the form ends} */
    public HallPose end() {
        return occurrences.isEmpty() ? start : occurrences.getLast().end();
    }

    /** {@return the last occurrence of an entry} */
    public Optional<Occurrence> lastOf(int entry) {
        return occurrences.reversed().stream()
                .filter(occurrence -> occurrence.entry() == entry)
                .findFirst();
    }

    /** {@return all turning from start to end; to the right is positive, whole turns are kept} */
    public Turn netTurn() {
        return end().turned().minus(start.turned());
    }

    /** {@return the way from the middle between the heels at the start to that at the end} */
    public FloorVector offset() {
        return end().middle().minus(start.middle());
    }

    /** {@return whether every step is placed, so that the offset can be trusted} */
    public boolean placed() {
        return end().placed();
    }

    public int counts() {
        return occurrences.stream().mapToInt(Occurrence::counts).sum();
    }

    public double beats() {
        return occurrences.stream().mapToDouble(Occurrence::beats).sum();
    }
}
