package app.avrel.rules.check;

import app.avrel.label.Labels;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/** A prop that is moved while nobody holds it. */
final class PropHeld implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Optional<Prop> held = watched.before().prop().map(HeldProp::prop);
        for (Move move : watched.moves()) {
            if (move instanceof Move.HandleProp handle && !takes(handle) && !holds(held, handle)) {
                found.accept(Finding.of(
                                RuleId.PROP_NOT_HELD,
                                Severity.LOOK,
                                watched.where(),
                                Labels.say(
                                        "rules.hand_move",
                                        Labels.of(handle.hand()),
                                        handle.prop()
                                                .map(prop -> Labels.say("rules.the_x", Labels.of(prop)))
                                                .orElse(Labels.say("rules.prop"))))
                        .at(Spot.hand(handle.hand())));
            }
        }
    }

    private static boolean takes(Move.HandleProp handle) {
        return switch (handle.act()) {
            case TAKE -> true;
            case OPEN, CLOSE, TURN, PASS, PUT_AWAY -> false;
        };
    }

    private static boolean holds(Optional<Prop> held, Move.HandleProp handle) {
        return held.isPresent() && handle.prop().map(prop -> prop == held.get()).orElse(true);
    }
}
