package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.label.Labels;
import app.avrel.motion.HandHold;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** A hold that ends because one of the hands goes elsewhere: said once, as the other then hangs where it was held. */
final class HoldEnds implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Optional<HandHold> held = watched.before().hold();
        List<Side> gone = watched.moves().stream()
                .flatMap(move ->
                        move instanceof Move.PlaceHand place && place.to().places()
                                ? Optional.of(place.hand()).stream()
                                : Optional.<Side>empty().stream())
                .distinct()
                .toList();
        if (held.isPresent() && watched.after().hold().isEmpty() && gone.size() == 1) {
            Side hand = gone.getFirst();
            found.accept(Finding.of(
                            RuleId.HOLD_ENDS,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say(
                                    "rules.ends_here", held.get().phrase(), Labels.of(hand), Labels.of(hand.other())))
                    .at(Spot.hand(hand)));
        }
    }
}
