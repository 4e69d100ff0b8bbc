package app.avrel.form;

import app.avrel.house.HouseRules;
import app.avrel.posture.PostureId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * Postures in order, in parts.
 *
 * @param name as shown
 * @param parts at least one
 * @param said what is stated of it
 * @param rules the house rules it is done by, where they are not the project's
 */
@RecordBuilder
public record Form(FormId id, String name, List<Part> parts, Optional<FormClaim> said, Optional<HouseRules> rules)
        implements FormBuilder.With {

    public Form {
        parts = parts.isEmpty() ? List.of(new Part("", List.of())) : List.copyOf(parts);
        Set<EntryId> seen = new HashSet<>();
        for (Part part : parts) {
            for (Entry entry : part.entries()) {
                if (!seen.add(entry.id())) {
                    throw new IllegalArgumentException("entries must be unlike each other, but two of \"" + name
                            + "\" have the id \"" + entry.id().key() + "\"");
                }
            }
        }
    }

    public FormClaim claim() {
        return said.orElse(FormClaim.NONE);
    }

    public Form withClaim(FormClaim changed) {
        return new Form(id, name, parts, changed.orNothing(), rules);
    }

    /** {@return every entry of every part, in order} */
    public List<Entry> entries() {
        if (parts.size() == 1) {
            return parts.getFirst().entries();
        }
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

    /** {@return the form as it is on the other side} */
    public Form mirrored(Shelf shelf) {
        List<Entry> all = entries();
        Form other = withClaim(claim().mirrored())
                .withParts(parts.stream()
                        .map(part -> part.withClaim(part.claim().mirrored()))
                        .toList());
        return all.isEmpty() ? other : new EntryRange(0, all.size() - 1).mirrored(other, shelf);
    }

    /** {@return the form with one posture in place of another wherever that stands} */
    public Form replacing(PostureId old, PostureId by) {
        return withParts(parts.stream()
                .map(part -> part.withEntries(part.entries().stream()
                        .map(entry -> entry.posture().equals(old) ? entry.withPosture(by) : entry)
                        .toList()))
                .toList());
    }

    /** {@return which part an entry stands in, from 0} */
    public int partOf(int entry) {
        return FormPlace.before(this, entry).part();
    }

    /** {@return the form with an entry in a place} */
    public Form insertAt(FormPlace place, Entry added) {
        List<Part> changed = new ArrayList<>(parts);
        List<Entry> entries = new ArrayList<>(changed.get(place.part()).entries());
        entries.add(place.at(), added);
        changed.set(place.part(), changed.get(place.part()).withEntries(entries));
        return withParts(changed);
    }

    /** {@return the form with a new, empty part at its end} */
    public Form withPart(String partName) {
        List<Part> changed = new ArrayList<>(parts);
        changed.add(new Part(partName, List.of()));
        return withParts(changed);
    }

    /** {@return the form with an entry at the end of a part} */
    public Form append(int part, Entry added) {
        return insertAt(new FormPlace(part, parts.get(part).entries().size()), added);
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
