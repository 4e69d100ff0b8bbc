package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.label.Labels;
import app.avrel.motion.HandSpot;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/** A ball hold, or another relation of the hands, that a move of one hand in the same stage breaks; a ball of another size. */
final class BallHeld implements MomentRule {

    private static final double LET_PASS = 0.08;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        for (Move move : watched.moves()) {
            if (move instanceof Move.HoldBall ball) {
                broken(watched, "ball hold", found);
                ball.size().ifPresent(size -> size(watched, watched.body().metres(size), found));
            } else if (move instanceof Move.RelateHands hands) {
                broken(watched, Labels.of(hands.relation()), found);
            }
        }
    }

    private static void broken(Watched watched, String relation, Consumer<Finding> found) {
        Optional<Side> hand = watched.moves().stream()
                .flatMap(move -> breaking(move).stream())
                .findFirst();
        hand.ifPresent(side -> found.accept(Finding.of(
                        RuleId.RELATION_BROKEN,
                        Severity.LOOK,
                        watched.where(),
                        Labels.say("rules.stage_says_but", relation, Labels.of(side)))
                .at(Spot.HANDS)));
    }

    private static Optional<Side> breaking(Move move) {
        return move instanceof Move.PlaceHand place
                        && (place.to().height().isPresent()
                                || place.to().sideways().isPresent())
                ? Optional.of(place.hand())
                : Optional.empty();
    }

    private static void size(Watched watched, double wanted, Consumer<Finding> found) {
        HandSpot spots = new HandSpot(watched.after(), watched.body());
        SpacePoint left = spots.of(Side.LEFT);
        SpacePoint right = spots.of(Side.RIGHT);
        double apart = left.distance(right);
        if (Math.abs(apart - wanted) > LET_PASS) {
            found.accept(Finding.of(
                            RuleId.BALL_SIZE,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say("rules.ball_said_be", Measures.cm(wanted), Measures.cm(apart)))
                    .at(Spot.HANDS));
        }
    }
}
