package app.avrel.words.reading;

import app.avrel.posture.count.Arrival;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Pace;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes out of a line what is said of the whole count: breath, pace, beats, whether hands wait.
 *
 * @param words the phrases that say it
 * @param others all the rest, in order
 */
record CountWords(CountManner manner, List<Item> words, List<Item> others) {

    private static final double MOST_BEATS = 64;

    static CountWords of(List<Item> items) {
        CountManner manner = CountManner.UNSAID;
        List<Item> words = new ArrayList<>();
        List<Item> others = new ArrayList<>();
        boolean weighs = items.stream()
                .anyMatch(item -> item.is(Term.Act.SHIFT) || item.is(Term.Part.WEIGHT) || item.is(Term.Act.SPREAD));
        for (Item item : apart(items)) {
            Optional<Pace> pace = weighs && item.is(Term.Manner.EVENLY) ? Optional.empty() : pace(item.term());
            Optional<Double> beats = item.term() instanceof Term.Beats(double count) && count > 0 && count <= MOST_BEATS
                    ? Optional.of(count)
                    : Optional.empty();
            CountManner said = new CountManner(breath(item.term()), pace, beats, arrival(item.term()));
            boolean any = !said.equals(CountManner.UNSAID) && !changes(manner, said) && !denied(others, pace);
            if (beats.isPresent() && leads(others, item)) {
                words.add(others.removeLast());
            }
            (any ? words : others).add(item);
            manner = any ? both(manner, said) : manner;
        }
        return new CountWords(manner, words, others);
    }

    /** Not slowly: how a count is not done is no pace of it, and stays marked. */
    private static boolean denied(List<Item> before, Optional<Pace> pace) {
        return pace.isPresent()
                && !before.isEmpty()
                && (before.getLast().is(Term.Mark.NOT) || before.getLast().is(Term.Mark.NO));
    }

    /** In as the arms rise, and out as they sink: nobody breathes both ways at once, so the second is done after the first. */
    private static List<Item> apart(List<Item> items) {
        List<Item> apart = new ArrayList<>(items);
        Breath before = null;
        int said = 0;
        for (int i = 0; i < apart.size(); i++) {
            Breath breath =
                    breath(apart.get(i).term()).filter(CountWords::oneWay).orElse(null);
            if (breath == null) {
                continue;
            }
            int joins = before == null || before == breath ? -1 : joins(apart, said, i);
            if (joins > 0) {
                apart.set(joins, apart.get(joins).as(Term.Mark.THEN));
            }
            before = breath;
            said = i;
        }
        return apart;
    }

    private static boolean oneWay(Breath breath) {
        return breath == Breath.IN || breath == Breath.OUT;
    }

    /** Where the word stands that joins what is done on a breath to that breath: right after it, else before it. */
    private static int joins(List<Item> items, int first, int breath) {
        if (breath + 1 < items.size() && items.get(breath + 1).is(Term.Mark.WHILE)) {
            return breath + 1;
        }
        for (int i = breath - 1; i > first; i--) {
            if (items.get(i).is(Term.Mark.WHILE)) {
                return i;
            }
        }
        return -1;
    }

    /** In two beats, over three: the small word before them goes with them. */
    private static boolean leads(List<Item> before, Item beats) {
        return !before.isEmpty()
                && before.getLast().term() instanceof Term.Rel
                && before.getLast().to() <= beats.from()
                && beats.from() - before.getLast().to() <= 1;
    }

    /** In, and then out, in one count. */
    private static CountManner both(CountManner before, CountManner said) {
        boolean inOut =
                before.breath().equals(Optional.of(Breath.IN)) && said.breath().equals(Optional.of(Breath.OUT));
        boolean outIn =
                before.breath().equals(Optional.of(Breath.OUT)) && said.breath().equals(Optional.of(Breath.IN));
        Optional<Breath> breath =
                inOut ? Optional.of(Breath.IN_THEN_OUT) : outIn ? Optional.of(Breath.OUT_THEN_IN) : said.breath();
        boolean openEnded =
                before.pace().equals(Optional.of(Pace.OPEN)) && said.pace().equals(Optional.of(Pace.HELD));
        Optional<Pace> pace = openEnded ? before.pace() : said.pace();
        boolean each = (before.breath().equals(Optional.of(Breath.IN_THEN_OUT))
                        || before.breath().equals(Optional.of(Breath.OUT_THEN_IN)))
                && said.beats().isPresent();
        Optional<Double> beats =
                each ? said.beats().map(more -> more + before.beats().orElse(0.0)) : said.beats();
        return before.with(new CountManner(breath, pace, beats, said.arrival()));
    }

    /** Slow, and then faster: a count has one pace, and the second one stays marked. */
    private static boolean changes(CountManner before, CountManner said) {
        boolean slowed =
                before.pace().equals(Optional.of(Pace.SLOW)) && said.pace().equals(Optional.of(Pace.QUICK));
        boolean quickened =
                before.pace().equals(Optional.of(Pace.QUICK)) && said.pace().equals(Optional.of(Pace.SLOW));
        return slowed || quickened;
    }

    private static Optional<Breath> breath(Term term) {
        if (!(term instanceof Term.Manner manner)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (manner) {
                    case IN_BREATH -> Breath.IN;
                    case OUT_BREATH -> Breath.OUT;
                    case HOLD_BREATH -> Breath.HOLD;
                    case FREE_BREATH -> Breath.FREE;
                    case STILL_IN -> Breath.STILL_IN;
                    case STILL_OUT -> Breath.STILL_OUT;
                    case IN_AND_OUT -> Breath.IN_THEN_OUT;
                    case OUT_AND_IN -> Breath.OUT_THEN_IN;
                    default -> null;
                });
    }

    private static Optional<Pace> pace(Term term) {
        if (!(term instanceof Term.Manner manner)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (manner) {
                    case SLOW -> Pace.SLOW;
                    case QUICK -> Pace.QUICK;
                    case EVENLY, EVEN_PACE -> Pace.EVEN;
                    case HELD -> Pace.HELD;
                    case OPEN_ENDED -> Pace.OPEN;
                    default -> null;
                });
    }

    private static Optional<Arrival> arrival(Term term) {
        if (term == Term.Manner.HANDS_WAIT) {
            return Optional.of(Arrival.BY_STAGE);
        }
        return term == Term.Manner.HANDS_THROUGHOUT ? Optional.of(Arrival.THROUGHOUT) : Optional.empty();
    }
}
