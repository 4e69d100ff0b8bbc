package app.avrel.form;

import app.avrel.floor.Heading;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Unrolls forms and single postures into tracks, for one body under one set of house rules. */
public final class Unroll {

    private final Shelf shelf;
    private final Performer posing;
    private final List<Occurrence> done = new ArrayList<>();
    private final List<Integer> missing = new ArrayList<>();
    private final Map<Doing, Optional<Posture>> doings = new HashMap<>();
    private Pose pose;
    private boolean begun;

    private Unroll(Shelf shelf, Performer posing, Pose start) {
        this.shelf = shelf;
        this.posing = posing;
        this.pose = start;
    }

    /**
     * What a form was unrolled to before an edit, for the same body under the same rules.
     *
     * @param form as it was
     * @param shelf as it was
     */
    public record Known(Form form, Shelf shelf, Track track) {}

    /** Which posture is done how. */
    private record Doing(PostureId posture, Played played, Optional<String> gentler) {}

    /**
     * {@return the track of a form}
     *
     * <p>The first posture starts about the origin, facing the front; every other is laid where the one before ends.
     */
    public static Track form(Form form, Shelf shelf, Performer posing) {
        return form(form, shelf, posing, Optional.empty());
    }

    /**
     * {@return the track of a form}
     *
     * <p>What stands before the first change is taken over from what is known, and what is as it was after it is carried
     * along the floor.
     */
    public static Track form(Form form, Shelf shelf, Performer posing, Optional<Known> known) {
        List<Entry> entries = form.entries();
        int same = known.map(was -> same(entries, shelf, was)).orElse(0);
        Pose start = same > 0 ? known.get().track().start() : Starting.of(first(entries, shelf), posing.body());
        Unroll unroll = new Unroll(shelf, posing, start);
        if (same > 0) {
            unroll.take(known.get().track(), same);
        }
        int at = same;
        while (at < entries.size()) {
            int carried = known.isPresent() ? unroll.carry(known.get(), entries, at) : at;
            if (carried == at) {
                unroll.entry(entries.get(at), at++);
            } else {
                at = carried;
            }
        }
        return new Track(start, unroll.done, unroll.missing);
    }

    /**
     * Carries a run of entries along the floor: from a pose that is as it was, only elsewhere, entries that are as they
     * were are done as they were, and as far elsewhere.
     *
     * @return the entry after the run; where nothing can be carried, the one asked for
     */
    private int carry(Known known, List<Entry> entries, int from) {
        List<Entry> old = known.form().entries();
        int later = entries.size() - old.size();
        int to = from;
        while (to < entries.size()
                && to >= later
                && to - later < old.size()
                && same(entries.get(to), old.get(to - later), shelf, known.shelf())) {
            to++;
        }
        List<Occurrence> were = known.track().occurrences();
        int first = first(were, from - later);
        if (to == from || !begun || first == 0) {
            return from;
        }
        Optional<Placement> carriage = Placement.between(were.get(first - 1).end(), pose);
        if (carriage.isEmpty()) {
            return from;
        }
        int doings = done.size() - first;
        for (Occurrence one : were.subList(first, first(were, to - later))) {
            done.add(one.carried(carriage.get(), later, doings));
        }
        for (int one : known.track().missing()) {
            if (one >= from - later && one < to - later) {
                missing.add(one + later);
            }
        }
        pose = done.getLast().end();
        return to;
    }

