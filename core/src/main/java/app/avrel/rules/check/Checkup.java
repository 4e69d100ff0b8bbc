package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.house.HouseRule;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.posture.Start;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Runs every rule over a posture or a form.
 *
 * <p>What a posture does by itself is found once, on the posture; a form adds its joins, its ways in, its claims, and
 * those postures whose start is carried over from the one before.
 *
 * @param posing body and house rules
 * @param directions the words in which headings are said
 */
public record Checkup(Performer posing, Directions directions) {

    /** Doings that are looked at in one go. */
    private static final int STRETCH = 60;

    private static final List<MomentRule> MOMENT_RULES = List.of(
            new LoadedStep(),
            new FallingStep(),
            new LoadedTurn(),
            new HalfTurn(),
            new Twist(),
            new KneePast(),
            new KneeLine(),
            new StanceDepth(),
            new BowStance(),
            new CrossedRest(),
            new Balance(),
            new EvenWeight(),
            new HighKick(),
            new KickArms(),
            new Inclined(),
            new HandReach(),
            new HandLine(),
            new BallHeld(),
            new Gazing());
    private static final List<CountsRule> COUNTS_RULES = List.of(new OneLegLong(), new Breathing(), new Arriving());
    private static final List<EndRule> END_RULES =
            List.of(new ClaimedStance(), new ClaimedWeight(), new ClaimedFacing(), new ClaimedCounts());

    /** {@return the findings of a posture on its own track} */
    public List<Finding> posture(Track track) {
        List<Finding> found = new ArrayList<>();
        for (Occurrence done : track.occurrences()) {
            Performer own = posing.with(done.posture().ownRules());
            moments(done, found::add);
            COUNTS_RULES.forEach(rule -> rule.examine(done, own, found::add));
            END_RULES.forEach(rule -> rule.examine(done, posing, directions, found::add));
            GentlerEnd.examine(done, this, List.copyOf(found), found::add);
        }
        return found.stream().distinct().toList();
    }

    /**
     * What was found in one doing of a posture in a form.
     *
     * @param entry as it stood in the form
     */
    public record Looked(Entry entry, Occurrence done, List<Finding> found) {
        public Looked {
            found = List.copyOf(found);
        }

        /** What is done from the same pose elsewhere is as sound there; only a stated facing looks at the hall. */
        private Optional<Looked> carriedTo(Entry is, Occurrence now) {
            if (!entry.equals(is)) {
                return Optional.empty();
            }
            if (done == now) {
                return Optional.of(this);
            }
            boolean alike = (is.facing().isEmpty()
                            || done.end().facing().equals(now.end().facing()))
                    && (now.isCarried(done) || likewise(now));
            int later = now.entry() - done.entry();
            return alike
                    ? Optional.of(new Looked(
                            is, now, found.stream().map(one -> one.later(later)).toList()))
                    : Optional.empty();
        }

        private boolean likewise(Occurrence now) {
            return done.repeat() == now.repeat()
                    && done.posture() == now.posture()
                    && done.link().equals(now.link())
                    && done.join().equals(now.join())
                    && Placement.between(done.from(), now.from()).isPresent();
        }
    }

    /** {@return the findings that a form adds to those of its postures} */
    public List<Finding> form(Form form, Track track) {
        return all(form, track, each(form, track, List.of()));
    }

    /** {@return all of a form's findings, given those of each doing} */
    public List<Finding> all(Form form, Track track, List<Looked> each) {
        Set<Finding> found = new LinkedHashSet<>();
        each.forEach(looked -> found.addAll(looked.found()));
        track.missing().forEach(entry -> found.add(missing(form, entry)));
        MissingVersion.examine(form, track, found::add);
        ClaimedForm.examine(form, track, posing.rules(), directions, found::add);
        return List.copyOf(found);
    }

    /**
     * {@return what is found in each doing}
     *
     * <p>A posture that starts where the one before ends can be sound on the shelf and not here; it is looked at again.
     *
     * @param before what was found before an edit under the same rules: where nothing is other, it is taken over
     */
    public List<Looked> each(Form form, Track track, List<Looked> before) {
        List<Entry> entries = form.entries();
        int size = track.occurrences().size();
        int stretches = Math.max(1, size / STRETCH);
        return IntStream.range(0, stretches)
                .parallel()
                .mapToObj(at -> each(form, entries, before, track.occurrences(), new int[] {
                    size * at / stretches, size * (at + 1) / stretches
                }))
                .flatMap(List::stream)
                .toList();
    }

