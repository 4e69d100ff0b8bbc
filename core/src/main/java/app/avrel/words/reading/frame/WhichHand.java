package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** Finds which hands a clause is about: those named, or the one spoken of last. */
final class WhichHand {

    private final Clause clause;
    private final Situation now;

    WhichHand(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return one hand or both; none where it is not known} */
    List<Side> hands() {
        if (clause.has(Term.Ref.THEM) && now.bothHands() && !clause.has(HandWords::hand)) {
            clause.take(Term.Ref.THEM);
            return List.of(Side.LEFT, Side.RIGHT);
        }
        int shaped = clause.find(HandWords::shaped);
        if (shaped >= 0 && sideOfShape(shaped + 1)) {
            clause.use(shaped + 1);
            return now.hand(clause.item(shaped + 1).who()).stream().toList();
        }
        int at = clause.find(item -> HandWords.hand(item) && item.who() != null && item.rel() == null);
        int led = clause.find(item -> HandWords.hand(item) && item.who() != null && item.rel() == Term.Rel.WITH);
        boolean touches = HandWords.TOUCHING.stream().anyMatch(clause::has) || clause.has(Term.Act.SWEEP);
        if (at >= 0
                && led >= 0
                && touches
                && clause.item(at).who() != clause.item(led).who()) {
            clause.use(led);
            return now.hand(clause.item(led).who()).stream().toList();
        }
        if (at < 0) {
            at = clause.find(item -> HandWords.hand(item) && item.who() != null && item.rel() == Term.Rel.WITH);
        }
        int leading = clause.find(item -> item.bareSide() && item.rel() == null);
        boolean leads = leading >= 0 && (at < 0 || leading < at) && leading == firstContent() && !wayOf(leading, at);
        if (at < 0 && !leads) {
            at = clause.find(
                    item -> HandWords.hand(item) && item.both() && (item.rel() == null || item.rel() == Term.Rel.WITH));
        }
        if (at >= 0 && !leads) {
            return named(at);
        }
        int bare = leads ? leading : clause.find(item -> item.bareSide() && item.rel() == null);
        if (bare >= 0 && clause.has(WhichHand::withTrunk)) {
            return List.of();
        }
        if (bare >= 0) {
            Item item = clause.item(bare);
            clause.use(bare);
            return item.both()
                    ? List.of(Side.LEFT, Side.RIGHT)
                    : now.hand(item.who()).stream().toList();
        }
        int with = clause.find(item -> item.bareSide() && (item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.AT));
        if (with >= 0 && clause.item(with).rel() == Term.Rel.WITH) {
            clause.use(with);
            return clause.item(with).both()
                    ? List.of(Side.LEFT, Side.RIGHT)
                    : now.hand(clause.item(with).who()).stream().toList();
        }
        if (clause.has(Item::prop)) {
            return List.of(now.holder().orElse(Side.RIGHT));
        }
        Optional<Side> against = against();
        if (now.bothHands() && against.isPresent()) {
            return List.of(against.get().other());
        }
        return now.bothHands() && !leavesOther()
                ? List.of(Side.LEFT, Side.RIGHT)
                : now.lastHand().stream().toList();
    }

    /** The left palm passes over the right forearm and comes down to the hip: the other arm stays where it is. */
    private boolean leavesOther() {
        boolean met = now.last()
                .filter(move -> move instanceof Move.PlaceHand hand
                        && hand.to().at().filter(HandAt::ofOtherArm).isPresent())
                .isPresent();
        boolean moves = clause.said(Term.Act.MOVE) && clause.has(Term.Way.class);
        return met && (moves || clause.items().stream().anyMatch(WhichHand::upOrDown));
    }

