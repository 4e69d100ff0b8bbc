package app.avrel.motion;

import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropState;
import app.avrel.posture.move.Move;
import java.util.Optional;

/** What becomes of a prop. */
final class Handling {

    private Handling() {}

    static Optional<HeldProp> after(Optional<HeldProp> before, Move.HandleProp move) {
        HeldProp held = before.filter(
                        prop -> move.prop().isEmpty() || move.prop().get() == prop.prop())
                .orElseGet(() -> fresh(move));
        HeldProp done = switch (move.act()) {
            case TAKE -> fresh(move).withState(held.state());
            case OPEN -> held.withState(PropState.OPEN);
            case CLOSE -> held.withState(PropState.CLOSED);
            case TURN -> held;
            case PASS -> held.withHeld(move.hand());
            case PUT_AWAY -> held;
        };
        return switch (move.act()) {
            case PUT_AWAY -> Optional.empty();
            case TAKE, OPEN, CLOSE, TURN, PASS ->
                Optional.of(done.pointing(move.points(), move.toward()).withRests(move.rests()));
        };
    }

    private static HeldProp fresh(Move.HandleProp move) {
        return new HeldProp(
                move.prop().orElse(Prop.STAFF),
                move.hand(),
                PropState.CLOSED,
                Optional.of(Pointing.UP),
                Optional.empty(),
                Optional.empty());
    }
}
