package app.avrel.rules;

import app.avrel.house.HouseRule;
import app.avrel.posture.Contact;
import app.avrel.posture.Move;
import app.avrel.posture.Pivot;
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
        String foot = turn.foot().word();
        Load.of(watched.moment(), turn.foot()).over(limit).ifPresent(bears -> {
            String sentence = "The " + foot + " foot turns on its " + turn.on().word() + " while it " + bears
                    + "; the house rule is at most " + limit + " %. Shift off it first.";
            found.accept(new Finding(
                            "loaded-turn",
                            Severity.CAUTION,
                            watched.where(),
                            LoadedStep.capital(foot) + " foot turns under load",
                            sentence,
                            "What the sole cannot turn under load goes into the knee.")
                    .at(Spot.foot(turn.foot())));
        });
    }

    private static void onTheFloor(Watched watched, Move.TurnFoot turn, Consumer<Finding> found) {
        Contact contact = watched.before().foot(turn.foot()).contact();
        if (touches(contact, turn.on())) {
            return;
        }
        String foot = turn.foot().word();
        found.accept(new Finding(
                        "turn-without-contact",
                        Severity.LOOK,
                        watched.where(),
                        LoadedStep.capital(foot) + " foot cannot turn there",
                        "The " + foot + " foot is to turn on its " + turn.on().word() + ", but it is "
                                + contact.phrase() + ". Lower it first, or turn it on the part that touches.",
                        "A foot turns on the part that stays on the floor.")
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
