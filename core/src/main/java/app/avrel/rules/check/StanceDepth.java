package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.label.Labels;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.JoinWords;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/** A stance too long for the depth in which it is held: one leg does not reach its foot. Least drops are ±0.3 fist. */
final class StanceDepth implements MomentRule {

    @Override
    public boolean ofStances() {
        return true;
    }

    /** Fists: ±0.3 of the model, and the centimetre that a leg is drawn straight without a word. */
    static final double LET_PASS = 0.42;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Pose after = watched.after();
        boolean bothDown = !after.left().lifted() && !after.right().lifted();
        if (!bothDown || !Watched.known(after) || !watched.standsAnew() || !bothBear(after)) {
            return;
        }
        LeastDrop least = LeastDrop.of(Stand.of(after), watched.body());
        double shortBy = watched.fists(least.metres() - after.drop().value());
        if (shortBy > LET_PASS && after.drop().assumed() && watched.framesReach(least.metres())) {
            found.accept(Finding.of(
                            RuleId.STANCE_DEPTH,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say(
                                    "rules.depth_not_said",
                                    Measures.fists(least.metres(), watched.body()),
                                    Labels.of(least.limiting())))
                    .at(Spot.hip(least.limiting())));
        } else if (shortBy > LET_PASS) {
            found.accept(Finding.of(RuleId.STANCE_DEPTH, Severity.LOOK, watched.where(), sentence(watched, least))
                    .at(Spot.hip(least.limiting())));
        }
    }

    /** A foot without weight is the step's matter. */
    private static boolean bothBear(Pose pose) {
        double left = pose.weight().middle(Side.LEFT) / 100;
        return Math.min(left, 1 - left) >= Watched.BEARS;
    }

    private static String sentence(Watched watched, LeastDrop least) {
        Pose after = watched.after();
        String held = Labels.say(
                "rules.leg_does",
                JoinWords.share(after.weight()),
                Labels.of(least.limiting()),
                Measures.fists(after.drop().value(), watched.body()));
        Optional<String> sink = Double.isFinite(least.metres())
                ? Optional.of(Labels.say("rules.sink_2", Measures.fists(least.metres(), watched.body())))
                : Optional.empty();
        String heel = after.foot(least.limiting()).contact() == Contact.FLAT
                ? Labels.say("rules.shift_less_or")
                : Labels.say("rules.or_shift_less");
        return held + ": "
                + sink.map(words -> Labels.say("rules.shorten_stance_2", words))
                        .orElse(Labels.say("rules.shorten_stance"))
                + heel;
    }
}
