package app.avrel.rules.join;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Join;
import app.avrel.form.Occurrence;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What can be done about an open join: a link put in, the end of the posture before adjusted, or the start of this one.
 *
 * <p>Each is tried before it is proposed: it closes the join, and where a posture is changed nothing of it becomes worth a
 * look that was not. What it opens elsewhere is for {@code project} to say.
 */
public final class JoinProposals {

    private final Form form;
    private final Shelf shelf;
    private final Track track;
    private final Checkup checkup;

    public JoinProposals(Form form, Shelf shelf, Track track, Checkup checkup) {
        this.form = form;
        this.shelf = shelf;
        this.track = track;
        this.checkup = checkup;
    }

    /** {@return the link that closes the join before an occurrence, or why there is none} */
    public Linking.Way link(int occurrence) {
        Occurrence done = track.occurrences().get(occurrence);
        Where where = new Where.InForm(form.id(), done.entry(), Optional.empty());
        return Linking.of(done.done().reached(), done.posture().start().pose(), checkup.posing(), where);
    }

    /** {@return every proposal for the join before an occurrence; none where it fits} */
    public List<JoinProposal> of(int occurrence) {
        Occurrence done = track.occurrences().get(occurrence);
        if (done.join().fits()) {
            return List.of();
        }
        List<JoinProposal> all = new ArrayList<>();
        Linking.Way way = link(occurrence);
        if (way.found()) {
            all.add(new JoinProposal.InsertLink(way.counts()));
        }
        adjustedEnd(occurrence, way).ifPresent(all::add);
        adjustedStart(done).ifPresent(all::add);
        return all;
    }

    private Optional<JoinProposal> adjustedStart(Occurrence done) {
        Entry entry = form.entries().get(done.entry());
        Performer posing = checkup.posing();
        Start start = new Start.Recorded(Starting.startingFrom(done.done().arrived(), posing.body()));
        boolean fits = joins(done.done().arrived(), start.pose(), posing);
        if (!fits || entry.gentler().isPresent()) {
            return Optional.empty();
        }
        return shelf.posture(entry.posture()).flatMap(recorded -> {
            Posture becomes = recorded.withStart(
                    entry.played().of(done.posture().withStart(start)).start());
            return sound(recorded, becomes)
                    ? Optional.of(new JoinProposal.AdjustStart(recorded, becomes))
                    : Optional.empty();
        });
    }

    private Optional<JoinProposal> adjustedEnd(int occurrence, Linking.Way way) {
        Occurrence done = track.occurrences().get(occurrence);
        if (occurrence == 0 || !done.link().counts().isEmpty()) {
            return Optional.empty();
        }
        Occurrence earlier = track.occurrences().get(occurrence - 1);
        Entry entry = form.entries().get(earlier.entry());
        Optional<Posture> recorded = entry.gentler().isPresent() ? Optional.empty() : shelf.posture(entry.posture());
        return recorded.flatMap(posture -> ends(earlier, done, way).stream()
                .map(counts -> posture.withCounts(
                        entry.played().of(earlier.posture().withCounts(counts)).counts()))
                .filter(becomes -> sound(posture, becomes))
                .findFirst()
                .map(becomes -> new JoinProposal.AdjustEnd(posture, becomes)));
    }

    /** Ways to end as wanted, the least change first: within the last count, or with the link's counts after it. */
    private List<List<Count>> ends(Occurrence earlier, Occurrence done, Linking.Way way) {
        List<List<Count>> found = new ArrayList<>();
        List<Count> counts = earlier.posture().counts();
        if (!counts.isEmpty()) {
            EndFixes.of(
                            counts.getLast(),
                            done.join().mismatches(),
                            done.posture().start().pose(),
                            earlier.done().end().chest().value())
                    .map(last -> replacingLast(counts, last))
                    .filter(changed -> closes(earlier, done, changed))
                    .forEach(found::add);
        }
        if (way.found()) {
            List<Count> longer = new ArrayList<>(counts);
            longer.addAll(way.counts());
            found.add(longer);
        }
        return found;
    }

    private static List<Count> replacingLast(List<Count> counts, Count last) {
        List<Count> changed = new ArrayList<>(counts);
        changed.set(changed.size() - 1, last);
        return changed;
    }

    private boolean closes(Occurrence earlier, Occurrence done, List<Count> counts) {
        Performer posing = checkup.posing();
        Pose end = Unroll.counts(
                earlier.done().begins(), counts, posing.with(earlier.posture().ownRules()));
        return joins(end, done.posture().start().pose(), posing);
    }

    private static boolean joins(Pose end, StartPose start, Performer posing) {
        Pose placed = Starting.placed(start, end, posing.body()).of(Starting.of(start, posing.body()));
        return Join.between(end, placed, posing).fits();
    }

    /** Whether nothing becomes worth a look that was not. */
    private boolean sound(Posture was, Posture is) {
        return serious(is) <= serious(was);
    }

    private long serious(Posture posture) {
        return checkup.posture(Unroll.posture(posture, checkup.posing())).stream()
                .filter(Finding::serious)
                .count();
    }
}
