package app.avrel.form;

import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.motion.Placement;
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
        return carried(new Placement(turn, FloorVector.ZERO), 0, 0);
    }

    /**
     * {@return the same done elsewhere}
     *
     * @param entries how many entries later in the form
     * @param doings how many doings later on the track
     */
    Occurrence carried(Placement carriage, int entries, int doings) {
        if (carriage.still() && entries == 0 && doings == 0) {
            return this;
        }
        return new Occurrence(
                entry + entries,
                repeat,
                posture,
                link,
                carriage.of(arrived),
                carriage.of(start),
                carriage.of(end),
                CarriedMoments.of(moments, carriage, doings),
                join);
    }

    /**
     * {@return the moments where they were first walked: loads and turns are the same there}
     *
     * <p>A doing that is carried elsewhere gives the very list that it was walked with.
     */
    public List<Moment> walked() {
        return CarriedMoments.walked(moments);
    }

    /** {@return where a moment, from 0, is on the track} */
    public Moment.Place place(int moment) {
        return moments instanceof CarriedMoments elsewhere
                ? elsewhere.place(moment)
                : moments.get(moment).place();
    }

    /** {@return whether this is another doing, carried elsewhere} */
    public boolean isCarried(Occurrence other) {
        return walked() == other.walked() && !moments.isEmpty();
    }

    /** {@return the pose one comes from} */
    public Pose from() {
        return moments.isEmpty() ? start : moments.getFirst().before();
    }

    /** {@return the way from the middle between the heels where one comes from to that at the end, its way in included} */
    public FloorVector travel() {
        return Track.middle(end).plus(Track.middle(from()).times(-1));
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
