package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Counts a line out: "1: shift right. 2: left heel up", 一拍移重心，二拍提脚跟. Numbers that begin clauses one after the other,
 * from one on, are the beats on which these begin, and no amounts of anything; with a bracket behind them they only tell
 * what comes after what.
 */
final class CountedOut {

    /** What parts a number from what happens then. */
    private static final Set<String> LABELS = Set.of(":", "：", ")", "）");

    private static final Set<String> BRACKETS = Set.of(")", "）");

    private CountedOut() {}

    static List<Item> of(List<Item> items) {
        List<Integer> numbers = numbers(items);
        if (numbers.size() < (number(items, numbers) == 1 ? 2 : 1)) {
            return items;
        }
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            boolean label = numbers.contains(i - 1) && items.get(i).soft();
            if (numbers.contains(i)) {
                begin(
                        said,
                        items.get(i),
                        BRACKETS.contains(items.get(i + 1).text().strip()));
            } else if (!label) {
                said.add(items.get(i));
            }
        }
        return said;
    }

    /** What is counted next comes after what was counted before. */
    private static void begin(List<Item> said, Item number, boolean bracket) {
        while (!said.isEmpty() && Parts.border(said.getLast())) {
            said.removeLast();
        }
        if (!said.isEmpty()) {
            said.add(number.as(Term.Mark.THEN));
        }
        if (!bracket) {
            said.add(number.as(new Term.OnBeat(number(number))));
        }
    }

    /** The first of the numbers; 1 where there is none. */
    private static double number(List<Item> items, List<Integer> numbers) {
        return numbers.isEmpty() ? 1 : number(items.get(numbers.getFirst()));
    }

    /** Where the numbers stand, if they count on from one; the first of a line is left out where it is set before it. */
    private static List<Integer> numbers(List<Item> items) {
        List<Integer> found = new ArrayList<>();
        double next = 1;
        for (int i = 0; i < items.size(); i++) {
            double number = number(items.get(i));
            boolean second = found.isEmpty() && i > 0 && number == 2 && labelled(items, i);
            if ((number == next || second) && begins(items, i)) {
                found.add(i);
                next = number + 1;
            }
        }
        return found;
    }

    private static double number(Item item) {
        return switch (item.term()) {
            case Term.Num number when item.rel() == null -> number.value();
            case Term.Beats beats when item.rel() == null -> beats.count();
            default -> 0;
        };
    }

    /** A number with a colon or a bracket behind it, or one at the beginning of what is told of it; two steps are only two. */
    private static boolean begins(List<Item> items, int at) {
        if (at + 2 >= items.size()) {
            return false;
        }
        Item next = items.get(at + 1);
        boolean does = next.term() instanceof Term.Act && !next.is(Term.Act.STEP)
                || next.part() && next.rel() == null && !next.many();
        return items.get(at).term() instanceof Term.Num
                ? labelled(items, at) || does && Parts.begins(items, at)
                : !Parts.border(next) && Parts.begins(items, at);
    }

    private static boolean labelled(List<Item> items, int at) {
        Item number = items.get(at);
        Item label = items.get(Math.min(at + 1, items.size() - 1));
        return number.term() instanceof Term.Num
                && label.is(Term.Mark.COMMA)
                && LABELS.contains(label.text().strip());
    }
}
