package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Sideways;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import java.util.function.Predicate;

/** Where a hand goes: a height of the body, a limb it is placed against, a distance from there. */
final class HandTargets {

    /** Beyond the own shoulder, in shoulder halves. */
    private static final double BEYOND = 1.5;

    private final Clause clause;
    private final Situation now;
    private boolean sideNamed;
    private boolean offsetHeld;
    private boolean returns;

    HandTargets(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return whether a side was named, so that the place is one for both hands} */
    boolean sideNamed() {
        return sideNamed;
    }

    /** {@return whether a distance from the place was said} */
    boolean offsetHeld() {
        return offsetHeld;
    }

    /** {@return whether the hand goes back where it was} */
    boolean returns() {
        return returns;
    }

    /** {@return a place with what the clause says of where the hand goes laid over it} */
    HandPlace read(HandPlace place, Side hand) {
        return new HandOffsets(clause).read(heights(against(place, hand), hand));
    }

    private HandPlace against(HandPlace place, Side hand) {
        boolean bent = clause.said(Term.Part.ELBOW) && clause.said(Term.Manner.BENT);
        boolean stays = clause.has(Term.Act.STAY) && !bent;
        if (bent) {
            clause.takeAll(Term.Act.STAY);
        }
        boolean target = clause.has(item -> Landmarks.of(item.term()).isPresent());
        int back = clause.find(item -> item.is(Term.Rel.OWN_PLACE) || item.is(Term.Rel.WAS));
        if (!stays && back >= 0) {
            clause.keep(back);
            returns = true;
        }
        if (stays && clause.take(Term.Rel.OWN_PLACE)) {
            clause.takeAll(Term.Act.STAY);
            return place.withAt(HandAt.STAYS);
        }
        if (stays
                && !target
                && place.equals(HandPlace.UNSAID)
                && place.at().isEmpty()
                && !clause.has(item -> HandLimbs.target(item))) {
            clause.takeAll(Term.Act.STAY, Term.Rel.WHERE, Term.Rel.WAS, Term.Rel.OWN_PLACE);
            return place.withAt(HandAt.STAYS);
        }
        boolean sweeps = clause.has(Term.Act.SWEEP);
        Predicate<Item> limbs = some -> !HandLimbs.flank(clause, some)
                && !(some.rel() == Term.Rel.LEVEL_WITH && some.who() == null && height(some))
                && (HandLimbs.target(some)
                        || touched(some, hand)
                        || sweeps && some.is(Term.Part.KNEE) && some.who() != null && some.rel() != Term.Rel.FROM);
        Optional<Item> item = ends(limbs).or(() -> clause.takeItem(limbs));
        if (item.isEmpty()) {
            return place;
        }
        Item limb = item.get();
        boolean brushes = sweeps && limb.is(Term.Part.KNEE);
        boolean goesOn =
                brushes ? clause.has(other -> Landmarks.of(other.term()).isPresent()) : target;
        int on = clause.items().indexOf(limb);
        boolean by = limb.rel() == Term.Rel.PAST
                || on > 0 && alongsideOf(clause.item(on - 1), limb)
                || limb.rel() == Term.Rel.BESIDE && returnsPast(on);
        boolean swept = sweeps
                && limb.is(Term.Part.KNEE)
                && limb.who() != null
                && clause.has(other -> height(other) && other.rel() == Term.Rel.TO && other != limb);
        boolean passes = swept || by && (goesOn || goesOnAfter(on)) || target && under(on);
        boolean ownElbow = limb.is(Term.Part.WRIST)
                && limb.who() == null
                && clause.indexOf(Term.Part.ELBOW) >= 0
                && (limb.rel() == Term.Rel.BELOW || limb.rel() == Term.Rel.UNDER);
        if (passes || ownElbow) {
            return place;
        }
        boolean pointedAt = (limb.rel() == Term.Rel.TO || limb.rel() == Term.Rel.AT)
                && clause.said(Term.Act.POINT)
                && on > clause.indexOf(Term.Act.POINT)
                && clause.said(Term.Part.FINGERS);
        boolean height = on > 0 && clause.item(on - 1).is(Term.Manner.HEIGHT);
        if (pointedAt || height || limb.rel() == Term.Rel.LEVEL_WITH || limb.rel() == Term.Rel.LINE_OF) {
            clause.keep(clause.items().indexOf(limb));
            return place;
        }
        Optional<Side> whose =
                limb.whose().flatMap(who -> who == Term.Who.OTHER ? Optional.of(hand.other()) : now.hand(who));
        sideNamed |= limb.who() != null && limb.who().side().isPresent();
        boolean own = (limb.who() == null || limb.who() == Term.Who.OWN) && !HandWords.hand(limb)
                || whose.filter(side -> side == hand).isPresent();
        HandPlace at = place.withAt(HandLimbs.at(limb, own));
        Optional<HandOffset.Way> way = HandLimbs.way(limb.rel(), limb);
        Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
        offsetHeld |= gap.isPresent();
        return way.isPresent()
                ? at.withOffset(new HandOffset(way.get(), gap))
                : gap.isPresent() ? at.withOffset(new HandOffset(HandOffset.Way.AWAY, gap)) : at;
    }

