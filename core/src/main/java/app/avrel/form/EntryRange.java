package app.avrel.form;

import app.avrel.posture.Posture;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * Entries in a row, and what can be done with them as one.
 *
 * @param first counted from 0 through all parts
 * @param last at least {@code first}
 */
public record EntryRange(int first, int last) {

    public EntryRange {
        if (first < 0 || last < first) {
            throw new IllegalArgumentException(
                    "a stretch must run from an entry to a later one, but was " + first + " to " + last);
        }
    }

    /** {@return the stretch between two entries, in whichever order} */
    public static EntryRange between(int one, int other) {
        return new EntryRange(Math.min(one, other), Math.max(one, other));
    }

    public int size() {
        return last - first + 1;
    }

    public boolean has(int entry) {
        return entry >= first && entry <= last;
    }

    /** {@return its entries, in order} */
    public List<Entry> of(Form form) {
        return form.entries().subList(first, last + 1);
    }

    /** {@return the form with each entry of the stretch changed} */
    public Form change(Form form, UnaryOperator<Entry> edit) {
        Form changed = form;
        for (int entry = first; entry <= last; entry++) {
            changed = changed.change(entry, edit);
        }
        return changed;
    }

    /** {@return the form without the stretch} */
    public Form takenOut(Form form) {
        Form changed = form;
        for (int entry = last; entry >= first; entry--) {
            changed = changed.delete(entry);
        }
        return changed;
    }

    /** {@return the form with the stretch in another place; a place within the stretch leaves it as it is} */
    public Form moved(Form form, FormPlace to) {
        int target = to.entry(form);
        boolean inside = target > first && target <= last;
        FormPlace own = FormPlace.before(form, first);
        boolean one = own.part() == FormPlace.before(form, last).part() && own.part() == to.part();
        if (inside || one && (target == first || target == last + 1)) {
            return form;
        }
        int before = (int)
                IntStream.range(target - to.at(), target).filter(this::has).count();
        return inserted(takenOut(form), new FormPlace(to.part(), to.at() - before), of(form));
    }

    /** {@return the form with the stretch one place up (-1) or down (+1); at the edge of a part it goes into the next} */
    public Form nudged(Form form, int by) {
        FormPlace head = FormPlace.before(form, first);
        FormPlace tail = FormPlace.after(form, last);
        if (by < 0) {
            if (head.at() > 0) {
                return moved(form, new FormPlace(head.part(), head.at() - 1));
            }
            return head.part() == 0 ? form : moved(form, new FormPlace(head.part() - 1, size(form, head.part() - 1)));
        }
        if (tail.at() < size(form, tail.part())) {
            return moved(form, new FormPlace(tail.part(), tail.at() + 1));
        }
        return tail.part() == form.parts().size() - 1 ? form : moved(form, new FormPlace(tail.part() + 1, 0));
    }

    private static int size(Form form, int part) {
        return form.parts().get(part).entries().size();
    }

    /** {@return the form with a copy of the stretch in a place} */
    public Form copied(Form form, FormPlace to) {
        return inserted(form, to, of(form));
    }

    /** {@return the form with the stretch done on the other side in a place; what is said of numbers and facing stays behind} */
    public Form copiedMirrored(Form form, FormPlace to, Shelf shelf) {
        List<Entry> mirrored = of(form).stream()
                .map(entry ->
                        mirrored(entry, shelf).withFacing(Optional.empty()).withNumber(Optional.empty()))
                .toList();
        return inserted(form, to, mirrored);
    }

    /** {@return the form with the stretch done on the other side} */
    public Form mirrored(Form form, Shelf shelf) {
        return change(form, entry -> mirrored(entry, shelf));
    }

    /** A posture of which only this side is taught stays; its way in is mirrored with the rest. */
    private static Entry mirrored(Entry entry, Shelf shelf) {
        boolean fixed = shelf.posture(entry.posture())
                .map(posture -> posture.mirroring() == Posture.Mirroring.THIS_SIDE_ONLY)
                .orElse(false);
        return fixed ? entry.mirrored().withPlayed(entry.played()) : entry.mirrored();
    }

    /** {@return the form with the stretch taught as one posture of this name; an empty name parts it} */
    public Form grouped(Form form, String name) {
        return change(form, entry -> entry.withGroup(name));
    }

    /** Entries whose ids the form has already get fresh ones. */
    private static Form inserted(Form form, FormPlace to, List<Entry> added) {
        Form changed = form;
        int at = to.at();
        for (Entry entry : added) {
            Entry own = changed.indexOf(entry.id()).isPresent() ? entry.withId(changed.freshId()) : entry;
            changed = changed.insertAt(new FormPlace(to.part(), at++), own);
        }
        return changed;
    }
}
