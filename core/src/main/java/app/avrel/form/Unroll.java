package app.avrel.form;

import app.avrel.motion.HallPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Unrolls forms and single postures into tracks, for one body under one set of house rules. */
public final class Unroll {

    private final Shelf shelf;
    private final Performances performances;
    private final List<Occurrence> done = new ArrayList<>();
    private final List<Integer> missing = new ArrayList<>();
    private Pose from;
    private Placement at = Placement.HERE;

    private Unroll(Shelf shelf, Performances performances, Pose start) {
        this.shelf = shelf;
        this.performances = performances;
        this.from = start;
    }

    /**
     * {@return the track of a form}
     *
     * <p>The first posture starts about the origin, facing the front; every other is laid where the one before ends.
     */
    public static Track form(Form form, Shelf shelf, Performer performer) {
        return form(form, shelf, new Performances(performer, Optional.empty()));
    }

    /** {@return the track of a form, with what is known of its performances already} */
    public static Track form(Form form, Shelf shelf, Performances performances) {
        List<Entry> entries = form.entries();
        Pose start = Starting.of(first(entries, shelf), performances.performer().body());
        Unroll unroll = new Unroll(shelf, performances, start);
        for (int at = 0; at < entries.size(); at++) {
            unroll.entry(entries.get(at), at);
        }
        performances.settle();
        return new Track(new HallPose(start, Placement.HERE), unroll.done, unroll.missing);
    }

    /** {@return the track of one posture from its usual start} */
    public static Track posture(Posture posture, Performer performer) {
        Performance alone = Performance.alone(posture, performer);
        return new Track(
                new HallPose(alone.begins(), Placement.HERE),
                List.of(new Occurrence(0, 0, 0, alone, Placement.HERE)),
                List.of());
    }

    /** {@return the pose after counts done from a pose, whose facing is their front, in the frame of that pose} */
    public static Pose counts(Pose from, List<Count> counts, Performer performer) {
        Placement own = Placement.ownFrameOf(from);
        List<Moment> moments = Performance.done(counts, own.inverse().of(from), performer, Moment.Section.POSTURE);
        return moments.isEmpty() ? from : own.of(moments.getLast().after());
    }

    private static StartPose first(List<Entry> entries, Shelf shelf) {
        return entries.stream()
                .findFirst()
                .flatMap(entry -> shelf.posture(entry.posture()).map(entry::done))
                .map(posture -> posture.start().pose())
                .orElse(StartPose.SHOULDER_WIDE);
    }

    private void entry(Entry entry, int index) {
        Optional<Posture> recorded = shelf.posture(entry.posture());
        if (recorded.isEmpty()) {
            missing.add(index);
            return;
        }
        Posture posture = performances.posture(entry, recorded.get());
        for (int repeat = 0; repeat < entry.times(); repeat++) {
            Performance one = performances.of(
                    posture, entry.cycled(), shelf.link(entry.ways().get(repeat)), from);
            Occurrence occurrence = new Occurrence(done.size(), index, repeat, one, at);
            done.add(occurrence);
            from = performances.beginning(one);
            at = occurrence.at().of(Placement.ownFrameOf(one.end()));
        }
    }
}
