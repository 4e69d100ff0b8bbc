package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
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
                            "The house has the eyes "
                                    + switch (wanted) {
                                        case FOLLOW -> "follow the leading hand: here the " + leading.word() + " one.";
                                        case PAST ->
                                            "go past the fingertips of the leading hand: here the " + leading.word()
                                                    + " one.";
                                        default -> "straight ahead with wide vision.";
                                    })
                    .at(Spot.EYES));
        }
    }

    /** Only stages that move the hands or the eyes are looked at. */
    private static boolean seen(Move move) {
        return move instanceof Move.Look || move instanceof Move.PlaceHand;
    }
}