    /** The first doing of an entry or of one after it. */
    private static int first(List<Occurrence> doings, int entry) {
        int low = 0;
        int high = doings.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (doings.get(middle).entry() < entry) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** How many entries at the head of a form are as they were, with all they draw on. */
    private static int same(List<Entry> entries, Shelf shelf, Known was) {
        List<Entry> old = was.form().entries();
        int same = 0;
        while (same < Math.min(entries.size(), old.size())
                && same(entries.get(same), old.get(same), shelf, was.shelf())) {
            same++;
        }
        return same;
    }

    private static boolean same(Entry entry, Entry was, Shelf shelf, Shelf old) {
        boolean alike = entry == was
                || entry.posture().equals(was.posture())
                        && entry.played() == was.played()
                        && entry.gentler().equals(was.gentler())
                        && entry.ways().equals(was.ways());
        boolean posture =
                shelf.postures().get(entry.posture()) == old.postures().get(entry.posture());
        return alike && posture && entry.ways().stream().allMatch(way -> same(way, shelf, old));
    }

    private static boolean same(WayIn way, Shelf shelf, Shelf old) {
        return switch (way) {
            case WayIn.Own _ -> true;
            case WayIn.Shared(LinkId id, var _) ->
                shelf.links().get(id) == old.links().get(id);
        };
    }

    private void take(Track track, int entries) {
        track.occurrences().stream().filter(one -> one.entry() < entries).forEach(done::add);
        track.missing().stream().filter(entry -> entry < entries).forEach(missing::add);
        begun = !done.isEmpty();
        pose = begun ? done.getLast().end() : pose;
    }

    /** {@return the track of one posture from its usual start} */
    public static Track posture(Posture posture, Performer posing) {
        Pose start = Starting.of(posture.start().pose(), posing.body());
        Unroll unroll = new Unroll(new Shelf(java.util.Map.of(), java.util.Map.of()), posing, start);
        unroll.occurrence(posture, Link.NONE, 0, 0);
        return new Track(start, unroll.done, List.of());
    }

    /** {@return the pose after counts done from a pose, whose facing is their front} */
    public static Pose counts(Pose from, List<Count> counts, Performer posing) {
        Unroll unroll = new Unroll(new Shelf(java.util.Map.of(), java.util.Map.of()), posing, from);
        unroll.counts(counts, posing, Moment.Section.POSTURE, new ArrayList<>());
        return unroll.pose;
    }

    private static StartPose first(List<Entry> entries, Shelf shelf) {
        return entries.stream()
                .findFirst()
                .flatMap(entry -> shelf.posture(entry.posture()).map(entry::done))
                .map(posture -> posture.start().pose())
                .orElse(StartPose.SHOULDER_WIDE);
    }

    private void entry(Entry entry, int index) {
        Optional<Posture> posture = doings.computeIfAbsent(
                new Doing(entry.posture(), entry.played(), entry.gentler()),
                _ -> shelf.posture(entry.posture()).map(entry::done));
        if (posture.isEmpty()) {
            missing.add(index);
            return;
        }
        for (int repeat = 0; repeat < entry.times(); repeat++) {
            occurrence(posture.get(), shelf.link(entry.ways().get(repeat)), index, repeat);
        }
    }

    private void occurrence(Posture posture, Link link, int entry, int repeat) {
        List<Moment> moments = new ArrayList<>();
        counts(link.counts(), posing, Moment.Section.LINK, moments);
        Pose arrived = pose;
        Pose start = begun ? laid(posture.start(), arrived) : arrived;
        begun = true;
        pose = start;
        counts(posture.counts(), posing.with(posture.ownRules()), Moment.Section.POSTURE, moments);
        Join join = Join.between(arrived, start, posing);
        done.add(new Occurrence(entry, repeat, posture, link, arrived, start, pose, List.copyOf(moments), join));
    }

    private Pose laid(Start start, Pose arrived) {
        return switch (start) {
            case Start.Carried _ -> arrived;
            case Start.Recorded(StartPose recorded) -> Starting.placed(recorded, arrived, posing.body());
        };
    }

    private void counts(List<Count> counts, Performer by, Moment.Section section, List<Moment> moments) {
        Heading front = pose.facing();
        for (int c = 0; c < counts.size(); c++) {
            Count count = counts.get(c);
            for (int s = 0; s < count.stages().size(); s++) {
                Pose before = pose;
                pose = by.after(before, count.stages().get(s), front);
                Moment.Place place = new Moment.Place(done.size(), section, c, s);
                moments.add(new Moment(place, count, count.stages().get(s), before, pose));
            }
        }
    }
}
