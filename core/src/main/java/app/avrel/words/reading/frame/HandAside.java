package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Where a hand is across the body, or in which direction. */
final class HandAside {

    /** Past the left, over the left: that is the other hand, and no way to go. */
    private static final Set<Term.Rel> OF_A_LIMB =
            EnumSet.of(Term.Rel.PAST, Term.Rel.OVER, Term.Rel.UNDER, Term.Rel.ABOVE, Term.Rel.BELOW, Term.Rel.WHERE);

    /** Acts that say of a hand only that it goes: where it is then, the rest tells. */
    private static final Set<Term> PLAIN = Set.of(Term.Act.MOVE, Term.Act.RAISE, Term.Act.RISE);

    private final Clause clause;
    private final Situation now;
    private boolean sideNamed;
    private Optional<Heading> heading = Optional.empty();

    HandAside(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return whether a side was named, so that the place is one for both hands} */
    boolean sideNamed() {
        return sideNamed;
    }

    /** {@return the direction of the hall that the hand goes to} */
    Optional<Heading> heading() {
        return heading;
    }

    HandPlace read(HandPlace place, Side hand, boolean pushes) {
        boolean rounded = (clause.has(Term.Manner.ROUNDED) || clause.has(Term.Way.ROUND))
                && clause.items().stream().anyMatch(item -> item.is(Term.Part.ARM));
        if (clause.takeAll(Term.Manner.HALVES)) {
            return clause.take(Term.Num.class)
                    .filter(halves -> halves.value() >= -2 && halves.value() <= 3)
                    .map(halves -> place.withSideways(new Sideways.Across(halves.value())))
                    .orElse(place);
        }
        if (clause.takeAll(Term.Manner.CENTRE_LINE)) {
            return place.withSideways(Sideways.CENTRE);
        }
        int flank = clause.find(item -> item.is(Term.Way.SIDE));
        boolean beside = flank > 0
                && clause.open(flank - 1)
                && clause.item(flank - 1).bareSide()
                && (clause.item(flank - 1).rel() == Term.Rel.BESIDE
                        || clause.item(flank - 1).rel() == Term.Rel.AT
                        || clause.item(flank - 1).rel() == Term.Rel.ON);
        if (beside) {
            clause.use(flank);
            clause.use(flank - 1);
            sideNamed = true;
            boolean own = clause.item(flank - 1)
                    .who()
                    .side()
                    .filter(side -> side == hand)
                    .isPresent();
            return place.withSideways(own ? Sideways.OWN_SIDE : Sideways.OTHER_SIDE);
        }
        if (clause.takeAll(Term.Manner.OWN_SIDE)) {
            return place.withSideways(Sideways.OWN_SIDE);
        }
        if (clause.takeAll(Term.Way.ACROSS)) {
            return place.sideways().isPresent() ? place : place.withSideways(Sideways.OTHER_SIDE);
        }
        boolean elbowHangs = clause.near(clause.indexOf(Term.Act.HANG), -1)
                .filter(elbow -> elbow.is(Term.Part.ELBOW))
                .isPresent();
        if (clause.said(Term.Act.HANG) && !elbowHangs && clause.takeAll(Term.Way.SIDE)) {
            return place.withSideways(Sideways.OWN_SIDE);
        }
        boolean alone = clause.has(Term.Manner.APART)
                && !clause.has(item -> item.both() || HandWords.hand(item) && item.many())
                && !now.bothHands();
        Optional<Term.Measure> apart = alone
                ? Optional.empty()
                : clause.takeItem(item -> apart(clause, item)).map(item -> (Term.Measure) item.term());
        if (apart.isPresent()) {
            clause.takeAll(Term.Manner.APART);
            return place.withSideways(new Sideways.Across(
                    Math.clamp(now.shoulderWidths(apart.get().length()), 0, 3)));
        }
        boolean each =
                clause.items().stream().anyMatch(Item::both) && place.height().isPresent();
        if (each && clause.takeAll(Term.Manner.APART)) {
            return place.sideways().isPresent() ? place : place.withSideways(Sideways.OWN_SIDE);
        }
        int out = clause.indexOf(Term.Way.OUT);
        if (out >= 0
                && clause.near(out, 1).filter(next -> next.is(Term.Way.FORWARD)).isPresent()) {
            clause.use(out);
        }
        if (out > 0 && strikesOut(out, place)) {
            clause.use(out);
            return place.withReach(Reach.EXTENDED);
        }
        int own = pushes || place.sideways().isPresent() ? -1 : partOfItsOwn();
        if (own >= 0) {
            clause.use(own);
            return place.withSideways(
                    new Sideways.Toward(clause.item(own).is(Term.Way.FORWARD) ? Direction.FORWARD : Direction.BACK));
        }
        if (directed(pushes, place)) {
            boolean named =
                    clause.has(item -> item.bareSide() && item.who().side().isPresent());
            Ways ways = new Ways(clause, now);
            Optional<Direction> to = ways.of(hand);
            heading = ways.found().or(() -> heading);
            sideNamed |= named && to.isPresent();
            return to.map(way -> place.withSideways(new Sideways.Toward(way))).orElse(place);
        }
        if (pushes && place.sideways().isEmpty()) {
            Optional<Side> toward = pushedTo();
            if (toward.isPresent()) {
                sideNamed = true;
                return place.withSideways(
                        new Sideways.Toward(toward.get() == Side.LEFT ? Direction.LEFT : Direction.RIGHT));
            }
        }
        return rounded && place.sideways().isEmpty() ? place.withSideways(Sideways.CENTRE) : place;
    }