    /** Through under the forearm, and up to the brow: what is passed under is no place for the hand. */
    private boolean under(int limb) {
        Item item = clause.item(limb);
        return (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW)
                && clause.near(limb, 1)
                        .filter(next -> next.is(Term.Act.MOVE) || next.is(Term.Act.PASS))
                        .isPresent();
    }

    /** Along the forearm to the wrist: of two limbs the one that is gone to, not the one that is only passed. */
    private Optional<Item> ends(Predicate<Item> limbs) {
        int passed = clause.find(limbs.and(item -> item.rel() == Term.Rel.PAST));
        Optional<Item> end = passed < 0
                ? Optional.empty()
                : clause.takeItem(limbs.and(item -> item.rel() != null && item.rel() != Term.Rel.PAST));
        end.ifPresent(_ -> clause.use(passed));
        return end;
    }

    /** The hand rises with the knee: that is no place for it. */
    private static boolean withKnee(Item item) {
        return item.is(Term.Part.KNEE) && item.rel() == Term.Rel.WITH;
    }

    /** The fingers of the right hand touch the left wrist, or hold it: that is where they go. */
    private boolean touched(Item limb, Side hand) {
        boolean part = limb.is(Term.Part.WRIST)
                || limb.is(Term.Part.ELBOW)
                || limb.is(Term.Part.FOREARM)
                || limb.is(Term.Part.FIST);
        return part
                && limb.rel() == null
                && (HandWords.TOUCHING.stream().anyMatch(clause::has) || clause.has(Term.Act.PRESS) || cupped(limb))
                && limb.whose().flatMap(now::hand).filter(side -> side != hand).isPresent();
    }

    /** The left hand cups the right elbow. */
    private boolean cupped(Item limb) {
        return clause.near(clause.items().indexOf(limb), -1)
                .filter(shape -> shape.term() instanceof Term.Shaped(HandShape held) && held == HandShape.ROUNDED)
                .isPresent();
    }

    private HandPlace heights(HandPlace place, Side hand) {
        Optional<Item> beyond = clause.takeItem(item -> item.rel() == Term.Rel.PAST && item.is(Term.Part.SHOULDER));
        HandPlace placed = beyond.isPresent() ? place.withSideways(new Sideways.Across(BEYOND)) : place;
        clause.takeItem(
                item -> item.rel() == Term.Rel.FROM && Landmarks.of(item.term()).isPresent() && hasOther(item));

        int at = target();
        if (at < 0) {
            return placed;
        }
        Item said = clause.item(at);
        clause.use(at);
        clause.takeAll(Term.Manner.HEIGHT);
        sideNamed |= said.who() != null && said.who().side().isPresent();
        Landmark landmark = Landmarks.of(said.term()).orElseThrow();
        if (landmark == Landmark.CROWN && (said.rel() == Term.Rel.ABOVE || said.rel() == Term.Rel.OVER)) {
            landmark = Landmark.ABOVE;
        }
        placed = placed.withHeight(landmark);
        placed = offset(placed, said);
        Optional<Sideways> aside = aside(said, hand);
        Optional<Item> second = clause.takeItem(
                item -> Landmarks.of(item.term()).isPresent() && item.rel() != Term.Rel.FROM && item.rel() != null);
        if (second.isPresent() && aside.isEmpty()) {
            aside = aside(second.get(), hand);
        }
        return aside.isPresent() ? placed.withSideways(aside.get()) : placed;
    }

    /** The right hand returns beside the left forearm to the hip: it only comes by. */
    private boolean returnsPast(int limb) {
        return limb > 0
                && clause.item(limb - 1).is(Term.Act.RETURN)
                && limb + 1 < clause.size()
                && clause.item(limb + 1).rel() == Term.Rel.TO
                && height(clause.item(limb + 1));
    }

    private boolean hasOther(Item item) {
        return clause.has(
                other -> other != item && Landmarks.of(other.term()).isPresent() && other.rel() != Term.Rel.FROM);
    }

