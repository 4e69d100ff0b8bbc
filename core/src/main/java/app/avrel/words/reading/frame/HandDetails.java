package app.avrel.words.reading.frame;

import app.avrel.floor.Heading;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/** Finds which way palms, fingers, elbows and the backs of hands point: the way that stands next to the part. */
final class HandDetails {

    private static final Set<Term.Act> BETWEEN = EnumSet.of(
            Term.Act.FACE,
            Term.Act.LOOK,
            Term.Act.TURN,
            Term.Act.TURN_OVER,
            Term.Act.ROLL,
            Term.Act.POINT,
            Term.Act.OPEN,
            Term.Act.STAY,
            Term.Act.PUSH,
            Term.Act.PRESS,
            Term.Act.HANG);

    private final Clause clause;
    private final boolean targeted;
    private final FacedPalm faced;

    /** @param targeted whether the hand goes to a place, so that up and down may say the way there */
    HandDetails(Clause clause, Situation now, boolean targeted) {
        this.clause = clause;
        this.faced = new FacedPalm(clause, now);
        this.targeted = targeted;
    }

    /** {@return the wall that a palm was said to look at} */
    Optional<Heading> hall() {
        return faced.hall();
    }

    static Optional<Pointing> pointing(Item item) {
        if (item.bareSide()
                && item.who().side().isPresent()
                && (item.rel() == Term.Rel.TO || item.rel() == Term.Rel.ON || item.rel() == null)) {
            return Optional.of(item.who() == Term.Who.LEFT ? Pointing.TO_THE_LEFT : Pointing.TO_THE_RIGHT);
        }
        if (item.bareSide() && item.who() == Term.Who.FRONT && (item.rel() == Term.Rel.TO || item.rel() == null)) {
            return Optional.of(Pointing.FORWARD);
        }
        if (!(item.term() instanceof Term.Way way)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (way) {
                    case UP -> Pointing.UP;
                    case DOWN -> Pointing.DOWN;
                    case FORWARD -> Pointing.FORWARD;
                    case BACK -> Pointing.BACK;
                    case IN, TOGETHER_IN -> Pointing.IN;
                    case OUT, AWAY -> Pointing.OUT;
                    case ACROSS -> Pointing.ACROSS;
                    case SIDE, DIAGONAL, ROUND, LEFT_FORWARD, RIGHT_FORWARD, LEFT_BACK, RIGHT_BACK -> null;
                });
    }

    /** {@return the way that a palm faces} */
    static Pointing way(Palm palm) {
        return switch (palm) {
            case UP -> Pointing.UP;
            case DOWN -> Pointing.DOWN;
            case FORWARD -> Pointing.FORWARD;
            case BACK -> Pointing.BACK;
            case IN, TO_THE_OTHER_HAND, TO_THE_OTHER_FOREARM, TO_THE_OTHER_ELBOW -> Pointing.IN;
            case OUT -> Pointing.OUT;
            case TO_THE_LEFT -> Pointing.TO_THE_LEFT;
            case TO_THE_RIGHT -> Pointing.TO_THE_RIGHT;
        };
    }

    static Optional<Palm> palm(Item item) {
        return pointing(item).map(HandDetails::palm);
    }

    /** {@return the palm that faces the other hand, forearm or elbow} */
    static Supplier<Optional<Palm>> other(Item item) {
        boolean other = item.who() == Term.Who.OTHER;
        return () -> other ? Optional.of(FacedPalm.toOther(item)) : Optional.empty();
    }

    private static Palm palm(Pointing way) {
        return switch (way) {
            case UP -> Palm.UP;
            case DOWN -> Palm.DOWN;
            case FORWARD -> Palm.FORWARD;
            case BACK -> Palm.BACK;
            case IN, ACROSS -> Palm.IN;
            case OUT -> Palm.OUT;
            case TO_THE_LEFT -> Palm.TO_THE_LEFT;
            case TO_THE_RIGHT -> Palm.TO_THE_RIGHT;
        };
    }