    /** The right fist goes out to chest height; sale al pecho: it goes out ahead, where no side is said. */
    private boolean strikesOut(int out, HandPlace place) {
        boolean came = out > 1 && clause.item(out - 1).rel() == Term.Rel.FROM;
        Item goes = clause.item(came ? out - 2 : out - 1);
        boolean oneWord = goes.from() == clause.item(out).from();
        boolean fist = clause.items().stream().anyMatch(item -> item.is(Term.Part.FIST) && item.rel() == null);
        int height =
                clause.near(out, 1).filter(next -> next.is(Term.Manner.HEIGHT)).isPresent() ? 2 : 1;
        boolean goal = clause.near(out, height)
                .filter(next -> (height == 2 || next.rel() == Term.Rel.TO)
                        && next.part()
                        && Landmarks.of(next.term()).isPresent())
                .isPresent();
        return goes.is(Term.Act.MOVE)
                && (oneWord || fist)
                && goal
                && !now.bothHands()
                && place.height().isPresent()
                && place.sideways().isEmpty()
                && place.reach().isEmpty();
    }

    /** {@return whether a length says how far the hands are apart: by its words, or because the palms face at it} */
    static boolean apart(Clause clause, Item item) {
        return item.term() instanceof Term.Measure measure
                && (measure.wide() || item.rel() == Term.Rel.TO && parting(clause) || parted(clause, item));
    }

    /** Hands apart by two fists: so far from each other, and not so far from where they are. */
    private static boolean parted(Clause clause, Item measure) {
        boolean by = measure.rel() == null || measure.rel() == Term.Rel.BESIDE;
        return by
                && clause.items().stream().anyMatch(item -> item.both() || HandWords.hand(item) && item.many())
                && clause.near(clause.items().indexOf(measure), -1)
                        .filter(before -> before.is(Term.Manner.APART) || before.is(Term.Act.SPREAD))
                        .isPresent();
    }

    /** From each other, or opened so far. */
    private static boolean parting(Clause clause) {
        return clause.said(Term.Manner.EACH_OTHER) || clause.said(Term.Act.SPREAD) || clause.said(Term.Act.OPEN);
    }

    /** A way of the hand itself: pushing forward says how the palm looks, not where the hand is. */
    private boolean directed(boolean pushes, HandPlace place) {
        boolean too = clause.has(Term.Ref.TOO) && now.lastHeading().isPresent() && !place.targets();
        boolean hall = clause.has(Term.Hall.class)
                || clause.has(Term.Ref.THERE)
                || too
                || clause.has(item -> item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
        int circles = clause.indexOf(Term.Act.CIRCLE);
        boolean round =
                circles >= 0 && clause.near(circles, 1).filter(Item::bareSide).isPresent();
        boolean aside = !round
                && clause.has(item -> item.is(Term.Way.SIDE)
                        || item.is(Term.Way.OUT)
                        || item.is(Term.Way.DIAGONAL)
                        || item.is(Term.Way.LEFT_FORWARD)
                        || item.is(Term.Way.RIGHT_FORWARD)
                        || item.is(Term.Way.LEFT_BACK)
                        || item.is(Term.Way.RIGHT_BACK)
                        || item.bareSide()
                                && (item.who().side().isPresent()
                                                && item.rel() != null
                                                && !OF_A_LIMB.contains(item.rel())
                                        || item.who() == Term.Who.REAR)
                        || item.bareSide()
                                && (item.rel() == null || !OF_A_LIMB.contains(item.rel()))
                                && item.who().side().isPresent()
                                && !afterComma(item)
                                && !clause.has(
                                        number -> Ways.amount(number.term()).isPresent()));
        boolean straight = clause.has(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK))
                && (clause.indexOf(Term.Part.PALM) < 0 || place.palm().isPresent() || goesThere())
                && !clause.has(Term.Act.RETURN)
                && !bendsWrist()
                && !pushes
                && !place.places();
        boolean arm = clause.indexOf(Term.Part.ARM) >= 0 || clause.has(Term.Way.SIDE);
        return hall
                || straight
                || !pushes && ahead(place)
                || aside
                        && (!pushes || arm || pushedAside())
                        && (place.sideways().isEmpty() || clause.has(Term.Way.OUT));
    }

