package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** Turns a palm over, with no word of where it looks then: to the other side of where it looks now. */
final class TurnOverFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Act.TURN_OVER) && clause.has(item -> HandWords.hand(item) && item.rel() == null);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (clause.has(TurnOverFrame::says)) {
            return Optional.empty();
        }
        List<Side> hands = new WhichHand(clause, now).hands();
        List<Optional<Move>> over = hands.stream().map(hand -> over(hand, now)).toList();
        if (over.isEmpty() || over.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        clause.takeAll(Term.Act.TURN_OVER, Term.Act.TURN, Term.Act.ROLL, Term.Part.PALM, Term.Part.WRIST);
        new HandRest(clause).take();
        return Optional.of(Fit.of(over.stream().flatMap(Optional::stream).toList()));
    }

    /** Where it goes or looks, or what it is against. */
    private static boolean says(Item item) {
        boolean way = item.term() instanceof Term.Way || item.term() instanceof Term.Hall;
        boolean place = Landmarks.of(item.term()).isPresent() || item.rel() != null;
        return way || place || item.is(Term.Act.FACE) || item.is(Term.Act.LOOK) || item.is(Term.Part.FIST);
    }

    /** {@return whether a palm turns over on its way: "turns over", or "turns" and no word of where to} */
    static boolean said(Clause clause) {
        int palm = clause.find(item -> item.is(Term.Part.PALM) && item.rel() == null);
        boolean turns = palm >= 0
                && palm + 2 < clause.size()
                && clause.item(palm + 1).is(Term.Act.TURN)
                && (clause.item(palm + 2).soft() || clause.item(palm + 2).term() instanceof Term.Act);
        return turns || clause.has(Term.Act.TURN_OVER) || turnsOver(clause);
    }

    /** It goes forward and turns over: nothing stands behind that word. */
    private static boolean turnsOver(Clause clause) {
        int over = clause.find(Term.Rel.OVER);
        boolean ends = over + 1 == clause.size() || clause.item(over + 1).soft();
        return over > 0 && ends && clause.item(over - 1).is(Term.Act.TURN);
    }

    /** {@return a place with the palm turned to the other side of where it looks now, where that is known} */
    static HandPlace over(HandPlace place, Side hand, Situation now) {
        return now.pose()
                .hand(hand)
                .palm()
                .flatMap(TurnOverFrame::opposite)
                .map(place::withPalm)
                .orElse(place);
    }

    private static Optional<Move> over(Side hand, Situation now) {
        HandPlace turned = over(HandPlace.UNSAID, hand, now);
        return turned.equals(HandPlace.UNSAID)
                ? Optional.empty()
                : Optional.of(new Move.PlaceHand(hand, turned, Optional.empty()));
    }

    private static Optional<Palm> opposite(Palm palm) {
        return switch (palm) {
            case UP -> Optional.of(Palm.DOWN);
            case DOWN -> Optional.of(Palm.UP);
            case IN -> Optional.of(Palm.OUT);
            case OUT -> Optional.of(Palm.IN);
            case FORWARD -> Optional.of(Palm.BACK);
            case BACK -> Optional.of(Palm.FORWARD);
            case TO_THE_LEFT -> Optional.of(Palm.TO_THE_RIGHT);
            case TO_THE_RIGHT -> Optional.of(Palm.TO_THE_LEFT);
            case TO_THE_OTHER_HAND, TO_THE_OTHER_FOREARM, TO_THE_OTHER_ELBOW -> Optional.empty();
        };
    }
}
