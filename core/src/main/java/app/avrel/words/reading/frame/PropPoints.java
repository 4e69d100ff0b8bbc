package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.Pointing;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Which way a prop points, and where it leans. */
final class PropPoints {

    private final Clause clause;
    private final Situation now;

    PropPoints(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /**
     * {@return the way it points}
     *
     * @param sides whether a side that is named is such a way
     */
    Optional<Pointing> read(boolean sides) {
        keepSecondWay();
        boolean aims = sides || clause.said(Term.Act.POINT) || clause.said(Term.Act.FACE);
        return aims && !clause.has(Term.Manner.UPRIGHT) ? sided().or(this::way) : way();
    }

    /** Down to the left: the record holds one way that a prop points, and the side stays marked. */
    private void keepSecondWay() {
        int side = clause.find(item -> item.bareSide() && item.rel() == Term.Rel.TO);
        boolean second = side > 0
                && (clause.item(side - 1).is(Term.Way.DOWN)
                        || clause.item(side - 1).is(Term.Way.UP));
        if (second && clause.said(Term.Act.POINT)) {
            clause.keep(side);
        }
    }

    private Optional<Pointing> sided() {
        return clause.takeItem(item -> item.bareSide()
                        && (item.rel() == Term.Rel.TO || at(clause, item))
                        && item.who().side().isPresent())
                .map(item -> item.who() == Term.Who.LEFT ? Pointing.TO_THE_LEFT : Pointing.TO_THE_RIGHT);
    }

    /** {@return whether a side is a way and no hand: the sword points left; cut left with it} */
    static boolean at(Clause clause, Item item) {
        return item.bareSide()
                && clause.near(clause.items().indexOf(item), -1)
                        .filter(before ->
                                before.is(Term.Act.POINT) || before.is(Term.Act.FACE) || before.is(Term.Act.SWEEP))
                        .isPresent();
    }

    private Optional<Pointing> way() {
        boolean upright = clause.has(Term.Manner.UPRIGHT);
        if (upright) {
            clause.take(Term.Manner.UPRIGHT);
            return Optional.of(Pointing.UP);
        }
        Optional<Item> floor = clause.takeItem(item -> item.is(Term.Part.FLOOR) && item.rel() != null);
        if (floor.isPresent()) {
            clause.takeAll(Term.Way.DOWN);
            return Optional.of(Pointing.DOWN);
        }
        if (clause.said(Term.Part.TIP) && clause.takeAll(Term.Manner.HANGING)) {
            clause.takeAll(Term.Way.DOWN);
            return Optional.of(Pointing.DOWN);
        }
        if (toTheFront()) {
            return Optional.of(Pointing.FORWARD);
        }
        if (drawnHome()) {
            clause.take(Term.Way.BACK);
        }
        boolean pointing = clause.indexOf(Term.Act.POINT) >= 0 || clause.indexOf(Term.Act.FACE) >= 0;
        return clause.takeItem(item -> HandDetails.pointing(item).isPresent()
                        && !item.bareSide()
                        && (pointing || !item.is(Term.Way.IN) && !item.is(Term.Way.OUT)))
                .flatMap(HandDetails::pointing);
    }

    private boolean toTheFront() {
        return clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT && item.rel() == Term.Rel.TO)
                .isPresent();
    }

    /** Draw the sword back to the hip: it comes there, and does not point back. */
    private boolean drawnHome() {
        int back = clause.indexOf(Term.Way.BACK);
        return back > 0
                && (clause.said(Term.Act.DRAW) || clause.said(Term.Act.PULL))
                && clause.near(back, 1)
                        .filter(goal -> goal.rel() == Term.Rel.TO
                                && Landmarks.of(goal.term()).isPresent())
                        .isPresent();
    }

    /** {@return where it leans, as is said after that word: a direction of the hall, or an angle to a side} */
    Optional<Direction> leaning() {
        int at = clause.find(item -> item.is(Term.Act.LEAN));
        if (at < 0) {
            return Optional.empty();
        }
        Clause after = new Clause(clause.items().subList(at + 1, clause.size()));
        Optional<Direction> found = direction(after);
        clause.use(at);
        for (int i = 0; i < after.size(); i++) {
            if (!after.open(i)) {
                clause.use(at + 1 + i);
            }
        }
        return found;
    }

    private Optional<Direction> direction(Clause said) {
        Optional<Direction> hall =
                new Ways(said, now).hall().map(heading -> new Direction.OfPosture(now.ofPosture(heading)));
        if (hall.isPresent()) {
            return hall;
        }
        Ways ways = new Ways(said, now);
        Optional<Side> way = ways.leftOrRight();
        return ways.degrees()
                .map(degrees -> way.isPresent()
                        ? Direction.wrapping(way.get().sign() * degrees)
                        : new Direction.OfBody(Turn.NONE));
    }

    /** {@return the wall or the hour that it is turned to} */
    Optional<Direction> toward() {
        return new Ways(clause, now).hall().map(heading -> new Direction.OfPosture(now.ofPosture(heading)));
    }
}
