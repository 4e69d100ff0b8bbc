package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * A posture whose side word its end contradicts, where the house names a side by the leg: the foot in front, or the leg that
 * one stands on.
 */
final class SideWord implements EndRule {

    private static final int BY_LEG = 0;

    /** Foot-lengths by which a foot is in front. */
    private static final double AHEAD = 0.5;

    private static final int HALF = 50;

    @Override
    public void examine(Occurrence done, Performer performer, Directions directions, Consumer<Finding> found) {
        if (performer.rules().get(HouseRule.SIDES) != BY_LEG) {
            return;
        }
        Pose end = done.done().end();
        done.posture().side().ifPresent(said -> {
            Optional<Side> front = inFront(end, performer);
            boolean stands = end.foot(said.other()).lifted() || end.weight().least(said) > HALF;
            if (front.filter(side -> side != said).isPresent() && !stands) {
                found.accept(EndRule.finding(
                        RuleId.SIDE_WORD,
                        done,
                        Labels.say("rules.called_but_at", Labels.of(said), Labels.of(said.other()))));
            }
        });
    }

    private static Optional<Side> inFront(Pose pose, Performer performer) {
        if (!pose.placed() || pose.left().lifted() || pose.right().lifted()) {
            return Optional.empty();
        }
        double lead = Spacing.alongFeet(pose).leftLead() / performer.body().footLength();
        return Math.abs(lead) < AHEAD ? Optional.empty() : Optional.of(lead > 0 ? Side.LEFT : Side.RIGHT);
    }
}