    /** A stretch of doings: in long forms, stretches are looked at side by side. */
    private List<Looked> each(
            Form form, List<Entry> entries, List<Looked> before, List<Occurrence> done, int[] stretch) {
        Map<Map<HouseRule, Integer>, InForce> known = new HashMap<>();
        List<Looked> each = new ArrayList<>();
        for (int at = stretch[0]; at < stretch[1]; at++) {
            Occurrence one = done.get(at);
            Entry entry = entries.get(one.entry());
            int fromEnd = at - done.size() + before.size();
            Optional<Looked> was = taken(before, at, entry, one).or(() -> taken(before, fromEnd, entry, one));
            each.add(was.orElseGet(() -> new Looked(entry, one, found(form, entry, one, known))));
        }
        return each;
    }

    private static Optional<Looked> taken(List<Looked> before, int at, Entry entry, Occurrence now) {
        return at >= 0 && at < before.size() ? before.get(at).carriedTo(entry, now) : Optional.empty();
    }

    private List<Finding> found(Form form, Entry entry, Occurrence done, Map<Map<HouseRule, Integer>, InForce> known) {
        List<Finding> found = new ArrayList<>();
        OpenJoin.examine(form.id(), done, posing, found::add);
        wayIn(form, done, known.computeIfAbsent(Map.of(), _ -> new InForce(posing)), found::add);
        Map<HouseRule, Integer> own = done.posture().ownRules();
        InForce inForce = known.computeIfAbsent(own, rules -> new InForce(posing.with(rules)));
        if (form.rules().isPresent()) {
            underOwnRules(form, done, inForce, found::add);
        } else if (done.posture().start() instanceof Start.Carried) {
            moments(done, inForce, found::add);
        }
        if (done.repeat() == entry.times() - 1) {
            ClaimedFacing.examine(form.id(), entry, done, posing, directions, found::add);
        }
        return found;
    }

    void moments(Occurrence done, Consumer<Finding> found) {
        moments(done, new InForce(posing.with(done.posture().ownRules())), found);
    }

    private void moments(Occurrence done, InForce inForce, Consumer<Finding> found) {
        for (Moment moment : done.moments()) {
            if (moment.place().section() == Moment.Section.POSTURE) {
                Where where = new Where.InPosture(
                        done.posture().id(), Optional.of(moment.place().count()));
                examine(moment, inForce, where, found);
            }
        }
    }

    /** Under other rules than the project's, other things are sound: each posture is looked at again where it stands. */
    private void underOwnRules(Form form, Occurrence done, InForce inForce, Consumer<Finding> found) {
        Where where = new Where.InForm(form.id(), done.entry(), Optional.empty());
        for (Moment moment : done.moments()) {
            if (moment.place().section() == Moment.Section.POSTURE) {
                String prefix = "Count " + (moment.place().count() + 1) + " under "
                        + posing.rules().name() + ": ";
                examine(moment, inForce, where, finding -> found.accept(finding.moved(where, prefix)));
            }
        }
    }

    private void wayIn(Form form, Occurrence done, InForce inForce, Consumer<Finding> found) {
        for (Moment moment : done.moments()) {
            if (moment.place().section() == Moment.Section.LINK) {
                Where where = new Where.InForm(
                        form.id(), done.entry(), Optional.of(moment.place().count()));
                examine(moment, inForce, where, found);
            }
        }
    }

    public static void examine(Moment moment, InForce inForce, Where where, Consumer<Finding> found) {
        Watched watched = new Watched(moment, inForce, where);
        int stage = moment.place().stage();
        for (MomentRule rule : MOMENT_RULES) {
            rule.examine(watched, finding -> found.accept(finding.inStage(stage)));
        }
    }

    private static Finding missing(Form form, int entry) {
        return Finding.of(
                RuleId.MISSING_POSTURE,
                Severity.CAUTION,
                new Where.InForm(form.id(), entry, Optional.empty()),
                "Entry " + (entry + 1) + " asks for the posture \""
                        + form.entries().get(entry).posture()
                        + "\", which is not on the shelf. Choose another posture for it, or take the entry out.");
    }
}
