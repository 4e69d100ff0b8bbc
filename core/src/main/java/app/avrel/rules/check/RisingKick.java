package app.avrel.rules.check;

import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** Rising into a kick: the standing leg straightens while the other goes out. */
final class RisingKick implements MomentRule {

    /** Fists that are let pass. */
    private static final double LET_PASS = 0.3;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean known =
                watched.before().drop().known() && watched.after().drop().known();
        double risen = watched.before().drop().value() - watched.after().drop().value();
        for (Move move : watched.moves()) {
            if (move instanceof Move.Kicking kick && known && watched.fists(risen) > LET_PASS) {
                found.accept(Finding.of(
                                RuleId.RISING_KICK,
                                Severity.LOOK,
                                watched.where(),
                                Labels.say("rules.body_rises_by", Measures.cm(risen), Labels.of(kick.foot())))
                        .at(Spot.foot(kick.foot())));
            }
        }
    }
}
