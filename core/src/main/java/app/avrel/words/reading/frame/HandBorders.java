package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.List;

/** Finds borders that run through a clause about hands: what stands before one is told of something else than what follows. */
final class HandBorders {

    private final Clause clause;

    HandBorders(Clause clause) {
        this.clause = clause;
    }

    /** {@return whether the clause is more than one thing, and so no clause} */
    boolean within() {
        return BearingFrame.within(clause)
                || bodyFirst()
                || thenBoth()
                || bodyTurnsToo()
                || elbowThenHand()
                || elbowsAfter()
                || staysBesideElbow()
                || upAndDown()
                || oneUpOneDown()
                || otherHandToo()
                || bothAfterOne()
                || shiftsToo()
                || oneAhead()
                || amountFirst()
                || ownHandNext()
                || otherGoesThere()
                || turnsThere()
                || otherRises()
                || fistAndOther()
                || laidOnForearm()
                || partsAfter()
                || goesOnWithoutHand();
    }

    /** Draw back the left hand and shift back: the weight goes there. */
    private boolean shiftsToo() {
        int shift = clause.find(Term.Act.SHIFT);
        return shift > 1
                && clause.item(shift - 1).soft()
                && !placed(shift, clause.size())
                && clause.items().subList(shift, clause.size()).stream().noneMatch(HandWords::hand);
    }

    /** Seventy to the right, the palms push; the left one foot back, and the palms push: that was of the weight, or of a foot. */
    private boolean amountFirst() {
        int border = clause.find(Item::soft);
        if (border <= 0 || border + 1 >= clause.size()) {
            return false;
        }
        List<Item> before = clause.items().subList(0, border);
        Item next = clause.item(border + 1);
        return before.stream().anyMatch(item -> item.term() instanceof Term.Num || item.term() instanceof Term.Measure)
                && before.stream().anyMatch(Item::bareSide)
                && before.stream().noneMatch(HandWords::hand)
                && HandWords.hand(next)
                && next.rel() == null;
    }

