package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Numbers;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How much is on which foot: in numbers, in words, as the house has it, or only more on one than on the other. */
final class WeightShares {

    private static final double TENTHS = 10;
    private static final int ABOUT = 5;
    private static final int EVEN = 50;
    private static final int ALMOST_ALL = 85;

    private final Clause clause;
    private final Situation now;
    private final WhichLoad foot;
    private final boolean weight;
    private final boolean about;

    /**
     * The shares of a clause.
     *
     * @param weight whether the weight is named
     * @param about whether they are said to be about so
     */
    WeightShares(Clause clause, Situation now, WhichLoad foot, boolean weight, boolean about) {
        this.clause = clause;
        this.now = now;
        this.foot = foot;
        this.weight = weight;
        this.about = about;
    }

    private static final double LEAST_BARE = 5;

    Fit split() {
        Optional<Term.Ratio> ratio = clause.take(Term.Ratio.class);
        if (ratio.isPresent()) {
            return ofRatio(ratio.get());
        }
        Optional<Term.Span> span = clause.take(Term.Span.class);
        if (span.isPresent()) {
            return range(span.get().least(), span.get().most(), foot.side());
        }
        boolean houseFront = clause.take(Term.Manner.HOUSE_FRONT);
        if (houseFront || clause.take(Term.Manner.HOUSE_LIGHT)) {
            Split.Loading loading = houseFront ? Split.Loading.FRONT_LOADED : Split.Loading.LIGHT_FOOT;
            return foot.side()
                    .map(heavier -> Fit.of(new Move.Shift(new Split.AsHouse(loading, heavier))))
                    .orElseGet(this::ask);
        }
        List<Integer> numbers = numbers();
        if (!numbers.isEmpty()) {
            return ofNumbers(numbers);
        }
        if (passesMiddle()) {
            clause.takeAll(Term.Manner.MIDDLE, Term.Manner.EVEN, Term.Act.PASS);
        }
        if (clause.takeAll(
                Term.Manner.EVEN,
                Term.Manner.EVENLY,
                Term.Manner.MIDDLE,
                Term.Manner.HALFWAY,
                Term.Manner.CENTRE_LINE)) {
            clause.takeAll(Term.Way.BACK, Term.Who.BOTH, Term.Manner.ALL, Term.Part.FOOT, Term.Part.LEG);
            clause.takeItem(item -> (item.bareSide() || WhichLoad.limb(item))
                    && (item.rel() == Term.Rel.TO || item.rel() == Term.Rel.ON));
            return Fit.of(new Move.Shift(exact(Side.LEFT, 50)));
        }
        return unnumbered();
    }

    private Fit unnumbered() {
        Optional<Side> emptiedInTheEnd = emptiedInTheEnd();
        if (emptiedInTheEnd.isPresent()) {
            foot.moreSides();
            return Fit.of(new Move.Shift(exact(emptiedInTheEnd.get().other(), 100)));
        }
        boolean sits = clause.said(Term.Act.SIT) && !weight;
        boolean leaves = leaves();
        boolean comesOff = weight && clause.said(Term.Act.RAISE) && !clause.said(Term.Act.SHIFT);
        boolean empties = !leaves
                && (comesOff || clause.said(Term.Act.EMPTY) || clause.takeAll(Term.Manner.NONE, Term.Manner.ALL_EMPTY));
        boolean all = clause.takeAll(Term.Manner.ALL, Term.Manner.ALL_FULL) || leaves && !clause.said(Term.Act.SHIFT);
        boolean fills = clause.said(Term.Act.FILL) | clause.has(Term.Manner.FULL);
        boolean light = clause.has(Term.Manner.LIGHT);
        boolean more = clause.takeAll(Term.Manner.MORE);
        if (clause.takeAll(Term.Manner.REST_OF)) {
            foot.side();
            return new Fit();
        }
        Optional<Side> full =
                fills && clause.has(Term.Manner.FULL) ? foot.sideBefore(Term.Manner.FULL) : Optional.empty();
        Optional<Side> empty = light
                ? foot.sideAfter(Term.Manner.LIGHT).or(() -> foot.sideBefore(Term.Manner.LIGHT))
                : Optional.empty();
        clause.takeAll(Term.Manner.FULL, Term.Manner.LIGHT);
        if (full.isPresent() && (empty.isPresent() || empties)) {
            foot.moreSides();
            return Fit.of(new Move.Shift(exact(full.get(), 100)));
        }
        Optional<Side> emptied = clause.said(Term.Act.EMPTY) ? foot.sideAfter(Term.Act.EMPTY) : Optional.empty();
        Optional<Side> side =
                full.isPresent() ? full : empty.isPresent() ? empty : emptied.isPresent() ? emptied : foot.side();
        if (side.isPresent() && light && !all && !empties && bearsSoMuch(side.get())) {
            return new Fit().holds("the weight stays");
        }
        if (side.isPresent() && (light || empties)) {
            foot.moreSides();
            return Fit.of(new Move.Shift(emptied(side.get())));
        }
        if (side.isEmpty()) {
            clause.takeAll(Term.Rel.OWN_PLACE);
            boolean stays = clause.said(Term.Act.STAY) && !(all || more || fills || light || empties);
            return stays ? new Fit().holds("the weight stays") : ask();
        }
        if (clause.said(Term.Act.STAY)
                && !all
                && !(more && evenly())
                && now.weight().most(side.get()) >= 50) {
            return new Fit().holds("the weight stays");
        }
        if (all || clause.said(Term.Act.BEAR) && !weight) {
            return Fit.of(new Move.Shift(about ? ranged(side.get(), ALMOST_ALL, 100) : exact(side.get(), 100)));
        }
        boolean house = !more && sits;
        return Fit.of(new Move.Shift(house ? asHouse(side.get()) : Split.toward(side.get())));
    }

