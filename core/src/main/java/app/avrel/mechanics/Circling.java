package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.CircleSize;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;

/** A hand that goes round, upright before the body, and comes back to where it was. */
public final class Circling {

    /** Radii as shares of the stature: a drawing's choice, no measure. */
    private static final double USUAL = 0.08;

    private static final double SMALL = 0.045;
    private static final double LARGE = 0.13;

    /** Above this share of the stature the circle hangs below the hand, so that it stays before the body. */
    private static final double HIGH = 0.7;

    private Circling() {}

    /**
     * {@return the hand a share of the circle after its start}
     *
     * @param hand where it would be without the circle, in the frame of the chest
     */
    public static HandRig at(Move.Circle circle, HandRig hand, double share, Body body) {
        CircleSense sense = circle.sense().orElse(CircleSense.OUTWARD).seenBy(circle.hand());
        int way = sense == CircleSense.CLOCKWISE ? -1 : 1;
        boolean above = hand.palm().up() > HIGH * body.stature();
        double begins = above ? Math.PI / 2 : -Math.PI / 2;
        double angle = begins + way * 2 * Math.PI * circle.times().orElse(1) * share;
        double radius = radius(circle.size()) * body.stature();
        SpacePoint off = new SpacePoint(
                radius * (Math.cos(angle) - Math.cos(begins)), 0, radius * (Math.sin(angle) - Math.sin(begins)));
        return new HandRig(hand.palm().plus(off), hand.facing(), hand.fingers(), hand.elbow(), hand.shape());
    }

    private static double radius(Optional<CircleSize> size) {
        return size.map(said -> switch (said) {
                    case SMALL, SMALLER -> SMALL;
                    case LARGE, LARGER -> LARGE;
                })
                .orElse(USUAL);
    }

    /** {@return the circle of a hand among moves} */
    public static Optional<Move.Circle> of(Side hand, List<Move> moves) {
        return moves.stream()
                .filter(Move.Circle.class::isInstance)
                .map(Move.Circle.class::cast)
                .filter(circle -> circle.hand() == hand)
                .findFirst();
    }
}