    /** Two fists in front of the navel, a fist off the chest. */
    private HandPlace offset(HandPlace placed, Item said) {
        Optional<Length> by = clause.takeItem(
                        item -> item.term() instanceof Term.Measure && !HandAside.apart(clause, item))
                .map(item -> ((Term.Measure) item.term()).length());
        if (by.isEmpty() || by.get().amount() < 0) {
            return said.rel() == Term.Rel.BELOW || said.rel() == Term.Rel.UNDER
                    ? placed.withOffset(new HandOffset(HandOffset.Way.BELOW, Optional.empty()))
                    : said.rel() == Term.Rel.BEHIND
                            ? placed.withOffset(new HandOffset(HandOffset.Way.BEHIND, Optional.empty()))
                            : said.rel() == Term.Rel.ABOVE
                                    ? placed.withOffset(new HandOffset(HandOffset.Way.ABOVE, Optional.empty()))
                                    : placed;
        }
        clause.takeAll(Term.Way.AWAY, Term.Rel.FROM, Term.Manner.APART);
        HandOffset.Way way = said.rel() == null
                ? HandOffset.Way.AWAY
                : switch (said.rel()) {
                    case ABOVE, OVER -> HandOffset.Way.ABOVE;
                    case BELOW, UNDER -> HandOffset.Way.BELOW;
                    case BEFORE -> HandOffset.Way.IN_FRONT;
                    case BEHIND -> HandOffset.Way.BEHIND;
                    case OUTSIDE -> HandOffset.Way.OUTSIDE;
                    default -> HandOffset.Way.AWAY;
                };
        offsetHeld = true;
        return placed.withOffset(new HandOffset(way, by));
    }

