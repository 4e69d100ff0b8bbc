package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How the body bears itself: the shoulders let go, the neck is long. Nothing of it moves a hand or turns the waist; it stays
 * with the count as a note.
 */
final class BearingFrame implements Frame {

    private static final Set<Term.Act> SETTLING = EnumSet.of(
            Term.Act.LOWER,
            Term.Act.SINK,
            Term.Act.OPEN,
            Term.Act.MOVE,
            Term.Act.STAY,
            Term.Act.HOLD,
            Term.Act.STRAIGHTEN);

    @Override
    public boolean may(Clause clause) {
        return clause.has(BearingFrame::borne) || longSide(clause);
    }

    /** {@return whether a part of a clause, after a comma, tells nothing but this: left hand forward, relax the shoulders} */
    static boolean within(Clause clause) {
        for (int i = 0; i + 1 < clause.size(); i++) {
            int to = i + 1;
            while (to < clause.size() && !clause.item(to).soft()) {
                to++;
            }
            if (clause.item(i).soft() && told(clause.items().subList(i + 1, to))) {
                return true;
            }
        }
        return false;
    }

    private static boolean told(List<Item> part) {
        return part.stream().anyMatch(BearingFrame::borne)
                && part.stream().anyMatch(BearingFrame::how)
                && part.stream().allMatch(item -> borne(item) || how(item) || Leftover.small(item));
    }

    /** The left side long: of the trunk. */
    private static boolean longSide(Clause clause) {
        int side = clause.find(Term.Way.SIDE);
        return side > 0
                && side + 1 < clause.size()
                && clause.item(side - 1).bareSide()
                && clause.item(side + 1).is(Term.Manner.EXTENDED);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        int hows = 0;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean inside = i > 0 && i < clause.size() - 1;
            boolean side = longSide(clause) && (item.bareSide() || item.is(Term.Way.SIDE));
            if (how(item)) {
                hows++;
            } else if (!side && !borne(item) && !Leftover.small(item) || item.soft() && inside) {
                return Optional.empty();
            }
        }
        if (hows == 0) {
            return Optional.empty();
        }
        clause.useAll();
        return Optional.of(new Fit().noted().holds("how the body bears itself"));
    }

    private static boolean borne(Item item) {
        boolean part = item.is(Term.Part.SHOULDER)
                || item.is(Term.Part.CHEST)
                || item.is(Term.Part.CHIN)
                || item.is(Term.Part.CROWN);
        return part && item.rel() == null && (item.who() == null || item.who() == Term.Who.BOTH);
    }

    private static boolean how(Item item) {
        return item.term() instanceof Term.Act act && SETTLING.contains(act)
                || item.is(Term.Way.DOWN)
                || item.is(Term.Manner.GENTLY)
                || item.is(Term.Manner.EXTENDED)
                || item.is(Term.Manner.UPRIGHT)
                || item.is(Term.Manner.STRAIGHT)
                || item.is(Term.Manner.HANGING);
    }
}
