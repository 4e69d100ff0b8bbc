package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Runs of phrases that are two clauses, whatever they are about: no frame reads them as one. */
final class TwoClauses {

    private TwoClauses() {}

    static boolean in(List<Item> items) {
        return oneStaysAnotherMoves(items)
                || eachSteps(items)
                || otherHandActs(items)
                || opensFirst(items)
                || pushesFirst(items)
                || bodyGoesSoFar(items)
                || pushesOffFirst(items);
    }

    /** Push off the right foot and go forward left: one foot pushes, and another goes. */
    private static boolean pushesOffFirst(List<Item> items) {
        for (int i = 2; i + 1 < items.size(); i++) {
            if (items.get(i).soft() && items.subList(0, i).stream().anyMatch(item -> item.is(Term.Manner.PUSHES_OFF))) {
                return true;
            }
        }
        return false;
    }

    /** The palms meet and sink three centimetres: it is the body that goes so far, and the palms are not so far apart. */
    private static boolean bodyGoesSoFar(List<Item> items) {
        for (int i = 1; i + 2 < items.size(); i++) {
            Item act = items.get(i + 1);
            boolean depth = act.is(Term.Act.LOWER) || act.is(Term.Act.SINK) || act.is(Term.Act.RISE);
            if (items.get(i).soft() && depth && items.get(i + 2).term() instanceof Term.Measure) {
                return true;
            }
        }
        return false;
    }

    /** Left step, right step: each foot does one. */
    private static boolean eachSteps(List<Item> items) {
        Term.@Nullable Who first = null;
        boolean parted = false;
        for (int i = 1; i < items.size(); i++) {
            Item before = items.get(i - 1);
            boolean foot = (before.bareSide() || WhichFoot.foot(before)) && before.rel() == null;
            boolean steps = foot
                    && items.get(i).is(Term.Act.STEP)
                    && before.who() != null
                    && before.who().side().isPresent();
            if (steps && first != null && parted && before.who() != first) {
                return true;
            }
            first = steps ? before.who() : first;
            parted |= first != null && items.get(i).soft();
        }
        return false;
    }

    /** The left palm reaches the chest the right pushes: one has come to its place, and the other does something. */
    private static boolean otherHandActs(List<Item> items) {
        for (int i = 2; i + 1 < items.size(); i++) {
            Item other = items.get(i);
            boolean acts = other.bareSide()
                    && other.rel() == null
                    && other.who().side().isPresent()
                    && items.get(i + 1).term() instanceof Term.Act
                    && Landmarks.of(items.get(i - 1).term()).isPresent();
            if (acts
                    && items.subList(0, i - 1).stream()
                            .anyMatch(hand -> HandWords.hand(hand) && hand.sidedLimb() && hand.who() != other.who())) {
                return true;
            }
        }
        return false;
    }

    /** The fan opens sink a little: a prop is opened or closed, and then the body does something, the eyes, a hand. */
    private static boolean opensFirst(List<Item> items) {
        boolean prop = false;
        boolean opens = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean hand = HandWords.hand(item)
                    && item.sidedLimb()
                    && item.rel() == null
                    && i + 1 < items.size()
                    && items.get(i + 1).term() instanceof Term.Act;
            boolean next = hand || item.is(Term.Act.SINK) || item.is(Term.Act.RISE) || item.is(Term.Act.LOOK);
            if (prop && opens && next) {
                return true;
            }
            prop |= item.prop();
            opens |= item.is(Term.Act.OPEN) || item.is(Term.Act.CLOSE);
        }
        return false;
    }

    /** The right foot stays, the left toes turn in: what is said of the one is not said of the other. */
    private static boolean oneStaysAnotherMoves(List<Item> items) {
        for (int i = 0; i + 3 < items.size(); i++) {
            Item stays = items.get(i);
            boolean bare = stays.bareSide()
                    && (i > 0 && items.get(i - 1).is(Term.Act.STAY)
                            || items.get(i + 1).is(Term.Act.STAY));
            boolean other = bare
                    && items.subList(i + 3, items.size()).stream()
                            .anyMatch(item -> item.bareSide()
                                    && item.rel() == null
                                    && item.who() != stays.who()
                                    && item.who().side().isPresent());
            if (other && items.get(i + 2).soft()) {
                return true;
            }
            if (stays.sidedLimb()
                    && items.get(i + 1).is(Term.Act.STAY)
                    && items.get(i + 2).soft()
                    && items.subList(i + 3, items.size()).stream()
                            .anyMatch(item -> item.sidedLimb() && item.rel() == null && item.who() != stays.who())) {
                return true;
            }
        }
        return false;
    }

    /** And pushes, and the left foot is empty, and empties the left leg: no foot pushes, and no weight. */
    private static boolean pushesFirst(List<Item> items) {
        for (int i = 0; i + 2 < items.size(); i++) {
            Item next = items.get(i + 2);
            boolean act = i + 3 < items.size() && (next.term() instanceof Term.Act || next.is(Term.Manner.LIGHT));
            Item limb = items.get(act ? i + 3 : i + 2);
            boolean another = items.get(i).is(Term.Act.PUSH) && items.get(i + 1).soft();
            if (another && WhichFoot.foot(limb) && limb.sidedLimb()) {
                return true;
            }
        }
        return false;
    }
}