    HandPlace read(HandPlace place) {
        HandPlace said = place;
        Optional<Pointing> fingers = toEachOther()
                .or(() -> hangs(Term.Part.FINGERS))
                .or(() -> hangs(Term.Part.FINGERTIPS))
                .or(this::toWall)
                .or(() -> after(Term.Part.FINGERS))
                .or(() -> tips())
                .or(this::hookPoints)
                .or(this::handPoints);
        if (fingers.isPresent()) {
            said = said.withFingers(fingers.get());
        }
        Optional<Pointing> elbow = elbow();
        if (elbow.isPresent()) {
            said = said.withElbow(elbow.get());
        }
        Optional<Palm> palm = faced.read()
                .or(() -> after(Term.Part.BACK_OF_HAND).map(HandDetails::palm).map(FacedPalm::opposite))
                .or(this::backToBack)
                .or(() -> after(Term.Part.KNUCKLES).map(HandDetails::palm).map(FacedPalm::opposite))
                .or(() -> after(Term.Part.HEEL_OF_PALM).map(HandDetails::palm))
                .or(() -> carriedAside() ? Optional.empty() : palmAfter())
                .or(this::turnedOver);
        return palm.isPresent() ? said.withPalm(palm.get()) : said;
    }

    private Optional<Palm> palmAfter() {
        return after(Term.Part.PALM).map(this::pushedAway).map(HandDetails::palm);
    }

    /** The left palm moves to the left, sweeps to the left: the hand goes there, however it looks. */
    private boolean carriedAside() {
        int palm = clause.find(item -> item.is(Term.Part.PALM) && item.rel() == null);
        boolean carried = clause.near(palm, 1)
                .filter(act -> act.is(Term.Act.MOVE) || act.is(Term.Act.SWEEP) || act.is(Term.Act.SLIDE))
                .isPresent();
        return carried
                && clause.near(palm, 2)
                        .filter(side -> side.bareSide() && side.rel() == Term.Rel.TO || side.is(Term.Way.ACROSS))
                        .isPresent();
    }

    /** The backs of the hands come together: each palm looks away from the other. */
    private Optional<Palm> backToBack() {
        boolean meet = clause.said(Term.Manner.TOGETHER)
                || clause.said(Term.Act.CLOSE)
                || clause.said(Term.Act.MEET)
                || clause.said(Term.Act.DRAW);
        return meet
                        && clause.takeItem(item -> item.is(Term.Part.BACK_OF_HAND) && item.both())
                                .isPresent()
                ? Optional.of(Palm.OUT)
                : Optional.empty();
    }

    /** Push the palm away from you: forward, not to the side. */
    private Pointing pushedAway(Pointing way) {
        boolean away = clause.said(Term.Act.PUSH) && clause.said(Term.Way.AWAY);
        return way == Pointing.OUT && away ? Pointing.FORWARD : way;
    }

    /** The hand turns over, palm not named: 右掌翻上, the hand faces down. */
    private Optional<Palm> turnedOver() {
        int acts = clause.find(item -> item.is(Term.Act.FACE)
                || item.is(Term.Act.LOOK)
                || item.is(Term.Act.TURN_OVER)
                || item.is(Term.Act.ROLL));
        if (acts < 0) {
            return Optional.empty();
        }
        for (int i = acts + 1; i < clause.size(); i++) {
            Optional<Pointing> way = clause.open(i) ? pointing(clause.item(i)) : Optional.empty();
            if (way.isPresent()) {
                clause.use(i);
                return way.map(HandDetails::palm);
            }
        }
        return Optional.empty();
    }

