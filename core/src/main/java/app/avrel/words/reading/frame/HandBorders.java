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
                || new OtherHandBorders(clause).within()
                || bodyFirst()
                || bodyTurnsToo()
                || elbowThenHand()
                || elbowsAfter()
                || staysBesideElbow()
                || upAndDown()
                || kneeThenPlace()
                || shareAfter()
                || shiftsToo()
                || amountFirst()
                || bodyTurns()
                || laidOnForearm()
                || partsAfter()
                || palmThenFist()
                || widthFirst()
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

    /** It is the body that turns, and the hands are told of after it. */
    private boolean bodyTurns() {
        return clause.size() > 3 && clause.item(0).is(Term.Act.TURN) && (soFar() || turnsThere());
    }

    /** Turn thirty right with the arms up. */
    private boolean soFar() {
        int hand = clause.find(item -> HandWords.hand(item) && item.rel() == Term.Rel.WITH);
        List<Item> turned = hand > 1 ? clause.items().subList(1, hand) : List.of();
        return turned.stream().anyMatch(item -> Ways.amount(item.term()).isPresent())
                && turned.stream().anyMatch(Item::bareSide);
    }

    /** Turning to three draw in the hands. */
    private boolean turnsThere() {
        Item there = clause.item(1);
        boolean hour =
                there.term() instanceof Term.Hall || there.term() instanceof Term.Num && there.rel() == Term.Rel.TO;
        return hour && clause.item(2).term() instanceof Term.Act && HandWords.hand(clause.item(3));
    }

    /** Stance shoulder width, hands at the sides: so wide one stands, and not the hands. */
    private boolean widthFirst() {
        int border = clause.find(Item::soft);
        int hand = clause.find(HandWords::hand);
        return border > 0
                && hand > border
                && clause.items().subList(0, border).stream()
                        .anyMatch(item -> item.term() instanceof Term.Measure(var _, boolean wide) && wide);
    }

    /** Parry with the right palm, fist to the hip: a hand is no palm and fist at once, so that is told apart. */
    private boolean palmThenFist() {
        int palm = clause.find(item -> item.is(Term.Part.PALM) && item.who() != null);
        int fist = clause.find(item -> item.is(Term.Part.FIST) && item.rel() == null && item.who() == null);
        return palm >= 0
                && fist > palm
                && clause.parted(palm, fist)
                && clause.near(fist, 1)
                        .filter(place -> place.rel() != null
                                && Landmarks.of(place.term()).isPresent())
                        .isPresent();
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
        return placed(clause, from, to);
    }

    /** {@return whether a place of a hand is told between two phrases} */
    static boolean placed(Clause clause, int from, int to) {
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

    /** A hook at the shoulder, no more than thirty on the left: so much of the weight is there. */
    private boolean shareAfter() {
        int last = clause.size() - 1;
        boolean number = last > 2
                && clause.item(last).bareSide()
                && clause.item(last).rel() == Term.Rel.ON
                && clause.item(last - 1).term() instanceof Term.Num;
        boolean bounded = number
                && (clause.item(last - 2).is(Term.Manner.AT_MOST)
                        || clause.item(last - 2).is(Term.Manner.AT_LEAST));
        return bounded || number && clause.item(last - 2).soft();
    }

    /** Brush the knee and stay beside the hip: the knee is only passed, and the hand ends at the hip. */
    private boolean kneeThenPlace() {
        int knee = clause.find(item -> item.is(Term.Part.KNEE) && item.rel() == null);
        int border = clause.find(Item::soft);
        return clause.has(Term.Act.SWEEP)
                && knee >= 0
                && border > knee
                && clause.items().subList(border, clause.size()).stream()
                        .anyMatch(item -> item.term() instanceof Term.Act)
                && placed(border, clause.size());
    }

    private boolean turnsNext(int at) {
        return clause.near(at, 1)
                .filter(next -> next.is(Term.Act.TURN) || next.is(Term.Act.SHIFT) || next.is(Term.Act.FACE))
                .isPresent();
    }
}
