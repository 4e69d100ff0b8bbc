package app.avrel.rules.check;

import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Performance;
import app.avrel.form.Track;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.posture.count.Breath;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** Runs the rules that follow a line: along a posture's own counts, and along a whole form with its ways in and joins. */
final class Lines {

    private static final int ONLY_AT_BOTH_ENDS = 2;

    private Lines() {}

    private static List<LineRule> rules(HouseRules rules) {
        return List.of(new OneLegLong(rules), new Breathing(rules));
    }

    /** Looks along a posture's own counts. */
    static void posture(Occurrence done, HouseRules rules, Consumer<Finding> found) {
        List<LineRule> all = rules(rules);
        for (Moment end : ends(done.done().counts())) {
            Where where = new Where.InPosture(
                    done.posture().id(),
                    Optional.of(done.done().recorded(end.place().count())));
            all.forEach(rule -> rule.count(new LineRule.Step(end, where), found));
        }
    }

    private static List<Moment> ends(List<Moment> moments) {
        List<Moment> ends = new ArrayList<>();
        for (int at = 0; at < moments.size(); at++) {
            boolean last = at == moments.size() - 1
                    || !moments.get(at + 1).place().sameCount(moments.get(at).place());
            if (last) {
                ends.add(moments.get(at));
            }
        }
        return ends;
    }

    /** What is found of a count, wherever it is told. */
    private record Told(RuleId rule, Optional<Spot> spot, int count) {}

    /**
     * A performance by itself, looked along once however often it comes.
     *
     * @param wayIn the ends of the counts of its way in
     * @param counts the ends of its own
     * @param told what is found of it by itself
     */
    private record Alone(List<Moment> wayIn, List<Moment> counts, Set<Told> told) {

        /** Tells what is found at a count in a form, unless it is told of the posture by itself. */
        void unless(Finding finding, int count, Consumer<Finding> found) {
            if (!told.contains(new Told(finding.rule(), finding.spot(), count))) {
                found.accept(finding.moved(finding.where(), Labels.say("rules.count", count + 1)));
            }
        }
    }

    /** Looks along a form; what is found in a posture by itself is told there, not here. */
    static void form(Form form, Track track, HouseRules rules, Consumer<Finding> found) {
        List<LineRule> all = rules(rules);
        Map<Performance, Alone> known = new IdentityHashMap<>();
        for (Occurrence one : track.occurrences()) {
            breathSaid(form, track, one, rules).ifPresent(found);
            Alone alone = known.computeIfAbsent(one.done(), _ -> alone(one, rules));
            for (Moment end : alone.wayIn()) {
                Where there = new Where.InForm(
                        form.id(), one.entry(), Optional.of(end.place().count()));
                LineRule.Step step = new LineRule.Step(end, there);
                all.forEach(rule -> rule.count(step, found));
            }
            Where where = new Where.InForm(form.id(), one.entry(), Optional.empty());
            for (Moment end : alone.counts()) {
                int count = end.place().count();
                LineRule.Step step = new LineRule.Step(end, where);
                all.forEach(rule -> rule.count(step, finding -> alone.unless(finding, count, found)));
            }
        }
    }

    /** A breath that is said where the house leaves it free: it says it only in the first posture and in the last. */
    private static Optional<Finding> breathSaid(Form form, Track track, Occurrence one, HouseRules rules) {
        boolean between = one.index() > 0 && one.index() < track.occurrences().size() - 1;
        if (rules.get(HouseRule.BREATH) != ONLY_AT_BOTH_ENDS || !between) {
            return Optional.empty();
        }
        return one.posture().counts().stream().anyMatch(count -> count.breath() != Breath.FREE)
                ? Optional.of(Finding.of(
                                RuleId.BREATH_UNSAID,
                                Severity.NOTE,
                                new Where.InForm(form.id(), one.entry(), Optional.empty()),
                                Labels.say("rules.house_says_breath_only"))
                        .headed(Labels.say("rules.breath_said"))
                        .at(Spot.BREATH))
                : Optional.empty();
    }

    private static Alone alone(Occurrence one, HouseRules rules) {
        Set<Told> told = new HashSet<>();
        posture(
                one,
                rules,
                finding -> told.add(new Told(
                        finding.rule(), finding.spot(), finding.where().count().orElse(-1))));
        return new Alone(ends(one.done().wayIn()), ends(one.done().counts()), told);
    }
}
