package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** Finds which foot a clause is about: the one named, or the one that can be meant. */
public final class WhichFoot {

    static final Set<Term.Part> PARTS = EnumSet.of(
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.HEEL,
            Term.Part.BALL,
            Term.Part.TOES,
            Term.Part.INSTEP,
            Term.Part.SOLE,
            Term.Part.KNEE,
            Term.Part.THIGH);

    /** The foot, the phrase that names it, and what it cost to know. */
    record Found(Optional<Side> side, int at, double cost, boolean both) {}

    private WhichFoot() {}

    public static boolean foot(Item item) {
        return item.term() instanceof Term.Part part && PARTS.contains(part);
    }

    /** {@return the subject of a clause about a foot; the naming phrase is taken} */
    static Found of(Clause clause, Situation now) {
        return of(clause, now, false);
    }

    /**
     * {@return the subject of a clause about a foot}
     *
     * @param mayTurn whether a side by itself may be a way the foot goes or turns, not whose foot it is
     */
    static Found of(Clause clause, Situation now, boolean mayTurn) {
        Found found = find(clause, now, mayTurn);
        found.side().ifPresent(clause::about);
        return found;
    }

    private static Found find(Clause clause, Situation now, boolean mayTurn) {
        int named = subject(clause, now);
        if (named >= 0) {
            Item item = clause.item(named);
            clause.use(named);
            if (item.both()) {
                return new Found(Optional.empty(), named, 0, true);
            }
            if (item.who() != null) {
                return new Found(now.foot(item.who()), named, item.bareSide() ? Costs.LIMB_ELIDED : 0, false);
            }
            Optional<Side> elsewhere = bare(clause, now, mayTurn).or(() -> owned(clause, now, named));
            return elsewhere.isPresent()
                    ? new Found(elsewhere, named, Costs.LIMB_ELIDED, false)
                    : new Found(meant(clause, now), named, Costs.LIMB_UNDERSTOOD, false);
        }
        Optional<Side> with = clause.takeItem(item -> item.bareSide()
                        && (item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.OF)
                        && now.foot(item.who()).isPresent())
                .flatMap(item -> now.foot(item.who()));
        if (with.isPresent()) {
            return new Found(with, -1, 0, false);
        }
        Optional<Side> bare = bare(clause, now, mayTurn);
        return bare.isPresent()
                ? new Found(bare, -1, Costs.LIMB_ELIDED, false)
                : new Found(meant(clause, now), -1, Costs.LIMB_UNDERSTOOD, false);
    }

    /** Another part of the same foot that is named with its side. */
    private static Optional<Side> owned(Clause clause, Situation now, int named) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean part = foot(item) && item.who() != null && i != named && clause.open(i);
            boolean own = item.rel() == null || item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH;
            if (part && own && item.who().side().isPresent()) {
                return now.foot(item.who());
            }
        }
        return Optional.empty();
    }

    private static int subject(Clause clause, Situation now) {
        int whose = clause.find(item -> foot(item) && item.rel() == null && item.who() != null);
        if (whose >= 0) {
            return whose;
        }
        int led = clause.find(item -> foot(item) && item.rel() == Term.Rel.WITH && item.who() != null);
        if (led >= 0) {
            return led;
        }
        int first = clause.find(item -> item.bareSide() && item.rel() == null);
        boolean leads = first >= 0
                && begins(clause, first)
                && now.foot(clause.item(first).who()).isPresent();
        if (leads) {
            return first;
        }
        int onto = clause.said(Term.Act.STEP) ? clause.find(WhichFoot::landsOn) : -1;
        if (onto >= 0) {
            return onto;
        }
        boolean with = clause.has(item -> item.bareSide() && item.rel() == Term.Rel.WITH);
        return with
                ? -1
                : clause.find(item -> foot(item) && item.rel() == null && item.term() != Term.Part.TOES
                        || foot(item) && item.rel() == Term.Rel.OF);
    }

    /** Step onto the right heel: it is the right foot that steps, and lands on it. */
    private static boolean landsOn(Item item) {
        boolean sole = item.is(Term.Part.HEEL) || item.is(Term.Part.BALL) || item.is(Term.Part.TOES);
        return sole
                && item.rel() == Term.Rel.ON
                && item.whose().flatMap(Term.Who::side).isPresent();
    }

    private static boolean begins(Clause clause, int index) {
        for (int i = 0; i < index; i++) {
            if (!clause.item(i).soft() && !clause.item(i).bareSide()) {
                return false;
            }
        }
        return true;
    }

    /** A side by itself: step back right; with a small word it is a way. */
    private static Optional<Side> bare(Clause clause, Situation now, boolean mayTurn) {
        int only = clause.find(item -> item.bareSide() && item.rel() == null);
        if (only < 0) {
            return Optional.empty();
        }
        Item side = clause.item(only);
        boolean ambiguous = mayTurn && side.who().side().isPresent();
        if (ambiguous) {
            return Optional.empty();
        }
        Optional<Side> found = now.foot(side.who());
        if (found.isPresent()) {
            clause.use(only);
        }
        return found;
    }

    /** The foot beside the other; the one in the air; the one spoken of last; the one that bears nearly nothing. */
    private static Optional<Side> meant(Clause clause, Situation now) {
        Optional<Side> other = clause.items().stream()
                .filter(item -> item.rel() != null
                        && item.rel() != Term.Rel.WHERE
                        && item.rel() != Term.Rel.ON
                        && (foot(item) || item.is(Term.Part.ANKLE))
                        && item.who() != null
                        && item.who().side().isPresent())
                .map(item -> item.who().side().orElseThrow().other())
                .findFirst();
        return other.or(now::lifted).or(now::lastFoot).or(now::light);
    }

    /** Asks which foot; the move then stands for the left. */
    static Fit ask(Fit fit, Clause clause) {
        Item at = clause.items().stream().filter(WhichFoot::foot).findFirst().orElse(clause.item(0));
        boolean named = foot(at);
        return named
                ? fit.ask(at.text(), Question.WHICH_FOOT, "left_one", "right_one")
                : fit.ask(at.text(), Question.WHICH_FOOT, "left_foot", "right_foot");
    }
}
