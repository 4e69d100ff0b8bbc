package app.avrel.words.reading.frame;

import app.avrel.posture.move.Pivot;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The part of a foot that stays while the foot turns on it. */
final class PivotOn {

    private final Clause clause;
    private final Situation now;

    PivotOn(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return where the part stands that says whose foot it is, pivot on the right heel; below 0 where none does} */
    static int owner(Clause clause) {
        return clause.find(item -> of(item.term()) != null
                && (item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH)
                && item.who() != null
                && item.who().side().isPresent());
    }

    WhichFoot.Found owned(int owner) {
        clause.use(owner);
        return new WhichFoot.Found(now.foot(clause.item(owner).who()), owner, 0, false);
    }

    /** {@return the part that stays: on the heel; 脚跟为轴, which names the heel beside the toes that turn} */
    Optional<Pivot> part(boolean toes, boolean foot) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean on = item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.AT;
            boolean beside = (toes || foot) && item.rel() == null;
            Pivot pivot = of(item.term());
            if (beside && clause.open(i) && (goesOut(i) || !toes && swings(i))) {
                return Optional.of(Pivot.BALL);
            }
            if (pivot != null && clause.open(i) && (on || beside)) {
                boolean whose = item.who() == null || item.who().side().isEmpty();
                if (whose) {
                    clause.use(i);
                } else if (!named(i)) {
                    return Optional.of(pivot);
                } else {
                    clause.use(i);
                }
                return Optional.of(pivot);
            }
        }
        boolean ball = !foot && clause.has(item -> item.is(Term.Part.BALL) && item.rel() == null);
        return ball ? Optional.of(Pivot.BALL) : Optional.empty();
    }

    /** The heel goes out, the toes point to eleven: it is the heel that moves, so that the foot turns on its ball. */
    private boolean goesOut(int heel) {
        int out = heel + 1;
        while (out < clause.size() && clause.item(out).term() instanceof Term.Act) {
            out++;
        }
        boolean goes = clause.item(heel).is(Term.Part.HEEL)
                && out + 2 < clause.size()
                && clause.item(out).is(Term.Way.OUT)
                && clause.item(out + 1).soft()
                && WhichFoot.foot(clause.item(out + 2));
        if (goes) {
            clause.use(out);
        }
        return goes;
    }

    /** Pivot the left foot, heel out: the heel swings there. */
    private boolean swings(int heel) {
        int way = heel + 1;
        while (way < clause.size() && clause.item(way).term() instanceof Term.Act) {
            way++;
        }
        return clause.item(heel).is(Term.Part.HEEL)
                && way < clause.size()
                && (clause.item(way).is(Term.Way.OUT) || clause.item(way).is(Term.Way.IN));
    }

    /** Whether another phrase names the foot. */
    private boolean named(int except) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (i != except
                    && WhichFoot.foot(item)
                    && item.who() != null
                    && item.who().side().isPresent()) {
                return true;
            }
        }
        return false;
    }

    static @Nullable Pivot of(Term term) {
        if (term == Term.Part.HEEL) {
            return Pivot.HEEL;
        }
        if (term == Term.Part.BALL) {
            return Pivot.BALL;
        }
        return term == Term.Part.SOLE ? Pivot.SOLE : null;
    }
}
