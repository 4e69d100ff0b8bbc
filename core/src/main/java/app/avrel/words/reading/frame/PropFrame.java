package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropRest;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** What is done with a prop. */
final class PropFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> prop(item).isPresent()
                || item.is(Term.Part.PROP)
                || item.is(Term.Part.TIP)
                || item.is(Term.Part.TOES)
                || it(item));
    }

    /** The tip of the fan touches the left palm: that is no floor, and no record says so. */
    private static boolean touchesHand(Clause clause) {
        return clause.indexOf(Term.Part.TIP) >= 0
                && clause.indexOf(Term.Act.LAND) >= 0
                && clause.has(item -> hand(item))
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Part.TIP)
                                || item.is(Term.Act.LAND)
                                || item.prop()
                                || hand(item)
                                || Leftover.small(item) && !item.soft());
    }

    /** Open the fan at the chest, left palm behind it: what the hand after a comma does is told of it, and not of the prop. */
    private static boolean handThen(Clause clause) {
        int border = clause.find(Item::soft);
        return border > 0
                && clause.items().subList(0, border).stream().anyMatch(Item::prop)
                && clause.items().subList(border, clause.size()).stream()
                        .anyMatch(item -> hand(item)
                                && item.whose().flatMap(Term.Who::side).isPresent());
    }

    private static boolean hand(Item item) {
        return HandWords.hand(item) && item.who() != null && item.rel() == null;
    }

    /** Close the fan and point it down. */
    private static boolean it(Item item) {
        return item.bareSide() && item.who() == Term.Who.IT && item.rel() == null;
    }

    /** Close the fan against the left palm: what it closes on is no hand that holds it. */
    private static void keepClosedOn(Clause clause, PropAct act) {
        int on = clause.find(item -> item.is(Term.Part.PALM) && item.rel() == Term.Rel.AT && item.who() != null);
        if (act == PropAct.CLOSE && on >= 0) {
            clause.keep(on);
        }
    }

    /** Close the fan and look down: it is the eyes that look. */
    private static boolean thenLooks(Clause clause) {
        int looks = clause.find(Term.Act.LOOK);
        return looks > 0 && clause.item(looks - 1).soft();
    }

    /** Fan open, palm up: it is the palm that looks up. */
    private static boolean palmLooks(Clause clause) {
        int palm = clause.find(item -> item.is(Term.Part.PALM) && item.rel() == null);
        return palm > 0
                && clause.item(palm - 1).soft()
                && clause.near(palm, 1)
                        .filter(next -> next.term() instanceof Term.Way)
                        .isPresent();
    }

    private static Optional<Prop> prop(Item item) {
        return switch (item.term()) {
            case Term.Part part when part == Term.Part.STAFF -> Optional.of(Prop.STAFF);
            case Term.Part part when part == Term.Part.SWORD -> Optional.of(Prop.SWORD);
            case Term.Part part when part == Term.Part.SABRE -> Optional.of(Prop.SABRE);
            case Term.Part part when part == Term.Part.FAN -> Optional.of(Prop.FAN);
            default -> Optional.empty();
        };
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean tip = now.topic() == Situation.Topic.PROP
                && clause.has(item -> item.is(Term.Part.TOES) && item.who() == null && !item.many());
        boolean it = now.topic() == Situation.Topic.PROP
                && (clause.has(Term.Act.POINT) || clause.has(Term.Act.OPEN) || clause.has(Term.Act.CLOSE))
                && (clause.takeItem(PropFrame::it).isPresent() || onlyAims(clause));
        boolean thing =
                it || clause.has(item -> prop(item).isPresent() || item.is(Term.Part.PROP) || item.is(Term.Part.TIP));
        if (handThen(clause) || thenLooks(clause) || palmLooks(clause) || withTip(clause) || thenPointsIt(clause)) {
            return Optional.empty();
        }
        if (touchesHand(clause)) {
            clause.useAll();
            return Optional.of(new Fit().noted().holds("what the tip touches"));
        }
        boolean aims = clause.has(Term.Part.TIP) || thing && clause.has(Term.Act.POINT);
        boolean foot = clause.has(item ->
                foot(item) && (item.rel() == null || !aims && Landmarks.of(item.term()).isEmpty()));
        if (clause.has(item -> item.is(Term.Part.EYES) && item.rel() != Term.Rel.AT) || foot && !tip || !thing && !tip) {
            return Optional.empty();
        }
        boolean tipOfFoot = now.topic() == Situation.Topic.FOOT
                && now.lastFoot().isPresent()
                && clause.items().stream().allMatch(item -> item.is(Term.Part.TIP) || Leftover.small(item));
        boolean handStays = clause.has(Term.Act.STAY)
                && clause.has(item -> item.sidedLimb() && HandWords.hand(item))
                && clause.has(item -> item.term() instanceof Term.Act act && act != Term.Act.STAY);
        if (tipOfFoot || handStays || GazeFrame.seen(clause).isPresent()) {
            return Optional.empty();
        }
        boolean verb = clause.has(item -> item.term() instanceof Term.Act);
        Optional<Item> named = clause.takeItem(item -> prop(item).isPresent());
        Optional<Prop> prop = named.flatMap(PropFrame::prop);
        boolean tipNamed = tip | clause.takeAll(Term.Part.TIP);
        clause.takeAll(Term.Part.PROP);
        if (tip) {
            clause.take(Term.Part.TOES);
        }
        prop = prop.or(() -> clause.takeItem(item -> prop(item).isPresent()).flatMap(PropFrame::prop));
        boolean away = clause.indexOf(Term.Act.MOVE) >= 0 && clause.take(Term.Way.AWAY);
        boolean touches = clause.has(Term.Act.LAND) && clause.indexOf(Term.Part.TIP) >= 0;
        PropAct done = act(clause, now);
        PropAct act = away ? PropAct.PUT_AWAY : done;
        if ((act == PropAct.OPEN || act == PropAct.CLOSE)
                && clause.has(item -> Landmarks.of(item.term()).isPresent())) {
            clause.takeAll(Term.Act.DRAW);
        }
        Optional<Item> forearm =
                clause.takeItem(item -> (item.is(Term.Part.FOREARM) || item.is(Term.Part.ARM)) && item.rel() != null);
        Optional<Item> giver = act == PropAct.PASS ? giver(clause) : Optional.empty();
        Optional<Item> hand = clause.takeItem(item -> (HandWords.hand(item) || item.bareSide())
                && item.who() != null
                && now.hand(item.who()).isPresent()
                && (item.rel() == null && !pointedAt(clause, item)
                        || item.rel() == Term.Rel.WITH
                        || item.rel() == Term.Rel.AT && !(act == PropAct.CLOSE && item.is(Term.Part.PALM))
                        || item.rel() == Term.Rel.TO
                                && (act == PropAct.PASS || act == PropAct.TAKE && HandWords.hand(item))
                        || item.rel() == Term.Rel.ON));
        keepBothHands(clause);
        keepClosedOn(clause, act);
        if (aims) {
            keepAims(clause);
        }
        Optional<PropRest> lies = lies(clause);
        if (touches) {
            clause.takeItem(item -> item.is(Term.Part.FLOOR));
        }
        Optional<Direction> leaning = leaning(clause, now);
        boolean swung = act == PropAct.TURN
                && !clause.said(Term.Act.STAY)
                && !clause.said(Term.Act.HOLD)
                && !clause.said(Term.Act.HANG)
                && lies.isEmpty();
        Optional<Pointing> points = swung || tipNamed || clause.said(Term.Act.POINT) || clause.said(Term.Act.FACE)
                ? sided(clause).or(() -> points(clause))
                : points(clause);
        Optional<Direction> toward = leaning.or(
                () -> new Ways(clause, now).hall().map(heading -> new Direction.OfPosture(now.ofPosture(heading))));
        points = touches ? points.or(() -> Optional.of(Pointing.DOWN)) : points;
        boolean aside = side(clause);
        clause.takeAll(
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Manner.UPRIGHT,
                Term.Way.UP,
                Term.Way.ROUND,
                Term.Act.MOVE,
                Term.Act.STAY,
                Term.Act.RISE);
        if (tipNamed) {
            keepHeights(clause);
        }
        Optional<Item> held = clause.takeItem(item -> Landmarks.of(item.term()).isPresent()
                && !item.is(Term.Part.FLOOR)
                && (item.is(Term.Part.ABOVE_HEAD)
                        || item.is(Term.Part.SHOULDER) && item.rel() == Term.Rel.ON
                        || item.rel() == Term.Rel.TO
                        || item.rel() == Term.Rel.AT
                        || item.rel() == Term.Rel.BEFORE
                        || item.rel() == Term.Rel.BESIDE));
        clause.takeAll(Term.Manner.HEIGHT);
        clause.takeItem(item -> Landmarks.of(item.term()).isPresent() && item.rel() == Term.Rel.FROM);
        if (act == PropAct.TURN && points.isPresent()) {
            clause.takeAll(Term.Act.SWEEP);
        }
        Side by = hand.flatMap(item -> now.hand(item.who()))
                .or(() -> giver.flatMap(item -> now.hand(item.who())).map(Side::other))
                .or(() -> named.flatMap(Item::whose).flatMap(now::hand))
                .or(now::holder)
                .or(() -> forearm.flatMap(Item::whose).flatMap(Term.Who::side).map(Side::other))
                .orElse(Side.RIGHT);
        Move handled =
                new Move.HandleProp(by, act, prop, points, toward, lies.or(() -> rests(forearm, by, touches, aside)));
        Fit fit = held.map(item -> Fit.of(handled, at(item, by))).orElseGet(() -> Fit.of(handled));
        return Optional.of(fit.costs(verb ? 0 : Costs.NO_VERB));
    }

    /** To the left hand, or only to the left, but not pointing there: the hand that is given it. */
    private static boolean takes(Clause clause, Item item) {
        boolean hand =
                HandWords.hand(item) || item.bareSide() && item.who().side().isPresent();
        return item.rel() == Term.Rel.TO
                && item.who() != null
                && hand
                && clause.near(clause.items().indexOf(item), -1)
                        .filter(before -> before.is(Term.Act.FACE) || before.is(Term.Act.POINT))
                        .isEmpty();
    }

    /** Draw the sword hand back to the hip, with the tip forward: where the tip points is told apart. */
    private static boolean withTip(Clause clause) {
        int tip = clause.find(item -> (item.is(Term.Part.TIP) || item.is(Term.Part.TOES) && item.who() == null)
                && item.rel() == Term.Rel.WITH);
        return tip > 0
                && clause.items().subList(0, tip).stream()
                        .anyMatch(item -> item.term() instanceof Term.Act || Landmarks.of(item.term()).isPresent());
    }

    /** Open the fan and point it there: where it points is told apart. */
    private static boolean thenPointsIt(Clause clause) {
        int point = clause.find(Term.Act.POINT);
        return point > 1
                && clause.item(point - 1).soft()
                && clause.near(point, 1).filter(PropFrame::it).isPresent();
    }

    /** The fan opens, pointing to the left front corner: it is what was spoken of that points there. */
    private static boolean onlyAims(Clause clause) {
        return clause.items().stream()
                .allMatch(item -> item.is(Term.Act.POINT)
                        || item.is(Term.Act.FACE)
                        || item.term() instanceof Term.Hall
                        || item.term() instanceof Term.Way
                        || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO
                        || Leftover.small(item));
    }

    /** {@return whether a prop goes from one hand to the other} */
    static boolean given(Clause clause) {
        return clause.has(Item::prop)
                && clause.has(hand -> HandWords.hand(hand)
                        && hand.rel() == null
                        && hand.who() != null
                        && hand.who().side().isPresent()
                        && clause.has(item -> takes(clause, item) && item.bareSide() && item.who() != hand.who()));
    }

    /** Move the sword to the left hand, pass it there: it is the sword that goes, whichever hand was spoken of. */
    static boolean handedOn(Clause clause) {
        boolean moves = clause.has(Term.Act.MOVE) || clause.has(Term.Act.PASS);
        int border = clause.find(Item::soft);
        boolean named = clause.items().subList(0, border < 0 ? clause.size() : border).stream()
                .anyMatch(item -> (HandWords.hand(item) || item.bareSide()) && item.rel() == null);
        return moves
                && !named
                && clause.has(item -> item.prop() && item.rel() == null)
                && clause.has(item -> item.is(Term.Part.HAND)
                        && item.rel() == Term.Rel.TO
                        && item.whose().flatMap(Term.Who::side).isPresent());
    }

    /** The right hand passes it to the left: the hand that gives it is named before that, and is the other one. */
    private static Optional<Item> giver(Clause clause) {
        int passes = Math.max(clause.indexOf(Term.Act.PASS), clause.indexOf(Term.Act.MOVE));
        List<Item> after = clause.items().subList(passes + 1, clause.size());
        boolean taken =
                after.stream().anyMatch(item -> item.who() != null && (HandWords.hand(item) || takes(clause, item)));
        return clause.takeItem(item -> taken
                && HandWords.hand(item)
                && item.who() != null
                && item.rel() == null
                && clause.items().indexOf(item) < passes);
    }

    /** A foot that the clause is about; the height of a knee is a place. */
    private static boolean foot(Item item) {
        return WhichFoot.foot(item) && !(item.is(Term.Part.KNEE) && item.rel() != null);
    }

    /** Take the staff in both hands: the record holds one that carries it, so that the other stays marked. */
    private static void keepBothHands(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (clause.open(i) && HandWords.hand(item) && item.both()) {
                clause.keep(i);
            }
        }
    }

    /** The tip points at a foot, a knee: the record holds which way a prop points, not at what. */
    private static void keepAims(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (clause.open(i) && item.rel() != null && (foot(item) || item.is(Term.Part.KNEE))) {
                clause.keep(i);
            }
        }
    }

    /** Where the tip of a prop is has no place in the record: it is kept as it was said. */
    private static void keepHeights(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean height = Landmarks.of(item.term()).isPresent() && !item.is(Term.Part.FLOOR) && item.rel() != null;
            if (clause.open(i) && (height || item.is(Term.Manner.HEIGHT))) {
                clause.keep(i);
            }
        }
    }

    /** Where the hand is that holds it. */
    private static Move at(Item item, Side hand) {
        HandPlace place = HandPlace.UNSAID.withHeight(Landmarks.of(item.term()).orElseThrow());
        Optional<Side> whose = item.whose().flatMap(Term.Who::side);
        if (whose.isPresent()) {
            place = place.withSideways(whose.get() == hand ? Sideways.OWN_SIDE : Sideways.OTHER_SIDE);
        } else if (item.rel() == Term.Rel.BEFORE) {
            place = place.withSideways(Sideways.CENTRE);
        }
        return new Move.PlaceHand(hand, place, Optional.empty());
    }

    /** To the side: it rests there. */
    private static boolean side(Clause clause) {
        boolean found = false;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean next =
                    clause.near(i, 1).filter(after -> after.is(Term.Way.SIDE)).isPresent();
            boolean side = item.is(Term.Way.SIDE)
                    || item.is(Term.Part.BODY) && item.rel() != null
                    || item.bareSide() && next
                    || (item.bareSide() || foot(item)) && item.rel() != null && item.rel() != Term.Rel.WITH;
            if (clause.open(i) && side) {
                clause.use(i);
                found = true;
            }
        }
        return found;
    }

    /** Where it lies, in words that say just that. */
    private static Optional<PropRest> lies(Clause clause) {
        if (clause.takeAll(Term.Manner.RESTS_OWN_ARM)) {
            return Optional.of(PropRest.OWN_FOREARM);
        }
        if (clause.takeAll(Term.Manner.RESTS_OTHER_ARM)) {
            return Optional.of(PropRest.OTHER_FOREARM);
        }
        if (clause.takeAll(Term.Manner.RESTS_FLOOR)) {
            return Optional.of(PropRest.FLOOR);
        }
        return clause.takeAll(Term.Manner.RESTS_SIDE) ? Optional.of(PropRest.SIDE) : Optional.empty();
    }

    /** The forearm against which it lies is the other one where the other side is named, or nothing is. */
    private static Optional<PropRest> rests(Optional<Item> forearm, Side by, boolean touches, boolean aside) {
        if (forearm.isPresent()) {
            boolean own = forearm.get().whose().flatMap(Term.Who::side).equals(Optional.of(by))
                    || forearm.get().whose().equals(Optional.of(Term.Who.OWN))
                    || forearm.get().who() == null && forearm.get().rel() == Term.Rel.BEHIND;
            return Optional.of(own ? PropRest.OWN_FOREARM : PropRest.OTHER_FOREARM);
        }
        return touches ? Optional.of(PropRest.FLOOR) : aside ? Optional.of(PropRest.SIDE) : Optional.empty();
    }

    private static Optional<Pointing> sided(Clause clause) {
        return clause.takeItem(item -> item.bareSide()
                        && (item.rel() == Term.Rel.TO || pointedAt(clause, item))
                        && item.who().side().isPresent())
                .map(item -> item.who() == Term.Who.LEFT ? Pointing.TO_THE_LEFT : Pointing.TO_THE_RIGHT);
    }

    /** The sword points left; cut left with it. */
    private static boolean pointedAt(Clause clause, Item item) {
        return item.bareSide()
                && clause.near(clause.items().indexOf(item), -1)
                        .filter(before -> before.is(Term.Act.POINT) || before.is(Term.Act.SWEEP))
                        .isPresent();
    }

    private static Optional<Pointing> points(Clause clause) {
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
        boolean pointing = clause.indexOf(Term.Act.POINT) >= 0 || clause.indexOf(Term.Act.FACE) >= 0;
        return clause.takeItem(item -> HandDetails.pointing(item).isPresent()
                        && !item.bareSide()
                        && (pointing || !item.is(Term.Way.IN) && !item.is(Term.Way.OUT)))
                .flatMap(HandDetails::pointing);
    }

    /** Where the prop leans, as is said after that word: a direction of the hall, or an angle to a side. */
    private static Optional<Direction> leaning(Clause clause, Situation now) {
        int at = clause.find(item -> item.is(Term.Act.LEAN));
        if (at < 0) {
            return Optional.empty();
        }
        Clause after = new Clause(clause.items().subList(at + 1, clause.size()));
        Optional<Direction> found = direction(after, now);
        clause.use(at);
        for (int i = 0; i < after.size(); i++) {
            if (!after.open(i)) {
                clause.use(at + 1 + i);
            }
        }
        return found;
    }

    private static Optional<Direction> direction(Clause clause, Situation now) {
        Optional<Direction> hall =
                new Ways(clause, now).hall().map(heading -> new Direction.OfPosture(now.ofPosture(heading)));
        if (hall.isPresent()) {
            return hall;
        }
        Ways ways = new Ways(clause, now);
        Optional<Side> way = ways.leftOrRight();
        return ways.degrees()
                .map(degrees -> way.isPresent()
                        ? Direction.wrapping(way.get().sign() * degrees)
                        : new Direction.OfBody(Turn.NONE));
    }

    private static PropAct act(Clause clause, Situation now) {
        PropAct found = null;
        for (int i = 0; i < clause.size(); i++) {
            if (!clause.open(i) || !(clause.item(i).term() instanceof Term.Act act)) {
                continue;
            }
            boolean keptSo = act == Term.Act.HOLD && (clause.said(Term.Act.CLOSE) || clause.said(Term.Act.OPEN));
            if (keptSo) {
                clause.use(i);
                continue;
            }
            boolean passes = clause.has(item -> takes(clause, item));
            PropAct done = switch (act) {
                case TAKE, RAISE -> PropAct.TAKE;
                case OPEN, SPREAD -> PropAct.OPEN;
                case CLOSE -> PropAct.CLOSE;
                case PASS -> PropAct.PASS;
                case PUT_AWAY -> PropAct.PUT_AWAY;
                case MOVE, HOLD, LAND ->
                    passes && act == Term.Act.MOVE
                            ? PropAct.PASS
                            : now.pose().prop().isEmpty() && act == Term.Act.HOLD ? PropAct.TAKE : PropAct.TURN;
                case TURN, POINT, FACE, LOOK, LAY, LOWER, SINK, PULL, PULL_BACK, DRAW, SWEEP, STAY, FORM, RETURN, PUSH, PRESS ->
                    PropAct.TURN;
                default -> null;
            };
            if (done != null && act != Term.Act.DRAW && act != Term.Act.PULL && act != Term.Act.SWEEP) {
                clause.use(i);
                found = found == null || found == PropAct.TURN ? done : found;
            }
        }
        boolean given = clause.has(item -> item.is(Term.Part.HAND) && takes(clause, item));
        return found != null ? found : given ? PropAct.PASS : PropAct.TURN;
    }
}
