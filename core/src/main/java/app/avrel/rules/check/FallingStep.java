package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.mechanics.Bisection;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * Falling into a step: a foot that cannot be set down empty, with all weight on the other leg, at the depth one has.
 *
 * <p>Reach is honest to ±5 cm, so that a third of a fist of depth is let pass.
 */
final class FallingStep implements MomentRule {

    /** Fists of depth within which a leg may still reach. */
    static final double LET_PASS = 0.3;

    private static final double FAR = 1;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        for (Move move : watched.moves()) {
            if (move instanceof Move.Step step && known(watched, step.foot())) {
                examine(watched, step.foot(), found);
            }
        }
    }

    private static boolean known(Watched watched, Side foot) {
        Pose before = watched.before();
        Pose after = watched.after();
        return before.drop().known()
                && after.hips().known()
                && after.foot(foot).heel().known()
                && after.foot(foot).heading().known()
                && after.foot(foot.other()).heel().known()
                && !after.foot(foot).lifted()
                && !before.foot(foot.other()).lifted();
    }

    private static void examine(Watched watched, Side foot, Consumer<Finding> found) {
        double drop =
                Math.max(watched.before().drop().value(), watched.after().drop().value());
        Stand empty =
                empty(watched.after(), foot, watched.after().foot(foot).heel().value());
        double least = LeastDrop.of(empty, watched.body()).metres();
        double shortBy = watched.fists(least - drop);
        if (shortBy <= LET_PASS) {
            return;
        }
        found.accept(Finding.of(
                        RuleId.FALLING_STEP,
                        shortBy > FAR ? Severity.CAUTION : Severity.LOOK,
                        watched.where(),
                        sentence(watched, foot, drop, least))
                .at(Spot.foot(foot)));
    }

    private static String sentence(Watched watched, Side foot, double drop, double least) {
        FloorPoint standing = watched.after().foot(foot.other()).heel().value();
        FloorPoint heel = watched.after().foot(foot).heel().value();
        double whole = heel.distance(standing);
        double share = Bisection.lastTrue(0, 1, part -> reaches(watched, foot, standing.towards(heel, part), drop));
        String sink = Double.isFinite(least)
                ? "Sink to " + Measures.fists(least, watched.body()) + " first, or step "
                : "Step ";
        return "The " + foot.word() + " foot cannot be set down empty " + Measures.cm(whole)
                + " away (heel to heel) with the pelvis "
                + Measures.fists(drop, watched.body()) + " down. " + sink + Measures.cm(share * whole) + ", which is "
                + Measures.cm(whole - share * whole) + " less.";
    }

    private static boolean reaches(Watched watched, Side foot, FloorPoint heel, double drop) {
        return LeastDrop.of(empty(watched.after(), foot, heel), watched.body()).metres() <= drop;
    }

    /** How one stands when the foot touches down at a place and nothing is on it yet. */
    static Stand empty(Pose after, Side foot, FloorPoint heel) {
        Sole landing = Sole.of(after.foot(foot).withHeel(app.avrel.motion.Estimate.known(heel)));
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
