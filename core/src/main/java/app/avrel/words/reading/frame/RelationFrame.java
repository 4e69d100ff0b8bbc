package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** How the two hands stand to each other, and the ball they hold. */
final class RelationFrame implements Frame {

    /** Relations that one sees without knowing which hand leads; where one is above the other that is half of it. */
    private static final Set<HandRelation> MAY_STAY_OPEN = EnumSet.of(
            HandRelation.CROSSED_WRISTS,
            HandRelation.WRIST_ON_WRIST,
            HandRelation.HEELS_OF_PALMS_TOGETHER,
            HandRelation.PASSING_INSIDE,
            HandRelation.FOLDED_FOREARMS);

    /** Relations in which one hand is nearer the body. */
    private static final Set<HandRelation> NEARER =
            EnumSet.of(HandRelation.CROSSED_WRISTS, HandRelation.PASSING_INSIDE);

    /** Relations in which the other hand leads where one is said to be within. */
    private static final Set<HandRelation> ABOVE = EnumSet.of(HandRelation.FOLDED_FOREARMS, HandRelation.STACKED);

    @Override
    public boolean joins() {
        return true;
    }

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Related.class)
                || clause.has(Term.Manner.BALL_HELD)
                || clause.has(item -> item.is(Term.Part.BALL)
                        || item.is(Term.Act.CROSS)
                        || item.is(Term.Manner.CROSSED)
                        || item.is(Term.Part.WRIST)
                        || item.is(Term.Manner.TOGETHER)
                        || item.is(Term.Act.MEET)
                        || item.is(Term.Part.PALM));
    }

    /** Hold the ball, right hand to the chest: a hand that goes to a place, or under an elbow, holds no ball there. */
    private static boolean goesElsewhere(Clause clause) {
        boolean elbow = clause.has(item -> item.is(Term.Part.ELBOW) && item.rel() != null);
        boolean goes = false;
        for (int i = 1; i + 1 < clause.size(); i++) {
            boolean hand = clause.item(i).sidedLimb() && HandWords.hand(clause.item(i));
            Item next = clause.item(i + 1);
            goes |= clause.item(i - 1).soft()
                    && hand
                    && next.rel() == Term.Rel.TO
                    && Landmarks.of(next.term()).isPresent();
        }
        return elbow || goes;
    }

    /** Cross the wrists and squat a little lower; palms together, and the right hand slides: that is another thing. */
    private static boolean bodyGoesOn(Clause clause, boolean ball) {
        for (int i = 1; i + 1 < clause.size(); i++) {
            Item next = clause.item(i + 1);
            boolean sinks = next.is(Term.Act.SINK) || next.is(Term.Act.RISE);
            boolean other = next.sidedLimb() && HandWords.hand(next)
                    || next.bareSide()
                            && next.rel() == null
                            && next.who().side().isPresent();
            boolean slides = !ball && other && slides(clause, i + 2);
            boolean hands =
                    clause.items().subList(i + 1, clause.size()).stream().anyMatch(HandWords::hand);
            if (clause.item(i).soft() && (sinks && !hands || slides)) {
                return true;
            }
        }
        return false;
    }

    private static boolean slides(Clause clause, int from) {
        for (int i = from; i < clause.size() && !clause.item(i).soft(); i++) {
            Item act = clause.item(i);
            if (act.is(Term.Act.SLIDE) || act.is(Term.Act.PUSH) || act.is(Term.Act.PASS)) {
                return true;
            }
        }
        return false;
    }

    /** Drop one fist and stack the hands: the length before the border is not between them. */
    private static boolean measuredBefore(Clause clause) {
        int measure = clause.find(item -> item.term() instanceof Term.Measure);
        int border = clause.find(Item::soft);
        return measure >= 0
                && measure < border
                && clause.items().subList(0, border).stream()
                        .noneMatch(item -> HandWords.hand(item)
                                || item.bareSide()
                                || item.is(Term.Manner.BALL_HELD)
                                || item.term() instanceof Term.Related);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (ofOneHand(clause)) {
            return Optional.empty();
        }
        boolean fists = fistsCross(clause);
        boolean forms = clause.has(Term.Act.FORM) || clause.has(Term.Act.HOLD);
        boolean ball = clause.takeAll(Term.Manner.BALL_HELD) || forms && clause.takeAll(Term.Part.BALL);
        Optional<HandRelation> named = named(clause);
        if (ball && goesElsewhere(clause) || bodyGoesOn(clause, ball) || measuredBefore(clause)) {
            return Optional.empty();
        }
        Optional<HandRelation> relation = ball || named.isPresent() ? named : joined(clause, fists);
        if (!ball && relation.isEmpty()) {
            return Optional.empty();
        }
        takeVerbs(clause);
        if (ball) {
            clause.takeAll(Term.Act.SHIFT);
        }
        Optional<Side> beside = ball ? beside(clause) : Optional.empty();
        Optional<Palm> palm = palms(clause);
        boolean nearer = relation.filter(NEARER::contains).isPresent();
        boolean placed = placed(clause, nearer);
        boolean turned =
                insideOrOutside(clause) && relation.filter(ABOVE::contains).isPresent();
        Optional<Side> leading = leading(clause, ball, nearer).map(side -> turned ? side.other() : side);
        Optional<Landmark> height = height(clause, ball);
        Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
        if (gap.filter(length -> length.amount() < 0).isPresent()) {
            return Optional.empty();
        }
        takeSmall(clause);
        boolean open = leading.isPresent() && !placed;
        if (ball) {
            Optional<Side> above = open ? Optional.empty() : leading;
            return Optional.of(above.map(side -> Fit.of(new Move.HoldBall(side, height, gap, beside)))
                    .orElseGet(() -> ask(clause, "ball")));
        }
        HandRelation found = relation.get();
        if (unclear(found, leading, open)) {
            return Optional.of(ask(clause, key(found)));
        }
        List<Move> moves = new ArrayList<>();
        moves.add(new Move.RelateHands(found, leading, height, gap, palm));
        if (fists && clause.takeAll(Term.Part.FIST)) {
            for (Side side : Side.values()) {
                moves.add(new Move.PlaceHand(side, HandPlace.UNSAID.withShape(HandShape.FIST), Optional.empty()));
            }
        }
        return Optional.of(Fit.of(moves));
    }

    /** A hand stays, an elbow is named: what one of them does is no relation of both. */
    private static boolean ofOneHand(Clause clause) {
        boolean stays = clause.has(Term.Act.STAY)
                && clause.has(item -> HandWords.hand(item)
                        && item.rel() == null
                        && item.whose().flatMap(Term.Who::side).isPresent());
        return stays || passesOther(clause) || clause.has(item -> item.is(Term.Part.ELBOW) && item.sidedLimb());
    }

    /** Passes under the left and out to the shoulder; 从左臂下穿出: the other hand is on the way, and no place to stay at. */
    static boolean passesOther(Clause clause) {
        int other = clause.find(item -> (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.OVER)
                && (item.bareSide() || HandWords.hand(item))
                && item.whose().flatMap(Term.Who::side).isPresent());
        boolean moves = clause.has(Term.Act.PASS) || clause.has(Term.Act.SLIDE);
        int goal = clause.find(
                item -> item.rel() == Term.Rel.TO && Landmarks.of(item.term()).isPresent());
        boolean threads =
                clause.said(Term.Act.MOVE) && clause.said(Term.Manner.EXTENDED) && clause.said(Term.Way.FORWARD);
        return other >= 0
                && (threads || moves && goal > other && (clause.has(Term.Act.PASS) || clause.parted(other, goal)));
    }

    /** The relation that a word of its own says; hands together, one on top of the other, are stacked. */
    private static Optional<HandRelation> named(Clause clause) {
        Optional<HandRelation> relation = clause.take(Term.Related.class).map(Term.Related::relation);
        clause.take(Term.Related.class);
        boolean stacked = relation.equals(Optional.of(HandRelation.PALMS_TOGETHER)) && onTop(clause);
        return stacked ? Optional.of(HandRelation.STACKED) : relation;
    }

    /** Both hands cross, or come together. */
    private static Optional<HandRelation> joined(Clause clause, boolean fists) {
        boolean crossed = (clause.has(Term.Act.CROSS) || clause.has(Term.Manner.CROSSED))
                && (clause.has(item -> HandWords.hand(item) && item.both()) || fists);
        boolean presses = clause.has(Term.Act.PRESS) && !clause.has(Term.Way.DOWN);
        boolean palms = clause.has(Term.Manner.TOGETHER)
                && clause.has(item -> item.both() && (item.is(Term.Part.PALM) || item.is(Term.Part.HAND) && presses));
        boolean wrists =
                clause.has(Term.Manner.TOGETHER) && clause.has(item -> item.is(Term.Part.WRIST) && item.both());
        if (!crossed && !palms && !wrists) {
            return meet(clause) && clause.takeAll(Term.Act.MEET)
                    ? Optional.of(HandRelation.PALMS_TOGETHER)
                    : Optional.empty();
        }
        boolean forearms = clause.has(item -> item.is(Term.Part.FOREARM) && !item.sidedLimb());
        clause.takeAll(Term.Act.CROSS, Term.Manner.CROSSED, Term.Manner.TOGETHER, Term.Act.LAND, Term.Act.PRESS);
        if (palms) {
            return Optional.of(HandRelation.PALMS_TOGETHER);
        }
        return Optional.of(forearms ? HandRelation.FOLDED_FOREARMS : HandRelation.CROSSED_WRISTS);
    }

    /** 两掌在胸前相合: both meet, and nothing else that they could meet is named. */
    static boolean meet(Clause clause) {
        boolean both = clause.has(
                item -> item.both() && item.rel() == null && (item.is(Term.Part.PALM) || item.is(Term.Part.HAND)));
        boolean others = clause.items().stream().anyMatch(item -> item.sidedLimb() || item.prop());
        return both && !others && clause.has(Term.Act.MEET);
    }

    /** Which hand leads must be said, and where it is, unless both do the same or one sees it. */
    private static boolean unclear(HandRelation found, Optional<Side> leading, boolean open) {
        boolean alike = found == HandRelation.PALMS_TOGETHER || found == HandRelation.APART;
        return open && !alike && found != HandRelation.PALM_UNDER_ELBOW
                || leading.isEmpty() && !alike && !MAY_STAY_OPEN.contains(found);
    }

    private static void takeVerbs(Clause clause) {
        clause.takeAll(
                Term.Act.FORM,
                Term.Act.HOLD,
                Term.Act.MOVE,
                Term.Act.RAISE,
                Term.Act.CROSS,
                Term.Act.DRAW,
                Term.Act.LOWER,
                Term.Act.CLOSE,
                Term.Act.SLIDE,
                Term.Act.STAY,
                Term.Act.LAND);
    }

    private static void takeSmall(Clause clause) {
        clause.takeAll(
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.ARM,
                Term.Part.WRIST,
                Term.Part.FOREARM,
                Term.Part.BODY,
                Term.Manner.ROUNDED,
                Term.Manner.CENTRE_LINE,
                Term.Manner.HEIGHT,
                Term.Way.FORWARD,
                Term.Way.ACROSS,
                Term.Manner.TOGETHER,
                Term.Way.DOWN,
                Term.Way.UP,
                Term.Manner.CROSSED,
                Term.Rel.TO,
                Term.Rel.AT,
                Term.Act.TURN,
                Term.Act.FACE,
                Term.Manner.WIDE);
        clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.BOTH);
    }

    /** The fists cross: what crosses are the wrists, and the hands are fists. */
    static boolean fistsCross(Clause clause) {
        return (clause.has(Term.Act.CROSS) || clause.has(Term.Manner.CROSSED))
                && clause.has(item -> item.is(Term.Part.FIST) && item.both() && item.rel() == null);
    }

    /** Whether it is said how the named hand stands to the other. */
    private static boolean placed(Clause clause, boolean nearer) {
        return nearer && clause.find(item -> further(clause, item)) >= 0
                || clause.has(item -> switch (item.term()) {
                    case Term.Rel rel ->
                        switch (rel) {
                            case ABOVE, BELOW, INSIDE, OUTSIDE, OVER, UNDER, ON -> true;
                            default -> false;
                        };
                    case Term.Way way ->
                        switch (way) {
                            case UP, DOWN, IN, OUT -> true;
                            default -> false;
                        };
                    default ->
                        (HandWords.hand(item) || item.bareSide())
                                && item.rel() != null
                                && item.rel() != Term.Rel.WITH
                                && item.rel() != Term.Rel.OF
                                && item.rel() != Term.Rel.TO;
                });
    }

    /** Where: a ball has a side of its own, which is told elsewhere; for hands alone no relation holds one. */
    private static Optional<Landmark> height(Clause clause, boolean ball) {
        int at = clause.find(item -> Landmarks.of(item.term()).isPresent()
                && !HandWords.hand(item)
                && !(item.sidedLimb() && item.is(Term.Part.KNEE)));
        if (at < 0) {
            return Optional.empty();
        }
        if (!ball && clause.item(at).whose().flatMap(Term.Who::side).isPresent()) {
            clause.keep(at);
        } else {
            clause.use(at);
        }
        return Landmarks.of(clause.item(at).term());
    }

    /** 右抱球: one word holds the ball, and the side before it says where. */
    private static boolean holdsThere(Clause clause, int side) {
        return side + 2 < clause.size()
                && clause.item(side + 1).is(Term.Act.HOLD)
                && clause.item(side + 2).is(Term.Manner.BALL_HELD)
                && clause.item(side + 1).from() == clause.item(side + 2).from();
    }

    /** The side of the body: "at the left side", and "on the left" where no hand follows. */
    private static Optional<Side> beside(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean place = (item.rel() != null || item.is(Term.Part.RIBS) || item.is(Term.Part.CHEST))
                    && Landmarks.of(item.term()).isPresent()
                    && item.whose().flatMap(Term.Who::side).isPresent();
            if (place) {
                return item.whose().flatMap(Term.Who::side);
            }
            if (!item.bareSide() || item.who().side().isEmpty() || !clause.open(i)) {
                continue;
            }
            boolean aside = i + 1 < clause.size() && clause.item(i + 1).is(Term.Way.SIDE);
            boolean on = item.rel() == Term.Rel.ON || item.rel() == Term.Rel.AT || item.rel() == Term.Rel.TO;
            boolean there = i > 0
                    && (clause.item(i - 1).is(Term.Act.MOVE)
                            || clause.item(i - 1).is(Term.Act.SHIFT))
                    && (i + 1 == clause.size() || clause.item(i + 1).soft());
            if (aside || on || there || holdsThere(clause, i)) {
                clause.use(i);
                if (aside) {
                    clause.use(i + 1);
                }
                return item.who().side();
            }
        }
        return Optional.empty();
    }

    private static Optional<Palm> palms(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            if (clause.open(i) && clause.item(i).is(Term.Part.PALM)) {
                for (int next = i + 1; next < clause.size(); next++) {
                    Optional<Palm> palm = HandDetails.palm(clause.item(next)).or(HandDetails.other(clause.item(next)));
                    boolean between = clause.item(next).is(Term.Act.TURN)
                            || clause.item(next).is(Term.Act.FACE);
                    if (palm.isPresent()
                            && (clause.item(i).who() == null || clause.item(i).both())) {
                        clause.use(i);
                        clause.use(next);
                        return palm;
                    }
                    if (!between) {
                        break;
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static String key(HandRelation relation) {
        return relation.name().toLowerCase(Locale.ROOT);
    }

    /** Hands together, left on top: they lie on each other. */
    private static boolean onTop(Clause clause) {
        return clause.has(
                item -> item.is(Term.Rel.ABOVE) || item.rel() == Term.Rel.OVER || item.rel() == Term.Rel.ABOVE);
    }

    /** Of forearms that lie on each other the outer one is on top. */
    private static boolean insideOrOutside(Clause clause) {
        return clause.has(Term.Way.IN)
                || clause.has(item -> item.is(Term.Rel.INSIDE)
                        || item.is(Term.Rel.OUTSIDE)
                        || HandWords.hand(item) && (item.rel() == Term.Rel.INSIDE || item.rel() == Term.Rel.OUTSIDE));
    }

    /** Asks which hand leads: which is above, inside, on top. */
    private static Fit ask(Clause clause, String relation) {
        return new Fit().ask(clause.text(), "leads." + relation, "left_leads." + relation, "right_leads." + relation);
    }

    /** Left in front, left outside: the other hand is nearer the body. */
    private static boolean further(Clause clause, Item item) {
        boolean named = (item.bareSide() || HandWords.hand(item))
                && item.whose().flatMap(Term.Who::side).isPresent();
        int next = clause.items().indexOf(item) + 1;
        while (next < clause.size()
                && (clause.item(next).is(Term.Act.MOVE) || clause.item(next).is(Term.Manner.MORE))) {
            next++;
        }
        return named
                && next < clause.size()
                && (clause.item(next).is(Term.Way.FORWARD) || clause.item(next).is(Term.Way.OUT));
    }

    /** The left hand turns down, the right up, around a ball: the palm that looks down lies on top. */
    private static boolean palmsTurn(Clause clause) {
        return clause.said(Term.Act.TURN) && clause.has(Term.Way.UP) && clause.has(Term.Way.DOWN);
    }

    /** Left above, right below: what stands right after a hand is said of that hand; empty where nothing does. */
    private static Optional<Boolean> below(Clause clause, int hand, boolean ball) {
        for (int i = hand + 1; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean other = (item.bareSide() || HandWords.hand(item)) && item.who() != null;
            if (other || ball && palmsTurn(clause)) {
                return Optional.empty();
            }
            if (item.is(Term.Rel.BELOW) || item.is(Term.Rel.OUTSIDE) || ball && item.is(Term.Rel.UNDER)) {
                return Optional.of(true);
            }
            if (item.is(Term.Rel.ABOVE) || item.is(Term.Rel.INSIDE)) {
                return Optional.of(false);
            }
            if (ball && (item.is(Term.Way.UP) || item.is(Term.Way.DOWN))) {
                return Optional.of(item.is(Term.Way.DOWN));
            }
        }
        return Optional.empty();
    }

    /** The hand that is above, inside, under the elbow: with "below", "outside", "in front" it is the other one. */
    private static Optional<Side> leading(Clause clause, boolean ball, boolean nearer) {
        int at = clause.find(item -> item.who() != null
                && item.who().side().isPresent()
                && (item.bareSide() || HandWords.hand(item))
                && !(ball && item.rel() == Term.Rel.FROM)
                && item.rel() != Term.Rel.OVER
                && item.rel() != Term.Rel.UNDER
                && !(nearer && (item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.BEHIND)));
        int over = clause.find(item -> (item.rel() == Term.Rel.OVER
                        || item.rel() == Term.Rel.UNDER
                        || item.rel() == Term.Rel.ABOVE
                        || item.rel() == Term.Rel.BELOW
                        || nearer && (item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.BEHIND))
                && item.who() != null
                && item.who().side().isPresent());
        if (over >= 0) {
            clause.use(over);
            boolean under = clause.item(over).rel() == Term.Rel.UNDER
                    || clause.item(over).rel() == Term.Rel.BELOW
                    || clause.item(over).rel() == Term.Rel.BEFORE;
            Side lower = clause.item(over).who().side().orElseThrow();
            if (at >= 0) {
                clause.use(at);
            }
            clause.takeAll(Term.Rel.OVER, Term.Rel.ABOVE, Term.Rel.ON);
            return Optional.of(under ? lower : lower.other());
        }
        if (at < 0) {
            return Optional.empty();
        }
        clause.use(at);
        boolean carries = ball && clause.item(at).rel() == Term.Rel.AT && HandWords.hand(clause.item(at));
        boolean otherWay = carries
                || clause.item(at).rel() == Term.Rel.OUTSIDE
                || nearer && further(clause, clause.item(at))
                || below(clause, at, ball)
                        .orElseGet(() -> clause.has(Term.Rel.BELOW)
                                || clause.has(Term.Rel.OUTSIDE)
                                || ball
                                        && (clause.has(Term.Rel.UNDER)
                                                || clause.has(Term.Way.DOWN) && !palmsTurn(clause)));
        clause.takeAll(Term.Rel.BELOW, Term.Rel.OUTSIDE);
        clause.takeAll(Term.Rel.ABOVE, Term.Rel.INSIDE, Term.Rel.OVER, Term.Way.IN, Term.Way.OUT, Term.Rel.UNDER);
        Side side = clause.item(at).who().side().orElseThrow();
        clause.takeItem(item -> (item.bareSide() || HandWords.hand(item))
                && item.who() != null
                && item.who().side().isPresent());
        return Optional.of(otherWay ? side.other() : side);
    }
}
