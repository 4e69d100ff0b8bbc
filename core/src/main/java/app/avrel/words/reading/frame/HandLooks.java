package app.avrel.words.reading.frame;

import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Reach;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a hand is shaped, which point of it is measured, how far it reaches, and the way it takes. */
final class HandLooks {

    /** What stands on the line of one's own middle: a thumb that points at it points in. */
    private static final List<Term> TRUNK = List.of(
            Term.Part.BODY,
            Term.Part.CHEST,
            Term.Part.SOLAR_PLEXUS,
            Term.Part.NAVEL,
            Term.Part.WAIST,
            Term.Part.CHIN,
            Term.Part.NOSE);

    private final Clause clause;

    HandLooks(Clause clause) {
        this.clause = clause;
    }

    /** The right fist opens into a palm: it is the fist that does, and no other hand is there. */
    private static boolean unfolds(Item fist, HandShape shape) {
        return shape == HandShape.OPEN && fist.sidedLimb();
    }

    Optional<HandShape> shape() {
        Optional<HandShape> named = clause.takeItem(HandWords::shaped).map(item -> ((Term.Shaped) item.term()).shape());
        if (named.isPresent()) {
            Optional<HandShape> becomes =
                    clause.takeItem(HandWords::shaped).map(item -> ((Term.Shaped) item.term()).shape());
            clause.takeItem(item -> item.is(Term.Part.FIST) && (item.who() == null || unfolds(item, named.get())));
            return becomes.isPresent() ? becomes : named;
        }
        clause.takeItem(item -> item.is(Term.Part.FIST) && item.rel() == Term.Rel.FROM && item.who() == null);
        boolean deep = clause.has(Term.Act.SINK) || clause.has(Term.Act.RISE);
        if (clause.takeItem(item -> item.is(Term.Part.FIST)
                        && !(deep && item.who() == null)
                        && !HandLimbs.followed(item)
                        && !ofOther(clause, item))
                .isPresent()) {
            clause.takeAll(Term.Part.FIST);
            return Optional.of(opensUp() ? HandShape.OPEN : HandShape.FIST);
        }
        boolean opens = clause.has(Term.Act.OPEN)
                && !clause.has(Item::prop)
                && clause.items().stream().anyMatch(item -> item.is(Term.Part.HAND) || onlyPalms(item))
                && !clause.has(Term.Way.OUT);
        if (closesOne() && clause.take(Term.Act.CLOSE)) {
            return Optional.of(HandShape.FIST);
        }
        boolean flat = clause.has(Term.Part.PALM) && clause.takeAll(Term.Manner.FLAT);
        boolean alone = opens && clause.items().size() <= 4
                || opens && clause.has(item -> item.is(Term.Part.HAND) && item.who() != null);
        return flat || alone || opens && !clause.items().stream().anyMatch(Item::both)
                ? Optional.of(HandShape.OPEN)
                : Optional.empty();
    }

