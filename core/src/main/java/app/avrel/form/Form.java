package app.avrel.form;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * Postures in order, in parts.
 *
 * @param name as shown
 * @param parts at least one
 */
public record Form(FormId id, String name, List<Part> parts) {

    public Form {
        parts = parts.isEmpty() ? List.of(new Part("", List.of())) : List.copyOf(parts);
    }

    /** {@return every entry of every part, in order} */
    public List<Entry> entries() {
        return parts.stream().flatMap(part -> part.entries().stream()).toList();
    }

    /** {@return how many postures are done, repeats counted one by one} */
    public int occurrences() {
        return entries().stream().mapToInt(Entry::times).sum();
    }

    /** {@return the place of an entry, from 0, or nothing where the form has it no longer} */
    public OptionalInt indexOf(EntryId entry) {
        List<Entry> all = entries();
        return IntStream.range(0, all.size())
                .filter(i -> all.get(i).id().equals(entry))
                .findFirst();
    }

    /** {@return an id that no entry of this form has} */
    public EntryId freshId() {
        int next = entries().size() + 1;
        while (indexOf(new EntryId("e" + next)).isPresent()) {
            next++;
        }
        return new EntryId("e" + next);
    }

    public Form withParts(List<Part> changed) {
        return new Form(id, name, changed);
    }

    public Form withName(String changed) {
        return new Form(id, changed, parts);
    }

    /** {@return the form with the entry at a position changed; positions run through all parts} */
    public Form change(int entry, UnaryOperator<Entry> edit) {
        return rebuilt(entry, (entries, at) -> entries.set(at, edit.apply(entries.get(at))));
    }

    /** {@return the form without the entry at a position} */
    public Form delete(int entry) {
        return rebuilt(entry, (entries, at) -> entries.remove(at));
    }

    /** {@return the form with an entry right after the one at {@code after}; -1 puts it at the head} */
    public Form insertAfter(int after, Entry added) {
        if (after < 0) {
            List<Part> changed = new ArrayList<>(parts);
            List<Entry> first = new ArrayList<>(parts.getFirst().entries());
            first.addFirst(added);
            changed.set(0, parts.getFirst().withEntries(first));
            return withParts(changed);
        }
        return rebuilt(after, (entries, at) -> entries.add(at + 1, added));
    }

    /** {@return the form with an entry moved up (-1) or down (+1) by one place within its part} */
    public Form move(int entry, int by) {
        return rebuilt(entry, (entries, at) -> {
            int to = at + by;
            if (to >= 0 && to < entries.size()) {
                entries.add(to, entries.remove(at));
            }
        });
    }

    /** {@return the form with a new, empty part at its end} */
    public Form withPart(String partName) {
        List<Part> changed = new ArrayList<>(parts);
        changed.add(new Part(partName, List.of()));
        return withParts(changed);
    }

    /** {@return the form with an entry at the end of a part} */
    public Form append(int part, Entry added) {
        List<Part> changed = new ArrayList<>(parts);
        List<Entry> entries = new ArrayList<>(changed.get(part).entries());
        entries.add(added);
        changed.set(part, changed.get(part).withEntries(entries));
        return withParts(changed);
    }

    private interface PartEdit {
        void edit(List<Entry> entries, int at);
    }

    private Form rebuilt(int entry, PartEdit edit) {
        List<Part> changed = new ArrayList<>();
        int before = 0;
        for (Part part : parts) {
            int at = entry - before;
            if (at >= 0 && at < part.entries().size()) {
                List<Entry> entries = new ArrayList<>(part.entries());
                edit.edit(entries, at);
                changed.add(part.withEntries(entries));
            } else {
                changed.add(part);
            }
            before += part.entries().size();
        }
        return withParts(changed);
    }
}
