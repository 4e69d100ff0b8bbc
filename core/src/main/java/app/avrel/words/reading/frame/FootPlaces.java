package app.avrel.words.reading.frame;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Finds where a foot goes. */
final class FootPlaces {

    private final Clause clause;
    private final Situation now;
    private Optional<Heading> hall = Optional.empty();

    FootPlaces(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    Optional<Heading> hall() {
        return hall;
    }

    Optional<StepPlace> find(Side foot) {
        if (clause.take(Term.Rel.OWN_PLACE) || whereItWas()) {
            clause.takeAll(Term.Way.BACK, Term.Who.OWN);
            return Optional.of(new StepPlace.WhereWas(foot));
        }
        if (clause.take(Term.Ref.ITS_SIDE)) {
            clause.takeAll(Term.Way.IN);
            return Optional.of(new StepPlace.Beside(Optional.empty(), Optional.empty()));
        }
        if (clause.take(Term.Rel.BESIDE)) {
            return Optional.of(new StepPlace.Beside(Optional.empty(), Optional.empty()));
        }
        if (clause.take(Term.Rel.LEVEL_WITH)) {
            return Optional.of(new StepPlace.LevelWithHeel(Optional.empty()));
        }
        if (clause.take(Term.Rel.BEFORE)) {
            return Optional.of(new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()));
        }
        if (clause.take(Term.Rel.BEHIND)) {
            return Optional.of(new StepPlace.Along(Direction.BACK, Optional.empty(), Optional.empty()));
        }
        if (!clause.has(FootPlaces::anchors)) {
            keepAhead();
        }
        Optional<Length> wide =
                clause.take(Term.Measure.class, Term.Measure::wide).map(Term.Measure::length);
        Optional<Length> far = clause.take(Term.Measure.class).map(Term.Measure::length);
        Optional<Length> second = clause.take(Term.Measure.class).map(Term.Measure::length);
        Optional<Length> width = wide.or(() -> second);
        boolean crosses = clause.takeAll(Term.Way.ACROSS, Term.Manner.CROSSED)
                | clause.takeAll(Term.Act.CROSS)
                | clause.has(item -> overOther(item, foot));
        if (crosses) {
            return Optional.of(across(foot, far));
        }
        Optional<Item> anchor = clause.takeItem(FootPlaces::anchors);
        if (anchor.isPresent()) {
            return anchored(anchor.get(), foot, far, width);
        }
        if (far.isPresent() && gapTo(foot)) {
            return Optional.of(new StepPlace.Beside(far, Optional.empty()));
        }
        clause.take(Term.Manner.APART);
        if (clause.indexOf(Term.Act.CLOSE) >= 0 || clause.takeAll(Term.Manner.TOGETHER)) {
            return Optional.of(new StepPlace.Beside(width.or(() -> far), Optional.empty()));
        }
        if (clause.indexOf(Term.Part.HEEL) >= 0 && clause.take(Term.Manner.HEIGHT)) {
            return Optional.of(new StepPlace.LevelWithHeel(width.or(() -> far)));
        }
        return directed(foot, far, width);
    }

    /** {@return whether a clause says where a foot goes: a way, a wall, a side, or beside what} */
    static boolean said(Clause clause) {
        return clause.has(item -> item.term() instanceof Term.Way way && way != Term.Way.UP && way != Term.Way.DOWN
                || item.term() instanceof Term.Hall
                || item.rel() == Term.Rel.TO && (item.bareSide() || item.term() instanceof Term.Num)
                || anchors(item));
    }

    /** {@return whether one foot has stepped and the other closes, and nothing else is said: it comes beside that foot} */
    static boolean closesUp(Clause clause, Situation now) {
        Optional<Side> stepped = now.last()
                .filter(move -> move instanceof Move.Step || move instanceof Move.Slide)
                .flatMap(_ -> now.lastFoot());
        boolean other = clause.has(item -> (leg(item) || item.bareSide() && item.rel() == null)
                && item.whose().flatMap(Term.Who::side).map(Side::other).equals(stepped));
        return stepped.isPresent()
                && other
                && clause.has(Term.Act.CLOSE)
                && clause.items().stream()
                        .allMatch(item ->
                                item.is(Term.Act.CLOSE) || leg(item) || item.bareSide() || Leftover.small(item));
    }

