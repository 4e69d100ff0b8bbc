package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** Eyes that go elsewhere than the house has them. */
final class Gazing implements MomentRule {

    private static final int FOLLOW = 1;
    private static final int PAST = 3;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int wanted = watched.rule(HouseRule.GAZE);
        if (wanted == 0 || watched.moves().stream().noneMatch(Gazing::seen)) {
            return;
        }
        Gaze now = watched.after().gaze();
        Side leading = HandLine.leading(watched);
        boolean as = switch (wanted) {
            case FOLLOW -> now instanceof Gaze.AtHand(Side hand, var _) && hand == leading;
            case PAST -> now.equals(new Gaze.AtHand(leading, Gaze.AtHand.Aim.PAST));
            default -> now instanceof Gaze.Ahead;
        };
        if (!as) {
            found.accept(Finding.of(
                            RuleId.GAZE,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say(
                                    "rules.house_has_eyes",
                                    switch (wanted) {
                                        case FOLLOW -> Labels.say("rules.follow_leading_hand", Labels.of(leading));
                                        case PAST -> Labels.say("rules.go_past_fingertips", Labels.of(leading));
                                        default -> Labels.say("rules.straight_ahead_wide");
                                    }))
                    .at(Spot.EYES));
        }
    }

    /** Only stages that move the hands or the eyes are looked at. */
    private static boolean seen(Move move) {
        return move instanceof Move.Look || move instanceof Move.PlaceHand;
    }
}
