package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Numbers;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How the weight is shared. */
final class WeightFrame implements Frame {

    private static final double TENTHS = 10;
    private static final int ABOUT = 5;

    /** A share without any word of weight is short: seventy right. */
    private static final int LONGEST_BARE = 6;

    private static final int ALMOST_ALL = 85;

    private static final Set<Term.Act> OWN =
            EnumSet.of(Term.Act.SHIFT, Term.Act.EMPTY, Term.Act.BEAR, Term.Act.FILL, Term.Act.ROOT, Term.Act.SIT);

    private static final Set<Term.Act> FAIR = EnumSet.of(
            Term.Act.MOVE,
            Term.Act.RETURN,
            Term.Act.TURN,
            Term.Act.TAKE,
            Term.Act.STAY,
            Term.Act.LOWER,
            Term.Act.LAND,
            Term.Act.FORM,
            Term.Act.FOLLOW,
            Term.Act.HOLD,
            Term.Act.SLIDE,
            Term.Act.HANG,
            Term.Act.SPREAD,
            Term.Act.PUSH,
            Term.Act.DRAW,
            Term.Act.LEAN,
            Term.Act.PASS,
            Term.Act.STEP,
            Term.Act.LAY,
            Term.Act.RISE);

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> switch (item.term()) {
            case Term.Part part -> part == Term.Part.WEIGHT;
            case Term.Act act -> OWN.contains(act);
            case Term.Ratio _, Term.Share _, Term.Span _ -> true;
            case Term.Num _, Term.Who _ -> true;
            case Term.Manner manner ->
                switch (manner) {
                    case EVEN,
                            EVENLY,
                            MIDDLE,
                            HALFWAY,
                            ALL,
                            ALL_EMPTY,
                            ALL_FULL,
                            NONE,
                            LIGHT,
                            FULL,
                            REST_OF,
                            HOUSE_FRONT,
                            HOUSE_LIGHT -> true;
                    default -> false;
                };
            default -> false;
        });
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private boolean about;
        private boolean weight;
        private boolean own;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        Optional<Fit> read() {
            if (clause.has(Term.Part.TOES) || clause.has(Term.Part.EYES) || clause.has(Term.Part.WAIST)) {
                return Optional.empty();
            }
            weight = clause.takeAll(Term.Part.WEIGHT);
            own = takeActs(OWN);
            boolean number = clause.has(Term.Ratio.class) || clause.has(Term.Share.class);
            boolean state = clause.has(item -> item.term() instanceof Term.Manner manner
                    && (manner == Term.Manner.FULL
                            || manner == Term.Manner.LIGHT
                            || manner == Term.Manner.NONE
                            || manner == Term.Manner.ALL_EMPTY
                            || manner == Term.Manner.ALL_FULL
                            || manner == Term.Manner.EVEN && even()
                            || manner == Term.Manner.REST_OF
                            || manner == Term.Manner.HOUSE_FRONT
                            || manner == Term.Manner.HOUSE_LIGHT));
            boolean all = clause.has(Term.Manner.ALL) && clause.has(item -> limb(item) || item.bareSide());
            boolean middle = clause.has(Term.Manner.MIDDLE) && clause.has(Term.Act.RETURN);
            boolean bareNumber = clause.has(item ->
                            item.term() instanceof Term.Num && item.rel() != Term.Rel.TO && item.rel() != Term.Rel.AT)
                    && clause.size() <= LONGEST_BARE
                    && clause.has(item -> item.bareSide() && item.who().side().isPresent() || leg(item));
            boolean goesOn = now.topic() == Situation.Topic.WEIGHT
                    && clause.has(item -> item.bareSide() && item.who().side().isPresent())
                    && clause.has(item -> item.is(Term.Act.MOVE)
                            || item.is(Term.Act.RETURN)
                            || item.is(Term.Rel.ON)
                            || item.rel() == Term.Rel.ON);
            boolean stays = clause.has(Term.Act.STAY)
                    && clause.has(item -> item.rel() == Term.Rel.ON && (limb(item) || item.bareSide()));
            if (!weight && !own && !number && !state && !all && !middle && !bareNumber && !goesOn && !stays) {
                return Optional.empty();
            }
            boolean turns = clause.has(Term.Act.TURN) || clause.has(Term.Act.TWIST);
            if (!weight && !number && (clause.has(Term.Act.LAND) || turns && !own)) {
                return Optional.empty();
            }
            about = clause.has(Term.Manner.ABOUT);
            double cost = weight || own ? 0 : number || state || all ? Costs.NO_VERB : Costs.NO_VERB + 1;
            takeActs(FAIR);
            if (weight) {
                clause.takeAll(Term.Act.SINK);
            }
            Fit fit = split().costs(cost);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
            return Optional.of(fit);
        }

        /** Even alone is a pace. */
        private boolean even() {
            return weight
                    || own
                    || clause.has(Term.Act.RETURN)
                    || clause.has(Term.Act.MOVE)
                    || clause.has(Reading::limb);
        }

        private boolean takeActs(Set<Term.Act> acts) {
            boolean any = false;
            for (int i = 0; i < clause.size(); i++) {
                if (clause.open(i) && clause.item(i).term() instanceof Term.Act act && acts.contains(act)) {
                    clause.use(i);
                    any = true;
                }
            }
            return any;
        }

        private static boolean leg(Item item) {
            return item.is(Term.Part.LEG);
        }

        private static boolean limb(Item item) {
            return item.is(Term.Part.FOOT) || item.is(Term.Part.LEG) || item.is(Term.Part.SOLE);
        }

        private boolean acted(Term.Act act) {
            return clause.indexOf(act) >= 0;
        }

        private Fit split() {
            Optional<Term.Ratio> ratio = clause.take(Term.Ratio.class);
            if (ratio.isPresent()) {
                return ofRatio(ratio.get());
            }
            Optional<Term.Span> span = clause.take(Term.Span.class);
            if (span.isPresent()) {
                return range(span.get().least(), span.get().most(), side());
            }
            boolean houseFront = clause.take(Term.Manner.HOUSE_FRONT);
            if (houseFront || clause.take(Term.Manner.HOUSE_LIGHT)) {
                Split.Loading loading = houseFront ? Split.Loading.FRONT_LOADED : Split.Loading.LIGHT_FOOT;
                return side().map(heavier -> Fit.of(new Move.Shift(new Split.AsHouse(loading, heavier))))
                        .orElseGet(this::ask);
            }
            List<Integer> numbers = numbers();
            if (!numbers.isEmpty()) {
                return ofNumbers(numbers);
            }
            if (clause.takeAll(
                    Term.Manner.EVEN,
                    Term.Manner.EVENLY,
                    Term.Manner.MIDDLE,
                    Term.Manner.HALFWAY,
                    Term.Manner.CENTRE_LINE)) {
                clause.takeAll(Term.Way.BACK, Term.Who.BOTH, Term.Manner.ALL, Term.Part.FOOT, Term.Part.LEG);
                return Fit.of(new Move.Shift(exact(Side.LEFT, 50)));
            }
            return unnumbered();
        }

        private Fit unnumbered() {
            boolean sits = acted(Term.Act.SIT) && !weight;
            boolean empties = acted(Term.Act.EMPTY) || clause.takeAll(Term.Manner.NONE, Term.Manner.ALL_EMPTY);
            boolean all = clause.takeAll(Term.Manner.ALL, Term.Manner.ALL_FULL);
            boolean fills = acted(Term.Act.FILL) | clause.has(Term.Manner.FULL);
            boolean light = clause.has(Term.Manner.LIGHT);
            boolean more = clause.takeAll(Term.Manner.MORE);
            if (clause.takeAll(Term.Manner.REST_OF)) {
                side();
                return new Fit();
            }
            Optional<Side> full =
                    fills && clause.has(Term.Manner.FULL) ? sideBefore(Term.Manner.FULL) : Optional.empty();
            Optional<Side> empty = light ? sideBefore(Term.Manner.LIGHT) : Optional.empty();
            clause.takeAll(Term.Manner.FULL, Term.Manner.LIGHT);
            if (full.isPresent() && (empty.isPresent() || empties)) {
                moreSides();
                return Fit.of(new Move.Shift(exact(full.get(), 100)));
            }
            Optional<Side> side = full.isPresent() ? full : empty.isPresent() ? empty : side();
            if (side.isPresent() && (light || empties)) {
                moreSides();
                return Fit.of(new Move.Shift(emptied(side.get())));
            }
            if (side.isEmpty()) {
                return ask();
            }
            if (acted(Term.Act.STAY) && !all && now.weight().most(side.get()) >= 50) {
                return new Fit().holds("the weight stays");
            }
            if (all || acted(Term.Act.BEAR) && !weight) {
                return Fit.of(new Move.Shift(about ? ranged(side.get(), ALMOST_ALL, 100) : exact(side.get(), 100)));
            }
            boolean house = !more && sits;
            return Fit.of(new Move.Shift(house ? asHouse(side.get()) : Split.toward(side.get())));
        }

        private Split emptied(Side side) {
            return about ? ranged(side.other(), ALMOST_ALL, 100) : exactly(side.other(), 100);
        }

        private Split exactly(Side side, int percent) {
            return Split.on(side, percent);
        }

        private Split exact(Side side, int percent) {
            return about && percent < 100
                    ? ranged(side, Math.max(0, percent - ABOUT), Math.min(100, percent + ABOUT))
                    : Split.on(side, percent);
        }

        private static Split ranged(Side side, int least, int most) {
            return new Split.Said(WeightShare.on(side, least, most));
        }

        /** The side that stands before a state: left full, right empty. */
        private Optional<Side> sideBefore(Term.Manner state) {
            int at = clause.indexOf(state);
            for (int i = at - 1; i >= 0; i--) {
                Item item = clause.item(i);
                if (clause.open(i) && (limb(item) || item.bareSide()) && item.who() != null) {
                    clause.use(i);
                    return now.foot(item.who());
                }
            }
            return Optional.empty();
        }

        private List<Integer> numbers() {
            List<Integer> found = new ArrayList<>();
            for (int i = 0; i < clause.size(); i++) {
                Optional<Double> value = clause.open(i) ? share(clause.item(i).term()) : Optional.empty();
                if (value.isPresent()) {
                    clause.use(i);
                    found.add(i);
                }
            }
            return found;
        }

        private Optional<Double> share(Term term) {
            return switch (term) {
                case Term.Share(double percent) -> Optional.of(percent);
                case Term.Num(double value) -> Optional.of(value > 0 && value < 1 ? Math.round(value * 100) : value);
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
                    side();
                    return new Fit()
                            .refuse(
                                    Numbers.plain(value(index)),
                                    "A share is 0 to 100 percent, but it says " + Numbers.plain(value(index))
                                            + ". Say for example \"shift 70 left\".");
                }
            }
            if (numbers.size() == 1) {
                Optional<Side> side = side();
                clause.takeAll(Term.Manner.REST_OF, Term.Manner.FULL, Term.Manner.MORE, Term.Manner.ALL);
                moreSides();
                if (side.isEmpty()) {
                    return first == 50 ? Fit.of(new Move.Shift(exact(Side.LEFT, 50))) : ask();
                }
                return Fit.of(new Move.Shift(exact(side.get(), (int) Math.round(first))));
            }
            double second = value(numbers.get(1));
            Optional<Side> side = sideOf(numbers.getFirst(), numbers.get(1));
            boolean tenths = first + second == TENTHS;
            double share = tenths ? first * TENTHS : first;
            if (first + second == 100 || tenths) {
                return side.map(on -> Fit.of(new Move.Shift(exact(on, (int) Math.round(share)))))
                        .orElseGet(this::ask);
            }
            return range(first, second, side);
        }

        /** Of two numbers with their sides, the side of the first: before it, or else after it. */
        private Optional<Side> sideOf(int first, int second) {
            List<Integer> sides = new ArrayList<>();
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                if (clause.open(i) && (item.bareSide() || limb(item)) && item.who() != null) {
                    clause.use(i);
                    sides.add(i);
                }
            }
            boolean before =
                    !sides.isEmpty() && sides.getFirst() < first && (sides.size() == 1 || sides.get(1) < second);
            Optional<Integer> at = sides.stream()
                    .filter(i -> before ? i < first : i > first)
                    .findFirst()
                    .or(() -> sides.stream().findFirst());
            return at.flatMap(i -> now.foot(clause.item(i).who()));
        }

        private Fit ofRatio(Term.Ratio ratio) {
            int first = ratio.first();
            int second = ratio.second();
            if (first + second != 100) {
                side();
                return new Fit()
                        .refuse(
                                first + "/" + second,
                                "The two shares must make 100, but " + first + " and " + second + " make "
                                        + (first + second) + ".");
            }
            Optional<Side> side = side();
            boolean heavier = clause.takeAll(Term.Manner.MORE, Term.Manner.FULL);
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
                return new Fit()
                        .refuse(
                                Numbers.plain(from) + " " + Numbers.plain(to),
                                "The two shares must make 100, or be a range with the foot named, such as \"50 to 70"
                                        + " left\".");
            }
            return Fit.of(new Move.Shift(ranged(side.get(), (int) Math.round(from), (int) Math.round(to))));
        }

        /** The foot that is meant: named, or by front and back. */
        private Optional<Side> side() {
            Optional<Item> who = clause.takeItem(item -> (limb(item) || item.bareSide()) && item.who() != null);
            boolean ways = weight || own || who.filter(Item::bareSide).isPresent();
            if (who.isPresent() && !ways) {
                return now.foot(who.get().who());
            }
            if (who.isPresent()) {
                clause.takeAll(
                        Term.Way.FORWARD, Term.Way.BACK, Term.Way.SIDE, Term.Way.DOWN, Term.Way.ROUND, Term.Way.OUT);
                clause.takeItem(item -> limb(item) && item.who() == null);
                return now.foot(who.get().who());
            }
            if (clause.takeAll(Term.Way.BACK)) {
                return now.front().map(Side::other).or(() -> now.light().map(Side::other));
            }
            if (clause.takeAll(Term.Way.FORWARD)) {
                return now.front();
            }
            boolean follows = acted(Term.Act.FOLLOW) || clause.has(item -> limb(item) && item.who() == null);
            clause.takeItem(item -> limb(item) && item.who() == null);
            clause.take(Term.Rel.ON);
            return follows ? now.lastFoot() : Optional.empty();
        }

        /** The other foot, of which the rest is said. */
        private void moreSides() {
            clause.takeItem(item -> (limb(item) || item.bareSide())
                    && item.who() != null
                    && item.who().side().isPresent());
        }

        private Split asHouse(Side heavier) {
            boolean onFront = now.front().filter(heavier::equals).isPresent();
            return new Split.AsHouse(onFront ? Split.Loading.FRONT_LOADED : Split.Loading.LIGHT_FOOT, heavier);
        }

        private Fit ask() {
            return new Fit()
                    .ask(
                            clause.text(),
                            "On which foot?",
                            List.of(new Question.Choice("left", "left "), new Question.Choice("right", "right ")));
        }
    }
}
