package app.avrel.rules.check;

import app.avrel.form.Moment;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntFunction;

/** Runs the rules of moments along counts: each fault once, with its span. */
final class Moments {

    private static final List<MomentRule> RULES = List.of(
            new BothInAir(),
            new LoadedStep(),
            new FallingStep(),
            new LoadedTurn(),
            new HalfTurn(),
            new Twist(),
            new KneePast(),
            new KneeLine(),
            new StanceDepth(),
            new RearHeel(),
            new BowStance(),
            new StanceWidth(),
            new HouseShare(),
            new CrossedRest(),
            new Balance(),
            new EdgeLoad(),
            new EvenWeight(),
            new HighKick(),
            new RisingKick(),
            new KickArms(),
            new Inclined(),
            new HandReach(),
            new HandLine(),
            new PalmsMeet(),
            new BallHeld(),
            new HoldEnds(),
            new PropHeld(),
            new Gazing());

    private Moments() {}

    /** {@return what is found in the moments of a section} */
    static List<Finding> of(List<Moment> moments, InForce inForce, IntFunction<Where> where) {
        Set<Integer> inAir = inAir(moments);
        Spans spans = new Spans();
        for (int at = 0; at < moments.size(); at++) {
            Moment moment = moments.get(at);
            int count = moment.place().count();
            Watched watched = new Watched(moment, Settled.at(moments, at), inForce, where.apply(count));
            List<Finding> here = here(watched).stream()
                    .filter(finding -> !inAir.contains(count) || finding.rule() == RuleId.BOTH_IN_AIR)
                    .toList();
            spans.add(at, watched.standsAnew(), here);
        }
        return spans.all();
    }

    /** The counts in which both feet are in the air: nothing else of them is worth telling. */
    private static Set<Integer> inAir(List<Moment> moments) {
        Set<Integer> counts = new HashSet<>();
        moments.stream()
                .filter(moment -> BothInAir.inAir(moment.after()))
                .forEach(moment -> counts.add(moment.place().count()));
        return counts;
    }

    /** {@return what is found in one moment} */
    static List<Finding> here(Watched watched) {
        List<Finding> found = new ArrayList<>();
        int stage = watched.moment().place().stage();
        for (MomentRule rule : RULES) {
            if (watched.settled() || !rule.ofStances()) {
                rule.examine(watched, finding -> found.add(finding.inStage(stage)));
            }
        }
        return found;
    }
}
