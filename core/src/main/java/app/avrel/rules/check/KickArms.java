package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Arms that are not along the kicking leg, or not opened to two sides, where the house wants them so. */
final class KickArms implements MomentRule {

    private static final int ALONG = 1;
    private static final double NEAR = 35;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int wanted = watched.rule(HouseRule.KICK_ARMS);
        if (wanted == 0) {
            return;
        }
        for (Move move : watched.moves()) {
            if (move instanceof Move.Kicking kick) {
                examine(watched, kick, wanted, found);
            }
        }
    }

    private static void examine(Watched watched, Move.Kicking kick, int wanted, Consumer<Finding> found) {
        Pose after = watched.after();
        double leg = kick.toward().map(direction -> against(direction, after)).orElse(0.0);
        List<String> off = Stream.of(Side.values())
                .filter(side -> apart(degrees(after, side, watched), leg) > NEAR == (wanted == ALONG))
                .map(side -> Labels.say(
                        "rules.arm_from", Labels.of(side), Numbers.whole(apart(degrees(after, side, watched), leg))))
                .toList();
        if (!off.isEmpty()) {
            found.accept(Finding.of(
                            RuleId.KICK_ARMS,
                            Severity.LOOK,
                            watched.where(),
                            Labels.say(
                                    "rules.house_wants_arms",
                                    HouseRule.KICK_ARMS.say(wanted),
                                    Labels.of(kick.foot()),
                                    String.join(", ", off)))
                    .at(Spot.HANDS));
        }
    }

    private static double against(Direction direction, Pose pose) {
        return switch (direction) {
            case Direction.OfBody(var turn) -> turn.degrees();
            case Direction.OfPosture(Bearing heading) ->
                pose.facing().turnTo(heading).degrees();
        };
    }

    private static double degrees(Pose pose, Side side, Watched watched) {
        SpacePoint palm = new HandSpot(pose, watched.body()).of(side);
        return Math.toDegrees(Math.atan2(palm.right(), palm.ahead()));
    }

    private static double apart(double one, double other) {
        return Bearing.wrapping(one).degreesFrom(Bearing.wrapping(other));
    }
}
