package app.avrel.form;

import app.avrel.floor.Bearing;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.motion.HallPose;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import java.util.List;
import java.util.stream.Stream;

/**
 * A performance where it stands on the track.
 *
 * @param index which posture, counted from 0 through the whole form
 * @param entry which entry of the form, from 0
 * @param repeat which of the entry's times, from 0
 * @param done what is done, in its own frames
 * @param wayInAt where the frame of the way in stands in the hall
 */
public record Occurrence(int index, int entry, int repeat, Performance done, Placement wayInAt) {

    /** {@return the posture as it is done: mirrored where the other side is played} */
    public Posture posture() {
        return done.posture();
    }

    public Link link() {
        return done.link();
    }

    public Join join() {
        return done.join();
    }

    /** {@return where the posture's own frame stands in the hall} */
    public Placement at() {
        return wayInAt.of(done.start());
    }

    /** {@return where the frame of a section stands in the hall} */
    public Placement at(Moment.Section section) {
        return switch (section) {
            case LINK -> wayInAt;
            case POSTURE -> at();
        };
    }

    /** {@return where the front of a section's frame faces in the hall} */
    public Heading front(Moment.Section section) {
        return at(section).of(Bearing.FRONT);
    }

    /** {@return this, begun in another direction: turned about where the form starts} */
    public Occurrence turned(Turn turn) {
        return new Occurrence(index, entry, repeat, done, wayInAt.turned(turn));
    }

    /** {@return all stages, the way in first, each in its own frame: loads and turns are the same wherever it stands} */
    public List<Moment> moments() {
        return done.moments();
    }

    /**
     * {@return all stages as they are drawn in the hall}
     *
     * <p>The first stage of the posture goes out from how one has arrived: what may differ at a join that fits, and the
     * hands at any join, moves over instead of jumping.
     */
    public List<Moment> inHall() {
        return Stream.concat(
                        done.wayIn().stream().map(moment -> drawn(moment, wayInAt)),
                        Stream.concat(
                                done.counts().stream()
                                        .limit(1)
                                        .map(this::fromArrived)
                                        .map(moment -> drawn(moment, at())),
                                done.counts().stream().skip(1).map(moment -> drawn(moment, at()))))
                .toList();
    }

    private Moment fromArrived(Moment first) {
        Pose arrived = done.arrived();
        Pose before = done.join().fits()
                ? arrived
                : first.before()
                        .withLeftHand(arrived.leftHand())
                        .withRightHand(arrived.rightHand())
                        .withHold(arrived.hold());
        return new Moment(first.place(), first.count(), first.stage(), before, first.after());
    }

    private static Moment drawn(Moment moment, Placement at) {
        return new Moment(
                moment.place(), moment.count(), moment.stage(), at.of(moment.before()), at.of(moment.after()));
    }

    /** {@return a pose of one of the moments where it stands in the hall} */
    public HallPose hall(Pose pose, Moment.Section section) {
        return new HallPose(pose, at(section));
    }

    /** {@return the pose one comes from} */
    public HallPose from() {
        return new HallPose(done.from(), wayInAt);
    }

    /** {@return the pose in which the way in ends} */
    public HallPose arrived() {
        return new HallPose(done.arrived(), at());
    }

    /** {@return the pose in which the posture starts} */
    public HallPose start() {
        return new HallPose(done.begins(), at());
    }

    /** {@return the pose in which it ends} */
    public HallPose end() {
        return new HallPose(done.end(), at());
    }

    /** {@return the way from the middle between the heels where one comes from to that at the end, its way in included} */
    public FloorVector travel() {
        return end().middle().minus(from().middle());
    }

    /** {@return the last moment of each count, the way in first} */
    public List<Moment> ends() {
        return Moment.byCount(moments()).stream().map(List::getLast).toList();
    }

    /** {@return how many counts this takes, its way in included} */
    public int counts() {
        return link().counts().size() + done.countsDone().size();
    }

    /** {@return how many beats this takes, its way in included} */
    public double beats() {
        return Stream.concat(link().counts().stream(), done.countsDone().stream())
                .mapToDouble(count -> count.beats())
                .sum();
    }
}
