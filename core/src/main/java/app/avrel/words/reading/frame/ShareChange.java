package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.posture.move.Split;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import java.util.stream.Stream;

/** So much more or less than a foot bears already: twenty more on the left, ten off the right. */
final class ShareChange {

    /** Seventy from the right to the left is how it is in the end; ten from the right to the left is a change. */
    private static final int HALF = 50;

    private static final int WHOLE = 100;

    private final Clause clause;
    private final int number;
    private final int percent;

    /** @param number where in the clause the percents stand */
    ShareChange(Clause clause, int number, int percent) {
        this.clause = clause;
        this.number = number;
        this.percent = percent;
    }

    /** {@return by how many percents the foot bears more after it, below 0 for less; empty where the number is no change} */
    Optional<Integer> told() {
        if (beside(Term.Manner.MORE)) {
            return Optional.of(percent);
        }
        if (beside(Term.Manner.LESS)) {
            return Optional.of(-percent);
        }
        boolean leaves = clause.has(item -> item.rel() == Term.Rel.FROM && (WhichLoad.limb(item) || item.bareSide()));
        return leaves && percent < HALF ? Optional.of(percent) : Optional.empty();
    }

    private boolean beside(Term.Manner manner) {
        return Stream.of(clause.near(number, 1), clause.near(number, -1))
                .flatMap(Optional::stream)
                .anyMatch(item -> item.is(manner));
    }

    /** {@return how it is after the change; empty where a foot would bear more than all, or less than nothing} */
    static Optional<Split> made(WeightShare before, Side side, int change) {
        int least = before.least(side) + change;
        int most = before.most(side) + change;
        boolean can = before.least(side) == before.most(side) ? least >= 0 && most <= WHOLE : most > 0 && least < WHOLE;
        return can
                ? Optional.of(new Split.Said(WeightShare.on(side, Math.max(0, least), Math.min(WHOLE, most))))
                : Optional.empty();
    }
}
