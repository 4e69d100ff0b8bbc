package app.avrel.form;

import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The numbers of a form's entries in the school's way: each repeat counted or all as one, a group as one or posture by
 * posture, the opening counted or not, through the form or anew in each part. A posture may have its own answers, and an
 * entry is numbered as it says itself.
 *
 * @param rules the school's answers
 * @param own a posture's own answers; none where it is as the school has it
 */
public record Numbering(HouseRules rules, Function<PostureId, Map<HouseRule, Integer>> own) {

    private static final int AS_ONE = 1;
    private static final int EACH_OF_GROUP = 1;
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

        private static final Numbers NONE = new Numbers(0, 0);

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

    /** {@return the numbers of every entry, in order} */
    public List<Numbers> of(Form form) {
        List<Numbers> all = new ArrayList<>();
        Run run = new Run();
        for (Part part : form.parts()) {
            run.next = rules.get(HouseRule.PARTS) == BY_PART ? 1 : run.next;
            run.before = null;
            for (Entry entry : part.entries()) {
                all.add(run.number(entry, all.isEmpty()));
            }
        }
        return all;
    }

    /** {@return how many numbers each part uses} */
    public List<Integer> used(Form form) {
        List<Integer> used = new ArrayList<>();
        List<Numbers> numbers = of(form);
        int at = 0;
        for (Part part : form.parts()) {
            List<Numbers> own = numbers.subList(at, at + part.entries().size());
            int least = own.stream()
                    .mapToInt(Numbers::first)
                    .filter(first -> first > 0)
                    .min()
                    .orElse(1);
            used.add(own.stream().mapToInt(Numbers::last).max().orElse(0) - least + 1);
            at += part.entries().size();
        }
        return used.stream().map(many -> Math.max(0, many)).toList();
    }

    /** Counting on, entry by entry. */
    private final class Run {

        private int next = 1;
        private @Nullable Entry before;
        private @Nullable Entry head;
        private Numbers last = Numbers.NONE;

        Numbers number(Entry entry, boolean first) {
            if (entry.counted().isPresent()) {
                return asSaid(entry, entry.counted().get());
            }
            boolean opening = first && rule(entry, HouseRule.OPENING) == NOT_COUNTED;
            boolean same = head != null && before != null && (otherSide(before, entry) || inGroup(head, before, entry));
            if (!same) {
                head = entry;
                last = opening ? Numbers.NONE : fresh(entry, rule(entry, HouseRule.REPEATS) == AS_ONE || asOne(entry));
            }
            before = entry;
            return last;
        }

        private Numbers asSaid(Entry entry, Counted counted) {
            before = entry;
            head = counted == Counted.WITH_THE_ONE_BEFORE ? head : entry;
            if (counted == Counted.NOT) {
                return Numbers.NONE;
            }
            last = switch (counted) {
                case EACH_TIME -> fresh(entry, false);
                case AS_ONE -> fresh(entry, true);
                case WITH_THE_ONE_BEFORE, NOT -> last;
            };
            return last;
        }

        private Numbers fresh(Entry entry, boolean once) {
            int times = once ? 1 : entry.times();
            next += times;
            return new Numbers(next - times, next - 1);
        }

        private int rule(Entry entry, HouseRule rule) {
            return own.apply(entry.posture()).getOrDefault(rule, rules.get(rule));
        }

        private boolean asOne(Entry entry) {
            return !entry.group().isEmpty() && rules.get(HouseRule.GROUPS) != EACH_OF_GROUP;
        }

        private boolean inGroup(Entry first, Entry last, Entry entry) {
            return asOne(entry) && Groups.together(first, last, entry);
        }

        private boolean otherSide(Entry last, Entry entry) {
            return rule(entry, HouseRule.OTHER_SIDES) == WITH_THE_FIRST
                    && last.posture().equals(entry.posture())
                    && last.played() != entry.played();
        }
    }
}
