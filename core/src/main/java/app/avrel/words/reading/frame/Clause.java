package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** A run of phrases that may be one clause; a frame takes from it what fills its slots, and what is left costs. */
public final class Clause {

    private final List<Item> items;
    /** The same, for going through them: a clause is looked through hundreds of times. */
    private final Item[] each;
    /** Which words occur, a bit for some of them: most that are asked for do not, and are not looked for then. */
    private final long occurring;

    private long used;
    private long kept;
    private Term.Who subject;

    public Clause(List<Item> items) {
        this.items = items;
        this.each = items.toArray(Item[]::new);
        long bits = 0;
        for (Item item : each) {
            bits |= bit(item.term());
        }
        this.occurring = bits;
    }

    private Clause(Clause other) {
        this.items = other.items;
        this.each = other.each;
        this.occurring = other.occurring;
    }

    /** A word is one object, so that its identity tells it; what carries a number is made anew each time. */
    private static long bit(Term term) {
        return term instanceof Enum<?> ? 1L << (System.identityHashCode(term) & 63) : 0;
    }

    private boolean lacks(Term term) {
        return (bit(term) & ~occurring) != 0;
    }

    /** {@return the same phrases, none of them spoken for} */
    Clause anew() {
        return new Clause(this);
    }

    List<Item> items() {
        return items;
    }

    int size() {
        return each.length;
    }

    Item item(int index) {
        return each[index];
    }

    boolean open(int index) {
        return ((used | kept) & 1L << index) == 0;
    }

    void use(int index) {
        used |= 1L << index;
    }

    /** Marks a phrase that is understood but that no move can hold: it is pointed at, and may stay as a note. */
    void keep(int index) {
        kept |= 1L << index;
        used &= ~(1L << index);
    }

    /** Which phrases are spoken for. */
    record Marks(long used, long kept) {}

    Marks marks() {
        return new Marks(used, kept);
    }

    /** Forgets what was spoken for since: a phrase is read once for each foot. */
    void restore(Marks marks) {
        used = marks.used();
        kept = marks.kept();
    }

    boolean kept(int index) {
        return (kept & 1L << index) != 0;
    }

    void useAll() {
        used = -1;
    }

    long used() {
        return used;
    }

    boolean has(Term term) {
        return find(term) >= 0;
    }

    /** {@return whether it stands in the clause, taken or not} */
    boolean said(Term term) {
        return indexOf(term) >= 0;
    }

    boolean has(Class<? extends Term> kind) {
        return find(item -> kind.isInstance(item.term())) >= 0;
    }

    boolean has(Predicate<Item> wanted) {
        return find(wanted) >= 0;
    }

    /** {@return where the first open phrase of this kind stands; below 0 where there is none} */
    int find(Predicate<Item> wanted) {
        for (int i = 0; i < each.length; i++) {
            if (open(i) && wanted.test(each[i])) {
                return i;
            }
        }
        return -1;
    }

    int find(Term term) {
        if (lacks(term)) {
            return -1;
        }
        for (int i = 0; i < each.length; i++) {
            if (each[i].term() == term && open(i)) {
                return i;
            }
        }
        return -1;
    }

    /** {@return where the first phrase with this term stands, taken or not; below 0 where there is none} */
    int indexOf(Term term) {
        if (lacks(term)) {
            return -1;
        }
        for (int i = 0; i < each.length; i++) {
            if (each[i].term() == term) {
                return i;
            }
        }
        return -1;
    }

    /** Says whose limb the clause is about: a part of the other side is then never taken along. */
    void about(Side side) {
        subject = side == Side.LEFT ? Term.Who.LEFT : Term.Who.RIGHT;
    }

    private boolean foreign(Item item) {
        boolean sided = item.part() && item.who() != null && item.who().side().isPresent();
        return subject != null && sided && item.who() != subject;
    }

    boolean take(Term term) {
        if (lacks(term)) {
            return false;
        }
        for (int i = 0; i < each.length; i++) {
            if (each[i].term() == term && open(i) && !foreign(each[i])) {
                use(i);
                return true;
            }
        }
        return false;
    }

    /** Takes every phrase with one of these terms; {@return whether there was any} */
    boolean takeAll(Term... terms) {
        boolean any = false;
        for (Term term : terms) {
            while (take(term)) {
                any = true;
            }
        }
        return any;
    }

    Optional<Item> takeItem(Predicate<Item> wanted) {
        int at = find(wanted);
        if (at < 0) {
            return Optional.empty();
        }
        use(at);
        return Optional.of(each[at]);
    }

    <T extends Term> Optional<T> take(Class<T> kind, Predicate<T> wanted) {
        return takeItem(item -> kind.isInstance(item.term()) && wanted.test(kind.cast(item.term())))
                .map(item -> kind.cast(item.term()));
    }

    <T extends Term> Optional<T> take(Class<T> kind) {
        return takeItem(item -> kind.isInstance(item.term())).map(item -> kind.cast(item.term()));
    }

    Optional<Item> takePart(Term.Part part) {
        return takeItem(item -> item.term() == part);
    }

    /** {@return whether a comma or "and" stands between two places: what is told before it and after it are two things} */
    boolean parted(int from, int to) {
        for (int i = from; i < to; i++) {
            if (each[i].soft()) {
                return true;
            }
        }
        return false;
    }

    /** {@return whether "on tiptoe" stands here: one word that says a heel is up, and nothing that is done anew} */
    boolean onTiptoe(int at) {
        return each[at].is(Term.Act.RAISE)
                && at + 1 < each.length
                && each[at + 1].is(Term.Part.HEEL)
                && each[at + 1].from() == each[at].from();
    }

    /** {@return the phrase after this one that is no mark} */
    Optional<Item> after(int index) {
        return near(index, 1);
    }

    Optional<Item> near(int index, int step) {
        for (int i = index + step; i >= 0 && i < each.length; i += step) {
            if (!each[i].soft()) {
                return Optional.of(each[i]);
            }
        }
        return Optional.empty();
    }

    /** {@return the words of it, as they were typed} */
    String text() {
        return items.isEmpty() ? "" : items.getFirst().text();
    }
}
