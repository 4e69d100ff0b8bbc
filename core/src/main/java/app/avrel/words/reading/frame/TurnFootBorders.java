package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;

/** Clauses that name feet and in which none turns where it stands: it steps, it lands, or another thing turns. */
final class TurnFootBorders {

    private final Clause clause;
    private final Situation now;
    private final TurnFootWords words;

    TurnFootBorders(Clause clause, Situation now, TurnFootWords words) {
        this.clause = clause;
        this.now = now;
        this.words = words;
    }

    /** {@return whether the clause is none of a foot that turns} */
    boolean within() {
        return !clause.has(Term.Act.TURN) && AirFrame.strikes(clause)
                || twoThings()
                || clause.has(item -> item.is(Term.Part.KNEE) && item.rel() == null)
                || clause.has(Term.Act.STEP)
                || clause.has(item -> WhichFoot.foot(item) && item.rel() == Term.Rel.BEHIND)
                || clause.has(Term.Part.WEIGHT)
                || clause.has(item -> HandWords.hand(item) && item.rel() == null)
                || turnsTwice()
                || steps()
                || words.turns() && TurnBodyFrame.far(clause)
                || ofBody()
                || together()
                || lands();
    }

    private boolean twoThings() {
        boolean cutOff = clause.size() > 1
                && clause.item(clause.size() - 1).is(Term.Part.TOES)
                && clause.item(clause.size() - 2).is(Term.Mark.COMMA);
        boolean inAndOut = clause.has(Term.Way.IN) && clause.has(Term.Way.OUT);
        boolean bothThenOne = clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null && item.both())
                && clause.has(item -> item.is(Term.Part.FOOT) && item.sidedLimb());
        int landed = clause.find(Term.Manner.FIRST);
        boolean landsOn = landed > 0 && clause.item(landed - 1).is(Term.Part.TOES) || landsOnHeel();
        int limb = clause.find(Item::sidedLimb);
        int push = clause.find(item -> item.is(Term.Act.PUSH) || item.is(Term.Act.MOVE));
        boolean pushesFirst = push >= 0 && push < limb && clause.parted(push, limb);
        return cutOff || inAndOut || bothThenOne || landsOn || pushesFirst;
    }

    private boolean steps() {
        return words.opens() && !words.toes() && clause.has(Term.Measure.class) || FootPlaces.opened(clause);
    }

    private boolean ofBody() {
        return clause.has(item -> item.rel() == null && (item.is(Term.Part.BODY) || item.is(Term.Part.WAIST)))
                && PivotOn.owner(clause) >= 0;
    }

    private boolean together() {
        return !words.toes()
                && clause.has(Term.Act.CLOSE)
                && (FootPlaces.closesUp(clause, now) || clause.has(item -> item.is(Term.Part.FOOT) && item.both()));
    }

    private boolean lands() {
        return flatFirst()
                || landsFirst()
                || clause.has(Term.Act.LAND)
                || clause.has(Term.Manner.FLAT) && !words.toes();
    }

    /** Heel first; but 左脚先内扣 turns first. */
    private boolean landsFirst() {
        int first = clause.find(Term.Manner.FIRST);
        return first >= 0
                && clause.near(first, 1).filter(next -> next.is(Term.Act.TURN)).isEmpty();
    }

    /** The foot goes flat, and then, after a comma, its toes turn. */
    private boolean flatFirst() {
        int flat = clause.find(Term.Manner.FLAT);
        int toes = clause.find(Term.Part.TOES);
        return flat >= 0 && toes > flat && clause.parted(flat, toes);
    }

    /** Turn to the rear, pivoting the left foot: two things turn. */
    private boolean turnsTwice() {
        int first = clause.indexOf(Term.Act.TURN);
        for (int i = first + 1; first >= 0 && i < clause.size(); i++) {
            boolean limb = clause.item(i - 1).sidedLimb()
                    && i > 1
                    && clause.item(i - 2).soft();
            if (clause.item(i).is(Term.Act.TURN) && (clause.item(i - 1).soft() || limb)) {
                return true;
            }
        }
        return false;
    }

    /** The right foot forward onto the heel, toes up: it steps, and no toes are turned forward. */
    private boolean landsOnHeel() {
        int toes = clause.find(item -> item.is(Term.Part.TOES) && item.rel() == null);
        return toes > 0
                && clause.near(toes, 1).filter(up -> up.is(Term.Way.UP)).isPresent()
                && clause.has(Term.Way.FORWARD)
                && clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null)
                && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.ON);
    }
}
