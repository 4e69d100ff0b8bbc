package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.Bisection;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Estimate;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * Falling into a step: a foot that cannot be set down empty, with all weight on the other leg, at the depth one has. Asked
 * of every foot that comes down in a place that is said; toes that are not said are looked at over their range. A step
 * whose length is not said goes as far as one reaches.
 *
 * <p>Reach is honest to ±5 cm, in steps that cross or go back aside to ±8 cm.
 */
final class FallingStep implements MomentRule {

    /** Shares of stature: 5 and 8 cm for somebody of 170 cm, and the centimetre that a leg is drawn straight. */
    private static final double LET_PASS = 0.0355;

    private static final double LET_PASS_BACK = 0.053;
    private static final double FAR = 0.09;

    /** Metres by which heels that are level may differ. */
    private static final double LEVEL = 0.001;

    /** Degrees against the pelvis between which toes point that are not said. */
    private static final double[] TOES = {-30, 0, 30, 60};

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        for (Move move : watched.moves()) {
            if (move instanceof Move.OfFoot of
                    && MoveQuestions.travels(move)
                    && empty(watched, of.foot())
                    && known(watched, of.foot())) {
                examine(watched, of.foot(), found);
            }
        }
    }

    /** A foot that is moved under load cannot be set down empty; that is told by itself. */
    private static boolean empty(Watched watched, Side foot) {
        return Load.of(watched.moment(), foot)
                .over(watched.rule(HouseRule.STEPPING_LOAD))
                .isEmpty();
    }

    private static boolean known(Watched watched, Side foot) {
        Pose before = watched.before();
        Pose after = watched.after();
        return before.drop().known()
                && after.hips().known()
                && after.foot(foot).heel().known()
                && !after.foot(foot).heel().assumed()
                && after.foot(foot.other()).heel().known()
                && !after.foot(foot).lifted()
                && !before.foot(foot.other()).lifted();
    }

    private static void examine(Watched watched, Side foot, Consumer<Finding> found) {
        boolean toesSaid = !watched.after().foot(foot).heading().assumed()
                && watched.after().foot(foot).heading().known();
        Pose best = toesSaid ? watched.after() : bestToes(watched, foot);
        double drop =
                Math.max(watched.before().drop().value(), watched.after().drop().value());
        FloorPoint standing = best.foot(foot.other()).heel().value();
        double whole = best.foot(foot).heel().value().distance(standing);
        double reached = reached(watched, best, foot, drop);
        double beyond = (whole - reached) / watched.body().stature();
        if (beyond <= (aside(best, foot) ? LET_PASS_BACK : LET_PASS)) {
            return;
        }
        double least = LeastDrop.of(empty(best, foot, best.foot(foot).heel().value()), watched.body())
                .metres();
        if (watched.before().drop().assumed() && watched.framesReach(least)) {
            found.accept(Finding.of(
                            RuleId.FALLING_STEP,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say("rules.depth_not_said", Measures.fists(least, watched.body()), Labels.of(foot)))
                    .at(Spot.foot(foot)));
            return;
        }
        Finding fall = Finding.of(
                        RuleId.FALLING_STEP,
                        beyond > FAR ? Severity.CAUTION : Severity.LOOK,
                        watched.where(),
                        sentence(watched, best, foot, drop, reached))
                .at(Spot.foot(foot));
        found.accept(fall);
    }

    /** The toes with which the foot reaches farthest. */
    private static Pose bestToes(Watched watched, Side foot) {
        Pose best = watched.after();
        double whole = best.foot(foot)
                .heel()
                .value()
                .distance(best.foot(foot.other()).heel().value());
        double farthest = -1;
        for (double out : TOES) {
            Pose pose = watched.after()
                    .withFoot(
                            foot,
                            watched.after()
                                    .foot(foot)
                                    .withHeading(Estimate.known(
                                            watched.after().pelvis().plus(new Turn(foot.sign() * out)))));
            double reached =
                    reached(watched, pose, foot, watched.before().drop().value());
            if (reached > farthest) {
                farthest = reached;
                best = pose;
            }
            if (reached >= whole) {
                return best;
            }
        }
        return best;
    }

    /** Steps that cross, and those back and aside, are less sure. */
    private static boolean aside(Pose pose, Side foot) {
        FloorVector way = pose.foot(foot)
                .heel()
                .value()
                .minus(pose.foot(foot.other()).heel().value());
        return way.along(pose.facing()) < -LEVEL
                || foot.sign() * way.along(pose.facing().right()) < -LEVEL;
    }

    /** How far from the standing heel, on the way to its place, the foot can be set down empty. */
    private static double reached(Watched watched, Pose pose, Side foot, double drop) {
        FloorPoint standing = pose.foot(foot.other()).heel().value();
        FloorPoint heel = pose.foot(foot).heel().value();
        if (reaches(watched, pose, foot, heel, drop)) {
            return heel.distance(standing);
        }
        double share =
                Bisection.lastTrue(0, 1, part -> reaches(watched, pose, foot, standing.towards(heel, part), drop));
        return share * heel.distance(standing);
    }

    private static String sentence(Watched watched, Pose pose, Side foot, double drop, double reached) {
        FloorPoint standing = pose.foot(foot.other()).heel().value();
        FloorPoint heel = pose.foot(foot).heel().value();
        double whole = heel.distance(standing);
        double least = LeastDrop.of(empty(pose, foot, heel), watched.body()).metres();
        String sink = Double.isFinite(least)
                ? Labels.say("rules.sink_first_or", Measures.fists(least, watched.body()))
                : Labels.say("rules.step");
        return Labels.say(
                "rules.foot_cannot_be",
                Labels.of(foot),
                Measures.cm(whole),
                Measures.fists(drop, watched.body()),
                sink,
                Measures.cm(reached),
                Measures.cm(whole - reached));
    }

    private static boolean reaches(Watched watched, Pose pose, Side foot, FloorPoint heel, double drop) {
        return LeastDrop.of(empty(pose, foot, heel), watched.body()).metres() <= drop;
    }

    /** How one stands when the foot touches down at a place and nothing is on it yet. */
    static Stand empty(Pose after, Side foot, FloorPoint heel) {
        Sole landing = Sole.of(after.foot(foot).withHeel(Estimate.known(heel)));
        Sole standing = Sole.of(after.foot(foot.other()));
        double share = foot == Side.LEFT ? 0 : 1;
        return new Stand(
                foot == Side.LEFT ? landing : standing,
                foot == Side.LEFT ? standing : landing,
                share,
                after.facing(),
                after.pelvis(),
                after.drop().value(),
                0,
                0);
    }
}
