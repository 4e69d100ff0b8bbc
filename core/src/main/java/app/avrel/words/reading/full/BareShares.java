package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * Between two commas nothing but a number and a side: right foot flat, 70 right. That is a share of the weight, as everybody
 * notes it; after a turn without a number it says how far one turns, and after one to the other side it goes on turning.
 */
final class BareShares {

    private static final double WHOLE = 100;
    /** Less may be tenths. */
    private static final double LEAST = 10;

    private BareShares() {}

    static List<Item> of(List<Item> items) {
        List<Item> out = new ArrayList<>(items);
        int from = 0;
        int before = 0;
        while (from < out.size()) {
            int to = from;
            while (to < out.size() && !parts(out.get(to))) {
                to++;
            }
            share(out, before, from, to);
            before = to > from ? from : before;
            from = to + 1;
        }
        return out;
    }

    private static boolean parts(Item item) {
        return item.soft() || item.mark();
    }

    private static void share(List<Item> items, int before, int from, int to) {
        int number = number(items, from, to);
        if (from == 0 && to == items.size() || number < 0) {
            return;
        }
        List<Item> previous = items.subList(before, from);
        int side = to - from == 2 ? 2 * from + 1 - number : -1;
        boolean sided = side >= 0
                && items.get(side).bareSide()
                && items.get(side).who().side().isPresent()
                && (items.get(side).rel() == null || weighs(items.get(side), items.get(number), previous));
        boolean said = sided ? !turns(previous, items.get(side)) : to - from == 1 && alone(previous);
        if (said) {
            Item item = items.get(number);
            double told = ((Term.Num) item.term()).value();
            Term share = new Term.Share(told < 1 ? told * WHOLE : told);
            items.set(number, item.as(share));
        }
    }

    /** Right foot forward, 70 to the right: no step goes so far aside once it is said where the foot goes. */
    private static boolean weighs(Item side, Item number, List<Item> previous) {
        boolean steps = previous.stream()
                .anyMatch(item -> item.is(Term.Part.FOOT) || item.is(Term.Part.LEG) || item.is(Term.Act.STEP));
        return steps
                && side.rel() == Term.Rel.TO
                && number.term() instanceof Term.Num(double value)
                && value >= WHOLE / 2;
    }

    /** Where the only number stands; below 0 where there is none, or not only that. */
    private static int number(List<Item> items, int from, int to) {
        if (to - from < 1 || to - from > 2) {
            return -1;
        }
        for (int i = from; i < to; i++) {
            boolean share = items.get(i).term() instanceof Term.Num(double value)
                    && items.get(i).rel() == null
                    && (value >= 0 && value < 1 || value >= LEAST)
                    && value <= WHOLE;
            if (share) {
                return i;
            }
        }
        return -1;
    }

    /** Turn left, 45 left; turn left 45, right 90. */
    private static boolean turns(List<Item> previous, Item side) {
        boolean lands = previous.stream().anyMatch(item -> item.is(Term.Manner.FIRST));
        boolean bears = previous.stream().anyMatch(item -> item.is(Term.Manner.UPRIGHT) || item.is(Term.Act.LEAN));
        boolean turn = !lands
                && !bears
                && previous.stream()
                        .anyMatch(item -> item.is(Term.Act.TURN)
                                || item.is(Term.Act.TWIST)
                                || item.is(Term.Act.LOOK)
                                || item.is(Term.Part.WAIST)
                                || item.is(Term.Part.HIPS)
                                || item.is(Term.Part.BODY)
                                || item.is(Term.Part.CHEST)
                                || item.is(Term.Part.TOES));
        boolean numbered = previous.stream()
                .anyMatch(item -> item.term() instanceof Term.Num || item.term() instanceof Term.Angle);
        boolean same = previous.stream().anyMatch(item -> item.bareSide() && item.who() == side.who());
        return turn && !(numbered && same);
    }

    private static boolean landing(Item item) {
        return item.is(Term.Part.HEEL)
                || item.is(Term.Part.BALL)
                || item.is(Term.Manner.FLAT)
                || item.is(Term.Manner.FIRST)
                || item.is(Term.Manner.HEEL_FIRST)
                || item.is(Term.Manner.TOES_FIRST);
    }

    /** Roll onto the left, 70: of the weight that was just spoken of; heel first, 60. */
    private static boolean alone(List<Item> previous) {
        boolean onto = previous.stream().anyMatch(item -> item.bareSide() && item.rel() == Term.Rel.ON);
        boolean weight =
                onto || previous.stream().anyMatch(item -> item.is(Term.Part.WEIGHT) || item.is(Term.Act.SHIFT));
        boolean counted = previous.stream()
                .anyMatch(item -> item.term() instanceof Term.Num || item.term() instanceof Term.Share);
        boolean landed = !previous.isEmpty() && previous.stream().allMatch(BareShares::landing);
        return weight && !counted || landed;
    }
}
