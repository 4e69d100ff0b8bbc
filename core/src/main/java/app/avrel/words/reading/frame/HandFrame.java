package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where hands go and how they look there. */
final class HandFrame implements Frame {

    private static final double BEYOND = 1.5;

    private static final Set<Term.Act> VERBS = EnumSet.of(
            Term.Act.MOVE,
            Term.Act.RETURN,
            Term.Act.TURN,
            Term.Act.TURN_OVER,
            Term.Act.ROLL,
            Term.Act.TWIST,
            Term.Act.FACE,
            Term.Act.POINT,
            Term.Act.DRAW,
            Term.Act.LOWER,
            Term.Act.RAISE,
            Term.Act.SINK,
            Term.Act.RISE,
            Term.Act.LOOK,
            Term.Act.HOLD,
            Term.Act.PUSH,
            Term.Act.PRESS,
            Term.Act.RAISE_PALM,
            Term.Act.WARD,
            Term.Act.PULL,
            Term.Act.PULL_BACK,
            Term.Act.CLOSE,
            Term.Act.FORM,
            Term.Act.OPEN,
            Term.Act.SPREAD,
            Term.Act.STAY,
            Term.Act.SWEEP,
            Term.Act.HANG,
            Term.Act.LAND,
            Term.Act.SLIDE,
            Term.Act.SHIFT,
            Term.Act.TAKE,
            Term.Act.LAY,
            Term.Act.PASS,
            Term.Act.HOVER,
            Term.Act.DO,
            Term.Act.CROSS,
            Term.Act.SIT,
            Term.Act.FOLD);

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> HandWords.hand(item)
                || HandWords.shaped(item)
                || item.bareSide()
                || Landmarks.of(item.term()).isPresent()
                || item.is(Term.Act.STAY));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private boolean sideNamed;
        private boolean offsetHeld;
        private boolean returns;
        private Optional<Heading> heading = Optional.empty();

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        Optional<Fit> read() {
            boolean foot = clause.has(item -> WhichFoot.foot(item)
                    && item.rel() == null
                    && !item.is(Term.Part.THIGH)
                    && !item.is(Term.Part.KNEE));
            if (foot
                    || clause.has(Term.Part.WEIGHT)
                    || clause.has(Term.Act.STEP)
                    || clause.has(Term.Act.KICK)
                    || clause.has(Term.Part.EYES) && clause.has(Term.Act.LOOK)) {
                return Optional.empty();
            }
            boolean named = clause.has(item -> HandWords.hand(item) || HandWords.shaped(item));
            boolean target = clause.has(item -> Landmarks.of(item.term()).isPresent());
            boolean bare = clause.has(Item::bareSide);
            if (!named && !(target && (bare || now.lastHand().isPresent())) && !(bare && handish())) {
                return Optional.empty();
            }
            double cost = named ? 0 : Costs.LIMB_ELIDED + 0.3;
            List<Side> hands = hands(named);
            if (hands.isEmpty()) {
                boolean asks = named
                        && clause.has(item -> HandWords.hand(item) && item.rel() == null)
                        && !clause.has(Term.Act.SINK)
                        && !clause.has(Term.Act.RISE);
                return asks ? Optional.of(ask()) : Optional.empty();
            }
            if (follows(hands)) {
                return Optional.of(new Fit().holds("the hand follows").costs(cost));
            }
            Optional<Fit> again = sameAsLast(hands);
            if (again.isPresent()) {
                return again;
            }
            Optional<Fit> relation = hands.size() == 1 ? related(hands.getFirst()) : Optional.empty();
            if (relation.isPresent()) {
                return relation.map(fit -> fit.costs(cost));
            }
            return Optional.ofNullable(placed(hands)).map(fit -> fit.costs(cost));
        }

        /** Acts and ways that only a hand has, where the hand is only named by its side. */
        private boolean handish() {
            return now.lastHand().isPresent()
                    && clause.has(item -> item.is(Term.Act.PUSH)
                            || item.is(Term.Act.PRESS)
                            || item.is(Term.Way.UP)
                            || item.is(Term.Way.DOWN)
                            || item.is(Term.Act.FACE)
                            || item.is(Term.Act.LOOK) && now.topic() == Situation.Topic.HAND
                            || item.is(Term.Way.IN)
                            || item.is(Term.Act.TURN) && clause.has(Term.Way.DOWN));
        }

        private List<Side> hands(boolean named) {
            int at = clause.find(item -> HandWords.hand(item) && item.who() != null && item.rel() == null);
            if (at < 0) {
                at = clause.find(item -> HandWords.hand(item) && item.who() != null && item.rel() == Term.Rel.WITH);
            }
            int leading = clause.find(item -> item.bareSide() && item.rel() == null);
            boolean leads = leading >= 0 && (at < 0 || leading < at) && leading == firstContent();
            if (at < 0 && !leads) {
                at = clause.find(item ->
                        HandWords.hand(item) && item.both() && (item.rel() == null || item.rel() == Term.Rel.WITH));
            }
            if (at >= 0
                    && (!leads
                            || clause.item(at).who() != null && clause.item(at).rel() == Term.Rel.WITH && false)) {
                return named(at);
            }
            int bare = leads ? leading : clause.find(item -> item.bareSide() && item.rel() == null);
            if (bare >= 0) {
                Item item = clause.item(bare);
                clause.use(bare);
                return item.both()
                        ? List.of(Side.LEFT, Side.RIGHT)
                        : now.hand(item.who()).stream().toList();
            }
            int with =
                    clause.find(item -> item.bareSide() && (item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.AT));
            if (with >= 0 && clause.item(with).rel() == Term.Rel.WITH) {
                clause.use(with);
                return clause.item(with).both()
                        ? List.of(Side.LEFT, Side.RIGHT)
                        : now.hand(clause.item(with).who()).stream().toList();
            }
            return now.lastHand().stream().toList();
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
            if (!detail) {
                clause.use(at);
            }
            if (item.both()) {
                return List.of(Side.LEFT, Side.RIGHT);
            }
            return now.hand(item.who()).stream().toList();
        }

        private boolean follows(List<Side> hands) {
            if (!clause.has(Term.Act.FOLLOW)) {
                return false;
            }
            clause.takeAll(Term.Act.FOLLOW, Term.Part.HAND, Term.Part.ARM, Term.Part.PALM);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
            clause.takeAll(Term.Rel.WITH);
            return !hands.isEmpty();
        }

        /** The other hand the same. */
        private Optional<Fit> sameAsLast(List<Side> hands) {
            boolean same = clause.has(Term.Ref.SAME)
                    || clause.has(Term.Ref.TOO)
                            && !clause.has(item -> Landmarks.of(item.term()).isPresent());
            if (!same || now.lastPlace().isEmpty() || hands.size() != 1) {
                return Optional.empty();
            }
            clause.takeAll(
                    Term.Ref.SAME,
                    Term.Ref.TOO,
                    Term.Part.HAND,
                    Term.Part.PALM,
                    Term.Part.FIST,
                    Term.Part.ARM,
                    Term.Act.DO,
                    Term.Act.MOVE);
            return Optional.of(
                    Fit.of(new Move.PlaceHand(hands.getFirst(), now.lastPlace().get(), Optional.empty())));
        }

        private Optional<Fit> related(Side hand) {
            Optional<Item> elbow = clause.takeItem(item -> item.is(Term.Part.ELBOW)
                    && (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW)
                    && item.whose()
                            .flatMap(now::hand)
                            .filter(side -> side == hand)
                            .isEmpty());
            if (elbow.isPresent()) {
                Optional<Landmark> height = height();
                Optional<Palm> palm = new HandDetails(clause, now, true)
                        .read(HandPlace.UNSAID)
                        .palm();
                finish();
                return Optional.of(Fit.of(
                        new Move.RelateHands(HandRelation.PALM_UNDER_ELBOW, hand, height, Optional.empty(), palm)));
            }
            Optional<Item> over = clause.takeItem(item -> (item.is(Term.Part.HAND)
                            || item.is(Term.Part.PALM)
                            || item.bareSide() && item.who().side().isPresent())
                    && (item.rel() == Term.Rel.OVER
                            || item.rel() == Term.Rel.ABOVE
                            || item.rel() == Term.Rel.UNDER
                            || item.rel() == Term.Rel.BELOW
                            || item.rel() == Term.Rel.ON)
                    && item.whose()
                            .flatMap(now::hand)
                            .filter(side -> side == hand.other())
                            .isPresent());
            if (over.isEmpty()) {
                return Optional.empty();
            }
            boolean above = over.get().rel() != Term.Rel.UNDER && over.get().rel() != Term.Rel.BELOW;
            Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
            Optional<Palm> palm =
                    new HandDetails(clause, now, true).read(HandPlace.UNSAID).palm();
            Optional<Landmark> height = height();
            finish();
            return Optional.of(
                    Fit.of(new Move.RelateHands(HandRelation.STACKED, above ? hand : hand.other(), height, gap, palm)));
        }

        private Optional<Landmark> height() {
            int at = clause.find(item -> Landmarks.of(item.term()).isPresent());
            if (at < 0) {
                return Optional.empty();
            }
            clause.use(at);
            clause.take(Term.Manner.HEIGHT);
            return Landmarks.of(clause.item(at).term());
        }

        private Fit placed(List<Side> hands) {
            Side first = hands.getFirst();
            Optional<HandPath> path = path();
            boolean targeted = clause.has(item -> Landmarks.of(item.term()).isPresent() && item.rel() != Term.Rel.FROM
                    || item.term() instanceof Term.Measure);
            HandPlace place = place(first, targeted);
            boolean motion = finish();
            if (place.equals(HandPlace.UNSAID) && path.isEmpty() && returns) {
                return new Fit();
            }
            if (place.equals(HandPlace.UNSAID) && path.isEmpty()) {
                return nowhere(hands, motion);
            }
            List<Move> moves = new ArrayList<>();
            for (Side hand : hands) {
                moves.add(new Move.PlaceHand(hand, hand == first ? place : other(place), path));
            }
            Fit fit = Fit.of(moves).heading(heading);
            if (offsetHeld) {
                fit.holds("how far the hand is from there");
            }
            return fit;
        }

        /** The hand moves up or down, and nobody says how far. */
        private Fit nowhere(List<Side> hands, boolean motion) {
            boolean said = motion || clause.items().stream().anyMatch(item -> item.term() instanceof Term.Act);
            List<Move> moves = new ArrayList<>();
            hands.forEach(hand -> moves.add(new Move.PlaceHand(hand, HandPlace.UNSAID, Optional.empty())));
            Fit fit = Fit.of(moves);
            if (!said) {
                return null;
            }
            return fit.ask(
                    clause.text(),
                    "Where does the " + (hands.size() == 1 ? hands.getFirst().word() + " hand go?" : "hand go?"),
                    List.of(
                            new Question.Choice("chest", "at the chest, "),
                            new Question.Choice("hip", "at the hip, "),
                            new Question.Choice("leave open", "")));
        }

        private Fit ask() {
            Item at = clause.items().stream()
                    .filter(item -> HandWords.hand(item) || HandWords.shaped(item))
                    .findFirst()
                    .orElse(clause.item(0));
            place(Side.LEFT, true);
            finish();
            return new Fit()
                    .ask(
                            at.text(),
                            "Which hand?",
                            List.of(new Question.Choice("left", "left "), new Question.Choice("right", "right ")));
        }

        /** What both hands do, each does to its own side; where a side is named, it is one place for both. */
        private HandPlace other(HandPlace place) {
            if (sideNamed) {
                if (place.sideways().equals(Optional.of(Sideways.OWN_SIDE))) {
                    return place.withSideways(Sideways.OTHER_SIDE);
                }
                return place.sideways().equals(Optional.of(Sideways.OTHER_SIDE))
                        ? place.withSideways(Sideways.OWN_SIDE)
                        : place.at().map(at -> place.withAt(turnedAbout(at))).orElse(place);
            }
            return place.sideways().orElse(Sideways.CENTRE) instanceof Sideways.Toward(var direction)
                            && direction instanceof Direction.OfBody(Turn turn)
                            && Math.abs(turn.degrees()) == 90
                    ? place.withSideways(new Sideways.Toward(new Direction.OfBody(turn.mirrored())))
                    : place;
        }

        private static HandAt turnedAbout(HandAt at) {
            return switch (at) {
                case OWN_KNEE -> HandAt.OTHER_KNEE;
                case OTHER_KNEE -> HandAt.OWN_KNEE;
                case OWN_FOOT -> HandAt.OTHER_FOOT;
                case OTHER_FOOT -> HandAt.OWN_FOOT;
                case STAYS, OTHER_HAND, OTHER_WRIST, OTHER_FOREARM, OTHER_ELBOW -> at;
            };
        }

        /** Where a thumb points is understood, and no record holds it. */
        private void thumb() {
            int at = clause.find(Term.Part.THUMB);
            if (at >= 0) {
                clause.keep(at);
                if (at + 1 < clause.size()
                        && HandDetails.pointing(clause.item(at + 1)).isPresent()) {
                    clause.keep(at + 1);
                }
            }
        }

        private HandPlace place(Side hand, boolean targeted) {
            thumb();
            boolean pushes = clause.has(Term.Act.PUSH);
            boolean palmNamed = clause.has(Term.Part.PALM) || clause.has(Term.Part.HEEL_OF_PALM);
            boolean hangs = clause.has(Term.Act.LOWER)
                    && clause.takeItem(item -> item.is(Term.Way.SIDE)).isPresent();
            Optional<HandShape> shape = shape();
            HandPlace place = HandPlace.UNSAID;
            Optional<HandPoint> measured = measured();
            HandDetails details = new HandDetails(clause, now, targeted);
            place = details.read(place);
            heading = details.hall();
            place = against(place, hand);
            place = heights(place, hand);
            place = fromIt(place);
            place = point(place, measured);
            place = aside(place, hand, pushes);
            boolean hanging = clause.takeAll(Term.Manner.HANGING) | clause.takeAll(Term.Act.HANG);
            if (hangs || hanging) {
                place = HandPlace.HANGING.with(place);
            }
            if (clause.has(Term.Act.SPREAD) && place.sideways().isEmpty() && !place.targets()) {
                place = place.withSideways(Sideways.OWN_SIDE);
            }
            if (clause.has(Term.Act.OPEN)
                    && (clause.indexOf(Term.Part.ARM) >= 0)
                    && place.sideways().isEmpty()) {
                place = place.withSideways(new Sideways.Toward(hand == Side.LEFT ? Direction.LEFT : Direction.RIGHT));
                clause.takeAll(Term.Way.SIDE, Term.Manner.WIDE);
            }
            place = acts(place, pushes, palmNamed);
            place = reach(place, pushes && !place.at().isPresent());
            return shape.isPresent() ? place.withShape(shape.get()) : place;
        }

        /** What pushing, pressing and lifting say of the palm. */
        private HandPlace acts(HandPlace place, boolean pushes, boolean palmNamed) {
            HandPlace said = place;
            boolean fist = clause.indexOf(Term.Part.FIST) >= 0;
            if (pushes
                    && said.palm().isEmpty()
                    && !fist
                    && (clause.takeAll(Term.Way.FORWARD)
                            || clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT)
                                    .isPresent())) {
                said = said.withPalm(Palm.FORWARD);
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

        private Optional<HandShape> shape() {
            Optional<HandShape> named =
                    clause.takeItem(HandWords::shaped).map(item -> ((Term.Shaped) item.term()).shape());
            if (named.isPresent()) {
                clause.takeItem(HandWords::shaped);
                clause.takeItem(item -> item.is(Term.Part.FIST) && item.who() == null);
                return named;
            }
            boolean deep = clause.has(Term.Act.SINK) || clause.has(Term.Act.RISE);
            if (clause.takeItem(item -> item.is(Term.Part.FIST) && !(deep && item.who() == null))
                    .isPresent()) {
                clause.takeAll(Term.Part.FIST);
                return Optional.of(HandShape.FIST);
            }
            boolean opens = clause.has(Term.Act.OPEN)
                    && clause.items().stream().anyMatch(item -> item.is(Term.Part.HAND))
                    && !clause.has(Term.Way.OUT);
            boolean flat = clause.has(Term.Part.PALM) && clause.takeAll(Term.Manner.FLAT);
            boolean alone = opens && clause.items().size() <= 4
                    || opens && clause.has(item -> item.is(Term.Part.HAND) && item.who() != null);
            return flat || alone || opens && !clause.items().stream().anyMatch(Item::both)
                    ? Optional.of(HandShape.OPEN)
                    : Optional.empty();
        }

        private Optional<HandPoint> measured() {
            int at = clause.find(item -> item.is(Term.Manner.MEASURED));
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

        private static HandPoint pointOf(Term term) {
            if (term == Term.Part.PALM || term == Term.Part.HAND) {
                return HandPoint.PALM;
            }
            if (term == Term.Part.FINGERTIPS || term == Term.Part.FINGERS) {
                return HandPoint.FINGERTIPS;
            }
            return term == Term.Part.WRIST ? HandPoint.WRIST : term == Term.Part.ELBOW ? HandPoint.ELBOW : null;
        }

        private HandPlace point(HandPlace place, Optional<HandPoint> measured) {
            if (measured.isPresent()) {
                return place.withPoint(measured.get());
            }
            boolean high = place.height().isPresent();
            if (clause.takeItem(item -> item.is(Term.Part.FINGERTIPS)).isPresent()) {
                return high || place.fingers().isEmpty() ? place.withPoint(HandPoint.FINGERTIPS) : place;
            }
            int wrist = clause.find(
                    item -> item.is(Term.Part.WRIST) && (item.rel() == null || item.rel() == Term.Rel.WITH));
            if (wrist >= 0) {
                clause.use(wrist);
                boolean first = clause.take(Term.Manner.FIRST)
                        || clause.item(wrist).rel() == Term.Rel.WITH && clause.indexOf(Term.Act.MOVE) >= 0;
                HandPlace pointed = place.withPoint(HandPoint.WRIST);
                return first && place.palm().isEmpty() ? pointed.withPalm(Palm.DOWN) : pointed;
            }
            int elbow = clause.find(item -> item.is(Term.Part.ELBOW) && item.rel() == null);
            if (elbow >= 0 && high && place.elbow().isEmpty()) {
                clause.use(elbow);
                return place.withPoint(HandPoint.ELBOW);
            }
            return place;
        }

        private HandPlace against(HandPlace place, Side hand) {
            boolean stays = clause.has(Term.Act.STAY);
            boolean target = clause.has(item -> Landmarks.of(item.term()).isPresent());
            int back = clause.find(Term.Rel.OWN_PLACE);
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
                    && !clause.has(item -> limbTarget(item))) {
                clause.takeAll(Term.Act.STAY, Term.Rel.WHERE, Term.Rel.WAS, Term.Rel.OWN_PLACE);
                return place.withAt(HandAt.STAYS);
            }
            boolean sweeps = clause.has(Term.Act.SWEEP);
            Optional<Item> item = clause.takeItem(some ->
                    !flank(some) && (limbTarget(some) || sweeps && some.is(Term.Part.KNEE) && some.who() != null));
            if (item.isEmpty()) {
                return place;
            }
            Item limb = item.get();
            boolean passes = limb.rel() == Term.Rel.PAST && target;
            if (passes) {
                return place;
            }
            if (limb.rel() == Term.Rel.LEVEL_WITH || limb.rel() == Term.Rel.LINE_OF) {
                clause.keep(clause.items().indexOf(limb));
                return place;
            }
            Optional<Side> whose =
                    limb.whose().flatMap(who -> who == Term.Who.OTHER ? Optional.of(hand.other()) : now.hand(who));
            sideNamed |= limb.who() != null && limb.who().side().isPresent();
            boolean own = (limb.who() == null || limb.who() == Term.Who.OWN) && !HandWords.hand(limb)
                    || whose.filter(side -> side == hand).isPresent();
            HandPlace at = place.withAt(at(limb, own));
            Optional<HandOffset.Way> way = way(limb.rel(), limb);
            Optional<Length> by = clause.take(Term.Measure.class).map(Term.Measure::length);
            offsetHeld |= by.isPresent();
            return way.isPresent()
                    ? at.withOffset(new HandOffset(way.get(), by))
                    : by.isPresent() ? at.withOffset(new HandOffset(HandOffset.Way.AWAY, by)) : at;
        }

        /** The left side: a side of the body, not the other hand. */
        private boolean flank(Item item) {
            int at = clause.items().indexOf(item);
            return item.bareSide()
                    && at + 1 < clause.size()
                    && clause.item(at + 1).is(Term.Way.SIDE);
        }

        private static boolean limbTarget(Item item) {
            boolean hand = HandWords.hand(item)
                    && !item.is(Term.Part.FINGERS)
                    && !item.is(Term.Part.FINGERTIPS)
                    && !item.is(Term.Part.FIST)
                    && !item.is(Term.Part.THUMB)
                    && !item.is(Term.Part.KNUCKLES);
            boolean knee = (item.is(Term.Part.KNEE) && item.rel() != null
                                    || item.is(Term.Part.THIGH) && item.rel() == Term.Rel.BEHIND)
                            && item.who() != null
                    || item.is(Term.Part.KNEE)
                            && item.rel() != null
                            && item.rel() != Term.Rel.TO
                            && item.rel() != Term.Rel.AT
                            && item.rel() != Term.Rel.BEFORE;
            boolean foot = item.is(Term.Part.FOOT)
                    || item.is(Term.Part.ANKLE) && item.who() != null
                    || item.is(Term.Part.TOES)
                    || item.is(Term.Part.HEEL);
            boolean other = item.bareSide() && item.who() == Term.Who.OTHER && item.rel() != null;
            boolean side = item.bareSide()
                    && item.who().side().isPresent()
                    && (item.rel() == Term.Rel.BEFORE
                            || item.rel() == Term.Rel.BEHIND
                            || item.rel() == Term.Rel.BESIDE);
            boolean placed = item.rel() != null
                    && item.rel() != Term.Rel.WITH
                    && item.rel() != Term.Rel.OF
                    && item.rel() != Term.Rel.FROM;
            return (hand || foot || other || side) && placed || knee;
        }

        private static Optional<HandOffset.Way> way(Term.Rel rel, Item limb) {
            if (rel == null) {
                return Optional.empty();
            }
            boolean hand = HandWords.hand(limb);
            return Optional.ofNullable(
                    switch (rel) {
                        case ABOVE -> HandOffset.Way.ABOVE;
                        case OVER -> hand ? null : HandOffset.Way.ABOVE;
                        case BELOW, UNDER -> limb.is(Term.Part.ELBOW) ? null : HandOffset.Way.BELOW;
                        case BEHIND -> HandOffset.Way.BEHIND;
                        case BEFORE -> HandOffset.Way.IN_FRONT;
                        case OUTSIDE -> HandOffset.Way.OUTSIDE;
                        default -> null;
                    });
        }

        private static HandAt at(Item limb, boolean own) {
            return switch (limb.term()) {
                case Term.Part part ->
                    switch (part) {
                        case KNEE, SHIN, THIGH, LEG -> own ? HandAt.OWN_KNEE : HandAt.OTHER_KNEE;
                        case FOOT, HEEL, ANKLE, TOES -> own ? HandAt.OWN_FOOT : HandAt.OTHER_FOOT;
                        case WRIST -> HandAt.OTHER_WRIST;
                        case FOREARM, ARM -> HandAt.OTHER_FOREARM;
                        case ELBOW -> HandAt.OTHER_ELBOW;
                        default -> HandAt.OTHER_HAND;
                    };
                default -> HandAt.OTHER_HAND;
            };
        }

        private HandPlace heights(HandPlace place, Side hand) {
            Optional<Item> beyond = clause.takeItem(item -> item.rel() == Term.Rel.PAST && item.is(Term.Part.SHOULDER));
            HandPlace placed = beyond.isPresent() ? place.withSideways(new Sideways.Across(BEYOND)) : place;
            clause.takeItem(item -> item.rel() == Term.Rel.FROM
                    && Landmarks.of(item.term()).isPresent()
                    && !clause.has(item2 -> false)
                    && hasOther(item));
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

        /** At the navel, two fists above it. */
        private HandPlace fromIt(HandPlace place) {
            int it = clause.find(item ->
                    item.bareSide() && item.who() == Term.Who.IT && item.rel() != null && item.rel() != Term.Rel.WITH);
            if (it < 0 || !place.places()) {
                return place;
            }
            Term.Rel rel = clause.item(it).rel();
            HandOffset.Way way = switch (rel) {
                case ABOVE, OVER -> HandOffset.Way.ABOVE;
                case BELOW, UNDER -> HandOffset.Way.BELOW;
                case BEFORE -> HandOffset.Way.IN_FRONT;
                case BEHIND -> HandOffset.Way.BEHIND;
                case OUTSIDE -> HandOffset.Way.OUTSIDE;
                case FROM -> HandOffset.Way.AWAY;
                default -> null;
            };
            if (way == null) {
                return place;
            }
            clause.use(it);
            clause.takeAll(Term.Way.AWAY);
            Optional<Length> by = place.offset()
                    .flatMap(HandOffset::by)
                    .or(() -> clause.take(Term.Measure.class, measure -> !measure.wide())
                            .map(Term.Measure::length));
            return place.withOffset(new HandOffset(way, by));
        }

        private boolean hasOther(Item item) {
            return clause.has(
                    other -> other != item && Landmarks.of(other.term()).isPresent() && other.rel() != Term.Rel.FROM);
        }

        /** Two fists in front of the navel, a fist off the chest. */
        private HandPlace offset(HandPlace placed, Item said) {
            Optional<Length> by =
                    clause.take(Term.Measure.class, measure -> !measure.wide()).map(Term.Measure::length);
            if (by.isEmpty() || by.get().amount() < 0) {
                return said.rel() == Term.Rel.BELOW || said.rel() == Term.Rel.UNDER
                        ? placed.withOffset(new HandOffset(HandOffset.Way.BELOW, Optional.empty()))
                        : said.rel() == Term.Rel.BEHIND
                                ? placed.withOffset(new HandOffset(HandOffset.Way.BEHIND, Optional.empty()))
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
            int led = clause.find(item ->
                    height(item) && item.rel() != Term.Rel.FROM && item.rel() != Term.Rel.PAST && item.rel() != null);
            if (led >= 0) {
                clause.takeItem(item -> height(item) && item.rel() == Term.Rel.PAST);
                return led;
            }
            int subject = subjectAt();
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                boolean high = i + 1 < clause.size() && clause.item(i + 1).is(Term.Manner.HEIGHT)
                        || i > 0 && clause.item(i - 1).is(Term.Manner.HEIGHT);
                boolean bare = clause.open(i) && height(item) && item.rel() == null;
                if (bare && (high || i > subject && !item.is(Term.Part.EYES) && !item.is(Term.Part.WAIST))) {
                    return i;
                }
            }
            boolean goesOn = clause.has(Term.Act.PUSH);
            if (goesOn
                    && clause.takeItem(item -> height(item) && item.rel() == Term.Rel.PAST)
                            .isPresent()) {
                return -1;
            }
            return clause.find(item -> height(item) && item.rel() != null);
        }

        private int subjectAt() {
            for (int i = 0; i < clause.size(); i++) {
                if (HandWords.hand(clause.item(i)) || clause.item(i).bareSide()) {
                    return i;
                }
            }
            return clause.size();
        }

        private static boolean height(Item item) {
            return Landmarks.of(item.term()).isPresent();
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

        private HandPlace aside(HandPlace place, Side hand, boolean pushes) {
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
            Optional<Term.Measure> apart = clause.take(Term.Measure.class, Term.Measure::wide);
            if (apart.isPresent()) {
                return place.withSideways(new Sideways.Across(
                        Math.clamp(now.shoulderWidths(apart.get().length()), 0, 3)));
            }
            if (directed(pushes, place)) {
                boolean named =
                        clause.has(item -> item.bareSide() && item.who().side().isPresent());
                Ways ways = new Ways(clause, now);
                Optional<Direction> to = ways.of(hand);
                heading = ways.found().or(() -> heading);
                sideNamed |= named && to.isPresent();
                return to.map(way -> place.withSideways(new Sideways.Toward(way)))
                        .orElse(place);
            }
            return rounded && place.sideways().isEmpty() ? place.withSideways(Sideways.CENTRE) : place;
        }

        /** A way of the hand itself: pushing forward says how the palm looks, not where the hand is. */
        private boolean directed(boolean pushes, HandPlace place) {
            boolean too = clause.has(Term.Ref.TOO) && now.lastHeading().isPresent() && !place.targets();
            boolean hall = clause.has(Term.Hall.class)
                    || clause.has(Term.Ref.THERE)
                    || too
                    || clause.has(item -> item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
            boolean aside = clause.has(item -> item.is(Term.Way.SIDE)
                    || item.is(Term.Way.OUT)
                    || item.is(Term.Way.DIAGONAL)
                    || item.is(Term.Way.LEFT_FORWARD)
                    || item.is(Term.Way.RIGHT_FORWARD)
                    || item.is(Term.Way.LEFT_BACK)
                    || item.is(Term.Way.RIGHT_BACK)
                    || item.bareSide()
                            && (item.who().side().isPresent() && item.rel() != null || item.who() == Term.Who.REAR)
                    || item.bareSide()
                            && item.who().side().isPresent()
                            && !afterComma(item)
                            && !clause.has(number -> Ways.amount(number.term()).isPresent()));
            boolean straight = clause.has(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK))
                    && clause.indexOf(Term.Part.PALM) < 0
                    && !clause.has(Term.Act.RETURN)
                    && !pushes
                    && !place.places();
            boolean arm = clause.indexOf(Term.Part.ARM) >= 0 || clause.has(Term.Way.SIDE);
            return hall
                    || straight
                    || aside && (!pushes || arm) && (place.sideways().isEmpty() || clause.has(Term.Way.OUT));
        }

        private boolean afterComma(Item item) {
            int at = clause.items().indexOf(item);
            return at > 0 && clause.item(at - 1).soft();
        }

        private HandPlace reach(HandPlace place, boolean pushes) {
            boolean limb = clause.indexOf(Term.Part.ARM) >= 0 || clause.indexOf(Term.Part.HAND) >= 0;
            boolean round = limb && clause.indexOf(Term.Act.TURN) < 0 && clause.takeAll(Term.Way.ROUND);
            if (clause.takeAll(Term.Manner.ROUNDED) || round) {
                return place.withReach(Reach.ROUNDED);
            }
            Optional<Term.Share> share =
                    clause.has(Term.Manner.EXTENDED) ? clause.take(Term.Share.class) : Optional.empty();
            if (share.isPresent() && share.get().percent() >= 0 && share.get().percent() <= 100) {
                clause.takeAll(Term.Manner.EXTENDED);
                return place.withReach(new Reach((int) Math.round(share.get().percent())));
            }
            boolean close = clause.has(Term.Act.CLOSE)
                    && clause.items().stream().noneMatch(item -> item.is(Term.Part.FIST) || HandWords.shaped(item));
            if (clause.takeAll(Term.Manner.NEAR) || close && clause.takeAll(Term.Act.CLOSE)) {
                return place.withReach(Reach.CLOSE);
            }
            return clause.takeAll(Term.Manner.EXTENDED) || pushes ? place.withReach(Reach.EXTENDED) : place;
        }

        private Optional<HandPath> path() {
            if (clause.takeAll(Term.Manner.SPIRAL)) {
                return Optional.of(HandPath.SPIRAL);
            }
            if (clause.takeAll(Term.Manner.INWARD_ARC)) {
                return Optional.of(HandPath.INWARD_ARC);
            }
            if (clause.takeAll(Term.Manner.OUTWARD_ARC, Term.Manner.ARC)) {
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

        /** Takes the verbs, the parts and the ways that only say how the hand gets there; {@return whether a way was} */
        private boolean finish() {
            boolean carries = clause.indexOf(Term.Act.TAKE) < 0
                    && (clause.has(Term.Act.DRAW)
                            || clause.has(Term.Act.PULL)
                            || clause.has(Term.Act.MOVE)
                            || clause.has(Term.Act.RAISE)
                            || clause.has(Term.Act.RETURN));
            if (carries) {
                clause.takeItem(item -> item.rel() == null && PropFrame.thing(item));
            }
            int look = clause.indexOf(Term.Act.LOOK);
            boolean looked = look > 0
                    && (HandWords.hand(clause.item(look - 1))
                            || clause.item(look - 1).bareSide());
            boolean deep = clause.indexOf(Term.Act.SINK) >= 0 || clause.indexOf(Term.Act.RISE) >= 0;
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                boolean verb = item.term() instanceof Term.Act act && VERBS.contains(act);
                boolean length = item.is(Term.Part.FIST) && item.who() == null && deep;
                boolean part = !length
                                && HandWords.hand(item)
                                && (item.rel() == null || item.rel() == Term.Rel.WITH)
                                && item.who() == null
                        || !length && HandWords.hand(item) && own(item);
                boolean looks = item.is(Term.Act.LOOK) && !looked;
                if (clause.open(i) && (verb && !looks || part)) {
                    clause.use(i);
                }
            }
            boolean way = clause.takeAll(Term.Way.UP, Term.Way.DOWN);
            clause.takeAll(
                    Term.Way.FORWARD,
                    Term.Way.BACK,
                    Term.Way.OUT,
                    Term.Way.IN,
                    Term.Manner.FIRST,
                    Term.Manner.ALL,
                    Term.Manner.BENT,
                    Term.Manner.TOGETHER,
                    Term.Manner.TURNED,
                    Term.Ref.TOO,
                    Term.Rel.OVER,
                    Term.Rel.THROUGH,
                    Term.Rel.PAST,
                    Term.Rel.WHERE);
            clause.takeItem(item -> item.is(Term.Part.BODY) && item.rel() != null);
            clause.takeItem(item -> item.bareSide() && (item.who() == Term.Who.IT || item.who() == Term.Who.BOTH));
            return way;
        }

        /** Whether a phrase names the hand that moves once more. */
        private boolean own(Item item) {
            return (item.rel() == null || item.rel() == Term.Rel.WITH)
                    && (item.both() || item.who() == null || subject(item.who()));
        }

        private boolean subject(Term.Who who) {
            return clause.items().stream()
                    .filter(item -> HandWords.hand(item) && (item.rel() == null || item.rel() == Term.Rel.WITH)
                            || item.bareSide())
                    .filter(item -> item.who() != null && item.who().side().isPresent())
                    .findFirst()
                    .filter(item -> item.who() == who)
                    .isPresent();
        }
    }
}
