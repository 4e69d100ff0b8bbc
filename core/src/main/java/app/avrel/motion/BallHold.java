package app.avrel.motion;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.Optional;

/**
 * Where the palms are that hold a ball: one above and one below its middle, as far apart as it is wide, both on one line,
 * which is the centre line or half a shoulder to one side.
 */
final class BallHold {

    /** How far to the side a ball is held that is not held before the middle, in shoulder halves. */
    private static final double ASIDE = 0.7;

    /** What a ball measures of which nothing is said. */
    private static final Length USUAL = Length.fists(4);

    private BallHold() {}

    static Pose after(Pose pose, Move.HoldBall ball) {
        Side above = ball.above();
        return pose.withHand(above, pose.hand(above).with(palm(ball, above)))
                .withHand(above.other(), pose.hand(above.other()).with(palm(ball, above.other())))
                .withHold(Optional.of(HandHold.BALL));
    }

    private static HandPlace palm(Move.HoldBall ball, Side hand) {
        boolean upper = hand == ball.above();
        Length size = ball.size().orElse(USUAL);
        Length half = new Length(size.amount() / 2, size.unit());
        HandOffset.Way way = upper ? HandOffset.Way.ABOVE : HandOffset.Way.BELOW;
        return HandPlace.UNSAID
                .withHeight(ball.height().orElse(Landmark.SOLAR_PLEXUS))
                .withSideways(sideways(hand, ball.beside()))
                .withReach(Reach.ROUNDED)
                .withPalm(upper ? Palm.DOWN : Palm.UP)
                .withOffset(new HandOffset(way, Optional.of(half)));
    }

    private static Sideways sideways(Side hand, Optional<Side> beside) {
        return beside.<Sideways>map(side -> new Sideways.Across(side == hand ? ASIDE : -ASIDE))
                .orElse(Sideways.CENTRE);
    }
}
