package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Performance;
import app.avrel.form.Track;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.posture.Start;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;

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

    private static final List<CountsRule> COUNTS_RULES = List.of(new Arriving());
    private static final List<EndRule> END_RULES =
            List.of(new ClaimedStance(), new ClaimedWeight(), new ClaimedFacing(), new ClaimedCounts(), new SideWord());

    /** {@return the findings of a posture on its own track} */
    public List<Finding> posture(Track track) {
        List<Finding> found = new ArrayList<>();
        for (Occurrence done : track.occurrences()) {
            Performer own = posing.with(done.posture().ownRules());
            moments(done, found::add);
            COUNTS_RULES.forEach(rule -> rule.examine(done, own, found::add));
            Lines.posture(done, own.rules(), found::add);
            END_RULES.forEach(rule -> rule.examine(done, posing, directions, found::add));
            GentlerEnd.examine(done, this, List.copyOf(found), found::add);
        }
        return found.stream().distinct().toList();
    }

    /**
     * {@return the findings that a form adds to those of its postures}
     *
     * <p>A posture that starts where the one before ends can be sound on the shelf and not here; it is looked at again.
     *
     * @param before what was found before an edit under the same rules: a performance that is known is not looked at again
     */
    public FormFindings form(Form form, Track track, FormFindings before) {
        Map<Performance, List<Finding>> each = each(form, track, before);
        Set<Finding> all = new LinkedHashSet<>();
        List<Entry> entries = form.entries();
        for (Occurrence one : track.occurrences()) {
            Entry entry = entries.get(one.entry());
            each.getOrDefault(one.done(), List.of()).forEach(finding -> all.add(finding.later(one.entry())));
            if (one.repeat() == entry.times() - 1) {
                ClaimedFacing.examine(form.id(), entry, one, posing, directions, all::add);
            }
        }
        track.missing().forEach(entry -> all.add(missing(form, entry)));
        Lines.form(form, track, posing.rules(), all::add);
        MissingVersion.examine(form, track, all::add);
        ClaimedForm.examine(form, track, posing.rules(), directions, all::add);
        return new FormFindings(each, List.copyOf(all));
    }

    /** What is found in each performance; those that are not known yet are looked at side by side. */
    private Map<Performance, List<Finding>> each(Form form, Track track, FormFindings before) {
        Map<Performance, List<Finding>> each = new IdentityHashMap<>();
        track.occurrences().forEach(one -> before.of(one.done()).ifPresent(known -> each.put(one.done(), known)));
        Set<Performance> fresh = Collections.newSetFromMap(new IdentityHashMap<>());
        List<Performance> left = track.occurrences().stream()
                .map(Occurrence::done)
                .filter(done -> !each.containsKey(done) && fresh.add(done))
                .toList();
        Map<Map<HouseRule, Integer>, InForce> inForce = new ConcurrentHashMap<>();
        List<List<Finding>> found = Labels.each(left, done -> found(form, done, inForce));
        for (int at = 0; at < left.size(); at++) {
            each.put(left.get(at), found.get(at));
        }
        return each;
    }

    /** What is found in a performance, as if it stood first in the form. */
    private List<Finding> found(Form form, Performance of, Map<Map<HouseRule, Integer>, InForce> inForce) {
        Occurrence done = new Occurrence(0, 0, 0, of, Placement.HERE);
        List<Finding> found = new ArrayList<>();
        OpenJoin.examine(form.id(), done, posing, found::add);
        wayIn(form, done, inForce.computeIfAbsent(Map.of(), _ -> new InForce(posing)), found::add);
        Map<HouseRule, Integer> own = done.posture().ownRules();
        InForce inPosture = inForce.computeIfAbsent(own, rules -> new InForce(posing.with(rules)));
        if (form.rules().isPresent()) {
            underOwnRules(form, done, inPosture, found::add);
        } else if (done.posture().start() instanceof Start.Carried) {
            moments(done, inPosture, found::add);
        }
        return found;
    }

    void moments(Occurrence done, Consumer<Finding> found) {
        moments(done, new InForce(posing.with(done.posture().ownRules())), found);
    }

    private static void moments(Occurrence done, InForce inForce, Consumer<Finding> found) {
        Moments.of(
                        done.done().counts(),
                        inForce,
                        count -> new Where.InPosture(
                                done.posture().id(), Optional.of(done.done().recorded(count))))
                .forEach(found);
    }

    /** Under other rules than the project's, other things are sound: each posture is looked at again where it stands. */
    private void underOwnRules(Form form, Occurrence done, InForce inForce, Consumer<Finding> found) {
        Where where = new Where.InForm(form.id(), done.entry(), Optional.empty());
        Moments.of(
                        done.done().counts(),
                        inForce,
                        count -> new Where.InPosture(
                                done.posture().id(), Optional.of(done.done().recorded(count))))
                .forEach(finding -> found.accept(finding.moved(
                        where,
                        Labels.say(
                                "rules.count_under",
                                finding.where().count().orElse(0) + 1,
                                posing.rules().name()))));
    }

    private static void wayIn(Form form, Occurrence done, InForce inForce, Consumer<Finding> found) {
        Moments.of(done.done().wayIn(), inForce, count -> new Where.InForm(form.id(), done.entry(), Optional.of(count)))
                .forEach(found);
    }

    /** Looks at one moment that stands by itself. */
    public static void examine(Moment moment, InForce inForce, Where where, Consumer<Finding> found) {
        Moments.here(new Watched(moment, true, inForce, where)).forEach(found);
    }

    private static Finding missing(Form form, int entry) {
        return Finding.of(
                RuleId.MISSING_POSTURE,
                Severity.CAUTION,
                new Where.InForm(form.id(), entry, Optional.empty()),
                Labels.say(
                        "rules.entry_asks_posture",
                        entry + 1,
                        form.entries().get(entry).posture()));
    }
}
