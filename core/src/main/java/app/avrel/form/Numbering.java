package app.avrel.form;

import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import java.util.ArrayList;
import java.util.List;

/**
 * The numbers of a form's entries in the school's way: each repeat counted or all as one, the opening counted or not,
 * through the form or anew in each part.
 */
public record Numbering(HouseRules rules) {

    private static final int AS_ONE = 1;
    private static final int NOT_COUNTED = 1;
    private static final int BY_PART = 1;
    private static final int WITH_THE_FIRST = 1;

    /**
     * The numbers of an entry.
     *
     * @param first 0 where it has none
     * @param last as {@code first} for one that is counted once
     */
    public record Numbers(int first, int last) {

        /** {@return such as {@code 5} or {@code 5–6}; empty for an entry without a number} */
        @Override
        public String toString() {
            if (first == 0) {
                return "";
            }
            return first == last ? Integer.toString(first) : first + "–" + last;
        }

        /** {@return the number of one of the entry's times, from 0} */
        public int of(int repeat) {
            return Math.min(first + repeat, last);
        }
    }

    private boolean otherSide(Entry before, Entry entry) {
        return rules.get(HouseRule.OTHER_SIDES) == WITH_THE_FIRST
                && before != null
                && before.posture().equals(entry.posture())
                && before.played() != entry.played();
    }

    /** {@return the numbers of every entry, in order} */
    public List<Numbers> of(Form form) {
        List<Numbers> all = new ArrayList<>();
        int next = 1;
        Entry before = null;
        for (Part part : form.parts()) {
            next = rules.get(HouseRule.PARTS) == BY_PART ? 1 : next;
            for (Entry entry : part.entries()) {
                boolean opening = all.isEmpty() && rules.get(HouseRule.OPENING) == NOT_COUNTED;
                if (otherSide(before, entry)) {
                    all.add(all.getLast());
                    before = entry;
                    continue;
                }
                before = entry;
                int times = opening ? 0 : rules.get(HouseRule.REPEATS) == AS_ONE ? 1 : entry.times();
                all.add(times == 0 ? new Numbers(0, 0) : new Numbers(next, next + times - 1));
                next += times;
            }
        }
        return all;
    }
}
