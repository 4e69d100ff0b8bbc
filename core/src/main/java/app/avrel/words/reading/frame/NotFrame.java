package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;

/**
 * What is not to be done: do not let the heel come up, without turning the hips; and which limb it is not: not the left.
 * Nothing is recorded of it, and the words stay with the count as a note.
 */
final class NotFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Mark.NOT) || clause.has(Term.Act.STAY);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        int not = clause.find(Term.Mark.NOT);
        if (not < 0) {
            return stays(clause, now);
        }
        boolean acts = false;
        boolean limb = false;
        boolean only = true;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean part = item.part() || item.bareSide() && item.who() == Term.Who.IT || item.is(Term.Ref.THEM);
            if (item.soft() || item.is(Term.Mark.UNKNOWN) || i < not && !(part && item.rel() == null)) {
                return Optional.empty();
            }
            acts |= i > not && item.term() instanceof Term.Act;
            limb |= part || item.is(Term.Act.LEAN);
            only &= i == not || item.sidedLimb() || item.bareSide() && item.rel() == null || Leftover.small(item);
        }
        boolean notThat = only && not == 0 && clause.size() > 1;
        if (!notThat && (!acts || !limb || doesMore(clause, not))) {
            return Optional.empty();
        }
        clause.useAll();
        return Optional.of(new Fit().noted().holds("what is not done"));
    }

    /** Without lifting the heel turn 30: a second verb is of what is done. */
    private static boolean doesMore(Clause clause, int not) {
        int verbs = 0;
        for (int i = not + 1; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean ofOneWord = i - 1 != not && clause.item(i - 1).from() == item.from();
            verbs += item.term() instanceof Term.Act && !ofOneWord ? 1 : 0;
        }
        return verbs > 1;
    }

    /** The right foot stays, its toes stay put: nothing of it moves, and it is the foot that is spoken of. */
    private static Optional<Fit> stays(Clause clause, Situation now) {
        Optional<Item> foot = clause.items().stream()
                .filter(item -> WhichFoot.foot(item) && item.sidedLimb() && !item.is(Term.Part.KNEE))
                .findFirst();
        boolean only = clause.items().stream()
                .allMatch(item -> item.is(Term.Act.STAY)
                        || item.is(Term.Rel.OWN_PLACE)
                        || foot.filter(item::equals).isPresent());
        if (foot.isEmpty() || !only) {
            return Optional.empty();
        }
        clause.useAll();
        Fit fit = new Fit().holds("the feet stay");
        return Optional.of(now.foot(foot.get().who()).map(fit::about).orElse(fit));
    }
}