    /** Turning to three draw in the hands: it is the body that turns there. */
    private boolean turnsThere() {
        if (clause.size() < 4 || !clause.item(0).is(Term.Act.TURN)) {
            return false;
        }
        Item there = clause.item(1);
        boolean hour =
                there.term() instanceof Term.Hall || there.term() instanceof Term.Num && there.rel() == Term.Rel.TO;
        return hour && clause.item(2).term() instanceof Term.Act && HandWords.hand(clause.item(3));
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

    /** Rise in front and part to the sides: they are ahead first, and then at the sides. */
    private boolean partsAfter() {
        int ahead = clause.find(Term.Way.FORWARD);
        for (int i = Math.max(ahead, 0) + 1; ahead >= 0 && i + 2 < clause.size(); i++) {
            Item act = clause.item(i + 1);
            boolean parts = act.is(Term.Act.SPREAD) || act.is(Term.Act.OPEN);
            if (clause.item(i).soft() && parts && clause.item(i + 2).is(Term.Way.SIDE)) {
                return true;
            }
        }
        return false;
    }

    /** Put the sword on the left forearm: it is the sword that lies there, and no hand. */
    private boolean laidOnForearm() {
        return clause.has(item -> item.prop() && item.rel() == null)
                && clause.has(item -> item.is(Term.Part.FOREARM) && item.rel() != null)
                && clause.items().stream().noneMatch(item -> HandWords.hand(item) && item.rel() == null);
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

    /** Close the fan to the chest, the left hand on the wrist: a hand that is named after the border does what follows it. */
    private boolean ownHandNext() {
        int border = clause.find(Item::soft);
        if (border <= 0 || border + 1 >= clause.size() || !placed(0, border)) {
            return false;
        }
        List<Item> before = clause.items().subList(0, border);
        Item next = clause.item(border + 1);
        boolean held = before.stream().anyMatch(item -> item.prop() && item.rel() == null);
        return before.stream().anyMatch(item -> item.term() instanceof Term.Act)
                && before.stream().noneMatch(HandWords::hand)
                && HandWords.hand(next)
                && next.sidedLimb()
                && (held
                        || clause.items().subList(border, clause.size()).stream()
                                .anyMatch(item -> item.term() instanceof Term.Act));
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

    /** Hands at the chest, and turn back to the front, sinking: no hand is spoken of any more. */
    private boolean goesOnWithoutHand() {
        for (int i = 1; i + 1 < clause.size(); i++) {
            Item act = clause.item(i + 1);
            boolean sideSinks = act.bareSide()
                    && i + 3 == clause.size()
                    && (clause.item(i + 2).is(Term.Act.SINK)
                            || clause.item(i + 2).is(Term.Act.RISE));
            boolean goes = act.is(Term.Act.RETURN)
                    || act.is(Term.Act.LOWER)
                    || act.is(Term.Act.SINK)
                    || act.is(Term.Act.RISE)
                    || sideSinks;
            boolean ofHand = clause.items().subList(i + 1, clause.size()).stream()
                    .anyMatch(item -> HandWords.hand(item) || item.is(Term.Ref.THEM));
            if (clause.item(i).soft() && goes && !ofHand && placed(0, i) && !placed(i, clause.size())) {
                return true;
            }
        }
        return false;
    }

    private boolean placed(int from, int to) {
        return clause.items().subList(from, to).stream()
                .anyMatch(item -> Landmarks.of(item.term()).isPresent()
                        || HandWords.hand(item) && item.rel() != null && item.rel() != Term.Rel.WITH);
    }

    /** Sink, palms down; sit back, and the hands come in; turn to the front, arms down: the body does what comes first. */
    private boolean bodyFirst() {
        boolean turns = false;
        boolean sinks = false;
        for (int i = 0; i + 1 < clause.size(); i++) {
            Item item = clause.item(i);
            turns |= item.is(Term.Act.SHIFT) || item.is(Term.Act.TURN) || item.is(Term.Act.FACE);
            sinks |= item.is(Term.Act.SINK) || item.is(Term.Act.RISE) || item.is(Term.Act.SIT);
            if ((turns || sinks) && item.soft()) {
                return true;
            }
            boolean side = item.bareSide() && !turns && !sinks && !turnsNext(i);
            if (side || HandWords.hand(item)) {
                return false;
            }
        }
        return false;
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

    /** Pull both hands to the hip with a turn to 10:30: it is the body that turns. */
    private boolean bodyTurnsToo() {
        int turn = clause.find(Term.Act.TURN);
        if (turn < 1 || turn + 1 >= clause.size()) {
            return false;
        }
        Item to = clause.item(turn + 1);
        List<Item> before = clause.items().subList(0, turn);
        return (to.term() instanceof Term.Hall || to.term() instanceof Term.Num && to.rel() == Term.Rel.TO)
                && before.stream().anyMatch(item -> item.term() instanceof Term.Act)
                && before.stream().anyMatch(HandWords::hand)
                && before.stream().noneMatch(item -> item.is(Term.Part.PALM) && item.rel() == null);
    }

    /** The eyes stay on the right hand: it is they that the clause is about. */
    boolean eyesFirst() {
        int eyes = clause.find(item -> item.is(Term.Part.EYES) && item.rel() == null);
        int hand = clause.find(HandWords::hand);
        boolean height = eyes >= 0
                && clause.near(eyes, 1)
                        .filter(next -> next.is(Term.Manner.HEIGHT))
                        .isPresent();
        return eyes >= 0 && !height && (hand < 0 || eyes < hand);
    }

    /** The elbow goes somewhere, and after a comma the hand does: what is said of the one is not said of the other. */
    private boolean elbowThenHand() {
        int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
        int comma = clause.find(item -> item.is(Term.Mark.COMMA));
        if (elbow < 0 || comma < elbow || comma + 1 >= clause.size()) {
            return false;
        }
        Item next = clause.item(comma + 1);
        boolean hand = HandWords.hand(next) && !next.is(Term.Part.ELBOW) && next.rel() == null;
        return hand
                && clause.items().subList(0, comma).stream()
                        .anyMatch(item -> Landmarks.of(item.term()).isPresent()
                                || item.is(Term.Act.LOWER)
                                || item.is(Term.Act.RAISE));
    }

    /** Hands to the ribs, elbows close: how the elbows are, once the hands have come there, is no place of theirs. */
    private boolean elbowsAfter() {
        int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
        return elbow > 1
                && clause.item(elbow - 1).soft()
                && (placed(elbow + 1, clause.size())
                        || clause.near(elbow, 1)
                                .filter(next -> next.is(Term.Act.CLOSE) || next.is(Term.Manner.TOGETHER))
                                .isPresent())
                && placed(0, elbow);
    }

    /** The elbow drops, the hand stays: the one moves and the other does not. */
    private boolean staysBesideElbow() {
        int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
        int stays = clause.find(Term.Act.STAY);
        int last = clause.size() - 1;
        boolean handAlone = last > 0
                && clause.item(last - 1).soft()
                && clause.item(last).is(Term.Part.HAND)
                && clause.item(last).rel() == null;
        return elbow >= 0
                && elbow < last
                && clause.item(elbow + 1).term() instanceof Term.Act
                && (handAlone || stays >= 0 && clause.parted(Math.min(elbow, stays), Math.max(elbow, stays)));
    }

    /** Raise both hands and lower them: the one is done after the other. */
    private boolean upAndDown() {
        int up = clause.find(Term.Act.RAISE);
        int down = clause.find(Term.Act.LOWER);
        return up >= 0
                && down >= 0
                && clause.parted(Math.min(up, down), Math.max(up, down))
                && clause.items().stream()
                                .filter(item -> HandWords.hand(item) && item.rel() == null)
                                .count()
                        <= 1;
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

    private boolean turnsNext(int at) {
        return clause.near(at, 1)
                .filter(next -> next.is(Term.Act.TURN) || next.is(Term.Act.SHIFT) || next.is(Term.Act.FACE))
                .isPresent();
    }
}
