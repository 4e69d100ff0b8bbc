package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.List;

/** What begins no clause: it hangs on what stands before it, and a clause that begins with it has been cut off from there. */
final class Severed {

    private Severed() {}

    /** {@return whether the phrases of a line from one to another begin with what belongs to the clause before} */
    static boolean from(List<Item> line, int from, int to) {
        List<Item> run = line.subList(from, to);
        return stolen(run)
                || hangsOn(run)
                || saidBefore(run)
                || placeBefore(run)
                || placeOfLast(run)
                || from > 0 && actOfSubject(line, from) && namesAnother(run)
                || from > 0
                        && (actOf(line.get(from - 1), run)
                                || !hasSubject(line, from - 1) && actOn(line.get(from - 1), run));
    }

    /** The right heel lifts: the limb before the verb does it, and is not what another verb does something to. */
    static boolean hasSubject(List<Item> line, int verb) {
        boolean limb =
                verb > 0 && line.get(verb - 1).sidedLimb() && line.get(verb - 1).rel() == null;
        return limb && (verb == 1 || !(line.get(verb - 2).term() instanceof Term.Act));
    }

    /** The right fist comes up from the hip: it is the fist that does. */
    private static boolean actOf(Item before, List<Item> run) {
        Item act = run.getFirst();
        boolean moves =
                act.is(Term.Act.RISE) || act.is(Term.Act.SINK) || act.is(Term.Act.RAISE) || act.is(Term.Act.LOWER);
        return moves && hand(before);
    }

    /** Tilt the left palm, lift the left toes and open them: it is not the body that is tilted or lifted. */
    private static boolean actOn(Item before, List<Item> run) {
        Item first = run.getFirst();
        return before.is(Term.Act.LEAN) && hand(first)
                || before.is(Term.Act.RAISE) && first.sidedLimb() && first.rel() == null;
    }

    private static boolean hand(Item item) {
        boolean part = item.is(Term.Part.HAND)
                || item.is(Term.Part.PALM)
                || item.is(Term.Part.FIST)
                || item.is(Term.Part.ARM)
                || item.is(Term.Part.FOREARM);
        return part && item.rel() == null && item.who() != null;
    }

    /**
     * The sword points to 12, the left hand at the wrist: "to 12" does not go with what comes after the comma. Sink right,
     * slide the left back: neither does "right".
     */
    private static boolean stolen(List<Item> run) {
        Item first = run.getFirst();
        boolean led = first.rel() == Term.Rel.TO
                || first.rel() == Term.Rel.AT
                || first.rel() == Term.Rel.BESIDE
                || first.rel() == Term.Rel.ON;
        boolean width = first.term() instanceof Term.Measure
                && run.size() > 1
                && run.get(1).soft();
        return width
                || (led || first.is(Term.Rel.TO) || first.is(Term.Manner.CENTRE_LINE))
                        && run.stream().anyMatch(Item::soft)
                || first.bareSide()
                        && first.rel() == null
                        && run.size() > 1
                        && run.get(1).soft();
    }

    /** Pivot both feet to the right: a place that is only led to belongs to what stands before it, and nothing goes there anew. */
    private static boolean hangsOn(List<Item> run) {
        Item first = run.getFirst();
        boolean place = first.bareSide() || first.is(Term.Part.FOOT);
        return place
                && first.rel() == Term.Rel.TO
                && run.stream().noneMatch(item -> item.term() instanceof Term.Act || item.part() && item.rel() == null);
    }

    /** The right fist strikes at chest height the left hand stays: the verb is of the fist before it, and of no other hand. */
    private static boolean actOfSubject(List<Item> line, int verb) {
        return line.get(verb).term() instanceof Term.Act && hasSubject(line, verb);
    }

    private static boolean namesAnother(List<Item> run) {
        return run.stream().skip(1).anyMatch(item -> item.sidedLimb() && item.rel() == null);
    }

    /** The fist strikes at chest height the left hand stays: the height is where the fist is. */
    private static boolean placeBefore(List<Item> run) {
        Item first = run.getFirst();
        boolean led = first.rel() == Term.Rel.TO || first.rel() == Term.Rel.AT || first.rel() == Term.Rel.BEFORE;
        if (!led || Landmarks.of(first.term()).isEmpty()) {
            return false;
        }
        int next = run.size() > 1 && run.get(1).is(Term.Manner.HEIGHT) ? 2 : 1;
        return next < run.size()
                && run.get(next).rel() == null
                && (run.get(next).sidedLimb() || run.get(next).both());
    }

    /** The right hand arcs up to the brow, the left presses down: the brow is where the right hand arcs to. */
    private static boolean placeOfLast(List<Item> run) {
        int at = 0;
        boolean place = false;
        while (at < run.size() && !run.get(at).soft()) {
            Item item = run.get(at++);
            boolean own = item.term() instanceof Term.Act || item.part() && item.rel() == null;
            if (own) {
                return false;
            }
            boolean leg = item.is(Term.Part.LEG) || item.is(Term.Part.FOOT);
            place |= item.rel() != null && (leg || Landmarks.of(item.term()).isPresent());
        }
        return place
                && at + 1 < run.size()
                && run.get(at + 1).rel() == null
                && (run.get(at + 1).sidedLimb() || run.get(at + 1).both());
    }

    /** Toes out 30 the right foot steps back; push forward the weight goes left: how far, and which way, is said of what was before. */
    private static boolean saidBefore(List<Item> run) {
        Item first = run.getFirst();
        boolean amount = first.term() instanceof Term.Num || first.term() instanceof Term.Angle;
        if (first.rel() != null || run.size() < 2 || !(amount || first.term() instanceof Term.Way)) {
            return false;
        }
        Item next = run.get(1);
        boolean eyes = next.is(Term.Part.EYES) || next.is(Term.Act.LOOK);
        boolean weight = next.is(Term.Part.WEIGHT) && (!amount || next.rel() == Term.Rel.WITH);
        return next.sidedLimb() || amount && eyes || weight;
    }
}