    /** The fingers of both hands point at each other. */
    private Optional<Pointing> toEachOther() {
        int each = clause.find(Term.Manner.EACH_OTHER);
        int fingers = clause.find(item -> item.is(Term.Part.FINGERS) || item.is(Term.Part.FINGERTIPS));
        boolean palm = each >= 0
                && fingers >= 0
                && fingers < each
                && clause.items().subList(fingers, each).stream().anyMatch(item -> item.is(Term.Part.PALM));
        if (each < 0 || fingers < 0 || fingers > each || palm) {
            return Optional.empty();
        }
        clause.use(each);
        clause.use(fingers);
        clause.takeAll(Term.Act.POINT, Term.Act.FACE, Term.Act.LOOK);
        return Optional.of(Pointing.IN);
    }

    private Optional<Pointing> hangs(Term.Part part) {
        int at = clause.find(part);
        boolean hangs = at >= 0
                && clause.near(at, 1)
                        .filter(next -> next.is(Term.Manner.HANGING) || next.is(Term.Act.HANG))
                        .isPresent();
        if (!hangs) {
            return Optional.empty();
        }
        clause.use(at);
        clause.takeAll(Term.Manner.HANGING, Term.Act.HANG);
        return Optional.of(Pointing.DOWN);
    }

    /** The fingers point to twelve: no hand goes there, and as the body stands that is forward. */
    private Optional<Pointing> toWall() {
        int fingers = clause.find(
                item -> (item.is(Term.Part.FINGERS) || item.is(Term.Part.FINGERTIPS)) && item.rel() == null);
        if (fingers < 0) {
            return Optional.empty();
        }
        int at = fingers + 1;
        while (at < clause.size()
                && (clause.item(at).is(Term.Act.POINT) || clause.item(at).is(Term.Act.FACE))) {
            at++;
        }
        Optional<Heading> wall = at < clause.size() && clause.open(at) ? Ways.named(clause.item(at)) : Optional.empty();
        if (wall.isPresent()) {
            clause.use(fingers);
            clause.use(at);
        }
        return wall.map(faced::quarter).map(HandDetails::way);
    }

    private Optional<Pointing> tips() {
        int at = clause.find(Term.Part.FINGERTIPS);
        if (at < 0) {
            return Optional.empty();
        }
        boolean points = clause.has(Term.Act.POINT) || clause.has(Term.Act.FACE);
        boolean anew = at > 0 && clause.item(at - 1).soft();
        boolean next = at + 1 < clause.size() && pointing(clause.item(at + 1)).isPresent() && (!targeted || anew);
        Optional<Pointing> pointing =
                points || next ? after(Term.Part.FINGERTIPS).or(this::afterPointing) : Optional.empty();
        if (anew && next && pointing.isPresent()) {
            clause.use(at);
        }
        return pointing;
    }

    /** A hook at the shoulder, pointing down: it is its fingers that do. */
    private Optional<Pointing> hookPoints() {
        boolean hook = clause.items().stream().anyMatch(HandWords::shaped) && !clause.said(Term.Part.PALM);
        return hook ? afterPointing() : Optional.empty();
    }

    /** Right hand at the chest, pointing up: so do its fingers. */
    private Optional<Pointing> handPoints() {
        int verb = clause.find(Term.Act.POINT);
        boolean hand = clause.items().stream().anyMatch(item -> item.is(Term.Part.HAND) && item.rel() == null)
                && clause.items().stream()
                        .noneMatch(item -> item.prop()
                                || item.is(Term.Part.TIP)
                                || item.is(Term.Part.PALM)
                                || item.is(Term.Part.THUMB)
                                || item.is(Term.Part.ELBOW));
        boolean upOrDown = clause.near(verb, 1)
                .filter(way -> way.is(Term.Way.UP) || way.is(Term.Way.DOWN))
                .isPresent();
        return verb >= 0 && hand && (targeted || upOrDown) ? afterPointing() : Optional.empty();
    }

    /** Fingertips at the chest, pointing forward. */
    private Optional<Pointing> afterPointing() {
        int verb = clause.find(Term.Act.POINT);
        boolean way = verb >= 0
                && verb + 1 < clause.size()
                && clause.open(verb + 1)
                && pointing(clause.item(verb + 1)).isPresent();
        if (!way) {
            return Optional.empty();
        }
        clause.use(verb + 1);
        return pointing(clause.item(verb + 1));
    }