    private static boolean upOrDown(Item item) {
        return item.is(Term.Act.LOWER)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.RISE)
                || item.is(Term.Act.SINK)
                || item.is(Term.Act.RETURN);
    }

    /** With the waist turning left: it is the waist that turns, and no hand is there. */
    private static boolean withTrunk(Item item) {
        return item.rel() == Term.Rel.WITH && (item.is(Term.Part.WAIST) || item.is(Term.Part.BODY));
    }

    /** Against your left forearm: no left hand is laid there. */
    private Optional<Side> against() {
        int limb = clause.find(item -> HandWords.hand(item)
                && item.rel() != null
                && item.rel() != Term.Rel.WITH
                && item.whose().flatMap(Term.Who::side).isPresent());
        return limb < 0 ? Optional.empty() : clause.item(limb).whose().flatMap(Term.Who::side);
    }

    /** Hook hand left, fingers down: whose hook it is. */
    private boolean sideOfShape(int at) {
        return at < clause.size()
                && !clause.has(item -> item.sidedLimb() && HandWords.hand(item))
                && clause.item(at).bareSide()
                && clause.item(at).rel() == null
                && clause.item(at).who().side().isPresent()
                && clause.item(at - 1).who() == null
                && (at + 1 == clause.size() || clause.item(at + 1).soft());
    }

    /** Push left with the right palm: which way it goes, and then which it is. */
    private boolean wayOf(int side, int hand) {
        return hand == side + 1
                && clause.item(hand).rel() == Term.Rel.WITH
                && side > 0
                && clause.item(side - 1).term() instanceof Term.Act;
    }

    private int firstContent() {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (!item.soft() && !(item.term() instanceof Term.Act)) {
                return i;
            }
        }
        return -1;
    }

    private List<Side> named(int at) {
        Item item = clause.item(at);
        boolean detail = item.is(Term.Part.PALM)
                || item.is(Term.Part.FINGERS)
                || item.is(Term.Part.FINGERTIPS)
                || item.is(Term.Part.ELBOW)
                || item.is(Term.Part.BACK_OF_HAND)
                || item.is(Term.Part.WRIST)
                || item.is(Term.Part.KNUCKLES)
                || item.is(Term.Part.HEEL_OF_PALM)
                || item.is(Term.Part.FIST)
                || HandWords.shaped(item)
                || item.is(Term.Part.THUMB);
        boolean doesIt = item.rel() == Term.Rel.WITH
                && !item.is(Term.Part.ELBOW)
                && item.whose().flatMap(Term.Who::side).isPresent();
        if (!detail || doesIt && !item.is(Term.Part.FIST)) {
            clause.use(at);
        }
        if (item.who() == null && manyOfOneHand(item) && now.topic() == Situation.Topic.HAND && !now.bothHands()) {
            return now.lastHand().stream().toList();
        }
        if (item.both()) {
            return List.of(Side.LEFT, Side.RIGHT);
        }
        return now.hand(item.who()).stream().toList();
    }

    /** Knuckles down: a hand has several of its own, and who says so speaks of the hand spoken of last. */
    private static boolean manyOfOneHand(Item item) {
        return item.is(Term.Part.KNUCKLES) || item.is(Term.Part.FINGERS) || item.is(Term.Part.FINGERTIPS);
    }

    /** What is said of a hand by its side alone, once hands are spoken of. */
    private static final List<Term> AS_BEFORE = List.of(
            Term.Act.FOLLOW,
            Term.Act.LOWER,
            Term.Act.RAISE,
            Term.Act.SINK,
            Term.Act.RISE,
            Term.Rel.ABOVE,
            Term.Rel.BELOW);

    /** Acts and ways that only a hand has, where the hand is only named by its side. */
    boolean handish() {
        boolean onlyWhere = now.topic() == Situation.Topic.HAND
                && clause.items().stream()
                        .allMatch(item -> item.bareSide() && item.rel() == Term.Rel.TO || Leftover.small(item));
        return now.lastHand().isPresent() && (onlyWhere || acts()) || pushes();
    }

    /** Push with the right: no foot does. */
    private boolean pushes() {
        return clause.has(Term.Act.PUSH)
                && !clause.has(Term.Part.WEIGHT)
                && clause.has(item -> item.bareSide() && item.rel() == Term.Rel.WITH);
    }

    private boolean acts() {
        return clause.has(item -> item.is(Term.Act.PUSH)
                || item.is(Term.Act.PRESS)
                || item.is(Term.Way.UP)
                || item.is(Term.Way.DOWN)
                || item.is(Term.Act.FACE)
                || item.is(Term.Act.LOOK) && now.topic() == Situation.Topic.HAND
                || item.is(Term.Way.IN)
                || now.topic() == Situation.Topic.HAND && AS_BEFORE.stream().anyMatch(item::is)
                || item.is(Term.Act.TURN) && clause.has(Term.Way.DOWN));
    }
}
