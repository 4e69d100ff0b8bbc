package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Move;
import java.util.Optional;

/** Reads how a foot is lifted: how high its knee is, and how its toes hang. */
final class Lifting {

    private final Clause clause;

    Lifting(Clause clause) {
        this.clause = clause;
    }

    /** {@return whether a foot leaves the floor, and not only its heel or toes} */
    boolean lifts() {
        boolean up = clause.has(Term.Act.LIFT)
                || clause.has(Term.Act.RAISE)
                || clause.has(Term.Way.UP)
                || clause.has(Term.Act.RISE);
        boolean end = clause.has(Term.Part.HEEL) || clause.has(Term.Part.BALL);
        boolean toesOnly = clause.has(Term.Part.TOES)
                && !clause.has(Term.Part.KNEE)
                && !clause.has(Term.Part.FOOT)
                && !clause.has(Term.Part.LEG);
        boolean kneeHigh = clause.has(Term.Part.KNEE) && clause.has(Term.Height.class::isInstance);
        return (up || kneeHigh) && !clause.has(Term.Act.STEP) && !(end && !clause.has(Term.Part.KNEE)) && !toesOnly;
    }

    /** {@return a foot that goes to the other knee: its own is then as high as the hip} */
    Optional<Move> toKnee(Side foot) {
        boolean toKnee = !clause.has(Term.Act.STEP)
                && clause.take(Term.Anchor.class, Lifting::knee).isPresent();
        if (!toKnee) {
            return Optional.empty();
        }
        clause.takeAny(Term.Part.FOOT, Term.Part.SOLE, Term.Part.HEEL);
        return Optional.of(new Move.Lift(foot, Optional.of(Landmark.HIP), hangingToes()));
    }

    private static boolean knee(Term.Anchor anchor) {
        boolean there = anchor.rel() == Term.Rel.AT || anchor.rel() == Term.Rel.BESIDE || anchor.rel() == Term.Rel.TO;
        return there && anchor.part() == Term.Part.KNEE;
    }

    Move lift(Side foot) {
        Optional<Landmark> height = clause.take(Term.Height.class).map(Term.Height::landmark);
        Optional<HangingToes> toes = hangingToes();
        clause.takeAny(
                Term.Part.KNEE,
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Way.UP,
                Term.Way.FORWARD,
                Term.Manner.HEIGHT,
                Term.Way.OUT,
                Term.Manner.BENT);
        clause.take(Term.Anchor.class);
        return new Move.Lift(foot, height, toes);
    }

    private Optional<HangingToes> hangingToes() {
        Optional<HangingToes> held = Optional.empty();
        boolean toes = clause.has(Term.Part.TOES);
        if (clause.take(Term.Manner.POINTED)) {
            held = Optional.of(HangingToes.POINTED);
        } else if (clause.take(Term.Manner.HANGING)
                || clause.has(Term.Act.HOVER)
                || toes && clause.has(Term.Way.DOWN)) {
            held = Optional.of(HangingToes.HANGING);
        } else if (clause.take(Term.Manner.FLEXED) || toesUp()) {
            held = Optional.of(HangingToes.FLEXED);
        }
        clause.takeAny(Term.Part.TOES, Term.Way.DOWN);
        return held;
    }

    private boolean toesUp() {
        int toes = clause.indexOf(term -> term == Term.Part.TOES);
        return toes >= 0
                && clause.near(toes, 1).filter(token -> token.is(Term.Way.UP)).isPresent();
    }
}
