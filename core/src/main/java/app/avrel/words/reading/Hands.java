package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads where hands go and how they look there. */
final class Hands {

    private static final double BEYOND = 1.5;

    private final Clause clause;
    private final ReadingContext hearing;
    private boolean sideNamed;

    Hands(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    List<Move> read() {
        List<Side> hands = new WhichHand(clause, hearing).find();
        if (hands.isEmpty()) {
            return List.of();
        }
        Side first = hands.getFirst();
        hands.forEach(hearing::hand);
        Optional<Term.Anchor> elbow = underElbow();
        if (elbow.isPresent() && hands.size() == 1) {
            clause.takeAny(Term.Part.HAND, Term.Part.PALM, Term.Part.WRIST);
            return List.of(
                    new Move.RelateHands(HandRelation.PALM_UNDER_ELBOW, first, height(), Optional.empty(), palm()));
        }
        Optional<Term.Anchor> over = overOther();
        if (over.isPresent() && hands.size() == 1) {
            return stacked(first, over.get());
        }
        Optional<HandPath> path = path();
        HandPlace place = place(first);
        List<Move> moves = new ArrayList<>();
        for (Side hand : hands) {
            moves.add(new Move.PlaceHand(hand, hand == first ? place : other(place), path));
        }
        return moves;
    }

    /** What both hands do, each does to its own side; where a side is named, it is one place for both. */
    private HandPlace other(HandPlace place) {
        if (sideNamed) {
            return place.sideways().equals(Optional.of(Sideways.OWN_SIDE))
                    ? place.withSideways(Sideways.OTHER_SIDE)
                    : place.sideways().equals(Optional.of(Sideways.OTHER_SIDE))
                            ? place.withSideways(Sideways.OWN_SIDE)
                            : place.at()
                                    .map(at -> place.withAt(turnedAbout(at)))
                                    .orElse(place);
        }
        return place.sideways().orElse(Sideways.CENTRE) instanceof Sideways.Toward(var direction)
                        && direction instanceof Direction.OfBody(Turn turn)
                        && Math.abs(turn.degrees()) == 90
                ? place.withSideways(new Sideways.Toward(new Direction.OfBody(turn.mirrored())))
                : place;
    }

    private Optional<Term.Anchor> overOther() {
        return clause.take(
                Term.Anchor.class,
                anchor -> (anchor.part() == Term.Part.HAND || anchor.part() == Term.Part.PALM)
                        && (anchor.rel() == Term.Rel.OVER
                                || anchor.rel() == Term.Rel.ABOVE
                                || anchor.rel() == Term.Rel.UNDER
                                || anchor.rel() == Term.Rel.BELOW));
    }

    private List<Move> stacked(Side hand, Term.Anchor anchor) {
        boolean above = anchor.rel() == Term.Rel.OVER || anchor.rel() == Term.Rel.ABOVE;
        Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
        Optional<Palm> palm = palm();
        clause.takeAny(Term.Part.HAND, Term.Part.PALM);
        return List.of(new Move.RelateHands(HandRelation.STACKED, above ? hand : hand.other(), height(), gap, palm));
    }

    private Optional<Term.Anchor> underElbow() {
        return clause.take(
                Term.Anchor.class,
                anchor -> anchor.part() == Term.Part.ELBOW
                        && (anchor.rel() == Term.Rel.UNDER || anchor.rel() == Term.Rel.BELOW));
    }

    private Optional<Landmark> height() {
        return clause.take(Term.Height.class).map(Term.Height::landmark);
    }

    private HandPlace place(Side hand) {
        HandPlace place = HandPlace.UNSAID;
        boolean pushes = clause.has(Term.Act.PUSH);
        boolean palmNamed = clause.has(Term.Part.PALM);
        Optional<HandShape> shape = shape();
        boolean hangs = clause.has(Term.Act.LOWER) && clause.take(Term.Way.SIDE);
        Optional<HandPoint> measured = measured();
        place = point(new Palms(clause).read(place), measured);
        place = against(place, hand);
        place = heights(place, hand);
        place = aside(place, hand);
        if (hangs || clause.takeAny(Term.Manner.HANGING)) {
            place = HandPlace.HANGING.with(place);
        }
        if (clause.has(Term.Act.SPREAD) && place.sideways().isEmpty()) {
            place = place.withSideways(Sideways.OWN_SIDE);
        }
        if (pushes && clause.take(Term.Who.FRONT) && place.palm().isEmpty()) {
            place = place.withPalm(Palm.FORWARD);
        }
        place = reach(place, pushes);
        if (pushes
                && palmNamed
                && place.palm().filter(Palm.FORWARD::equals).isPresent()
                && place.fingers().isEmpty()) {
            place = place.withFingers(Pointing.UP);
        }
        if (shape.isPresent()) {
            place = place.withShape(shape.get());
        }
        clause.takeAny(
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.ARM,
                Term.Part.FOREARM,
                Term.Part.FINGERS,
                Term.Manner.FIRST,
                Term.Way.DOWN,
                Term.Way.UP,
                Term.Way.FORWARD,
                Term.Way.BACK,
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.BODY,
                Term.Manner.ALL,
                Term.Way.OUT,
                Term.Manner.BENT,
                Term.Part.HEEL_OF_PALM);
        return place;
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

    private Optional<HandShape> shape() {
        Optional<HandShape> named = clause.take(Term.Shaped.class).map(Term.Shaped::shape);
        if (named.isPresent()) {
            return named;
        }
        if (clause.has(Term.Act.OPEN) && clause.has(Term.Part.HAND)
                || clause.has(Term.Part.PALM) && clause.take(Term.Manner.FLAT)) {
            return Optional.of(HandShape.OPEN);
        }
        boolean fists = clause.take(Term.Unit.class, unit -> unit.unit() == LengthUnit.FIST)
                        .isPresent()
                || clause.take(
                                Term.Measure.class,
                                measure -> measure.length().unit() == LengthUnit.FIST
                                        && !measure.wide()
                                        && clause.has(Term.Act.CLOSE))
                        .isPresent();
        return fists ? Optional.of(HandShape.FIST) : Optional.empty();
    }

    private Optional<Palm> palm() {
        return new Palms(clause).read(HandPlace.UNSAID).palm();
    }

    private HandPlace point(HandPlace place, Optional<HandPoint> measured) {
        HandPlace pointed = place;
        if (measured.isPresent()) {
            return pointed.withPoint(measured.get());
        }
        if (clause.take(Term.Part.FINGERTIPS)) {
            pointed = pointed.withPoint(HandPoint.FINGERTIPS);
        } else if (clause.take(Term.Part.WRIST)) {
            pointed = pointed.withPoint(HandPoint.WRIST);
            if (clause.take(Term.Manner.FIRST) && pointed.palm().isEmpty()) {
                pointed = pointed.withPalm(Palm.DOWN);
            }
        }
        if (clause.has(Term.Height.class::isInstance)
                && clause.take(Term.Part.ELBOW)
                && pointed.elbow().isEmpty()) {
            pointed = pointed.withPoint(HandPoint.ELBOW);
        }
        return pointed;
    }

    private Optional<HandPoint> measured() {
        int at = clause.indexOf(term -> term == Term.Manner.MEASURED);
        Optional<Token> part = at < 0 ? Optional.empty() : clause.near(at, 1);
        clause.take(Term.Manner.MEASURED);
        part.ifPresent(clause::takeAt);
        return part.flatMap(token -> Optional.ofNullable(
                token.term() instanceof Term.Part named
                        ? switch (named) {
                            case PALM, HAND -> HandPoint.PALM;
                            case FINGERTIPS, FINGERS -> HandPoint.FINGERTIPS;
                            case WRIST -> HandPoint.WRIST;
                            case ELBOW -> HandPoint.ELBOW;
                            default -> null;
                        }
                        : null));
    }

    private HandPlace against(HandPlace place, Side hand) {
        if (clause.has(Term.Act.STAY)
                && (clause.take(Term.Manner.IN_PLACE) || !clause.has(Term.Height.class::isInstance))
                && place.at().isEmpty()) {
            return place.withAt(HandAt.STAYS);
        }
        Optional<Term.Anchor> anchor = clause.take(Term.Anchor.class);
        sideNamed |= anchor.filter(found -> Term.side(found.who()) != null).isPresent();
        return anchor.map(found -> place.withAt(at(found, hand))).orElse(place);
    }

    private static HandAt at(Term.Anchor anchor, Side hand) {
        boolean own = anchor.who() == Term.Who.OWN || Term.side(anchor.who()) == hand;
        return switch (anchor.part()) {
            case KNEE, SHIN, THIGH, LEG -> own ? HandAt.OWN_KNEE : HandAt.OTHER_KNEE;
            case FOOT, HEEL, ANKLE, TOES -> own ? HandAt.OWN_FOOT : HandAt.OTHER_FOOT;
            case WRIST -> HandAt.OTHER_WRIST;
            case FOREARM, ARM -> HandAt.OTHER_FOREARM;
            case ELBOW -> HandAt.OTHER_ELBOW;
            default -> HandAt.OTHER_HAND;
        };
    }

    private HandPlace heights(HandPlace place, Side hand) {
        Optional<Term.Height> beyond = clause.take(
                Term.Height.class, height -> height.rel() == Term.Rel.PAST && height.landmark() == Landmark.SHOULDER);
        HandPlace placed = beyond.isPresent() ? place.withSideways(new Sideways.Across(BEYOND)) : place;
        Optional<Term.Height> said = clause.take(Term.Height.class);
        if (said.isEmpty()) {
            return placed;
        }
        clause.take(Term.Manner.HEIGHT);
        placed = placed.withHeight(said.get().landmark());
        sideNamed |= Term.side(said.get().who()) != null;
        Optional<Sideways> aside = aside(said.get(), hand);
        Optional<Term.Height> second = clause.take(Term.Height.class);
        if (second.isPresent() && aside.isEmpty()) {
            aside = aside(second.get(), hand);
        }
        return aside.isPresent() ? placed.withSideways(aside.get()) : placed;
    }

    private static Optional<Sideways> aside(Term.Height height, Side hand) {
        Side said = Term.side(height.who());
        if (said != null) {
            return Optional.of(said == hand ? Sideways.OWN_SIDE : Sideways.OTHER_SIDE);
        }
        return switch (height.rel()) {
            case BEFORE -> Optional.of(Sideways.CENTRE);
            case BESIDE -> Optional.of(Sideways.OWN_SIDE);
            default -> Optional.empty();
        };
    }

    private HandPlace aside(HandPlace place, Side hand) {
        boolean rounded = clause.has(Term.Manner.ROUNDED) && clause.has(Term.Part.ARM);
        if (clause.take(Term.Manner.HALVES)) {
            return clause.take(Term.Num.class)
                    .filter(halves -> halves.value() >= -2 && halves.value() <= 3)
                    .map(halves -> place.withSideways(new Sideways.Across(halves.value())))
                    .orElse(place);
        }
        if (clause.take(Term.Manner.CENTRE_LINE)) {
            return place.withSideways(Sideways.CENTRE);
        }
        if (clause.take(Term.Manner.OWN_SIDE)) {
            return place.withSideways(Sideways.OWN_SIDE);
        }
        if (clause.take(Term.Way.ACROSS)) {
            return place.withSideways(Sideways.OTHER_SIDE);
        }
        Optional<Term.Measure> apart = clause.take(Term.Measure.class, Term.Measure::wide);
        if (apart.isPresent()) {
            return place.withSideways(new Sideways.Across(
                    Math.clamp(hearing.shoulderWidths(apart.get().length()), 0, 3)));
        }
        if (directed()) {
            return new DirectionReading(clause, hearing)
                    .of(hand)
                    .map(to -> place.withSideways(new Sideways.Toward(to)))
                    .orElse(place);
        }
        return rounded && place.sideways().isEmpty() ? place.withSideways(Sideways.CENTRE) : place;
    }

    /** A way of the hand itself: pushing forward says how the palm looks, not where the hand is. */
    private boolean directed() {
        boolean hall = clause.has(
                term -> term instanceof Term.Hall || term instanceof Term.Compass || term instanceof Term.Place);
        boolean aside = clause.has(Term.Way.SIDE)
                || clause.has(Term.Way.OUT)
                || clause.has(Term.Way.DIAGONAL)
                || clause.indexOf(term -> term == Term.Who.LEFT || term == Term.Who.RIGHT || term == Term.Who.REAR)
                        >= 0;
        return hall || aside && !clause.has(Term.Act.PUSH);
    }

    private HandPlace reach(HandPlace place, boolean pushes) {
        if (clause.take(Term.Manner.ROUNDED)) {
            return place.withReach(Reach.ROUNDED);
        }
        Optional<Term.Share> share = clause.take(Term.Share.class);
        if (share.isPresent() && share.get().percent() >= 0 && share.get().percent() <= 100) {
            clause.take(Term.Manner.EXTENDED);
            return place.withReach(new Reach((int) Math.round(share.get().percent())));
        }
        if (clause.take(Term.Manner.NEAR) || closeOnly() && clause.take(Term.Act.CLOSE)) {
            return place.withReach(Reach.CLOSE);
        }
        return clause.take(Term.Manner.EXTENDED) || pushes ? place.withReach(Reach.EXTENDED) : place;
    }

    /** "Close", and nothing that closes: near the body. */
    private boolean closeOnly() {
        return clause.tokens().stream().filter(token -> !token.filler()).allMatch(token -> token.is(Term.Act.CLOSE));
    }

    private Optional<HandPath> path() {
        if (clause.take(Term.Manner.SPIRAL)) {
            return Optional.of(HandPath.SPIRAL);
        }
        if (clause.take(Term.Manner.INWARD_ARC)) {
            return Optional.of(HandPath.INWARD_ARC);
        }
        if (clause.takeAny(Term.Manner.OUTWARD_ARC, Term.Manner.ARC)) {
            return Optional.of(HandPath.OUTWARD_ARC);
        }
        if (clause.take(Term.Manner.GOING_OVER)) {
            return Optional.of(HandPath.OVER);
        }
        if (clause.take(Term.Manner.GOING_UNDER)) {
            return Optional.of(HandPath.UNDER);
        }
        return clause.take(Term.Manner.STRAIGHT) ? Optional.of(HandPath.DIRECT) : Optional.empty();
    }
}
