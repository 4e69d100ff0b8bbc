package app.avrel.rules.check;

import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.posture.count.Arrival;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/** Hands that are said to arrive with the count's end, while their moves stand in a stage before it. */
final class Arriving implements CountsRule {

    @Override
    public void examine(Occurrence done, Performer posing, Consumer<Finding> found) {
        for (Moment end : CountsRule.ends(done)) {
            Count count = end.count();
            boolean together = count.arrival().equals(Optional.of(Arrival.THROUGHOUT));
            int hands = last(count, true);
            int feet = last(count, false);
            if (together && hands >= 0 && feet > hands && severalStages(count)) {
                found.accept(Finding.of(
                                RuleId.ARRIVAL,
                                Severity.NOTE,
                                CountsRule.count(done, end.place().count()),
                                Labels.say("rules.hands_arrive", hands + 1, feet + 1))
                        .at(Spot.HANDS));
            }
        }
    }

    /** Hands that move in more than one stage wait for each of them. */
    private static boolean severalStages(Count count) {
        return count.stages().stream()
                        .filter(stage -> stage.moves().stream().anyMatch(Arriving::ofHands))
                        .count()
                > 1;
    }

    private static int last(Count count, boolean hands) {
        for (int stage = count.stages().size() - 1; stage >= 0; stage--) {
            if (count.stages().get(stage).moves().stream().anyMatch(move -> ofHands(move) == hands)) {
                return stage;
            }
        }
        return -1;
    }

    private static boolean ofHands(Move move) {
        return move instanceof Move.PlaceHand || move instanceof Move.HoldBall || move instanceof Move.RelateHands;
    }
}