    /** The elbow bends until the hand is at the shoulder: it is the hand that goes there, and no elbow sinks. */
    private boolean bends(int elbow) {
        int bent = clause.find(Term.Manner.BENT);
        boolean beside = bent >= 0 && Math.abs(bent - elbow) <= 2;
        if (beside) {
            clause.use(elbow);
            clause.use(bent);
            if (bent > 0
                    && clause.item(bent - 1).is(Term.Act.SINK)
                    && clause.item(bent - 1).from() == clause.item(bent).from()) {
                clause.use(bent - 1);
            }
        }
        return beside;
    }

    /** The elbow sinks until it is over the knee: it is the elbow that goes there. */
    private boolean sinksThere(int elbow) {
        boolean there = elbow + 2 < clause.size()
                && (clause.item(elbow + 1).is(Term.Act.SINK)
                        || clause.item(elbow + 1).is(Term.Act.LOWER))
                && clause.item(elbow + 2).is(Term.Part.KNEE)
                && clause.item(elbow + 2).rel() != null;
        if (there) {
            clause.use(elbow + 1);
        }
        return there;
    }

    private Optional<Pointing> elbow() {
        int at = clause.find(item -> item.is(Term.Part.ELBOW) && (item.rel() == null || item.rel() == Term.Rel.WITH));
        if (at < 0) {
            return Optional.empty();
        }
        if (bends(at) || sinksThere(at)) {
            return Optional.empty();
        }
        if (at > 0 && clause.item(at - 1).is(Term.Act.CLOSE) && clause.open(at - 1)) {
            clause.use(at - 1);
            clause.use(at);
            clause.take(Term.Way.IN);
            return Optional.of(Pointing.IN);
        }
        boolean sinks = at > 0
                && !targeted
                && (clause.item(at - 1).is(Term.Act.LOWER)
                        || clause.item(at - 1).is(Term.Act.HANG)
                        || clause.item(at - 1).is(Term.Act.SINK));
        for (int i = at + 1; i < clause.size() && !HandWords.hand(clause.item(i)); i++) {
            Term term = clause.item(i).term();
            boolean down = term == Term.Act.SINK
                    || term == Term.Act.LOWER
                    || term == Term.Act.HANG
                    || term == Term.Manner.HANGING
                    || term == Term.Manner.FULL
                    || term == Term.Manner.DEEPER
                    || term == Term.Manner.GENTLY;
            if (down && clause.open(i)) {
                clause.use(i);
                sinks = true;
            }
        }
        if (sinks) {
            clause.use(at);
            for (int i = at + 1; i < clause.size() && !HandWords.hand(clause.item(i)); i++) {
                if (clause.item(i).is(Term.Way.DOWN)) {
                    clause.use(i);
                }
            }
            return Optional.of(Pointing.DOWN);
        }
        return after(Term.Part.ELBOW).or(() -> struck(at));
    }

    /** Strike forward with the elbow. */
    private Optional<Pointing> struck(int elbow) {
        int strike = clause.find(Term.Act.PUSH);
        boolean alone = strike >= 0 && clause.size() == 3 && elbow == 2 && strike == 0 && clause.open(1);
        Optional<Pointing> way = alone ? pointing(clause.item(1)) : Optional.empty();
        way.ifPresent(_ -> {
            clause.use(1);
            clause.use(elbow);
        });
        return way;
    }