    private static boolean leg(Item item) {
        return item.sidedLimb() && (item.is(Term.Part.FOOT) || item.is(Term.Part.LEG));
    }

    /** {@return whether a foot, not its toes, is opened to a side: it steps there} */
    static boolean opened(Clause clause) {
        return (clause.has(Term.Act.OPEN) || clause.has(Term.Act.SPREAD))
                && clause.has(item -> item.is(Term.Part.FOOT) || item.is(Term.Part.LEG))
                && !clause.has(Term.Part.TOES)
                && !clause.has(item -> Ways.amount(item.term()).isPresent())
                && clause.has(item -> item.is(Term.Way.SIDE)
                        || item.rel() == Term.Rel.TO
                                && item.bareSide()
                                && item.who().side().isPresent());
    }

    /** A fist's width from the left one: so far beside it, where no way is said. */
    private boolean gapTo(Side foot) {
        boolean way = clause.has(item -> item.term() instanceof Term.Way || item.term() instanceof Term.Hall);
        return !way
                && clause.takeItem(item -> item.rel() == Term.Rel.FROM
                                && (item.bareSide() || item.is(Term.Part.FOOT) || item.is(Term.Part.LEG))
                                && item.whose().flatMap(now::foot).equals(Optional.of(foot.other())))
                        .isPresent();
    }

    /** Put the right foot where it was. */
    private boolean whereItWas() {
        int where = clause.find(Term.Rel.WHERE);
        boolean own = where >= 0
                && clause.near(where, 1).filter(next -> next.is(Term.Rel.WAS)).isPresent();
        if (own) {
            clause.takeAll(Term.Rel.WHERE, Term.Rel.WAS);
        }
        return own;
    }

    /** The right foot steps over the left: across, in front of it. */
    private boolean overOther(Item item, Side foot) {
        boolean limb = item.bareSide() || item.is(Term.Part.FOOT) || item.is(Term.Part.LEG);
        boolean goes = clause.said(Term.Act.STEP)
                || clause.items().stream().anyMatch(some -> WhichFoot.foot(some) && some.rel() == null);
        return item.rel() == Term.Rel.OVER
                && limb
                && goes
                && item.whose()
                        .flatMap(now::foot)
                        .filter(side -> side == foot.other())
                        .isPresent();
    }

    private static boolean anchors(Item item) {
        boolean placing = item.rel() != null
                && switch (item.rel()) {
                    case BESIDE,
                            LEVEL_WITH,
                            LINE_OF,
                            WHERE,
                            BEFORE,
                            BEHIND,
                            UNDER,
                            AT,
                            OVER,
                            ABOVE,
                            PAST,
                            TO,
                            ON,
                            WITH,
                            OF,
                            FROM -> true;
                    default -> false;
                };
        if (!placing) {
            return false;
        }
        boolean strong = switch (item.rel()) {
            case BESIDE, LEVEL_WITH, LINE_OF, WHERE, BEFORE, BEHIND -> true;
            case TO, UNDER, AT -> item.is(Term.Part.FOOT) && item.who() != null;
            default -> false;
        };
        boolean foot = item.bareSide()
                || item.is(Term.Part.FOOT)
                || item.is(Term.Part.LEG)
                || item.is(Term.Part.HEEL)
                || item.is(Term.Part.INSTEP)
                || item.is(Term.Part.ANKLE)
                || item.is(Term.Part.TOES) && item.rel() != Term.Rel.LEVEL_WITH
                || item.is(Term.Part.KNEE) && item.who() != null;
        return strong && foot;
    }

    private Optional<StepPlace> directed(Side foot, Optional<Length> far, Optional<Length> width) {
        boolean outOnly = clause.has(Term.Way.OUT) || clause.has(Term.Way.SIDE);
        Ways ways = new Ways(clause, now);
        Optional<Direction> direction = ways.of(foot);
        hall = ways.found();
        boolean sideways = direction
                .filter(some -> some.equals(foot == Side.LEFT ? Direction.LEFT : Direction.RIGHT))
                .isPresent();
        if (direction.isEmpty() || sideways && outOnly && far.isEmpty() && width.isPresent()) {
            return width.or(() -> far).map(some -> new StepPlace.LevelWithHeel(Optional.of(some)));
        }
        return Optional.of(new StepPlace.Along(direction.get(), far, width));
    }

