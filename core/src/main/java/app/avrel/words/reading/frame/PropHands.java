package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.hand.PropAct;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** The hands that hold a prop, give it and take it. */
final class PropHands {

    private final Clause clause;
    private final Situation now;

    PropHands(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return the hand that does it, as it is named} */
    Optional<Side> doing(PropAct act) {
        Optional<Item> giver = act == PropAct.PASS ? giver() : Optional.empty();
        Optional<Item> hand = clause.takeItem(item -> (HandWords.hand(item) || item.bareSide())
                && item.who() != null
                && now.hand(item.who()).isPresent()
                && does(item, act));
        keepBothHands();
        keepClosedOn(act);
        return hand.flatMap(item -> now.hand(item.who()))
                .or(() -> giver.flatMap(item -> now.hand(item.who())).map(Side::other));
    }

    private boolean does(Item item, PropAct act) {
        if (item.rel() == null) {
            return !PropPoints.at(clause, item) && !touched(item);
        }
        return switch (item.rel()) {
            case WITH -> true;
            case ON, AT -> !(act == PropAct.CLOSE && item.is(Term.Part.PALM));
            case TO -> act == PropAct.PASS || act == PropAct.TAKE && HandWords.hand(item);
            default -> false;
        };
    }

    /** {@return whether that hand is given it: to the left hand, or only to the left, but not pointing there} */
    static boolean takes(Clause clause, Item item) {
        boolean hand =
                HandWords.hand(item) || item.bareSide() && item.who().side().isPresent();
        return item.rel() == Term.Rel.TO
                && item.who() != null
                && hand
                && clause.near(clause.items().indexOf(item), -1)
                        .filter(before -> before.is(Term.Act.FACE) || before.is(Term.Act.POINT))
                        .isEmpty();
    }

    /** {@return whether a prop goes from one hand to the other} */
    static boolean given(Clause clause) {
        return clause.has(Item::prop)
                && clause.has(hand -> HandWords.hand(hand)
                        && hand.rel() == null
                        && hand.who() != null
                        && hand.who().side().isPresent()
                        && clause.has(item -> takes(clause, item) && item.bareSide() && item.who() != hand.who()));
    }

    /** Move the sword to the left hand, pass it there: it is the sword that goes, whichever hand was spoken of. */
    static boolean handedOn(Clause clause) {
        boolean moves = clause.has(Term.Act.MOVE) || clause.has(Term.Act.PASS);
        int border = clause.find(Item::soft);
        boolean named = clause.items().subList(0, border < 0 ? clause.size() : border).stream()
                .anyMatch(item -> (HandWords.hand(item) || item.bareSide()) && item.rel() == null);
        return moves
                && !named
                && clause.has(item -> item.prop() && item.rel() == null)
                && clause.has(item -> item.is(Term.Part.HAND)
                        && item.rel() == Term.Rel.TO
                        && item.whose().flatMap(Term.Who::side).isPresent());
    }

    /** The right hand passes it to the left: the hand that gives it is named before that, and is the other one. */
    private Optional<Item> giver() {
        int passes = Math.max(clause.indexOf(Term.Act.PASS), clause.indexOf(Term.Act.MOVE));
        List<Item> after = clause.items().subList(passes + 1, clause.size());
        boolean taken =
                after.stream().anyMatch(item -> item.who() != null && (HandWords.hand(item) || takes(clause, item)));
        return clause.takeItem(item -> taken
                && HandWords.hand(item)
                && item.who() != null
                && item.rel() == null
                && clause.items().indexOf(item) < passes);
    }

    /** Take the staff in both hands: the record holds one that carries it, so that the other stays marked. */
    private void keepBothHands() {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (clause.open(i) && HandWords.hand(item) && item.both()) {
                clause.keep(i);
            }
        }
    }

    /** Tap the left palm with the fan: the hand that is touched does not hold it. */
    private boolean touched(Item item) {
        return clause.near(clause.items().indexOf(item), -1)
                .filter(before -> before.is(Term.Act.LAND) || before.is(Term.Act.MEET))
                .isPresent();
    }

    /** Close the fan against the left palm, touch the palm with it: what it closes on is no hand that holds it. */
    private void keepClosedOn(PropAct act) {
        int on = clause.find(item -> item.who() != null
                && (item.is(Term.Part.PALM)
                                && (item.rel() == Term.Rel.AT || item.rel() == Term.Rel.ON || item.rel() == Term.Rel.TO)
                        || HandWords.hand(item) && touched(item)));
        if (act == PropAct.CLOSE && on >= 0) {
            clause.keep(on);
        }
    }
}
