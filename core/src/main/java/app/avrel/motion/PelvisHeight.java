package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.Depth;
import java.util.Optional;

/** What sinking and rising make of the drop. */
final class PelvisHeight {

    private PelvisHeight() {}

    /** {@return metres below standing afterwards} */
    static Estimate<Double> after(Estimate<Double> drop, Depth depth, Body body, HouseRules rules) {
        return switch (depth) {
            case Depth.Sink(Optional<Length> by) -> changed(drop, by, body, 1);
            case Depth.Rise(Optional<Length> by) -> changed(drop, by, body, -1);
            case Depth.To(Length to) -> Estimate.known(body.metres(to));
            case Depth.ToFrame(Depth.Frame frame) -> Estimate.known(rules.get(rule(frame)) / 10.0 * body.fist());
        };
    }

    private static Estimate<Double> changed(Estimate<Double> drop, Optional<Length> by, Body body, int sign) {
        double metres = by.map(body::metres).orElse(body.fist());
        return new Estimate<>(
                Math.max(0, drop.value() + sign * metres),
                drop.basis().with(by.isPresent() ? Basis.SAID : Basis.ASSUMED));
    }

    private static HouseRule rule(Depth.Frame frame) {
        return switch (frame) {
            case HIGH -> HouseRule.HIGH_FRAME;
            case MEDIUM -> HouseRule.MEDIUM_FRAME;
            case LOW -> HouseRule.LOW_FRAME;
        };
    }
}
