package app.avrel.desktop.fitter;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.mechanics.StanceFit;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import java.util.List;
import java.util.Optional;

/** The step that leads to a count, made so long and so wide. */
final class FittedStep {

    private FittedStep() {}

    /** {@return the posture with the last step up to a count changed; empty where none goes in a direction} */
    static Optional<Posture> in(Posture posture, int count, StanceFit.Cell cell, Body body) {
        for (int at = Math.min(count, posture.counts().size() - 1); at >= 0; at--) {
            Optional<Count> changed = changed(posture.counts().get(at), cell, body);
            if (changed.isPresent()) {
                int where = at;
                return changed.map(becomes -> posture.withCounts(Counts.change(posture.counts(), where, _ -> becomes)));
            }
        }
        return Optional.empty();
    }

    private static Optional<Count> changed(Count count, StanceFit.Cell cell, Body body) {
        for (int s = count.stages().size() - 1; s >= 0; s--) {
            List<Move> moves = count.stages().get(s).moves();
            for (int m = moves.size() - 1; m >= 0; m--) {
                if (moves.get(m) instanceof Move.Step step && step.place() instanceof StepPlace.Along along) {
                    StepPlace place = new StepPlace.Along(
                            along.direction(),
                            Optional.of(Length.footLengths(rounded(cell.length() / body.footLength()))),
                            Optional.of(Length.shoulderWidths(rounded(cell.width() / body.shoulderWidth()))));
                    Move fitted = new Move.Step(step.foot(), place, step.landing(), step.toes(), step.way());
                    int at = m;
                    return Optional.of(count.changing(s, all -> all.set(at, fitted)));
                }
            }
        }
        return Optional.empty();
    }

    private static double rounded(double number) {
        return Math.round(number * 100) / 100.0;
    }
}
