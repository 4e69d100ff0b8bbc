package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Sideways;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Hands that part to two directions, said one after the other: to 10 and 1. */
final class TwoWays {

    private final Clause clause;
    private final Situation now;

    TwoWays(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return where the second direction is, once the first is taken; empty where only one is said} */
    Optional<Direction> second() {
        for (int i = 2; i < clause.size(); i++) {
            boolean led =
                    (clause.item(i - 1).is(Term.Mark.AND) || clause.item(i - 1).is(Term.Mark.COMMA))
                            && !clause.open(i - 2)
                            && Ways.named(clause.item(i - 2)).isPresent();
            Optional<Heading> heading = led && clause.open(i) ? Ways.named(clause.item(i)) : Optional.empty();
            if (heading.isPresent()) {
                clause.use(i);
                return heading.map(found -> new Direction.OfPosture(now.ofPosture(found)));
            }
        }
        return Optional.empty();
    }

    /** {@return a place with that of two directions which lies more to the side of a hand} */
    HandPlace nearer(HandPlace place, Direction first, Direction second, Side hand) {
        boolean firstIsLeft = leftness(first) <= leftness(second);
        return place.withSideways(new Sideways.Toward(firstIsLeft == (hand == Side.LEFT) ? first : second));
    }

    private double leftness(Direction direction) {
        if (!(direction instanceof Direction.OfPosture(Bearing bearing))) {
            return 0;
        }
        double off = Heading.wrapping(bearing.degrees() - now.pose().facing().degrees())
                .degrees();
        return off > 180 ? off - 360 : off;
    }
}