    /** To the left until the right is weightless: it goes to the one side, and the other is told to be empty. */
    private Optional<Side> emptiedInTheEnd() {
        return clause.has(Term.Mark.UNTIL) && clause.has(Term.Manner.NONE)
                ? foot.sideBefore(Term.Manner.NONE).filter(_ -> clause.takeAll(Term.Manner.NONE))
                : Optional.empty();
    }

    /** Through the middle to the left: where it passes is not where it ends. */
    private boolean passesMiddle() {
        boolean passed = clause.has(item -> (item.is(Term.Manner.MIDDLE) || item.is(Term.Manner.EVEN))
                && (item.rel() == Term.Rel.THROUGH || item.rel() == Term.Rel.PAST || item.rel() == Term.Rel.AT));
        return passed
                && clause.has(item -> (item.bareSide() || WhichLoad.limb(item))
                        && item.whose().flatMap(Term.Who::side).isPresent());
    }

    private boolean evenly() {
        return now.weight().leastLeft() == 50 && now.weight().mostLeft() == 50;
    }

    /** Seventy on the right, the left foot light: how light it is was said. */
    private boolean bearsSoMuch(Side side) {
        boolean exact = now.weight().leastLeft() == now.weight().mostLeft();
        return exact && now.topic() == Situation.Topic.WEIGHT && now.weight().most(side) < 50;
    }

    /** Off the left foot: onto the other, where no other is told. */
    private boolean leaves() {
        boolean onto = clause.has(item -> item.rel() == Term.Rel.TO || item.rel() == Term.Rel.ON);
        return !onto && clause.has(item -> item.rel() == Term.Rel.FROM && (WhichLoad.limb(item) || item.bareSide()));
    }

    private Split emptied(Side side) {
        return about ? ranged(side.other(), ALMOST_ALL, 100) : Split.on(side.other(), 100);
    }

    private Split exact(Side side, int percent) {
        if (clause.has(Term.Manner.AT_MOST) && percent < 100) {
            return ranged(side, percent > EVEN ? EVEN + 1 : 0, percent);
        }
        if (clause.take(Term.Manner.AT_LEAST) && percent < 100) {
            return ranged(side, percent, 100);
        }
        return about && percent < 100
                ? ranged(side, Math.max(0, percent - ABOUT), Math.min(100, percent + ABOUT))
                : Split.on(side, percent);
    }

    private static Split ranged(Side side, int least, int most) {
        return new Split.Said(WeightShare.on(side, least, most));
    }

