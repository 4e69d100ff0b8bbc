package app.avrel.form.closing;

import app.avrel.body.Body;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import java.util.ArrayList;
import java.util.List;

/** The amounts said in a posture that may be changed to close a form, each with its range under the house rules. */
final class Amounts {

    /** Degrees that a turn may become more or less. */
    private static final double TURN_ROOM = 60;

    private final HouseRules rules;
    private final Body body;

    Amounts(HouseRules rules, Body body) {
        this.rules = rules;
        this.body = body;
    }

    /** {@return all of a posture, in the order they are said} */
    List<Amount> of(Posture posture) {
        List<Amount> amounts = new ArrayList<>();
        for (int count = 0; count < posture.counts().size(); count++) {
            List<Stage> stages = posture.counts().get(count).stages();
            for (int stage = 0; stage < stages.size(); stage++) {
                List<Move> moves = stages.get(stage).moves();
                for (int move = 0; move < moves.size(); move++) {
                    add(posture, count, stage, move, moves.get(move), amounts);
                }
            }
        }
        return amounts;
    }

    private void add(Posture posture, int count, int stage, int move, Move said, List<Amount> amounts) {
        switch (said) {
            case Move.Step(var _, StepPlace.Along(var _, var distance, var width), var _, var _, var _) -> {
                double foot = body.footLength() / 100;
                double shoulders = body.shoulderWidth() / 100;
                distance.map(length -> body.metres(length))
                        .map(metres -> amount(
                                posture,
                                count,
                                stage,
                                move,
                                Amount.Kind.DISTANCE,
                                metres,
                                Math.min(metres, 0.3 * body.footLength()),
                                Math.max(metres, rules.get(HouseRule.BOW_LENGTH_MOST) * foot)))
                        .ifPresent(amounts::add);
                width.map(length -> body.metres(length))
                        .map(metres -> amount(
                                posture,
                                count,
                                stage,
                                move,
                                Amount.Kind.WIDTH,
                                metres,
                                Math.min(metres, rules.get(HouseRule.BOW_WIDTH_LEAST) * shoulders),
                                Math.max(metres, rules.get(HouseRule.BOW_WIDTH_MOST) * shoulders)))
                        .ifPresent(amounts::add);
            }
            case Move.TurnBody(var _, var turning) ->
                turning.filter(Turning.By.class::isInstance)
                        .map(by -> ((Turning.By) by).turn().degrees())
                        .map(degrees -> amount(
                                posture,
                                count,
                                stage,
                                move,
                                Amount.Kind.TURN,
                                degrees,
                                degrees >= 0 ? Math.max(0, degrees - TURN_ROOM) : degrees - TURN_ROOM,
                                degrees >= 0 ? degrees + TURN_ROOM : Math.min(0, degrees + TURN_ROOM)))
                        .ifPresent(amounts::add);
            default -> {}
        }
    }

    private static Amount amount(
            Posture posture, int count, int stage, int move, Amount.Kind kind, double said, double least, double most) {
        return new Amount(posture.id(), count, stage, move, kind, said, least, most);
    }
}
