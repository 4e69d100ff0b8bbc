package app.avrel.form;

import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A posture with its way in, performed from a pose: nothing of it knows where in the hall it is done.
 *
 * <p>Two frames: the way in is done in the frame of the pose it begins from, the posture in its own, whose front is where
 * its start faces.
 *
 * @param posture as it is done: mirrored where the other side is played
 * @param cycles how often its cycle is gone through, at least once
 * @param link the way in
 * @param from the pose in which the way in begins, in the frame of the way in: it faces the front
 * @param wayIn the stages of the way in, in its frame
 * @param start where the posture's own frame stands in that of the way in
 * @param arrived the pose in which the way in ends, in the posture's own frame
 * @param begins the pose in which the posture starts, in its own frame
 * @param counts the stages of the posture, in its own frame
 * @param end the pose in which it ends, in its own frame
 * @param join what differs between arriving and starting
 */
public record Performance(
        Posture posture,
        int cycles,
        Link link,
        Pose from,
        List<Moment> wayIn,
        Placement start,
        Pose arrived,
        Pose begins,
        List<Moment> counts,
        Pose end,
        Join join) {

    public Performance {
        wayIn = List.copyOf(wayIn);
        counts = List.copyOf(counts);
    }

    /** {@return a posture done from its usual start, without a way in} */
    static Performance alone(Posture posture, Performer performer) {
        Pose start = Starting.of(posture.start().pose(), performer.body());
        List<Moment> counts = done(posture.counts(), start, performer.with(posture.ownRules()), Moment.Section.POSTURE);
        return new Performance(
                posture,
                1,
                Link.NONE,
                start,
                List.of(),
                Placement.HERE,
                start,
                start,
                counts,
                end(counts, start),
                new Join(List.of()));
    }

    /**
     * {@return a posture done from a pose}
     *
     * @param from facing the front of its own frame
     */
    static Performance of(Posture posture, int cycles, Link link, Pose from, Performer performer) {
        List<Moment> wayIn = done(link.counts(), from, performer, Moment.Section.LINK);
        Pose reached = end(wayIn, from);
        Placement start = start(posture.start(), reached, performer);
        Pose arrived = start.inverse().of(reached);
        Pose begins = switch (posture.start()) {
            case Start.Carried _ -> arrived;
            case Start.Recorded(StartPose recorded) -> asItComes(recorded, arrived, performer);
        };
        List<Moment> counts = done(
                Counts.cycled(posture.counts(), cycles),
                begins,
                performer.with(posture.ownRules()),
                Moment.Section.POSTURE);
        return new Performance(
                posture,
                cycles,
                link,
                from,
                wayIn,
                start,
                arrived,
                begins,
                counts,
                end(counts, begins),
                Join.between(arrived, begins, performer));
    }

    /** What the start does not say of the depth is as one comes. */
    private static Pose asItComes(StartPose recorded, Pose arrived, Performer performer) {
        Pose begins = Starting.of(recorded, performer.body());
        return recorded.drop().isPresent() ? begins : begins.withDrop(arrived.drop());
    }

    private static Placement start(Start start, Pose reached, Performer performer) {
        return switch (start) {
            case Start.Carried _ -> Placement.ownFrameOf(reached);
            case Start.Recorded(StartPose recorded) -> Starting.placed(recorded, reached, performer.body());
        };
    }

    static List<Moment> done(List<Count> counts, Pose from, Performer by, Moment.Section section) {
        List<Moment> moments = new ArrayList<>();
        Pose pose = from;
        for (int c = 0; c < counts.size(); c++) {
            Count count = counts.get(c);
            for (int s = 0; s < count.stages().size(); s++) {
                Pose before = pose;
                pose = by.after(before, count.stages(), s);
                moments.add(new Moment(
                        new Moment.Place(section, c, s), count, count.stages().get(s), before, pose));
            }
        }
        return moments;
    }

    private static Pose end(List<Moment> moments, Pose otherwise) {
        return moments.isEmpty() ? otherwise : moments.getLast().after();
    }

    /** {@return the posture's counts as they are done: its cycle as often as it is gone through} */
    public List<Count> countsDone() {
        return Counts.cycled(posture.counts(), cycles);
    }

    /** {@return which count of the posture, from 0, is the one that is done so many counts after its first} */
    public int recorded(int count) {
        return Counts.recorded(posture.counts(), cycles, count);
    }

    /** {@return the pose in which the way in ends, in the frame of the way in} */
    public Pose reached() {
        return end(wayIn, from);
    }

    /** {@return all stages, the way in first, each in its own frame} */
    public List<Moment> moments() {
        return wayIn.isEmpty()
                ? counts
                : Stream.concat(wayIn.stream(), counts.stream()).toList();
    }
}
