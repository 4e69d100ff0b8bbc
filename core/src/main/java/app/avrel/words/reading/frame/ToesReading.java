package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Heading;
import app.avrel.posture.move.Toes;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** Finds where the toes shall point. */
final class ToesReading {

    private static final double LAST_HOUR = 12;

    private final Situation now;
    private final Side side;
    private Optional<Heading> hall = Optional.empty();

    ToesReading(Situation now, Side side) {
        this.now = now;
        this.side = side;
    }

    Optional<Heading> hall() {
        return hall;
    }

    /** {@return what is said of the toes after the word itself; the word and what belongs to it are taken} */
    Optional<Toes> afterWord(Clause clause) {
        int at = clause.find(item -> item.is(Term.Part.TOES)
                && item.rel() != Term.Rel.ON
                && item.rel() != Term.Rel.WHERE
                && (item.who() == null
                        || now.foot(item.who()).filter(whose -> whose == side).isPresent()));
        if (at < 0) {
            return Optional.empty();
        }
        int end = end(clause.items(), at + 1);
        List<Item> own = clause.items().subList(at + 1, end);
        Clause after = new Clause(own);
        Optional<Toes> toes = of(after, true);
        if (toes.isEmpty()) {
            return Optional.empty();
        }
        clause.use(at);
        for (int i = 0; i < own.size(); i++) {
            boolean says = own.get(i).term() instanceof Term.Act act
                    && (act == Term.Act.POINT || act == Term.Act.FACE || act == Term.Act.TURN || act == Term.Act.LOOK);
            if (!after.open(i) || says) {
                clause.use(at + 1 + i);
            }
        }
        return toes;
    }

    /** {@return a foot parallel to the other: pointing where that one points; the words for it are taken} */
    Optional<Toes> parallel(Clause clause) {
        if (!clause.takeAll(Term.Manner.PARALLEL)) {
            return Optional.empty();
        }
        clause.takeItem(item -> (item.is(Term.Part.FOOT) || item.bareSide())
                && (item.rel() == Term.Rel.TO || item.rel() == Term.Rel.WITH)
                && item.whose().flatMap(now::foot).filter(side.other()::equals).isPresent());
        Bearing there = now.pose().foot(side.other()).heading().value();
        return Optional.of(new Toes.Toward(new Direction.OfPosture(there)));
    }

    /** What belongs to the toes ends with the next part of the foot, or a length. */
    private static int end(List<Item> items, int from) {
        for (int i = from; i < items.size(); i++) {
            Item item = items.get(i);
            if (WhichFoot.foot(item) || item.term() instanceof Term.Measure || item.rel() == Term.Rel.BESIDE) {
                return i;
            }
        }
        return items.size();
    }

    /**
     * {@return where a foot points that a clause turns}
     *
     * @param pointing whether a way forward or a corner is where they point
     */
    Optional<Toes> of(Clause clause, boolean pointing) {
        Optional<Toes> parallel = parallel(clause);
        if (parallel.isPresent()) {
            return parallel;
        }
        boolean in = clause.has(Term.Way.IN) || clause.indexOf(Term.Act.CLOSE) >= 0;
        boolean way = in || clause.has(Term.Way.OUT) || clause.indexOf(Term.Act.OPEN) >= 0;
        int number = clause.find(item -> amount(item));
        int word = clause.find(item -> item.is(Term.Way.IN) || item.is(Term.Way.OUT));
        if (clause.take(Term.Manner.AS_FAR)) {
            clause.takeAll(Term.Way.IN, Term.Way.OUT);
            return Optional.of(in ? new Toes.InAsFarAsTheyGo() : new Toes.OutAsFarAsTheyGo());
        }
        boolean led = number >= 0 && (clause.item(number).rel() == Term.Rel.TO || hour(clause.item(number)));
        boolean outward = led
                && !way
                && clause.item(number).term() instanceof Term.Angle(double degrees)
                && degrees > 0
                && degrees <= 90
                && now.saying().directions().words() != DirectionWords.DEGREES
                && !clause.has(Item::bareSide);
        if (outward) {
            clause.use(number);
            return turned(Ways.amount(clause.item(number).term()).orElseThrow(), true);
        }
        Optional<Heading> named = way && number >= 0 && !led ? Optional.empty() : heading(clause);
        if (named.isPresent()) {
            clause.takeAll(Term.Way.IN, Term.Way.OUT, Term.Way.ROUND);
            return named.map(heading -> new Toes.Toward(new Direction.OfPosture(now.ofPosture(heading))));
        }
        if (number >= 0 && way) {
            double degrees = Ways.amount(clause.item(number).term()).orElseThrow();
            clause.use(number);
            clause.takeItem(item -> item.bareSide()
                    && item.rel() == Term.Rel.TO
                    && item.who().side().filter(to -> (to == side) != in).isPresent());
            clause.takeAll(Term.Way.IN, Term.Way.OUT, Term.Way.ROUND);
            boolean target = word >= 0
                    && number < word
                    && word == number + 1
                    && (clause.indexOf(Term.Act.TURN) < 0
                            || number > 0 && clause.item(number - 1).is(Term.Part.TOES));
            return turned(in ? -degrees : degrees, target);
        }
        if (way) {
            clause.takeAll(Term.Way.IN, Term.Way.OUT, Term.Manner.SOMEHOW, Term.Way.ROUND);
            return Optional.of(new Toes.TurnedSome(in ? Toes.TurnedSome.Way.IN : Toes.TurnedSome.Way.OUT));
        }
        if (number >= 0) {
            return sideways(clause);
        }
        if (pointing && (clause.takeAll(Term.Way.FORWARD) | clause.takeAll(Term.Manner.STRAIGHT))) {
            return Optional.of(new Toes.Toward(Direction.FORWARD));
        }
        return Optional.empty();
    }

    /** In until it points at eleven: the hour, and no angle. */
    private static boolean hour(Item item) {
        return item.rel() == Term.Rel.AT && item.term() instanceof Term.Num(double number) && number <= LAST_HOUR;
    }

    private static boolean amount(Item item) {
        return Ways.amount(item.term()).isPresent();
    }

    private Optional<Heading> heading(Clause clause) {
        Ways ways = new Ways(clause, now);
        hall = ways.hall().or(() -> front(clause));
        return hall;
    }

    private static Optional<Heading> front(Clause clause) {
        return clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT && item.rel() == Term.Rel.TO)
                .map(_ -> Heading.FRONT);
    }

    private static Optional<Toes> turned(double out, boolean target) {
        if (Math.abs(out) > 180) {
            return Optional.empty();
        }
        return Optional.of(target ? new Toes.AgainstPelvis(out) : new Toes.Turned(out));
    }

    /** Forty-five to the left; with no side nor way, forty-five degrees can be in or out. */
    private Optional<Toes> sideways(Clause clause) {
        Ways ways = new Ways(clause, now);
        int number = clause.find(ToesReading::amount);
        boolean to = clause.item(number).rel() == Term.Rel.TO || clause.said(Term.Act.FACE);
        Optional<Side> way = ways.leftOrRight();
        if (way.isEmpty()) {
            return Optional.empty();
        }
        double degrees = ways.degrees().orElseThrow();
        if (to) {
            return Optional.of(new Toes.Toward(Direction.wrapping(way.get().sign() * degrees)));
        }
        double turn = Math.clamp(degrees, -180, 180);
        return Optional.of(new Toes.Turned(way.get() == side ? turn : -turn));
    }
}