    /** To the side, half a foot ahead: a step to a direction has no second length, so that is pointed at. */
    private void keepAhead() {
        boolean sided = clause.has(item -> item.is(Term.Way.SIDE)
                || item.is(Term.Way.OUT)
                || item.term() instanceof Term.Hall
                || item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
        for (int i = 1; sided && i < clause.size(); i++) {
            boolean ahead = clause.open(i)
                    && (clause.item(i).is(Term.Way.FORWARD) || clause.item(i).is(Term.Way.BACK));
            if (ahead && clause.item(i - 1).term() instanceof Term.Measure) {
                clause.keep(i);
                clause.keep(i - 1);
            }
        }
    }

    private StepPlace across(Side foot, Optional<Length> far) {
        int corner = clause.find(item -> item.term() instanceof Term.Hall);
        if (corner >= 0) {
            clause.keep(corner);
        }
        boolean behind = clause.takeAll(Term.Way.BACK, Term.Rel.BEHIND, Term.Way.LEFT_BACK, Term.Way.RIGHT_BACK)
                | clause.takeItem(item -> item.rel() == Term.Rel.BEHIND).isPresent();
        clause.takeAll(
                Term.Way.FORWARD,
                Term.Way.OUT,
                Term.Way.SIDE,
                Term.Way.IN,
                Term.Way.LEFT_FORWARD,
                Term.Way.RIGHT_FORWARD);
        clause.takeItem(item -> item.rel() == Term.Rel.TO && anchors(item));
        clause.takeItem(item -> item.bareSide()
                && item.rel() == Term.Rel.TO
                && item.who().side().equals(Optional.of(foot.other())));
        clause.takeItem(
                item -> item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.OVER || item.rel() == Term.Rel.PAST);
        return new StepPlace.Across(behind ? Crossing.BEHIND : Crossing.IN_FRONT, far);
    }

    private Optional<StepPlace> anchored(Item anchor, Side foot, Optional<Length> far, Optional<Length> width) {
        boolean hall = clause.has(Term.Hall.class);
        if (hall && (anchor.rel() == Term.Rel.BEHIND || anchor.rel() == Term.Rel.BEFORE)) {
            return directed(foot, far, width);
        }
        Side whose = anchor.whose().flatMap(now::foot).orElse(foot.other());
        StepPlace place = switch (anchor.rel()) {
            case LEVEL_WITH -> new StepPlace.LevelWithHeel(width.or(() -> far));
            case LINE_OF -> new StepPlace.OnHeelLine(far.or(() -> width).map(this::aheadOrBehind));
            case WHERE -> anchor.is(Term.Part.TOES) ? new StepPlace.AtToes(whose) : new StepPlace.WhereWas(whose);
            case BEFORE -> new StepPlace.Along(Direction.FORWARD, far, width);
            case BEHIND -> new StepPlace.Along(Direction.BACK, far, width);
            default -> beside(far, width);
        };
        clause.takeAll(Term.Manner.HEIGHT, Term.Manner.TOGETHER);
        boolean back =
                place instanceof StepPlace.Along(Direction direction, var _, var _) && direction.equals(Direction.BACK);
        clause.takeAll(Term.Way.IN, Term.Way.UP, Term.Way.OUT);
        if (!(place instanceof StepPlace.Along) || back) {
            clause.takeAll(Term.Way.BACK);
        }
        clause.takeAll(Term.Way.FORWARD);
        return Optional.of(place);
    }

    /** Beside, half a foot ahead: the length is then how far ahead, not how far apart. */
    private StepPlace beside(Optional<Length> far, Optional<Length> width) {
        boolean ahead = far.isPresent() && (clause.take(Term.Way.FORWARD) || clause.has(Term.Way.BACK));
        if (!ahead) {
            return new StepPlace.Beside(far.or(() -> width), Optional.empty());
        }
        return new StepPlace.Beside(width, far.map(this::aheadOrBehind));
    }

    private Length aheadOrBehind(Length length) {
        return clause.take(Term.Way.BACK) ? length.negated() : length;
    }
}