    private List<Integer> numbers() {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < clause.size(); i++) {
            if (clause.open(i) && share(clause.item(i).term()).isPresent()) {
                found.add(i);
            }
        }
        if (found.size() == 1 && small(clause.item(found.getFirst()).term())) {
            return List.of();
        }
        found.forEach(clause::use);
        return found;
    }

    /** A small number that stands alone, without a sign, is a count, a beat or a leg, and no share of the weight. */
    private static boolean small(Term term) {
        return term instanceof Term.Num(double value) && value >= 1 && value < LEAST_BARE;
    }

    private Optional<Double> share(Term term) {
        return switch (term) {
            case Term.Share(double percent) -> Optional.of(percent);
            case Term.Num(double value) when value > 0 && value < 1 -> Optional.of((double) Math.round(value * 100));
            case Term.Num(double value) -> Optional.of(value);
            default -> Optional.empty();
        };
    }

    private double value(int index) {
        return share(clause.item(index).term()).orElseThrow();
    }

    private Fit ofNumbers(List<Integer> numbers) {
        double first = value(numbers.getFirst());
        for (int index : numbers) {
            if (value(index) > 100 || value(index) < 0) {
                foot.side();
                return new Fit()
                        .refuse(
                                Numbers.plain(value(index)),
                                "share_range",
                                Map.of("share", Numbers.plain(value(index))));
            }
        }
        if (numbers.size() == 1) {
            Optional<Integer> change = new ShareChange(clause, numbers.getFirst(), (int) Math.round(first)).told();
            Optional<Side> side = foot.side();
            clause.takeAll(Term.Manner.REST_OF, Term.Manner.FULL, Term.Manner.MORE, Term.Manner.LESS, Term.Manner.ALL);
            foot.moreSides();
            if (side.isEmpty()) {
                return first == 50 ? Fit.of(new Move.Shift(exact(Side.LEFT, 50))) : onTheSame(first);
            }
            if (change.isPresent()) {
                return ShareChange.made(now.weight(), side.get(), change.get())
                        .map(split -> Fit.of(new Move.Shift(split)))
                        .orElseGet(this::ask);
            }
            boolean tenths = clause.item(numbers.getFirst()).term() instanceof Term.Num
                    && first > LEAST_BARE
                    && first < TENTHS
                    && first == Math.rint(first);
            return Fit.of(new Move.Shift(exact(side.get(), (int) Math.round(tenths ? first * TENTHS : first))));
        }
        double second = value(numbers.get(1));
        Optional<Side> end = foot.sideOfGoal(numbers.getFirst(), numbers.get(1));
        if (end.isPresent()) {
            return Fit.of(new Move.Shift(exact(end.get(), (int) Math.round(second))));
        }
        Optional<Side> side = foot.sideOf(numbers.getFirst(), numbers.get(1));
        boolean tenths = first + second == TENTHS;
        double share = tenths ? first * TENTHS : first;
        if (first + second == 100 || tenths) {
            return side.map(on -> Fit.of(new Move.Shift(exact(on, (int) Math.round(share)))))
                    .orElseGet(this::ask);
        }
        return range(first, second, side);
    }

    /** Bow stance right, seventy percent: after the weight was shared it is of the same foot. */
    private Fit onTheSame(double percent) {
        Side heavier = now.weight().heavier();
        boolean known = now.topic() == Situation.Topic.WEIGHT && now.weight().least(heavier) > 50;
        return known && percent > 50 ? Fit.of(new Move.Shift(exact(heavier, (int) Math.round(percent)))) : ask();
    }

    private Fit ofRatio(Term.Ratio ratio) {
        int first = ratio.first();
        int second = ratio.second();
        if (first + second != 100) {
            foot.side();
            return new Fit()
                    .refuse(
                            first + "/" + second,
                            "shares_sum",
                            Map.of(
                                    "first",
                                    Integer.toString(first),
                                    "second",
                                    Integer.toString(second),
                                    "sum",
                                    Integer.toString(first + second)));
        }
        Optional<Side> side = foot.side();
        boolean heavier = clause.takeAll(Term.Manner.MORE, Term.Manner.FULL) || clause.said(Term.Act.SIT);
        clause.takeAll(Term.Way.SIDE);
        if (side.isEmpty()) {
            if (first == 50) {
                return Fit.of(new Move.Shift(exact(Side.LEFT, 50)));
            }
            Side same = now.weight().heavier();
            boolean known = now.weight().least(same) > 50;
            return known ? Fit.of(new Move.Shift(exact(same, first))).costs(Costs.LIMB_UNDERSTOOD) : ask();
        }
        return Fit.of(new Move.Shift(exact(side.get(), heavier ? Math.max(first, second) : first)));
    }

    private Fit range(double from, double to, Optional<Side> side) {
        if (side.isPresent() && from + to == 100 && to < from) {
            return Fit.of(new Move.Shift(exact(side.get(), (int) Math.round(from))));
        }
        if (side.isEmpty() || to < from || to > 100 || from < 0) {
            return new Fit().refuse(Numbers.plain(from) + " " + Numbers.plain(to), "shares_or_range", Map.of());
        }
        return Fit.of(new Move.Shift(ranged(side.get(), (int) Math.round(from), (int) Math.round(to))));
    }

    private Split asHouse(Side heavier) {
        boolean onFront = now.front().filter(heavier::equals).isPresent();
        return new Split.AsHouse(onFront ? Split.Loading.FRONT_LOADED : Split.Loading.LIGHT_FOOT, heavier);
    }

    private Fit ask() {
        return new Fit().ask(clause.text(), "on_which_foot", "left", "right");
    }
}