    /** At hip height, back, palm up: between two commas there is nothing else that goes that way. */
    private int partOfItsOwn() {
        for (int i = 1; i < clause.size(); i++) {
            Item way = clause.item(i);
            boolean ends = i + 1 == clause.size() || clause.item(i + 1).soft();
            if ((way.is(Term.Way.FORWARD) || way.is(Term.Way.BACK))
                    && clause.open(i)
                    && ends
                    && clause.item(i - 1).soft()) {
                return i;
            }
        }
        return -1;
    }

    /** The palm pushes to the left: it looks there, and goes there. */
    private Optional<Side> pushedTo() {
        int push = clause.find(Term.Act.PUSH);
        if (push < 0) {
            return Optional.empty();
        }
        return Stream.of(clause.near(push, 1), clause.near(push, -1))
                .flatMap(Optional::stream)
                .filter(way -> way.bareSide() && way.rel() == Term.Rel.TO)
                .findFirst()
                .flatMap(way -> way.who().side());
    }

    /** The left hand pushes right. */
    private boolean pushedAside() {
        return clause.has(item ->
                item.bareSide() && item.who().side().isPresent() && (item.rel() == Term.Rel.TO || item.rel() == null));
    }

    /** The right palm goes forward: the hand does, however it looks. */
    private boolean goesThere() {
        int way = clause.find(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK));
        return way > 0 && HandWords.carries(clause, way);
    }

    /** The wrist bends back: the hand goes nowhere by it. */
    private boolean bendsWrist() {
        return clause.said(Term.Part.WRIST) && clause.said(Term.Manner.BENT);
    }

    /** Behind, at hip height; 左手在前与肩平: the hand is there, and does not go that way to the height. */
    private boolean ahead(HandPlace place) {
        int way = clause.find(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK));
        if (way < 1
                || place.height().isEmpty()
                || place.at().isPresent()
                || place.offset().isPresent()) {
            return false;
        }
        Item before = clause.item(way - 1);
        if (arms(way)) {
            return true;
        }
        boolean goes = clause.items().stream()
                .anyMatch(item ->
                        item.rel() == Term.Rel.TO && Landmarks.of(item.term()).isPresent());
        boolean is = PLAIN.contains(before.term()) && !goes;
        boolean acts = clause.items().stream()
                .anyMatch(item -> item.term() instanceof Term.Act && (goes || !PLAIN.contains(item.term())));
        boolean reaches = clause.said(Term.Manner.EXTENDED);
        boolean hand = !reaches && before.rel() == null && !before.is(Term.Part.PALM) && HandWords.hand(before);
        boolean onward = before.rel() == Term.Rel.FROM && !reaches;
        boolean there = !acts && (is || hand || onward || before.bareSide() || before.is(Term.Manner.HEIGHT));
        boolean taken = hand && !goes && way > 1 && clause.item(way - 2).is(Term.Act.TAKE);
        if (taken && place.sideways().isEmpty()) {
            return true;
        }
        if (there && place.sideways().isPresent()) {
            clause.keep(way);
            return false;
        }
        return there;
    }

    /** Raise the arms forward to shoulder height: an arm that is raised so is there, and ahead. */
    private boolean arms(int way) {
        boolean raised = way > 0 && clause.items().subList(0, way).stream().anyMatch(item -> item.is(Term.Act.RAISE));
        boolean arms = clause.items().subList(0, way).stream()
                .anyMatch(
                        item -> item.rel() == null && (item.is(Term.Part.ARM) || HandWords.hand(item) && item.both()));
        return raised && arms;
    }

    private boolean afterComma(Item item) {
        int at = clause.items().indexOf(item);
        return at > 0 && clause.item(at - 1).soft();
    }
}
