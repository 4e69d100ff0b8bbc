package app.avrel.rules.fix;

import app.avrel.body.Length;
import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Steps made shorter or longer, narrower or wider, a little at a time. */
final class StepFixes {

    /** A step made otherwise, and what was done, in words. */
    record Step(String words, Move move) {}

    private StepFixes() {}

    /** {@return what gives a step with other lengths: 5 % at a time down to half, then up to twice} */
    static Function<Move, Stream<Step>> lengths() {
        return move -> move instanceof Move.Step step && step.place() instanceof StepPlace.Along along
                ? along.distance().stream()
                        .flatMap(length -> factors().map(factor -> {
                            Length other = scaled(length, factor);
                            return new Step(
                                    Labels.say("rules.step_instead", other, length),
                                    at(
                                            step,
                                            new StepPlace.Along(along.direction(), Optional.of(other), along.width())));
                        }))
                : Stream.empty();
    }

    /** {@return what gives a step with other widths} */
    static Function<Move, Stream<Step>> widths() {
        return move -> move instanceof Move.Step step && step.place() instanceof StepPlace.Along along
                ? Stream.of(0.3, 0.4, 0.5, 0.7, 0.9, 1.0).map(share -> {
                    Length wide = Length.shoulderWidths(share);
                    return new Step(
                            Labels.say("rules.step_line_its", wide),
                            at(step, new StepPlace.Along(along.direction(), along.distance(), Optional.of(wide))));
                })
                : Stream.empty();
    }

    private static Stream<Double> factors() {
        Stream<Double> shorter = Stream.iterate(0.95, factor -> factor >= 0.5, factor -> factor - 0.05);
        Stream<Double> longer = Stream.iterate(1.1, factor -> factor <= 2, factor -> factor + 0.1);
        return Stream.concat(shorter, longer);
    }

    private static Length scaled(Length length, double factor) {
        return Length.limited(Math.round(length.amount() * factor * 20) / 20.0, length.unit());
    }

    private static Move at(Move.Step step, StepPlace place) {
        return new Move.Step(step.foot(), place, step.landing(), step.toes(), step.way());
    }
}
