package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.CrossedKnees;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * A crossed rest that does not close: it does when the rear knee touches the front calf. Also a knee that is said to meet
 * the calf, and cannot from where the feet are.
 */
final class CrossedRest implements MomentRule {

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean crossed =
                watched.stance().filter(stance -> stance == Stance.CROSSED_REST).isPresent();
        Optional<Depth.UntilKneeMeetsCalf> said = said(watched);
        if (watched.standsAnew() && (crossed || said.isPresent())) {
            watched.stand().ifPresent(stand -> examine(watched, knees(watched, stand, said), found));
        }
    }

    private static Optional<Depth.UntilKneeMeetsCalf> said(Watched watched) {
        return watched.moves().stream()
                .flatMap(move -> move instanceof Move.ChangeDepth(Depth.UntilKneeMeetsCalf meets)
                        ? Stream.of(meets)
                        : Stream.empty())
                .findFirst();
    }

    private static CrossedKnees knees(Watched watched, Stand stand, Optional<Depth.UntilKneeMeetsCalf> said) {
        Side front = said.flatMap(Depth.UntilKneeMeetsCalf::knee)
                .map(Side::other)
                .orElseGet(() -> Spacing.of(watched.after()).front());
        return new CrossedKnees(stand, front, watched.body());
    }

    private static void examine(Watched watched, CrossedKnees knees, Consumer<Finding> found) {
        if (knees.close()) {
            return;
        }
        Side front = knees.front();
        double now = Spacing.of(watched.after()).length();
        boolean sinks = said(watched).isPresent();
        Optional<Double> nearest = sinks ? knees.nearestMeeting(now) : knees.nearestLength(now);
        String rear = Labels.say("rules.knee_does_not", Labels.of(front.other()), Labels.of(front));
        if (nearest.isEmpty()) {
            String why = sinks ? "rules.knees_never" : "rules.at_depth_no";
            found.accept(finding(watched, front, Labels.say("rules.rest_does_not"), Labels.say(why, rear)));
            return;
        }
        boolean near = now < nearest.get();
        found.accept(finding(
                watched,
                front,
                near ? Labels.say("rules.feet_too_near") : Labels.say("rules.feet_too_far"),
                Labels.say(
                        "rules.feet_too",
                        rear,
                        near ? Labels.say("rules.near") : Labels.say("rules.far_apart"),
                        Measures.length(nearest.get(), watched.body()),
                        Measures.cm(nearest.get() - now),
                        near ? Labels.say("rules.longer") : Labels.say("rules.shorter"))));
    }

    private static Finding finding(Watched watched, Side front, String headline, String sentence) {
        return Finding.of(RuleId.CROSSED_REST, Severity.LOOK, watched.where(), sentence)
                .headed(headline)
                .at(Spot.knee(front.other()));
    }
}
