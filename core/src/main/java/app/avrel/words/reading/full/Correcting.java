package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Takes back what was corrected: "to the right, no, to the left" leaves only the left. */
final class Correcting {

    private Correcting() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int no = indexOf(said, 0); no >= 0; no = indexOf(said, no + 1)) {
            int at = no;
            if (correct(said, at)) {
                no = Math.max(0, at - 3);
            }
        }
        return said;
    }

    /** 四成，不，五成在左: a "not" that stands alone between commas denies what was before it. */
    private static boolean alone(List<Item> items, int at) {
        return items.get(at).is(Term.Mark.NOT)
                && at > 0
                && at + 1 < items.size()
                && items.get(at - 1).is(Term.Mark.COMMA)
                && items.get(at + 1).is(Term.Mark.COMMA);
    }

    private static int indexOf(List<Item> items, int from) {
        for (int i = from; i < items.size(); i++) {
            if (items.get(i).is(Term.Mark.NO) || alone(items, i)) {
                return i;
            }
        }
        return -1;
    }

    /** Puts what follows "no" in the place of what it corrects; leaves all as it is where nothing is like it. */
    private static boolean correct(List<Item> said, int no) {
        int next = no + 1;
        while (next < said.size() && said.get(next).is(Term.Mark.COMMA)) {
            next++;
        }
        if (next >= said.size()) {
            return false;
        }
        Item right = said.get(next);
        if (saidAnew(said, no, next)) {
            return true;
        }
        Optional<Integer> wrong = wrong(said, no, right);
        if (wrong.isEmpty()) {
            return false;
        }
        int old = wrong.get();
        Item before = said.get(old);
        said.set(old, right.bareSide() && !before.bareSide() ? before.of(right.who()) : moved(right, before));
        int from = no;
        while (from > 0 && said.get(from - 1).mark() && from - 1 > old) {
            from--;
        }
        said.subList(from, next + 1).clear();
        return true;
    }

    /** Right foot forward, no, right foot back: who names the limb or the act again says the whole anew. */
    private static boolean saidAnew(List<Item> said, int no, int next) {
        int end = border(said, next, said.size());
        Item right = said.get(next);
        boolean limb = right.sidedLimb();
        if (end - next < 2 || !limb && !(right.term() instanceof Term.Act)) {
            return false;
        }
        Optional<Integer> old = limb ? last(said, no, right, true) : Optional.empty();
        old = old.or(() -> last(said, no, right, false));
        if (old.isEmpty()) {
            return false;
        }
        List<Item> anew = List.copyOf(said.subList(next, end));
        int from = no;
        while (from > 0 && said.get(from - 1).mark() && from - 1 > old.get()) {
            from--;
        }
        said.subList(from, end).clear();
        said.subList(old.get(), border(said, old.get(), from)).clear();
        said.addAll(old.get(), anew);
        return true;
    }

    private static int border(List<Item> items, int from, int most) {
        int end = from;
        while (end < most && !items.get(end).mark()) {
            end++;
        }
        return end;
    }

    /** Where that limb, of that side or of any, or an act was said last. */
    private static Optional<Integer> last(List<Item> said, int no, Item right, boolean sameSide) {
        for (int i = no - 1; i >= 0; i--) {
            Item item = said.get(i);
            boolean like = right.part() ? item.is(right.term()) && item.rel() == null : item.term() instanceof Term.Act;
            if (like && (!sameSide || item.who() == right.who())) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** What stands in for another keeps the small word that led to the other, where it has none itself. */
    private static Item moved(Item right, Item before) {
        Term.Rel rel = right.rel() == null ? before.rel() : right.rel();
        return new Item(right.term(), rel, right.who(), right.many(), right.from(), right.to(), right.text());
    }

    private static Optional<Integer> wrong(List<Item> said, int no, Item right) {
        for (int i = no - 1; i >= 0; i--) {
            if (right.part() && right.who() != null && said.get(i).is(right.term())) {
                return Optional.of(i);
            }
        }
        for (int i = no - 1; i >= 0; i--) {
            Item item = said.get(i);
            boolean side = right.who() != null
                    && right.who().side().isPresent()
                    && item.who() != null
                    && item.who().side().isPresent();
            boolean same = right.bareSide() ? side && sameLead(said, i, no, right) : side || alike(right, item);
            if (same) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** A side with a small word corrects the side with the same small word, where there is one. */
    private static boolean sameLead(List<Item> said, int at, int no, Item right) {
        if (right.rel() == null || said.get(at).rel() == right.rel()) {
            return true;
        }
        return said.subList(0, no).stream()
                .noneMatch(item -> item.rel() == right.rel()
                        && item.who() != null
                        && item.who().side().isPresent());
    }

    private static boolean amount(Item item) {
        return item.term() instanceof Term.Num
                || item.term() instanceof Term.Measure
                || item.term() instanceof Term.Angle
                || item.term() instanceof Term.Share;
    }

    private static boolean alike(Item right, Item item) {
        return right.term().getClass() == item.term().getClass() && !item.mark() || amount(right) && amount(item);
    }
}
