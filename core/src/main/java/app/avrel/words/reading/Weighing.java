package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Numbers;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import java.util.List;
import java.util.Optional;

/** Reads how the weight is shared. */
final class Weighing {

    /** What the shares of both feet make where they are said in tenths. */
    private static final double TENTHS = 10;

    private final Clause clause;
    private final ReadingContext hearing;

    Weighing(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    static String plain(double number) {
        return Numbers.plain(number);
    }

    List<Move> read() {
        clause.takeAny(Term.Part.WEIGHT, Term.Part.FOOT, Term.Part.LEG, Term.Part.BODY, Term.Part.SOLE);
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
            return side().map(heavier -> List.<Move>of(new Move.Shift(new Split.AsHouse(loading, heavier))))
                    .orElseGet(this::ask);
        }
        Optional<Double> number = share();
        if (number.isPresent()) {
            return ofNumber(number.get());
        }
        if (clause.takeAny(Term.Manner.EVEN, Term.Manner.EVENLY, Term.Manner.CENTRE_LINE)) {
            clause.takeAny(Term.Way.BACK, Term.Who.BOTH, Term.Manner.ALL, Term.Part.HEEL);
            return List.of(new Move.Shift(new Split.Said(WeightShare.EVEN)));
        }
        boolean sits = clause.take(Term.Act.SIT);
        boolean empties = clause.take(Term.Act.EMPTY);
        boolean all = clause.take(Term.Manner.ALL);
        boolean more = clause.take(Term.Manner.MORE);
        boolean shifts = clause.take(Term.Act.SHIFT);
        boolean house = sits || !(shifts && hasSide());
        Optional<Side> side = side().map(found -> empties ? found.other() : found);
        if (side.isEmpty()) {
            return ask();
        }
        if (all || empties) {
            return List.of(new Move.Shift(Split.on(side.get(), 100)));
        }
        return List.of(new Move.Shift(!more && house ? asHouse(side.get()) : Split.toward(side.get())));
    }

    private Optional<Double> share() {
        return clause.take(Term.Share.class)
                .map(Term.Share::percent)
                .or(() -> clause.take(Term.Num.class).map(Term.Num::value));
    }

    private boolean hasSide() {
        return clause.has(Term.Who.LEFT) || clause.has(Term.Who.RIGHT);
    }

    private List<Move> ofRatio(Term.Ratio ratio) {
        int first = ratio.first();
        int second = ratio.second();
        if (first + second != 100) {
            hearing.refuse(
                    first + "/" + second,
                    "The two shares must make 100, but " + first + " and " + second + " make " + (first + second)
                            + ".");
            return List.of();
        }
        Optional<Side> side = side();
        if (side.isEmpty()) {
            return first == 50 ? List.of(new Move.Shift(new Split.Said(WeightShare.EVEN))) : ask();
        }
        return List.of(new Move.Shift(Split.on(side.get(), first)));
    }

    private List<Move> ofNumber(double number) {
        Optional<Side> side = side();
        Optional<Double> other = share();
        other.ifPresent(_ -> clause.take(Term.Who.class));
        double share = number <= 1 && number != Math.rint(number) ? number * 100 : number;
        if (share > 100 || share < 0) {
            hearing.refuse(
                    plain(number),
                    "A share is 0 to 100 percent, but it says " + plain(number)
                            + ". Say for example \"shift 70 left\".");
            return List.of();
        }
        if (other.isPresent() && share + other.get() == TENTHS && share <= TENTHS && other.get() >= 0) {
            return ofNumberOfTenths(share, side);
        }
        if (other.filter(percent -> percent < 0 || percent > 100).isPresent()) {
            hearing.refuse(
                    plain(other.get()),
                    "A share is 0 to 100 percent, but it says " + plain(other.get())
                            + ". Say for example \"shift 70 left\".");
            return List.of();
        }
        if (other.isPresent() && share + other.get() != 100) {
            return range(share, other.get(), side);
        }
        if (side.isEmpty()) {
            return share == 50 ? List.of(new Move.Shift(new Split.Said(WeightShare.EVEN))) : ask();
        }
        return List.of(new Move.Shift(Split.on(side.get(), (int) Math.round(share))));
    }

    /** Seven on the left, three on the right. */
    private List<Move> ofNumberOfTenths(double tenths, Optional<Side> side) {
        return side.map(on -> List.<Move>of(new Move.Shift(Split.on(on, (int) Math.round(10 * tenths)))))
                .orElseGet(this::ask);
    }

    /** Between fifty and seventy on the left. */
    private List<Move> range(double from, double to, Optional<Side> side) {
        if (side.isEmpty() || to < from || to > 100 || from < 0) {
            hearing.refuse(
                    plain(from) + " " + plain(to),
                    "The two shares must make 100, or be a range with the foot" + " named, such as \"50 to 70 left\".");
            return List.of();
        }
        return List.of(new Move.Shift(
                new Split.Said(WeightShare.on(side.get(), (int) Math.round(from), (int) Math.round(to)))));
    }

    /** The foot that is meant: named, or by front and back. */
    private Optional<Side> side() {
        Optional<Term.Who> who = clause.take(Term.Who.class);
        if (who.isPresent()) {
            clause.takeAny(Term.Way.FORWARD, Term.Way.BACK, Term.Way.SIDE, Term.Way.DOWN);
            return hearing.side(who.get());
        }
        if (clause.takeAny(Term.Way.BACK)) {
            return hearing.front().map(Side::other).or(() -> raisedToes().map(Side::other));
        }
        if (clause.takeAny(Term.Way.FORWARD)) {
            return hearing.front();
        }
        return clause.take(Term.Anchor.class).flatMap(anchor -> hearing.side(anchor.who()));
    }

    private Optional<Side> raisedToes() {
        return hearing.light();
    }

    private Split asHouse(Side heavier) {
        boolean onFront = hearing.front().filter(heavier::equals).isPresent();
        return new Split.AsHouse(onFront ? Split.Loading.FRONT_LOADED : Split.Loading.LIGHT_FOOT, heavier);
    }

    private List<Move> ask() {
        hearing.sideIsOpen();
        String word = clause.tokens().getFirst().text();
        hearing.ask(
                word,
                "On which foot?",
                List.of(new Question.Choice("left", "left "), new Question.Choice("right", "right ")));
        return List.of();
    }
}
