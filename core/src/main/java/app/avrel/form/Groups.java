package app.avrel.form;

import java.util.ArrayList;
import java.util.List;

/** Postures in a row that are taught as one: neighbours in a part under one name, until the first of them comes again. */
public final class Groups {

    private Groups() {}

    /** {@return the groups of a form, each as the stretch it takes} */
    public static List<EntryRange> of(Form form) {
        List<EntryRange> found = new ArrayList<>();
        int first = 0;
        for (Part part : form.parts()) {
            List<Entry> entries = part.entries();
            int head = 0;
            for (int at = 0; at < entries.size(); at++) {
                boolean goesOn = at > 0 && together(entries.get(head), entries.get(at - 1), entries.get(at));
                head = goesOn ? head : at;
                boolean ends =
                        at + 1 == entries.size() || !together(entries.get(head), entries.get(at), entries.get(at + 1));
                if (ends && !entries.get(at).group().isEmpty()) {
                    found.add(new EntryRange(first + head, first + at));
                }
            }
            first += entries.size();
        }
        return found;
    }

    /** Whether an entry goes on with the group that {@code head} begins and {@code before} is in. */
    static boolean together(Entry head, Entry before, Entry entry) {
        boolean comesAgain = entry.posture().equals(head.posture());
        return !entry.group().isEmpty() && entry.group().equals(before.group()) && !comesAgain;
    }
}
