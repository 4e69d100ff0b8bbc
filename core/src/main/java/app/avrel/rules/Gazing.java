package app.avrel.rules;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.posture.Gaze;
import app.avrel.posture.Move;
import java.util.function.Consumer;

/** Eyes that go elsewhere than the house has them. */
final class Gazing implements MomentRule {

    private static final int AHEAD = 2;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int wanted = watched.rule(HouseRule.GAZE);
        if (wanted == 0 || watched.moves().stream().noneMatch(Gazing::seen)) {
            return;
        }
        Gaze now = watched.after().gaze();
        Side leading = HandLine.leading(watched);
        boolean as = wanted != AHEAD ? now.equals(new Gaze.AtHand(leading)) : now instanceof Gaze.Ahead;
        if (!as) {
            found.accept(new Finding(
                            "gaze",
                            Severity.NOTE,
                            watched.where(),
                            "Eyes are not as the house has them",
                            "The house has the eyes "
                                    + (wanted != AHEAD
                                            ? "follow the leading hand: here the " + leading.word() + " one."
                                            : "straight ahead with wide vision."),
                            "Where the eyes go the head turns, and the shoulders follow.")
                    .at(Spot.EYES));
        }
    }

    /** Only stages that move the hands or the eyes are looked at. */
    private static boolean seen(Move move) {
        return move instanceof Move.Look || move instanceof Move.PlaceHand;
    }
}