    /** Close the right hand: one that closes makes a fist, and two may come together. */
    private boolean closesOne() {
        return clause.said(Term.Act.CLOSE)
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Part.HAND) && item.sidedLimb()
                                || item.is(Term.Act.CLOSE)
                                || Leftover.small(item));
    }

    /** The left fist opens: from then on it is an open hand. */
    private boolean opensUp() {
        return clause.said(Term.Act.OPEN) && !clause.said(Term.Way.OUT) && !clause.said(Term.Way.SIDE);
    }

    /** Open the palms, and nowhere to: it is the hands that open. */
    private boolean onlyPalms(Item item) {
        return item.is(Term.Part.PALM)
                && clause.items().stream()
                        .allMatch(other -> other == item || other.is(Term.Act.OPEN) || Leftover.small(other));
    }

    /** The left hand holds the right fist: the hand that holds it is none. */
    static boolean ofOther(Clause clause, Item fist) {
        int at = clause.items().indexOf(fist);
        return fist.whose().flatMap(Term.Who::side).isPresent()
                && clause.items().subList(0, at).stream()
                        .anyMatch(item -> (item.is(Term.Part.HAND) || item.is(Term.Part.PALM))
                                && item.rel() == null
                                && item.whose().flatMap(Term.Who::side).isPresent()
                                && item.who() != fist.who());
    }

    Optional<HandPoint> measured() {
        int at = clause.find(item -> item.is(Term.Manner.MEASURED));
        if (elbowTo()) {
            return Optional.of(HandPoint.ELBOW);
        }
        if (at < 0) {
            return Optional.empty();
        }
        clause.use(at);
        for (int i = at + 1; i < clause.size(); i++) {
            HandPoint point = pointOf(clause.item(i).term());
            if (point != null && clause.open(i)) {
                clause.use(i);
                return Optional.of(point);
            }
        }
        return Optional.empty();
    }

    /** Bring the elbow down to the ribs: it is the elbow that goes there. */
    private boolean elbowTo() {
        int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
        boolean only = elbow >= 0
                && elbow + 2 < clause.size()
                && clause.items().stream().filter(HandWords::hand).count() == 1;
        if (!only
                || !(clause.item(elbow + 1).is(Term.Way.DOWN)
                        || clause.item(elbow + 1).is(Term.Way.UP))) {
            return false;
        }
        Item goal = clause.item(elbow + 2);
        boolean goes = goal.rel() == Term.Rel.TO && Landmarks.of(goal.term()).isPresent();
        if (goes) {
            clause.use(elbow);
            clause.use(elbow + 1);
        }
        return goes;
    }

    private static @Nullable HandPoint pointOf(Term term) {
        if (term == Term.Part.PALM || term == Term.Part.HAND) {
            return HandPoint.PALM;
        }
        if (term == Term.Part.FINGERTIPS || term == Term.Part.FINGERS) {
            return HandPoint.FINGERTIPS;
        }
        return term == Term.Part.WRIST ? HandPoint.WRIST : term == Term.Part.ELBOW ? HandPoint.ELBOW : null;
    }

    HandPlace point(HandPlace place, Optional<HandPoint> measured) {
        if (measured.isPresent()) {
            return place.withPoint(measured.get());
        }
        boolean high = place.height().isPresent();
        if (clause.takeItem(item -> item.is(Term.Part.FINGERTIPS)).isPresent()) {
            return high || place.fingers().isEmpty() ? place.withPoint(HandPoint.FINGERTIPS) : place;
        }
        int wrist =
                clause.find(item -> item.is(Term.Part.WRIST) && (item.rel() == null || item.rel() == Term.Rel.WITH));
        if (wrist >= 0
                && clause.near(wrist, 1)
                        .filter(how -> how.is(Term.Manner.GENTLY) || how.is(Term.Manner.HANGING))
                        .isPresent()) {
            clause.use(wrist);
            return place;
        }
        if (wrist >= 0) {
            clause.use(wrist);
            boolean first = clause.take(Term.Manner.FIRST)
                    || clause.item(wrist).rel() == Term.Rel.WITH && clause.indexOf(Term.Act.MOVE) >= 0;
            HandPlace pointed = place.withPoint(HandPoint.WRIST);
            return first && place.palm().isEmpty() ? pointed.withPalm(Palm.DOWN) : pointed;
        }
        int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
        if (elbow >= 0
                && (high || place.at().isPresent())
                && place.elbow().isEmpty()
                && !clause.said(Term.Manner.BENT)) {
            clause.use(elbow);
            return place.withPoint(HandPoint.ELBOW);
        }
        return place;
    }

    /** What pushing, pressing and lifting say of the palm. */
    HandPlace acts(HandPlace place, boolean pushes, boolean palmNamed) {
        HandPlace said = place;
        boolean fist = clause.indexOf(Term.Part.FIST) >= 0;
        if (pushes
                && said.palm().isEmpty()
                && !fist
                && (clause.takeAll(Term.Way.FORWARD)
                        || clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT)
                                .isPresent())) {
            said = pushesWith(said);
        }
        if (clause.has(Term.Act.PRESS) && said.palm().isEmpty() && !clause.has(Term.Way.FORWARD)) {
            said = said.withPalm(Palm.DOWN);
        }
        if (clause.has(Term.Act.RAISE_PALM) && said.palm().isEmpty()) {
            said = said.withPalm(Palm.UP);
        }
        boolean forward = said.palm().filter(Palm.FORWARD::equals).isPresent();
        return pushes && palmNamed && forward && said.fingers().isEmpty() ? said.withFingers(Pointing.UP) : said;
    }

    /** What is pushed forward: a palm faces there, fingertips point there; a forearm or an elbow says nothing of the palm. */
    private HandPlace pushesWith(HandPlace place) {
        boolean fingers = clause.items().stream().anyMatch(this::leads);
        boolean arm = clause.said(Term.Part.FOREARM) || clause.said(Term.Part.ELBOW);
        return fingers
                ? place.fingers().isPresent() ? place : place.withFingers(Pointing.FORWARD)
                : arm ? place : place.withPalm(Palm.FORWARD);
    }

    /** Fingers that go there themselves, or first. */
    private boolean leads(Item item) {
        boolean subject = item.who() != null && (item.rel() == null || item.rel() == Term.Rel.WITH);
        boolean first = clause.near(clause.items().indexOf(item), 1)
                .filter(next -> next.is(Term.Manner.FIRST))
                .isPresent();
        return (item.is(Term.Part.FINGERTIPS) || item.is(Term.Part.FINGERS)) && (subject || first);
    }

    /** Eighteen percent; 百分之十八. */
    private Optional<Double> share() {
        return clause.take(Term.Share.class)
                .map(Term.Share::percent)
                .or(() -> clause.takeItem(item -> item.rel() == Term.Rel.PERCENT && item.term() instanceof Term.Num)
                        .map(item -> ((Term.Num) item.term()).value()));
    }

    HandPlace reach(HandPlace place, boolean pushes) {
        boolean limb = clause.indexOf(Term.Part.ARM) >= 0 || clause.indexOf(Term.Part.HAND) >= 0;
        boolean moves = clause.items().stream()
                .anyMatch(item -> item.term() instanceof Term.Act act && act != Term.Act.HOLD && act != Term.Act.FACE);
        boolean round = limb && !moves && clause.takeAll(Term.Way.ROUND);
        if (clause.takeAll(Term.Manner.ROUNDED) || round) {
            return place.withReach(Reach.ROUNDED);
        }
        Optional<Double> share = clause.has(Term.Manner.EXTENDED) ? share() : Optional.empty();
        if (share.filter(percent -> percent >= 0 && percent <= 100).isPresent()) {
            clause.takeAll(Term.Manner.EXTENDED);
            return place.withReach(new Reach((int) Math.round(share.get())));
        }
        boolean close = clause.has(Term.Act.CLOSE)
                && clause.items().stream().noneMatch(item -> item.is(Term.Part.FIST) || HandWords.shaped(item));
        if (clause.takeAll(Term.Manner.NEAR) || close && clause.takeAll(Term.Act.CLOSE)) {
            return place.withReach(Reach.CLOSE);
        }
        return clause.takeAll(Term.Manner.EXTENDED) || pushes ? place.withReach(Reach.EXTENDED) : place;
    }

    Optional<HandPath> path() {
        if (RelationFrame.passesOther(clause)) {
            clause.takeAll(Term.Act.PASS, Term.Act.SLIDE);
            return clause.takeItem(item -> (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.OVER)
                            && (item.bareSide() || HandWords.hand(item)))
                    .map(item -> item.rel() == Term.Rel.UNDER ? HandPath.UNDER : HandPath.OVER);
        }
        if (clause.takeAll(Term.Manner.SPIRAL)) {
            return Optional.of(HandPath.SPIRAL);
        }
        if (clause.takeAll(Term.Manner.INWARD_ARC)) {
            return Optional.of(HandPath.INWARD_ARC);
        }
        int circle = clause.indexOf(Term.Act.CIRCLE);
        int in = clause.indexOf(Term.Way.IN);
        boolean looksIn = circle >= 0 && in > circle && clause.has(Term.Part.PALM) && clause.parted(circle, in);
        if (circle >= 0 && !looksIn && clause.takeAll(Term.Way.IN)) {
            clause.takeAll(Term.Act.CIRCLE);
            return Optional.of(HandPath.INWARD_ARC);
        }
        outward(Math.max(clause.indexOf(Term.Act.CIRCLE), clause.indexOf(Term.Manner.ARC)));
        if (clause.takeAll(Term.Manner.OUTWARD_ARC, Term.Manner.ARC, Term.Act.CIRCLE)) {
            return Optional.of(HandPath.OUTWARD_ARC);
        }
        if (clause.takeAll(Term.Manner.GOING_OVER)) {
            return Optional.of(HandPath.OVER);
        }
        if (clause.takeAll(Term.Manner.GOING_UNDER)) {
            return Optional.of(HandPath.UNDER);
        }
        boolean still = clause.items().stream().anyMatch(item -> item.is(Term.Part.WRIST) && item.both())
                && !clause.has(item -> item.term() instanceof Term.Act);
        return !still && clause.takeAll(Term.Manner.STRAIGHT) ? Optional.of(HandPath.DIRECT) : Optional.empty();
    }

    /** Out, beside the word for the arc: the arc goes out, and the hand ends where else it is said. */
    private void outward(int arc) {
        for (int at : new int[] {arc - 1, arc + 1}) {
            if (arc >= 0 && at >= 0 && at < clause.size() && clause.item(at).is(Term.Way.OUT)) {
                clause.use(at);
            }
        }
    }

    private static Optional<Pointing> thumbWay(Item item) {
        return item.is(Term.Way.SIDE) ? Optional.of(Pointing.OUT) : HandDetails.pointing(item);
    }

    /** Where a thumb points, as is said right after it. */
    HandPlace thumb(HandPlace place) {
        int at = clause.find(item -> item.is(Term.Part.THUMB) && item.rel() != Term.Rel.TO);
        if (at < 0) {
            return place;
        }
        clause.use(at);
        int next = at + 1;
        while (next < clause.size()
                && (clause.item(next).is(Term.Act.POINT)
                        || clause.item(next).is(Term.Act.FACE)
                        || clause.item(next).is(Term.Act.STAY)
                        || clause.item(next).is(Term.Rel.AT)
                        || clause.item(next).is(Term.Act.TURN))) {
            next++;
        }
        if (next < clause.size() && clause.item(next).is(Term.Manner.EACH_OTHER)) {
            clause.use(next);
            clause.takeAll(Term.Act.POINT, Term.Act.FACE);
            return place.withThumb(Pointing.IN);
        }
        Optional<Pointing> way =
                next < clause.size() && clause.open(next) ? thumbWay(clause.item(next)) : Optional.empty();
        boolean toTheBody = next < clause.size()
                && clause.open(next)
                && (clause.item(next).rel() == null && next > at + 1
                        || clause.item(next).rel() == Term.Rel.TO
                        || clause.item(next).rel() == Term.Rel.AT)
                && TRUNK.stream().anyMatch(clause.item(next)::is)
                && (next > at + 1 || clause.item(next).is(Term.Part.BODY));
        if (toTheBody) {
            way = Optional.of(Pointing.IN);
        }
        if (way.isEmpty()) {
            return place;
        }
        for (int i = at; i <= next; i++) {
            clause.use(i);
        }
        return place.withThumb(way.get());
    }
}
