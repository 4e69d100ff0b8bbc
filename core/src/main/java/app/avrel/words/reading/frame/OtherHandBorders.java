package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.List;

/** Finds where in a clause about one hand the other one begins, or both do. */
final class OtherHandBorders {

    private final Clause clause;

    OtherHandBorders(Clause clause) {
        this.clause = clause;
    }

    /** {@return whether more is told of than one hand does, or both} */
    boolean within() {
        return thenBoth()
                || otherRises()
                || fistAndOther()
                || otherGoesThere()
                || ownHandNext()
                || oneAhead()
                || oneUpOneDown()
                || bothAfterOne()
                || otherHandToo()
                || sameHandAgain();
    }

    /** Both arms rise, both arms sink to the hips: who names the hand once more, and what it does, begins anew. */
    private boolean sameHandAgain() {
        int border = clause.find(Item::soft);
        if (border <= 0 || border + 1 >= clause.size()) {
            return false;
        }
        Item first = clause.item(0);
        Item again = clause.item(border + 1);
        return HandWords.hand(first)
                && first.term() == again.term()
                && first.who() == again.who()
                && first.who() != null
                && first.rel() == null
                && again.rel() == null
                && acts(1, border)
                && acts(border + 2, clause.size());
    }

    private boolean acts(int from, int to) {
        return clause.items().subList(from, to).stream().anyMatch(item -> item.term() instanceof Term.Act);
    }

    /** The left palm down, the right palm up, both at the waist: that is told of both, and not of the one before. */
    private boolean thenBoth() {
        int both = clause.find(item -> item.bareSide() && item.who() == Term.Who.BOTH && item.rel() == null);
        return both > 0
                && clause.item(both - 1).soft()
                && clause.items().subList(0, both).stream()
                        .anyMatch(item -> HandWords.hand(item)
                                && item.whose().flatMap(Term.Who::side).isPresent());
    }

    /** The left hand sinks to the hip the right rises to the brow: a side before a verb is the hand that does it. */
    private boolean otherRises() {
        for (int i = 2; i + 2 < clause.size(); i++) {
            Item side = clause.item(i);
            Item before = clause.item(i - 1);
            Item goal = clause.item(i + 2);
            boolean rises = side.bareSide()
                    && side.rel() == null
                    && side.who().side().isPresent()
                    && clause.item(i + 1).term() instanceof Term.Act;
            boolean placed = before.rel() == Term.Rel.TO
                    && Landmarks.of(before.term()).isPresent()
                    && goal.rel() == Term.Rel.TO
                    && Landmarks.of(goal.term()).isPresent();
            if (rises && placed) {
                return true;
            }
        }
        return false;
    }

    /** Fist to the right hip, left palm forward: the fist is not the hand that is named after it. */
    private boolean fistAndOther() {
        int border = clause.find(Item::soft);
        return border > 0
                && border + 1 < clause.size()
                && clause.item(0).is(Term.Part.FIST)
                && clause.item(0).rel() == null
                && clause.item(0).who() == null
                && clause.items().subList(1, border).stream()
                        .anyMatch(item -> Landmarks.of(item.term()).isPresent())
                && HandWords.hand(clause.item(border + 1))
                && clause.item(border + 1).sidedLimb();
    }

    /** With the left hand on the hip raise the right to the brow: the side after the verb is a hand, and the other one. */
    private boolean otherGoesThere() {
        for (int i = 1; i + 2 < clause.size(); i++) {
            Item side = clause.item(i + 1);
            Item goal = clause.item(i + 2);
            boolean goes = clause.item(i).term() instanceof Term.Act
                    && side.bareSide()
                    && side.rel() == null
                    && side.who().side().isPresent()
                    && goal.rel() == Term.Rel.TO
                    && Landmarks.of(goal.term()).isPresent();
            if (goes
                    && clause.items().subList(0, i).stream()
                            .anyMatch(hand -> HandWords.hand(hand)
                                    && hand.who() != side.who()
                                    && hand.whose().flatMap(Term.Who::side).isPresent())) {
                return true;
            }
        }
        return false;
    }

