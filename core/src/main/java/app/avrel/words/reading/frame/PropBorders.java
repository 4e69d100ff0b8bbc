package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;

/** Clauses that name a prop and in which nothing is done with it, or more than one thing. */
final class PropBorders {

    private PropBorders() {}

    /** {@return whether what is told of a prop ends within the clause} */
    static boolean within(Clause clause) {
        return handThen(clause)
                || thenLooks(clause)
                || palmLooks(clause)
                || withTip(clause)
                || thenPointsIt(clause)
                || sideThenFloor(clause);
    }

    /** {@return whether the clause is of the eyes, of a foot or of a hand that stays} */
    static boolean ofOthers(Clause clause, Situation now) {
        boolean tipOfFoot = now.topic() == Situation.Topic.FOOT
                && now.lastFoot().isPresent()
                && clause.items().stream().allMatch(item -> item.is(Term.Part.TIP) || Leftover.small(item));
        boolean handStays = clause.has(Term.Act.STAY)
                && clause.has(item -> item.sidedLimb() && HandWords.hand(item))
                && clause.has(item -> item.term() instanceof Term.Act act && act != Term.Act.STAY);
        return tipOfFoot
                || handStays
                || clause.has(item -> item.is(Term.Part.EYES) && item.rel() != Term.Rel.AT)
                || GazeFrame.seen(clause).isPresent();
    }

    /** {@return whether the tip of the fan touches a palm: that is no floor, and no record says so} */
    static boolean touchesHand(Clause clause) {
        return clause.indexOf(Term.Part.TIP) >= 0
                && clause.indexOf(Term.Act.LAND) >= 0
                && clause.has(item -> hand(item))
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Part.TIP)
                                || item.is(Term.Act.LAND)
                                || item.prop()
                                || hand(item)
                                || Leftover.small(item) && !item.soft());
    }

    /** Open the fan at the chest, left palm behind it: what the hand after a comma does is told of it, and not of the prop. */
    private static boolean handThen(Clause clause) {
        int border = clause.find(Item::soft);
        return border > 0
                && clause.items().subList(0, border).stream().anyMatch(Item::prop)
                && clause.items().subList(border, clause.size()).stream()
                        .anyMatch(item -> hand(item)
                                && item.whose().flatMap(Term.Who::side).isPresent());
    }

    private static boolean hand(Item item) {
        return HandWords.hand(item) && item.who() != null && item.rel() == null;
    }

    /** Upright at the right side, its butt on the floor: it lies against both, and is told of twice. */
    private static boolean sideThenFloor(Clause clause) {
        int border = clause.find(Item::soft);
        return border > 0
                && clause.items().subList(0, border).stream().anyMatch(item -> item.is(Term.Way.SIDE))
                && clause.items().subList(border, clause.size()).stream().anyMatch(item -> item.is(Term.Part.FLOOR));
    }

    /** Close the fan and look down: it is the eyes that look. */
    private static boolean thenLooks(Clause clause) {
        int looks = clause.find(Term.Act.LOOK);
        return looks > 0 && clause.item(looks - 1).soft();
    }

    /** Fan open, palm up: it is the palm that looks up. */
    private static boolean palmLooks(Clause clause) {
        int palm = clause.find(item -> item.is(Term.Part.PALM) && item.rel() == null);
        return palm > 0
                && clause.item(palm - 1).soft()
                && clause.near(palm, 1)
                        .filter(next -> next.term() instanceof Term.Way)
                        .isPresent();
    }

    /** Draw the sword hand back to the hip, with the tip forward: where the tip points is told apart. */
    private static boolean withTip(Clause clause) {
        int tip = clause.find(item -> (item.is(Term.Part.TIP) || item.is(Term.Part.TOES) && item.who() == null)
                && item.rel() == Term.Rel.WITH);
        return tip > 0
                && clause.items().subList(0, tip).stream()
                        .anyMatch(item -> item.term() instanceof Term.Act
                                || Landmarks.of(item.term()).isPresent());
    }

    /** Open the fan and point it there: where it points is told apart. */
    private static boolean thenPointsIt(Clause clause) {
        int point = clause.find(Term.Act.POINT);
        return point > 1
                && clause.item(point - 1).soft()
                && clause.near(point, 1).filter(PropWords::it).isPresent();
    }
}