    /** The height that is gone to: not where the hand comes from, nor what it only passes. */
    private int target() {
        if (clause.said(Term.Manner.AT_SIDES)
                && clause.takeItem(item -> height(item) && item.rel() == Term.Rel.PAST)
                        .isPresent()) {
            return -1;
        }
        int pass = clause.indexOf(Term.Act.PASS);
        int by = pass < 0 || pass + 1 >= clause.size() ? -1 : pass + 1;
        if (by > 0
                && clause.open(by)
                && height(clause.item(by))
                && clause.item(by).rel() == null) {
            clause.keep(by);
        }
        int led = clause.find(item -> height(item)
                && item.rel() != Term.Rel.FROM
                && item.rel() != Term.Rel.PAST
                && !withKnee(item)
                && item.rel() != null);
        int goal = clause.find(item -> height(item) && item.rel() == Term.Rel.TO);
        boolean passes = led >= 0 && goal == led + 1 && clause.item(led).rel() == Term.Rel.BEFORE;
        int swept = led < 0 ? -1 : pastKnee(led);
        if (swept > led) {
            clause.use(led);
            return swept;
        }
        if (led >= 0 && goal > led && (passes || clause.item(led).rel() == Term.Rel.OUTSIDE)) {
            clause.use(led);
            return goal;
        }
        if (led >= 0) {
            clause.takeItem(item -> height(item) && item.rel() == Term.Rel.PAST);
            return last(led);
        }
        int subject = subjectAt();
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean high = i + 1 < clause.size() && clause.item(i + 1).is(Term.Manner.HEIGHT)
                    || i > 0 && clause.item(i - 1).is(Term.Manner.HEIGHT);
            boolean moves = clause.near(i, 1)
                    .filter(next -> next.is(Term.Act.LOWER) || next.is(Term.Act.SINK) || next.is(Term.Act.RISE))
                    .isPresent();
            boolean besideElbows = item.is(Term.Part.SHOULDER)
                    && i > 0
                    && clause.item(i - 1).soft()
                    && subject < i
                    && clause.item(subject).is(Term.Part.ELBOW);
            boolean bare = clause.open(i) && height(item) && item.rel() == null && !moves && !besideElbows;
            boolean place = (!item.is(Term.Part.EYES) || HandWords.raisedTo(clause, i))
                    && (!item.is(Term.Part.WAIST) || comesTo(i));
            if (bare && (high || i > subject && place)) {
                return i;
            }
        }
        int passed = clause.find(item -> height(item) && (item.rel() == Term.Rel.PAST || item.rel() == Term.Rel.FROM));
        if (passed >= 0 && goesOnAfter(passed)) {
            clause.keep(passed);
            return -1;
        }
        boolean goesOn = clause.has(Term.Act.PUSH);
        int from = goesOn ? clause.find(item -> height(item) && item.rel() == Term.Rel.FROM) : -1;
        if (from >= 0) {
            clause.keep(from);
            return -1;
        }
        if (goesOn
                && clause.takeItem(item -> height(item) && item.rel() == Term.Rel.PAST)
                        .isPresent()) {
            return -1;
        }
        boolean far = clause.has(Term.Measure.class);
        return clause.find(
                item -> height(item) && item.rel() != null && (far || item.rel() != Term.Rel.FROM) && !withKnee(item));
    }

    /** 搂过膝前停在胯旁: the knee is swept past, and where the next verb leads is where the hand ends. */
    private int pastKnee(int knee) {
        boolean sweeps = clause.item(knee).is(Term.Part.KNEE)
                && clause.near(knee, -1).filter(verb -> verb.is(Term.Act.SWEEP)).isPresent();
        boolean goesOn = sweeps
                && knee + 2 < clause.size()
                && clause.item(knee + 1).term() instanceof Term.Act
                && clause.open(knee + 2)
                && height(clause.item(knee + 2));
        return goesOn ? knee + 2 : -1;
    }

    /** 收到右腰: the waist of one side, or one that a verb leads to, is where the hand goes; otherwise it turns. */
    private boolean comesTo(int waist) {
        boolean led = clause.near(waist, -1)
                .filter(verb -> verb.is(Term.Act.DRAW)
                        || verb.is(Term.Act.PRESS)
                        || verb.is(Term.Act.MOVE)
                        || verb.is(Term.Act.LAND)
                        || verb.is(Term.Act.LOWER)
                        || verb.is(Term.Act.SINK))
                .isPresent();
        return led || clause.item(waist).whose().flatMap(Term.Who::side).isPresent();
    }

    /** To the chest, to the forehead: it ends at the last, and only passes the first. */
    private int last(int led) {
        int end = led;
        boolean to = clause.item(led).rel() == Term.Rel.TO;
        for (int i = led + 1; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean before = item.rel() == Term.Rel.BEFORE
                    && clause.item(i - 1).rel() == Term.Rel.TO
                    && height(clause.item(i - 1));
            boolean further = to && (item.rel() == Term.Rel.TO || before) && item.who() == null;
            if (clause.open(i)
                    && height(item)
                    && (further || settles(i))
                    && !Landmarks.of(item.term())
                            .equals(Landmarks.of(clause.item(end).term()))) {
                clause.keep(end);
                end = i;
            }
        }
        return end;
    }

    /** Passing the wrist, sliding along the forearm: the limb is on the way. */
    private static boolean alongsideOf(Item verb, Item limb) {
        return verb.is(Term.Act.PASS) || verb.is(Term.Act.SLIDE) && limb.is(Term.Part.FOREARM);
    }

    /** In front of the face, and comes to rest at the shoulder: a second verb, and where it ends. */
    private boolean settles(int at) {
        return clause.item(at).rel() != null
                && at > 1
                && clause.item(at - 1).term() instanceof Term.Act
                && clause.item(at - 2).is(Term.Mark.AND);
    }

    /** Past the ear and to the front: the hand ends further on, where its way leads. */
    private boolean goesOnAfter(int passed) {
        return clause.items().subList(passed + 1, clause.size()).stream()
                .anyMatch(item -> item.is(Term.Way.FORWARD)
                        || item.is(Term.Way.BACK)
                        || item.is(Term.Way.SIDE)
                        || item.term() instanceof Term.Hall
                        || item.bareSide() && item.rel() == Term.Rel.TO);
    }

    private int subjectAt() {
        for (int i = 0; i < clause.size(); i++) {
            if (HandWords.hand(clause.item(i)) || clause.item(i).bareSide()) {
                return i;
            }
        }
        return clause.size();
    }

    /** A part at whose height a hand may be; with the waist, with the hips: that turns, and no hand is there. */
    private static boolean height(Item item) {
        boolean turns = item.rel() == Term.Rel.WITH && (item.is(Term.Part.WAIST) || item.is(Term.Part.HIPS));
        return !turns && Landmarks.of(item.term()).isPresent();
    }

    private static Optional<Sideways> aside(Item said, Side hand) {
        Optional<Side> whose = said.whose().flatMap(Term.Who::side);
        if (whose.isPresent()) {
            return Optional.of(whose.get() == hand ? Sideways.OWN_SIDE : Sideways.OTHER_SIDE);
        }
        if (said.rel() == null) {
            return Optional.empty();
        }
        return switch (said.rel()) {
            case BEFORE -> Optional.of(Sideways.CENTRE);
            case BESIDE ->
                said.is(Term.Part.NAVEL) || said.is(Term.Part.CHEST)
                        ? Optional.empty()
                        : Optional.of(Sideways.OWN_SIDE);
            default -> Optional.empty();
        };
    }
}