    /**
     * Close the fan to the chest, the left hand on the wrist; stop by the hip and push the right palm: a hand that is named
     * after the border does what follows it.
     */
    private boolean ownHandNext() {
        int border = clause.find(Item::soft);
        if (border <= 0 || border + 1 >= clause.size() || !placed(0, border)) {
            return false;
        }
        List<Item> before = clause.items().subList(0, border);
        Item next = named(border + 1);
        boolean held = before.stream().anyMatch(item -> item.prop() && item.rel() == null);
        return before.stream().anyMatch(item -> item.term() instanceof Term.Act)
                && before.stream().noneMatch(HandWords::hand)
                && HandWords.hand(next)
                && next.sidedLimb()
                && (held
                        || clause.items().subList(border, clause.size()).stream()
                                .anyMatch(item -> item.term() instanceof Term.Act));
    }

    /** What is named first from a place on: a border and a verb name nothing. */
    private Item named(int from) {
        int at = from;
        while (at + 1 < clause.size()
                && (clause.item(at).soft() || clause.item(at).term() instanceof Term.Act)) {
            at++;
        }
        return clause.item(at);
    }

    /** Hands at the chest, left in front: one of the two is further ahead. */
    private boolean oneAhead() {
        int side = clause.size() - 2;
        return side > 1
                && clause.item(side).bareSide()
                && clause.item(side).rel() == null
                && clause.item(side - 1).soft()
                && clause.item(side + 1).is(Term.Way.FORWARD)
                && clause.items().subList(0, side).stream().anyMatch(item -> HandWords.hand(item) && item.both());
    }

    /** Right up, left down: how far is not said, and neither hand goes to the other's side. */
    private boolean oneUpOneDown() {
        int first = -1;
        for (int i = 0; i + 1 < clause.size(); i++) {
            boolean side = clause.item(i).bareSide()
                    && clause.item(i).rel() == null
                    && clause.item(i).who().side().isPresent();
            boolean way =
                    clause.item(i + 1).is(Term.Way.UP) || clause.item(i + 1).is(Term.Way.DOWN);
            if (side
                    && way
                    && first >= 0
                    && clause.item(i).who() != clause.item(first).who()) {
                return true;
            }
            first = side && way ? i : first;
        }
        return false;
    }

    /** The right hand at the hip, and palms press out at the shoulders: of both, and not of the one before. */
    private boolean bothAfterOne() {
        int border = clause.find(Item::soft);
        boolean one = border > 0
                && clause.items().subList(0, border).stream()
                        .anyMatch(item -> HandWords.hand(item)
                                && item.rel() == null
                                && item.whose().flatMap(Term.Who::side).isPresent());
        if (!one || !placed(0, border)) {
            return false;
        }
        for (int i = border + 1; i + 1 < clause.size(); i++) {
            Item item = clause.item(i);
            boolean both = clause.item(i - 1).soft() && HandWords.hand(item) && item.rel() == null && item.both();
            if (both && (item.is(Term.Part.PALM) || placed(i, clause.size()))) {
                return true;
            }
        }
        return false;
    }

    /** Raise the left hand and lower the right: that is the other hand, and no way of this one. */
    private boolean otherHandToo() {
        int border = clause.find(Item::soft);
        int named = clause.find(item -> HandWords.hand(item) && item.rel() == null && item.who() != null);
        if (named < 0 || border < named) {
            return false;
        }
        for (int i = border + 2; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean moved =
                    clause.item(i - 1).is(Term.Act.RAISE) || clause.item(i - 1).is(Term.Act.LOWER);
            if (moved
                    && side(item)
                    && item.rel() == null
                    && item.who() != clause.item(named).who()) {
                return true;
            }
        }
        return false;
    }

    private static boolean side(Item item) {
        return item.bareSide() && item.who().side().isPresent();
    }

    private boolean placed(int from, int to) {
        return HandBorders.placed(clause, from, to);
    }
}
