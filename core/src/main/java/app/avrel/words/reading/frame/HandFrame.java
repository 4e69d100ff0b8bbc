package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Where hands go and how they look there. */
final class HandFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> HandWords.hand(item)
                || HandWords.shaped(item)
                || item.bareSide()
                || item.is(Term.Act.PUSH)
                || item.is(Term.Act.SLIDE)
                || Landmarks.of(item.term()).isPresent()
                || item.is(Term.Act.STAY)
                || item.is(Term.Ref.THEM)
                || item.is(Term.Act.LOWER)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.SPREAD)
                || item.is(Term.Act.OPEN));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (clause.has(Term.Act.CROSS) && clause.has(item -> HandWords.hand(item) && item.both())
                || RelationFrame.fistsCross(clause)) {
            return Optional.empty();
        }
        return new Reading(clause, now).read();
    }

    private static boolean sinks(Item item) {
        return item.is(Term.Act.LOWER) || item.is(Term.Act.SINK);
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private final HandLooks looks;
        private final HandTargets targets;
        private final HandAside aside;
        private Optional<Heading> heading = Optional.empty();

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
            this.looks = new HandLooks(clause);
            this.targets = new HandTargets(clause, now);
            this.aside = new HandAside(clause, now);
        }

        /** Out to the side, elbow dropped: it is the elbow that goes down. */
        private boolean elbowSinks() {
            int sinks = clause.find(HandFrame::sinks);
            return clause.near(sinks, -1)
                    .filter(elbow -> elbow.is(Term.Part.ELBOW) && elbow.rel() == null)
                    .isPresent();
        }

        /** A hand that hangs at shoulder height: the arm is up, and only how the hand is held there hangs. */
        private static boolean high(HandPlace place) {
            return place.height()
                    .filter(height -> height != Landmark.THIGH && height != Landmark.HIP)
                    .isPresent();
        }

        /** Look at the left hand, ahead to nine: nobody says that the hand goes there. */
        private boolean looksAtHand() {
            return clause.size() > 1
                    && clause.item(0).is(Term.Act.LOOK)
                    && clause.item(1).is(Term.Part.HAND)
                    && clause.item(1).who() != null;
        }

        /** Lift the right two inches off the floor: it is a foot that stands there. */
        private boolean offTheFloor() {
            return clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.FROM)
                    && !clause.has(HandWords::hand);
        }

        /** As you sit back the right hand goes to the hip; hands to the hips and sit: it is the body that sits. */
        private boolean bodySits() {
            int sits = clause.find(Term.Act.SIT);
            return sits >= 0 && sits < clause.find(item -> item.sidedLimb() && HandWords.hand(item))
                    || sits > 0 && clause.item(sits - 1).soft();
        }

        /** And lower them, and part to the sides: the hands do that were spoken of. */
        private boolean onlyGoes(Term... ways) {
            List<Term> goes = List.of(ways);
            return goes.stream().anyMatch(way -> way instanceof Term.Act && clause.has(way))
                    && clause.items().stream().allMatch(item -> goes.contains(item.term()) || Leftover.small(item));
        }

        Optional<Fit> read() {
            HandBorders borders = new HandBorders(clause);
            if (borders.within() || PropHands.given(clause) || PropHands.handedOn(clause)) {
                return Optional.empty();
            }
            if (clause.has(Term.Act.CIRCLE)
                    && !clause.has(item -> Landmarks.of(item.term()).isPresent() || item.rel() != null)) {
                return Optional.empty();
            }
            boolean foot = clause.has(item -> WhichFoot.foot(item)
                    && item.rel() == null
                    && !item.is(Term.Part.THIGH)
                    && !item.is(Term.Part.KNEE));
            if (foot
                    || offTheFloor()
                    || bodySits()
                    || clause.has(Term.Part.WEIGHT)
                    || clause.has(Term.Act.STEP) && !HandWords.goesBack(clause, now)
                    || clause.has(Term.Act.KICK)
                    || clause.has(Term.Act.SHIFT) && clause.has(Term.Act.STAY)
                    || clause.has(Term.Part.EYES) && clause.has(Term.Act.LOOK)
                    || borders.eyesFirst()
                    || looksAtHand()) {
                return Optional.empty();
            }
            boolean pressed = clause.has(item -> (item.is(Term.Part.PALM) || item.is(Term.Part.HAND)) && item.both())
                    && clause.has(Term.Act.PRESS)
                    && clause.has(Term.Manner.TOGETHER);
            boolean goesOn = onlyGoes(Term.Act.LOWER, Term.Act.RAISE)
                    || clause.has(Term.Way.SIDE) && onlyGoes(Term.Act.SPREAD, Term.Act.OPEN, Term.Way.SIDE);
            boolean them =
                    (clause.has(Term.Ref.THEM) || goesOn) && now.topic() == Situation.Topic.HAND && now.bothHands();
            if (clause.has(Term.Part.FAN) && (clause.has(Term.Act.OPEN) || clause.has(Term.Act.CLOSE))) {
                return Optional.empty();
            }
            boolean brushes = clause.has(Term.Act.SWEEP) && clause.has(Term.Part.KNEE);
            if (brushes && brushesAnotherActs()) {
                return Optional.empty();
            }
            boolean goesForth = now.topic() == Situation.Topic.HAND
                    && (clause.has(Term.Act.SLIDE) && clause.has(Term.Way.FORWARD) || clause.has(Term.Act.PUSH))
                    && now.lastHand().isPresent()
                    && !clause.has(WhichFoot::foot);
            boolean named = them || brushes || clause.has(item -> HandWords.hand(item) || HandWords.shaped(item));
            boolean target = clause.has(item -> Landmarks.of(item.term()).isPresent());
            boolean bare = clause.has(Item::bareSide);
            if (pressed || RelationFrame.meet(clause)) {
                return Optional.empty();
            }
            if (!named
                    && !goesForth
                    && !(target && (bare || now.lastHand().isPresent()))
                    && !(bare && new WhichHand(clause, now).handish())) {
                return Optional.empty();
            }
            boolean ofProp = now.topic() == Situation.Topic.PROP && !bare;
            double cost = named ? whose() : goesForth ? Costs.DETAIL_APART : ofProp ? Costs.NO_PROP : elided();
            List<Side> hands = new WhichHand(clause, now).hands();
            if (hands.size() == 1) {
                clause.about(hands.getFirst());
            }
            if (hands.isEmpty()) {
                boolean asks = named
                        && (brushes || clause.has(item -> HandWords.hand(item) && item.rel() == null))
                        && !clause.has(Term.Act.SINK)
                        && !clause.has(Term.Act.RISE);
                return asks ? Optional.of(ask()) : Optional.empty();
            }
            HandLikeOther likeOther = new HandLikeOther(clause, now);
            if (likeOther.follows(hands)) {
                return Optional.of(new Fit().holds("the hand follows").costs(cost));
            }
            Optional<Fit> again = likeOther.sameAsLast(hands);
            if (again.isPresent()) {
                return again;
            }
            Optional<Fit> relation = hands.size() == 1 ? related(hands.getFirst()) : Optional.empty();
            if (relation.isPresent()) {
                return relation.map(fit -> fit.costs(cost));
            }
            return Optional.ofNullable(placed(hands)).map(fit -> fit.costs(cost));
        }

        /** Past the knee and stop by the hip: a knee that is only passed is told in one clause with where the hand ends. */
        private double elided() {
            boolean passed = now.last()
                    .filter(move -> !clause.has(Term.Part.KNEE)
                            && move instanceof Move.PlaceHand(var _, HandPlace to, var _)
                            && to.offset().isEmpty()
                            && (to.at().equals(Optional.of(HandAt.OWN_KNEE))
                                    || to.at().equals(Optional.of(HandAt.OTHER_KNEE))))
                    .isPresent();
            return Costs.LIMB_ELIDED + (passed ? Costs.BEGINS_ANEW : 0.3);
        }

        /** Brush left knee, push right: the hand that pushes is not the one that brushes. */
        private boolean brushesAnotherActs() {
            int hand = clause.find(item -> (HandWords.hand(item) || item.bareSide()) && item.rel() == null);
            int sweep = clause.find(Term.Act.SWEEP);
            int other = clause.find(item -> item.term() instanceof Term.Act && !item.is(Term.Act.SWEEP));
            return other > sweep && (hand < 0 || hand > other);
        }

        /** Fingers up, of nobody's hand: they more likely go on telling of the hand before than begin anew. */
        private double whose() {
            boolean told = clause.has(item -> (HandWords.hand(item) || HandWords.shaped(item) || item.bareSide())
                    && item.rel() == null
                    && (item.who() != null || item.many()));
            boolean acts = clause.item(0).term() instanceof Term.Act;
            return told || acts || now.topic() != Situation.Topic.HAND ? 0 : Costs.DETAIL_APART;
        }

        private Optional<Fit> related(Side hand) {
            boolean goesOn = goesOn();
            Optional<Item> elbow = clause.takeItem(item -> !goesOn
                    && item.is(Term.Part.ELBOW)
                    && (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW)
                    && item.whose()
                            .flatMap(now::hand)
                            .filter(side -> side == hand)
                            .isEmpty());
            if (elbow.isPresent()) {
                Optional<Landmark> height = Landmarks.taken(clause);
                Optional<HandPoint> measured = looks.measured();
                HandPlace details = new HandDetails(clause, now, true)
                        .read(looks.thumb(HandPlace.UNSAID))
                        .withPoint(measured);
                Optional<Palm> palm = details.palm();
                Optional<Move> shape = looking(hand, details.withPalm(Optional.empty()));
                new HandRest(clause).take();
                Move under = new Move.RelateHands(
                        HandRelation.PALM_UNDER_ELBOW, Optional.of(hand), height, Optional.empty(), palm);
                return Optional.of(
                        Fit.of(Stream.concat(Stream.of(under), shape.stream()).toList()));
            }
            if (RelationFrame.passesOther(clause)) {
                return Optional.empty();
            }
            Optional<Item> over = clause.takeItem(item -> (item.is(Term.Part.HAND)
                            || item.is(Term.Part.PALM)
                            || item.is(Term.Part.FIST)
                            || item.bareSide() && (item.who().side().isPresent() || item.who() == Term.Who.IT))
                    && (item.rel() == Term.Rel.OVER
                            || item.rel() == Term.Rel.ABOVE
                            || item.rel() == Term.Rel.UNDER
                            || item.rel() == Term.Rel.BELOW
                            || item.rel() == Term.Rel.ON)
                    && item.whose()
                            .flatMap(now::hand)
                            .filter(side -> side == hand.other())
                            .isPresent());
            Optional<Item> alone = over.isPresent() ? Optional.empty() : abovePlain(hand);
            if (over.isEmpty() && alone.isEmpty()) {
                return Optional.empty();
            }
            boolean above = over.map(item -> item.rel() != Term.Rel.UNDER && item.rel() != Term.Rel.BELOW)
                    .orElseGet(() -> alone.get().is(Term.Rel.ABOVE));
            Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
            boolean bothPalms = clause.has(item -> item.is(Term.Part.PALM) && item.both())
                    || clause.has(Term.Part.PALM) && clause.has(Term.Manner.EACH_OTHER);
            Optional<Palm> palm =
                    new HandDetails(clause, now, true).read(HandPlace.UNSAID).palm();
            Optional<Landmark> height = Landmarks.taken(clause);
            List<Move> moves = new ArrayList<>();
            moves.add(new Move.RelateHands(
                    HandRelation.STACKED, Optional.of(above ? hand : hand.other()), height, gap, Optional.empty()));
            looking(hand, HandPlace.UNSAID.withPalm(palm)).ifPresent(moves::add);
            if (bothPalms && palm.isPresent()) {
                looking(hand.other(), HandPlace.UNSAID.withPalm(palm)).ifPresent(moves::add);
            }
            if (over.filter(item -> item.is(Term.Part.FIST)).isPresent()) {
                moves.add(shaped(hand.other(), HandShape.FIST));
            }
            new HandRest(clause).take();
            return Optional.of(Fit.of(moves));
        }

        /** The wrists rise to the shoulders, hands hanging: they hang from there, and no arm hangs down. */
        private boolean fromWrist(HandPlace place) {
            boolean raised = now.topic() == Situation.Topic.HAND
                    && !place.targets()
                    && now.lastPlace()
                            .filter(last -> last.point().equals(Optional.of(HandPoint.WRIST)))
                            .isPresent();
            boolean alone = clause.said(Term.Part.WRIST) && !clause.said(Term.Part.HAND) && !clause.said(Term.Part.ARM);
            return raised || alone || place.targets() && clause.said(Term.Part.WRIST);
        }

        /** The left hand at the belly, the right on top: of the hand that was just spoken of. */
        private Optional<Item> abovePlain(Side hand) {
            boolean other = now.topic() == Situation.Topic.HAND
                    && !now.bothHands()
                    && now.lastHand().equals(Optional.of(hand.other()));
            return other
                    ? clause.takeItem(item -> item.is(Term.Rel.ABOVE) || item.is(Term.Rel.BELOW))
                    : Optional.empty();
        }

        /** The left hand passes under the right elbow to the hip: it is not under the elbow that it ends. */
        private boolean goesOn() {
            int elbow = clause.find(
                    item -> item.is(Term.Part.ELBOW) && (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW));
            boolean onward = clause.has(Term.Way.FORWARD);
            boolean to = false;
            for (int i = elbow + 1; elbow >= 0 && i < clause.size(); i++) {
                Item item = clause.item(i);
                boolean place = Landmarks.of(item.term()).isPresent() && item.rel() != Term.Rel.AT;
                onward |= place;
                to |= place && (item.rel() == Term.Rel.TO || clause.item(i - 1).is(Term.Mark.UNTIL));
            }
            boolean goes = clause.has(Term.Act.SLIDE) || clause.has(Term.Act.MOVE) && to;
            if (onward && goes && elbow >= 0) {
                clause.use(elbow);
            }
            return onward && (goes || clause.has(Term.Act.PASS));
        }

        /** What else is said of a hand that stands so to the other: fingers, thumb, elbow, shape, the way there. */
        private Optional<Move> looking(Side hand, HandPlace details) {
            HandPlace looks = details.withShape(this.looks.shape());
            Optional<HandPath> path = this.looks.path();
            return looks.equals(HandPlace.UNSAID) && path.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Move.PlaceHand(hand, looks, path));
        }

        private static Move shaped(Side hand, HandShape form) {
            return new Move.PlaceHand(hand, HandPlace.UNSAID.withShape(form), Optional.empty());
        }

        private Fit placed(List<Side> hands) {
            Side first = hands.getFirst();
            oneBeforeTheOther(hands);
            Optional<HandPath> path = looks.path();
            boolean targeted = clause.has(item -> Landmarks.of(item.term()).isPresent() && item.rel() != Term.Rel.FROM
                    || item.term() instanceof Term.Measure);
            boolean turnsOver = TurnOverFrame.said(clause);
            HandPlace place = place(first, targeted);
            TwoWays ways = new TwoWays(clause, now);
            Optional<Direction> second = hands.size() > 1 ? ways.second() : Optional.empty();
            boolean soft = clause.indexOf(Term.Manner.GENTLY) >= 0 || clause.indexOf(Term.Manner.IMAGE) >= 0;
            boolean rises = rises(place);
            boolean motion = new HandRest(clause).take() || rises;
            if (soft && path.isEmpty() && onlyHow(place)) {
                clause.takeAll(Term.Manner.GENTLY, Term.Manner.IMAGE);
                return new Fit().holds("how the " + (hands.size() == 1 ? "hand is" : "hands are"));
            }
            if (place.equals(HandPlace.UNSAID) && path.isEmpty() && targets.returns()) {
                return new Fit();
            }
            if (place.withPoint(Optional.empty()).equals(HandPlace.UNSAID) && path.isEmpty()) {
                return nowhere(hands, motion);
            }
            List<Move> moves = new ArrayList<>();
            boolean over = turnsOver && place.palm().isEmpty();
            for (Side hand : hands) {
                HandPlace here = hand == first ? place : other(place);
                here = over ? TurnOverFrame.over(here, hand, now) : here;
                boolean parted = second.isPresent() && place.sideways().orElse(null) instanceof Sideways.Toward;
                moves.add(new Move.PlaceHand(
                        hand, parted ? ways.nearer(here, toward(place), second.get(), hand) : here, path));
            }
            boolean onFist = clause.items().stream()
                    .anyMatch(item ->
                            item.is(Term.Part.FIST) && (HandLimbs.followed(item) || HandLooks.ofOther(clause, item)));
            if (onFist && hands.size() == 1 && place.at().equals(Optional.of(HandAt.OTHER_HAND))) {
                moves.add(shaped(first.other(), HandShape.FIST));
            }
            Fit fit = Fit.of(moves)
                    .heading(aside.heading().or(() -> heading))
                    .passing(clause.said(Term.Act.SWEEP)
                            || clause.items().stream().anyMatch(item -> item.rel() == Term.Rel.PAST));
            if (place.thumb().isPresent()) {
                fit.holds("where the thumb points");
            }
            if (targets.offsetHeld()) {
                fit.holds("how far the hand is from there");
            }
            return motion && onlyLooks(place) && path.isEmpty() ? askWhere(fit) : fit;
        }

        /** Whether a verb says that the hand goes up or down, and nothing took it as how the hand looks. */
        private boolean rises(HandPlace place) {
            return onlyLooks(place)
                    && (clause.items().stream().anyMatch(item -> item.is(Term.Act.RAISE_PALM))
                            || Stream.of(Term.Act.RAISE, Term.Act.RISE, Term.Act.LOWER, Term.Act.SINK)
                                    .anyMatch(act -> clause.indexOf(act) >= 0));
        }

        /** How the hand looks is said, and no place of it. */
        private static boolean onlyLooks(HandPlace place) {
            return place.height().isEmpty()
                    && place.sideways().isEmpty()
                    && place.reach().isEmpty()
                    && place.at().isEmpty()
                    && place.elbow().isEmpty();
        }

        private Fit askWhere(Fit fit) {
            return fit.ask(clause.text(), "hand_where", "chest", "hip", "open");
        }

        private static Direction toward(HandPlace place) {
            return ((Sideways.Toward) place.sideways().orElseThrow()).direction();
        }

        /** Let both hands fall, the left first: that is no way that they go. */
        private void oneBeforeTheOther(List<Side> hands) {
            int order = clause.find(Term.Manner.FIRST);
            for (int i = Math.max(0, order - 1);
                    order >= 0 && hands.size() > 1 && i <= order + 1 && i < clause.size();
                    i++) {
                if (clause.item(i).bareSide() && clause.item(i).rel() == null) {
                    clause.keep(i);
                }
            }
        }

        /** "Wrists soft", "keep the hands loose": no place is said, only how. */
        private boolean onlyHow(HandPlace place) {
            boolean acts = clause.items().stream()
                    .anyMatch(item -> item.term() instanceof Term.Act act && act != Term.Act.STAY);
            HandPlace pointless = place.withPoint(Optional.empty());
            return !acts
                    && (pointless.equals(HandPlace.UNSAID)
                            || pointless.equals(HandPlace.UNSAID.withAt(Optional.of(HandAt.STAYS))));
        }

        /** The hand moves up or down, and nobody says how far. */
        private @Nullable Fit nowhere(List<Side> hands, boolean motion) {
            boolean said = motion || clause.items().stream().anyMatch(item -> item.term() instanceof Term.Act);
            List<Move> moves = new ArrayList<>();
            hands.forEach(hand -> moves.add(new Move.PlaceHand(hand, HandPlace.UNSAID, Optional.empty())));
            Fit fit = Fit.of(moves);
            if (!said) {
                return null;
            }
            return askWhere(fit);
        }

        private Fit ask() {
            Item at = clause.items().stream()
                    .filter(item -> HandWords.hand(item) || HandWords.shaped(item))
                    .findFirst()
                    .orElse(clause.item(0));
            place(Side.LEFT, true);
            new HandRest(clause).take();
            return new Fit().ask(at.text(), "which_hand", "left_hand", "right_hand");
        }

        /** What both hands do, each does to its own side; where a side is named, it is one place for both. */
        private HandPlace other(HandPlace place) {
            if (targets.sideNamed() || aside.sideNamed()) {
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

        /** A palm, a hand or a forearm that stands upright points its fingers up; a fist has none. */
        private HandPlace upright(HandPlace place) {
            boolean forearm = clause.has(item -> item.is(Term.Part.FOREARM) && item.rel() == null);
            int named = Math.max(clause.indexOf(Term.Part.PALM), clause.indexOf(Term.Part.HAND));
            int upright = clause.indexOf(Term.Manner.UPRIGHT);
            boolean open = named >= 0 && (named < upright || named == upright + 1);
            boolean fist =
                    upright >= 0 && clause.said(Term.Part.FIST) && place.thumb().isEmpty();
            if (fist && clause.takeAll(Term.Manner.UPRIGHT)) {
                return place.withThumb(Pointing.UP);
            }
            boolean stands = place.fingers().isEmpty() && (forearm || open) && clause.takeAll(Term.Manner.UPRIGHT);
            if (forearm && stands) {
                clause.takeAll(Term.Part.FOREARM);
            }
            return stands ? place.withFingers(Pointing.UP) : place;
        }

        /** Strike with the elbow: the hand stays where it is. */
        private boolean withElbow() {
            return clause.has(item -> item.is(Term.Part.ELBOW) && (item.rel() == null || item.rel() == Term.Rel.WITH))
                    && !clause.has(item -> HandWords.hand(item) && !item.is(Term.Part.ELBOW));
        }

        /** Arms loose, to the sides: nothing holds them up. */
        private boolean looseAtSides() {
            return clause.said(Term.Part.ARM)
                    && clause.has(Term.Manner.GENTLY)
                    && clause.items().stream()
                            .noneMatch(item -> item.term() instanceof Term.Act
                                    || Landmarks.of(item.term()).isPresent())
                    && clause.takeAll(Term.Way.SIDE);
        }

        private HandPlace place(Side hand, boolean targeted) {
            boolean pushes = clause.has(Term.Act.PUSH) && !withElbow();
            boolean palmNamed = clause.has(Term.Part.PALM) || clause.has(Term.Part.HEEL_OF_PALM);
            boolean atSides = clause.takeAll(Term.Manner.AT_SIDES);
            boolean sinks = clause.has(Term.Act.LOWER) || clause.has(Term.Act.SINK) || clause.has(Term.Way.DOWN);
            boolean opens = (clause.has(Term.Act.SPREAD) || clause.has(Term.Act.OPEN)) && !(atSides && sinks);
            boolean hangs = atSides && !targeted && !opens
                    || looseAtSides()
                    || (clause.has(HandFrame::sinks) || clause.has(Term.Act.RETURN))
                            && !elbowSinks()
                            && clause.takeItem(item -> item.is(Term.Way.SIDE)).isPresent();
            Optional<HandShape> shape = looks.shape();
            HandPlace place = looks.thumb(HandPlace.UNSAID);
            Optional<HandPoint> measured = looks.measured();
            HandDetails details = new HandDetails(clause, now, targeted);
            place = details.read(place);
            heading = details.hall();
            place = upright(place);
            place = targets.read(place, hand);
            place = place.targets() ? looks.point(place, measured) : place;
            place = aside.read(place, hand, pushes);
            if (atSides && place.sideways().isEmpty() && (targeted || opens)) {
                place = place.withSideways(
                        opens
                                ? new Sideways.Toward(hand == Side.LEFT ? Direction.LEFT : Direction.RIGHT)
                                : Sideways.OWN_SIDE);
            }
            if (clause.has(Term.Act.SPREAD)
                    && place.targets()
                    && place.sideways().equals(Optional.of(Sideways.CENTRE))) {
                place = place.withSideways(Sideways.OWN_SIDE);
            }
            boolean hanging = clause.takeAll(Term.Manner.HANGING) | clause.takeAll(Term.Act.HANG);
            if ((hangs || hanging) && fromWrist(place)) {
                place = place.withFingers(Pointing.DOWN);
            } else if (hangs || hanging) {
                place = high(place) ? place : HandPlace.HANGING.with(place);
            }
            boolean fingersSpread = clause.has(Term.Part.FINGERS) && clause.has(Term.Act.SPREAD);
            boolean armsSpread = clause.has(Term.Act.SPREAD) && clause.indexOf(Term.Part.ARM) >= 0;
            if (clause.has(Term.Act.SPREAD)
                    && !fingersSpread
                    && !armsSpread
                    && place.sideways().isEmpty()
                    && !place.targets()) {
                place = place.withSideways(Sideways.OWN_SIDE);
            }
            if ((clause.has(Term.Act.OPEN) || armsSpread)
                    && (clause.indexOf(Term.Part.ARM) >= 0)
                    && place.sideways().isEmpty()) {
                place = place.withSideways(new Sideways.Toward(hand == Side.LEFT ? Direction.LEFT : Direction.RIGHT));
                clause.takeAll(Term.Way.SIDE, Term.Manner.WIDE);
            }
            place = looks.acts(place, pushes, palmNamed);
            place = looks.reach(place, pushes && !place.at().isPresent());
            return shape.isPresent() ? place.withShape(shape.get()) : place;
        }
    }
}
