package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Finds the direction in a clause: a heading of the hall in any vocabulary, or a way of the body. */
final class Ways {

    private static final int HOURS = 12;

    private final Clause clause;
    private final Situation now;
    private Optional<Heading> hall = Optional.empty();

    Ways(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return the heading of the hall that was found last} */
    Optional<Heading> found() {
        return hall;
    }

    /** {@return a heading of the hall that the clause names: by a word for it, an hour, or degrees after "to"} */
    Optional<Heading> hall() {
        hall = clause.take(Term.Hall.class).map(Term.Hall::heading).or(this::numbered);
        boolean counted = clause.has(item -> amount(item.term()).isPresent());
        boolean same = clause.has(Term.Ref.THERE) || clause.has(Term.Ref.TOO) && !counted;
        if (hall.isEmpty() && same && now.lastHeading().isPresent()) {
            clause.takeAll(Term.Ref.THERE, Term.Ref.TOO);
            hall = now.lastHeading();
        }
        return hall;
    }

    /** {@return the heading of the hall that a phrase names by itself: a wall, a corner, an hour of its clock} */
    static Optional<Heading> named(Item item) {
        return switch (item.term()) {
            case Term.Hall(Heading hall) -> Optional.of(hall);
            case Term.Num(double hour)
            when hour >= 1 && hour <= HOURS && hour == Math.rint(hour) ->
                Optional.of(Heading.wrapping(hour * 360 / HOURS));
            default -> Optional.empty();
        };
    }

    private Optional<Heading> numbered() {
        int at = -1;
        for (int i = 0; i < clause.size() && at < 0; i++) {
            boolean faced = i > 0
                    && (clause.item(i - 1).is(Term.Act.FACE)
                            || clause.item(i - 1).is(Term.Act.LOOK)
                            || eyes(i)
                            || hourOfStep(i));
            at = clause.open(i) && amount(clause.item(i).term()).isPresent() && (led(clause.item(i)) || faced) ? i : at;
        }
        if (at < 0 || slants(clause.item(at))) {
            return Optional.empty();
        }
        double value = amount(clause.item(at).term()).orElseThrow();
        boolean sided = clause.near(at, 1)
                .filter(next -> next.bareSide() && next.who().side().isPresent()
                        || next.is(Term.Way.IN)
                        || next.is(Term.Way.OUT))
                .isPresent();
        boolean hour = clause.item(at).term() instanceof Term.Num && value >= 1 && value <= HOURS;
        boolean bends = !hour && clause.has(Term.Way.DIAGONAL);
        if (bends) {
            return Optional.empty();
        }
        boolean half = hour && value != Math.rint(value);
        if (sided && !hour || half || value > 360 || value < 0) {
            return Optional.empty();
        }
        clause.use(at);
        return Optional.of(Heading.wrapping(hour ? value * 30 : value));
    }

    /** Back at 45 degrees, out at 30 degrees: off the way that is said, or off straight ahead, and no place of the hall. */
    private boolean slants(Item item) {
        boolean degrees = switch (item.term()) {
            case Term.Angle(double angle) -> angle < 90;
            case Term.Num(double angle) -> angle > HOURS && angle < 90;
            default -> false;
        };
        return degrees
                && (item.rel() == Term.Rel.AT && !clause.said(Term.Part.TOES)
                        || item.rel() == Term.Rel.TO && outOrIn(item)
                        || clause.has(Term.Way.FORWARD)
                        || clause.has(Term.Way.BACK));
    }

    /** The left toes out to 45: so far out, and to no place of the hall. */
    private boolean outOrIn(Item number) {
        boolean foot = clause.said(Term.Part.FOOT) || clause.said(Term.Part.TOES);
        boolean way = clause.near(clause.items().indexOf(number), -1)
                .filter(before -> before.is(Term.Way.OUT) || before.is(Term.Way.IN))
                .isPresent();
        return foot && (way || clause.said(Term.Act.OPEN) || clause.said(Term.Act.CLOSE));
    }

    /** Eyes 9, eyes: 9. */
    private boolean eyes(int at) {
        int before = at > 1 && clause.item(at - 1).soft() ? at - 2 : at - 1;
        return clause.item(before).is(Term.Part.EYES) && named(clause.item(at)).isPresent() && at + 1 == clause.size();
    }