    /** The way right after the part, past acts of turning; or else right before it. */
    private Optional<Pointing> after(Term.Part part) {
        int first = Math.max(0, saidAgain(part));
        for (int i = first; i < clause.size(); i++) {
            boolean here = clause.item(i).is(part)
                    && clause.item(i).rel() != Term.Rel.TO
                    && clause.item(i).rel() != Term.Rel.ON;
            Optional<Pointing> found = here ? from(i, part) : Optional.empty();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The left palm pushes forward, palm out: where a part is named again to say how it looks; below 0 where it is not. */
    private int saidAgain(Term.Part part) {
        int again = clause.find(item -> item.is(part) && item.rel() == null && item.who() == null);
        boolean named = again > 1
                && clause.item(again - 1).soft()
                && again + 1 < clause.size()
                && pointing(clause.item(again + 1)).isPresent()
                && clause.items().subList(0, again).stream().anyMatch(item -> item.is(part) && item.sidedLimb());
        return named ? again : -1;
    }

    /** Fingers left, the elbow points left; the palm left, where it is known whose palm that is. */
    private boolean looksAside(int at, int side, Term.Part part) {
        Item before = clause.item(side - 1);
        boolean points = before.is(Term.Act.POINT) || before.is(Term.Act.FACE) || before.is(Term.Act.LOOK);
        if (points || side == at + 1 && part != Term.Part.PALM) {
            return true;
        }
        boolean ends = side + 1 == clause.size() || clause.item(side + 1).soft();
        boolean begun = clause.items().subList(0, at).stream()
                .anyMatch(item -> HandWords.hand(item)
                        && item.rel() == null
                        && item.whose().flatMap(Term.Who::side).isPresent());
        return side == at + 1 && ends && begun;
    }

    /** The right palm goes forward, comes in, goes out: it is the hand that does, and how the palm looks nobody says. */
    private boolean goesThere(int way) {
        return HandWords.carries(clause, way) && clause.item(way).term() instanceof Term.Way;
    }

    private Optional<Pointing> from(int at, Term.Part part) {
        boolean goes = false;
        for (int i = at + 1; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean own = !item.bareSide() || item.rel() == Term.Rel.TO || looksAside(at, i, part);
            if (clause.open(i) && item.is(Term.Way.SIDE) && part == Term.Part.FINGERS) {
                clause.use(i);
                return Optional.of(Pointing.OUT);
            }
            if (clause.open(i) && own && pointing(item).isPresent()) {
                boolean motion = goes && targeted && (item.is(Term.Way.UP) || item.is(Term.Way.DOWN));
                if (motion || part == Term.Part.PALM && goesThere(i)) {
                    return Optional.empty();
                }
                clause.use(i);
                if (i > 0 && clause.item(i - 1).is(Term.Way.DIAGONAL)) {
                    clause.use(i - 1);
                }
                boolean toTheSides = part == Term.Part.ELBOW
                        && i + 1 < clause.size()
                        && clause.open(i + 1)
                        && clause.item(i + 1).is(Term.Way.SIDE);
                if (toTheSides) {
                    clause.use(i + 1);
                }
                return pointing(item);
            }
            boolean moves = item.term() instanceof Term.Act act && !BETWEEN.contains(act);
            goes |= moves;
            boolean between = item.term() instanceof Term.Act
                    || item.is(Term.Manner.TURNED)
                    || item.is(Term.Way.DIAGONAL)
                    || item.term() instanceof Term.Manner manner
                            && (manner == Term.Manner.LITTLE
                                    || manner == Term.Manner.ALL
                                    || manner == Term.Manner.ABOUT
                                    || manner == Term.Manner.AT_MOST
                                    || manner == Term.Manner.GENTLY)
                    || item.term() instanceof Term.Rel
                    || item.is(Term.Part.HAND) && item.rel() == Term.Rel.OF;
            if (!between) {
                break;
            }
        }
        boolean before = part == Term.Part.PALM
                && at > 0
                && clause.open(at - 1)
                && clause.item(at - 1).term() instanceof Term.Way;
        boolean turning =
                before && at - 2 >= 0 && clause.item(at - 2).term() instanceof Term.Act act && BETWEEN.contains(act);
        if (before && (turning || !targeted)) {
            clause.use(at - 1);
            return pointing(clause.item(at - 1));
        }
        return Optional.empty();
    }
}
