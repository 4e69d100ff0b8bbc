package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.posture.hand.PropRest;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Finds a side that was taken and changed nothing: the other one in its place would be recorded in the same way. */
final class LostSide {

    /** Half on the left is half on the right. */
    private static final Move EVEN = new Move.Shift(new Split.Said(WeightShare.on(Side.LEFT, 50)));

    /** Nothing to the left is nothing to the right. */
    private static final Set<Term> NOTHING = Set.of(new Term.Num(0), new Term.Angle(0));

    private final List<Item> items;
    private final Fit fit;
    private final Predicate<List<Item>> readsSame;

    /** @param readsSame whether other phrases in their place say the same */
    LostSide(List<Item> items, Fit fit, Predicate<List<Item>> readsSame) {
        this.items = items;
        this.fit = fit;
        this.readsSame = readsSame;
    }

    /** {@return whether the side at this place is the only one of its clause, and the other would have done as well} */
    boolean at(int index) {
        return side(items.get(index)).isPresent()
                && items.stream().filter(item -> side(item).isPresent()).count() == 1
                && !stanceBy(index)
                && items.get(index).rel() != Term.Rel.FROM
                && !ofOther(items.get(index))
                && !ofFoot(items.get(index))
                && !fit.moves().contains(EVEN)
                && items.stream().noneMatch(item -> NOTHING.contains(item.term()))
                && !atSide()
                && readsSame.test(otherSide(index));
    }

    /** Behind the right foot into a crossed sit: of which foot is told by the stance. */
    private boolean stanceBy(int index) {
        return items.get(index).rel() != null && items.stream().anyMatch(item -> item.term() instanceof Term.Standing);
    }

    /** A prop that lies at the side of the body: at which is not recorded. */
    private boolean atSide() {
        return fit.moves().stream()
                .anyMatch(move ->
                        move instanceof Move.HandleProp prop && prop.rests().equals(Optional.of(PropRest.SIDE)));
    }

    /** Against the left forearm: a hand is only ever at the limb of the other. */
    private static boolean ofOther(Item item) {
        return item.rel() != null && HandWords.hand(item);
    }

    /** Set it down beside the right: a foot is only ever placed against the other. */
    private boolean ofFoot(Item item) {
        return item.rel() != null
                && fit.moves().stream()
                        .anyMatch(move -> move instanceof Move.OfFoot foot
                                && side(item)
                                        .filter(side -> side != foot.foot())
                                        .isPresent());
    }

    private static Optional<Side> side(Item item) {
        return Optional.ofNullable(item.who()).flatMap(Term.Who::side);
    }

    private List<Item> otherSide(int index) {
        Item item = items.get(index);
        Term.Who other = item.who() == Term.Who.LEFT ? Term.Who.RIGHT : Term.Who.LEFT;
        Term term = item.bareSide() ? other : item.term();
        List<Item> changed = new ArrayList<>(items);
        changed.set(index, new Item(term, item.rel(), other, item.many(), item.from(), item.to(), item.text()));
        return changed;
    }
}
