package app.avrel.project;

import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.words.reading.frame.Earlier;
import java.util.List;

/**
 * What was recorded of a posture before one of its counts: the counts a line may point back to, and how one stands.
 *
 * @param counts in order, each with how one stood when it began
 * @param standing when the count begins
 */
public record EarlierCounts(List<Earlier> counts, Pose standing) {

    /** @param count from 0; past the last one is after all of them */
    public static EarlierCounts before(Posture posture, int count, Performer posing) {
        Occurrence done = Unroll.posture(posture, posing).occurrences().getFirst();
        List<Moment> moments = done.moments().stream()
                .filter(moment -> moment.place().section() == Moment.Section.POSTURE
                        && moment.place().count() < count)
                .toList();
        return of(moments, done.done().begins());
    }

    /** {@return the counts of the way into an occurrence, and how one stands after them} */
    public static EarlierCounts onTheWay(Occurrence into) {
        List<Moment> moments = into.moments().stream()
                .filter(moment -> moment.place().section() == Moment.Section.LINK)
                .toList();
        return of(moments, into.done().from());
    }

    private static EarlierCounts of(List<Moment> moments, Pose begins) {
        List<Earlier> counts = Moment.byCount(moments).stream()
                .map(stages ->
                        new Earlier(stages.getFirst().count(), stages.getFirst().before()))
                .toList();
        return new EarlierCounts(
                counts, moments.isEmpty() ? begins : moments.getLast().after());
    }
}
