package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.Depth;
import java.util.Optional;

/** What sinking and rising make of the drop. */
final class PelvisHeight {

    private PelvisHeight() {}

    /** {@return metres below standing afterwards} */
    static Estimate<Double> after(Pose pose, Depth depth, Performer by) {
        Estimate<Double> drop = pose.drop();
        Body body = by.body();
        return switch (depth) {
            case Depth.Sink(Optional<Length> so) -> changed(drop, so, body, 1);
            case Depth.Rise(Optional<Length> so) -> changed(drop, so, body, -1);
            case Depth.To(Length to) -> Estimate.known(body.metres(to));
            case Depth.ToFrame(Depth.Frame frame) -> Estimate.known(by.rules().get(rule(frame)) / 10.0 * body.fist());
            case Depth.UntilKneeMeetsCalf(var knee) -> meeting(pose, knee, by);
        };
    }

    /** It follows from where the feet are; where they never meet, one sinks somehow. */
    private static Estimate<Double> meeting(Pose pose, Optional<Side> knee, Performer by) {
        Basis feet =
                pose.left().heel().basis().with(pose.right().heel().basis()).with(Basis.DERIVED);
        return by.meeting()
                .drop(pose, knee, by.body())
                .map(drop -> new Estimate<>(drop, feet))
                .orElseGet(() -> changed(pose.drop(), Optional.empty(), by.body(), 1));
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
