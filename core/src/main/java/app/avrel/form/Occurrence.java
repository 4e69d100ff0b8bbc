package app.avrel.form;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import java.util.List;

/**
 * One doing of a posture on the track.
 *
 * @param entry which entry of the form, from 0
 * @param repeat which of the entry's times, from 0
 * @param posture as it is done: mirrored where the other side is played
 * @param link the way in
 * @param arrived the pose in which the way in ends
 * @param start the pose in which the posture starts
 * @param end the pose in which it ends
 * @param moments all stages, the way in first
 * @param join what differs between arriving and starting
 */
public record Occurrence(
        int entry,
        int repeat,
        Posture posture,
        Link link,
        Pose arrived,
        Pose start,
        Pose end,
        List<Moment> moments,
        Join join) {

    /** {@return this, begun in another direction: turned about where the form starts} */
    public Occurrence turned(Turn turn) {
        return new Occurrence(
                entry,
                repeat,
                posture,
                link,
                turned(arrived, turn),
                turned(start, turn),
                turned(end, turn),
                moments.stream()
                        .map(moment -> new Moment(
                                moment.place(),
                                moment.count(),
                                moment.stage(),
                                turned(moment.before(), turn),
                                turned(moment.after(), turn)))
                        .toList(),
                join);
    }

    private static Pose turned(Pose pose, Turn turn) {
        return pose.turned(FloorPoint.ORIGIN, turn);
    }

    /** {@return the way from the middle between the heels where one comes from to that at the end, its way in included} */
    public FloorVector travel() {
        Pose from = moments.isEmpty() ? start : moments.getFirst().before();
        return Track.middle(end).plus(Track.middle(from).times(-1));
    }

    /** {@return the last moment of each count, the way in first} */
    public List<Moment> ends() {
        return Moment.byCount(moments).stream().map(List::getLast).toList();
    }

    /** {@return how many counts this takes, its way in included} */
    public int counts() {
        return link.counts().size() + posture.counts().size();
    }

    /** {@return how many beats this takes, its way in included} */
    public double beats() {
        return link.counts().stream().mapToDouble(count -> count.beats()).sum()
                + posture.counts().stream().mapToDouble(count -> count.beats()).sum();
    }
}
