package app.avrel.rules.check;

import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** Turning a foot that bears more than the house rules allow, or on a part that does not touch the floor. */
final class LoadedTurn implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        for (Move move : watched.moves()) {
            if (move instanceof Move.TurnFoot turn) {
                underLoad(watched, turn, found);
                onTheFloor(watched, turn, found);
            }
        }
    }

    private static void underLoad(Watched watched, Move.TurnFoot turn, Consumer<Finding> found) {
        int limit = watched.rule(rule(turn.on()));
        String foot = Labels.of(turn.foot());
        Load.of(watched.moment(), turn.foot()).over(limit).ifPresent(bears -> {
            String sentence = Labels.say("rules.foot_turns_on", foot, Labels.of(turn.on()), bears, limit);
            found.accept(Finding.of(RuleId.LOADED_TURN, Severity.CAUTION, watched.where(), sentence)
                    .headed(Labels.capital(Labels.say("rules.foot_turns_under", foot)))
                    .at(Spot.foot(turn.foot())));
        });
    }

    private static void onTheFloor(Watched watched, Move.TurnFoot turn, Consumer<Finding> found) {
        Contact contact = watched.before().foot(turn.foot()).contact();
        if (touches(contact, turn.on())) {
            return;
        }
        String foot = Labels.of(turn.foot());
        found.accept(Finding.of(
                        RuleId.TURN_WITHOUT_CONTACT,
                        Severity.LOOK,
                        watched.where(),
                        Labels.say("rules.foot_turn", foot, Labels.of(turn.on()), Labels.of(contact)))
                .headed(Labels.capital(Labels.say("rules.foot_cannot_turn", foot)))
                .at(Spot.foot(turn.foot())));
    }

    private static boolean touches(Contact contact, Pivot on) {
        return switch (contact) {
            case FLAT -> true;
            case HEEL -> on == Pivot.HEEL;
            case BALL -> on == Pivot.BALL;
            case LIFTED -> false;
        };
    }

    private static HouseRule rule(Pivot on) {
        return switch (on) {
            case HEEL -> HouseRule.HEEL_TURN_LOAD;
            case BALL -> HouseRule.BALL_TURN_LOAD;
            case SOLE -> HouseRule.SOLE_TURN_LOAD;
        };
    }
}
