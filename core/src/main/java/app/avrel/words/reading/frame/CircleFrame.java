package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.CircleSize;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Hands that go round: which way, how large, how often; with a place at the end where one is said. */
final class CircleFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Act.CIRCLE);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean elsewhere = clause.has(WhichFoot::foot) || clause.has(Term.Part.EYES) || clause.has(Item::prop);
        if (elsewhere || clause.has(HandWords::hand) && clause.has(Term.Part.KNEE)) {
            return Optional.empty();
        }
        boolean target = clause.has(item -> Landmarks.of(item.term()).isPresent()
                        && item.rel() != Term.Rel.AT
                        && item.rel() != Term.Rel.BEFORE)
                || comesBefore(clause);
        Optional<CircleSize> size = size(clause);
        Optional<CircleSense> sense = sense(clause, target);
        Optional<Integer> times = times(clause);
        if (target && size.isEmpty() && sense.isEmpty() && times.isEmpty()) {
            return Optional.empty();
        }
        List<Side> hands = new WhichHand(clause, now).hands();
        clause.takeAll(
                Term.Act.CIRCLE,
                Term.Act.DRAW,
                Term.Act.FORM,
                Term.Act.MOVE,
                Term.Act.DO,
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.ARM,
                Term.Part.BODY,
                Term.Manner.ARC);
        clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.BOTH);
        keepEnds(clause);
        if (hands.isEmpty()) {
            return Optional.of(new Fit().ask(clause.text(), "which_hand", "left_hand", "right_hand"));
        }
        Optional<Landmark> height = Landmarks.taken(clause);
        List<Move> moves = new ArrayList<>();
        for (Side hand : hands) {
            moves.add(new Move.Circle(hand, sense, size, times));
        }
        for (Side hand : hands) {
            height.map(HandPlace.UNSAID::withHeight)
                    .ifPresent(place -> moves.add(new Move.PlaceHand(hand, place, Optional.empty())));
        }
        return Optional.of(Fit.of(moves));
    }

    /** Round and to before the left shoulder: the hand comes there, and does not go round there. */
    private static boolean comesBefore(Clause clause) {
        int circle = clause.find(Term.Act.CIRCLE);
        int place = clause.find(item -> item.rel() == Term.Rel.BEFORE
                && Landmarks.of(item.term()).isPresent()
                && item.whose().flatMap(Term.Who::side).isPresent());
        return place > circle
                && clause.near(place, -1).filter(verb -> verb.is(Term.Act.MOVE)).isPresent();
    }

    /** Up or down at its end, or to one side, is no part of a circle: that is kept as it was said. */
    private static void keepEnds(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean aside = item.bareSide() && item.rel() == Term.Rel.TO;
            if (clause.open(i) && (item.is(Term.Way.DOWN) || item.is(Term.Way.UP) || aside)) {
                clause.keep(i);
            }
        }
    }

    private static Optional<CircleSize> size(Clause clause) {
        if (clause.takeAll(Term.Manner.SMALLER)) {
            return Optional.of(CircleSize.SMALLER);
        }
        if (clause.takeAll(Term.Manner.LARGER)) {
            return Optional.of(CircleSize.LARGER);
        }
        if (clause.takeAll(Term.Manner.SMALL)) {
            return Optional.of(CircleSize.SMALL);
        }
        return clause.takeAll(Term.Manner.LARGE, Term.Manner.WIDE) ? Optional.of(CircleSize.LARGE) : Optional.empty();
    }

    private static Optional<CircleSense> sense(Clause clause, boolean target) {
        if (clause.takeAll(Term.Manner.CLOCKWISE)) {
            return Optional.of(CircleSense.CLOCKWISE);
        }
        if (clause.takeAll(Term.Manner.ANTICLOCKWISE)) {
            return Optional.of(CircleSense.ANTICLOCKWISE);
        }
        if (target) {
            return Optional.empty();
        }
        if (clause.takeAll(Term.Way.OUT)) {
            return Optional.of(CircleSense.OUTWARD);
        }
        return clause.takeAll(Term.Way.IN) ? Optional.of(CircleSense.INWARD) : Optional.empty();
    }

    private static Optional<Integer> times(Clause clause) {
        for (int i = 0; i + 1 < clause.size(); i++) {
            boolean often = clause.item(i).term() instanceof Term.Num(double many)
                    && many == Math.rint(many)
                    && many >= 1
                    && many <= 9
                    && clause.item(i + 1).is(Term.Manner.TIMES);
            if (often) {
                clause.use(i);
                clause.use(i + 1);
                return Optional.of((int) ((Term.Num) clause.item(i).term()).value());
            }
        }
        return Optional.empty();
    }
}