    /** Left step 11, and no way said: an hour, for nobody steps so few degrees aside. */
    private boolean hourOfStep(int at) {
        return clause.item(at - 1).is(Term.Act.STEP)
                && named(clause.item(at)).isPresent()
                && clause.near(at, 1).filter(Item::bareSide).isEmpty()
                && !clause.has(item -> item.term() instanceof Term.Way);
    }

    private static boolean led(Item item) {
        return item.rel() == Term.Rel.TO || item.rel() == Term.Rel.AT;
    }

    static Optional<Double> amount(Term term) {
        return switch (term) {
            case Term.Num(double value) -> Optional.of(value);
            case Term.Angle(double value) -> Optional.of(value);
            default -> Optional.empty();
        };
    }

    /** {@return a number of degrees} */
    Optional<Double> degrees() {
        return clause.takeItem(item -> amount(item.term()).isPresent()).flatMap(item -> amount(item.term()));
    }

    /** {@return the direction, with ways counted for a foot or hand of this side} */
    Optional<Direction> of(Side side) {
        Optional<Heading> found = hall();
        if (found.isPresent()) {
            clause.takeAll(Term.Way.FORWARD, Term.Way.OUT, Term.Way.SIDE, Term.Way.DIAGONAL, Term.Way.BACK);
            return found.map(heading -> new Direction.OfPosture(now.ofPosture(heading)));
        }
        return ofBody(side).map(Direction::wrapping);
    }

    private Optional<Double> ofBody(Side side) {
        Optional<Item> slant = clause.items().stream().filter(this::slants).findFirst();
        Optional<Double> corner = corner();
        boolean ahead = clause.takeAll(Term.Way.FORWARD)
                || clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT)
                        .isPresent();
        boolean back = clause.takeAll(Term.Way.BACK)
                || clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.REAR)
                        .isPresent();
        boolean out = clause.takeAll(Term.Way.OUT, Term.Way.SIDE);
        boolean slanting = clause.takeAll(Term.Way.DIAGONAL);
        Optional<Side> way = leftOrRight();
        if (corner.isPresent()) {
            Optional<Double> bend = degrees();
            if (bend.isEmpty()) {
                return corner;
            }
            double sign = corner.get() < 0 ? -1 : 1;
            return bend.map(degrees -> Math.abs(corner.get()) > 90 ? sign * (180 - degrees) : sign * degrees);
        }
        boolean bends = way.isPresent() || out || slanting || ahead || back || slant.isPresent();
        Optional<Double> angle = bends
                ? clause.takeItem(item -> item.rel() != Term.Rel.ON && item.rel() != Term.Rel.TO
                                        || slant.filter(item::equals).isPresent()
                                        || way.isPresent()
                                        || out
                                        || slanting
                                ? amount(item.term())
                                        .filter(value -> value == Math.rint(value))
                                        .isPresent()
                                : false)
                        .flatMap(item -> amount(item.term()))
                : Optional.empty();
        double toSide = way.orElse(side).sign();
        if (angle.isPresent()) {
            double bend = toSide * angle.get();
            return Optional.of(back && angle.get() < 90 ? toSide * (180 - angle.get()) : bend);
        }
        if (ahead || back) {
            boolean aside = out || slanting || way.isPresent();
            double straight = ahead ? 0.0 : 180.0;
            return Optional.of(aside ? toSide * (ahead ? 45 : 135) : straight);
        }
        if (slanting) {
            return Optional.of(toSide * 45);
        }
        return way.isPresent() || out ? Optional.of(toSide * 90) : Optional.empty();
    }

    /** One word for both: 左前. */
    private Optional<Double> corner() {
        if (clause.take(Term.Way.LEFT_FORWARD)) {
            return Optional.of(-45.0);
        }
        if (clause.take(Term.Way.RIGHT_FORWARD)) {
            return Optional.of(45.0);
        }
        if (clause.take(Term.Way.LEFT_BACK)) {
            return Optional.of(-135.0);
        }
        return clause.take(Term.Way.RIGHT_BACK) ? Optional.of(135.0) : Optional.empty();
    }

    Optional<Side> leftOrRight() {
        return clause.takeItem(item -> item.bareSide() && item.who().side().isPresent() && item.rel() != Term.Rel.WITH)
                .flatMap(item -> item.who().side());
    }
}
