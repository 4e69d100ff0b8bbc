package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.lesson.course.TeachingFactors;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

/** Every figure of what teaching takes. */
final class FactorFields {

    /** A figure of what teaching takes. */
    private record Factor(
            String label,
            double least,
            double most,
            ToDoubleFunction<TeachingFactors> of,
            DoubleFunction<UnaryOperator<TeachingFactors>> with) {}

    private static final List<Factor> FACTORS = List.of(
            new Factor("common.seconds_per_beat", 0.2, 30, f -> f.secondsPerBeat(), v -> f -> f.withSecondsPerBeat(v)),
            new Factor("lessons.explained_pass_lasts", 1, 20, f -> f.explained(), v -> f -> f.withExplained(v)),
            new Factor("lessons.feet_alone_times", 0, 20, f -> f.feet(), v -> f -> f.withFeet((int) v)),
            new Factor("lessons.hands_alone_times", 0, 20, f -> f.hands(), v -> f -> f.withHands((int) v)),
            new Factor("lessons.whole_times", 1, 20, f -> f.whole(), v -> f -> f.withWhole((int) v)),
            new Factor(
                    "lessons.other_side_takes", 0, 100, f -> f.otherSide() * 100, v -> f -> f.withOtherSide(v / 100)),
            new Factor("lessons.known_takes", 0, 100, f -> f.least() * 100, v -> f -> f.withLeast(v / 100)),
            new Factor(
                    "lessons.quarter_turn_seconds", 0, 600, f -> f.turnSeconds(), v -> f -> f.withTurnSeconds((int) v)),
            new Factor("lessons.second_on_one", 0, 60, f -> f.oneLeg(), v -> f -> f.withOneLeg(v)),
            new Factor("lessons.pause_after_run", 0, 600, f -> f.pauseSeconds(), v -> f -> f.withPauseSeconds((int) v)),
            new Factor(
                    "lessons.arriving_minutes",
                    0,
                    60,
                    f -> f.arrivalSeconds() / 60.0,
                    v -> f -> f.withArrivalSeconds((int) (v * 60))),
            new Factor(
                    "lessons.closing_minutes",
                    0,
                    60,
                    f -> f.closingSeconds() / 60.0,
                    v -> f -> f.withClosingSeconds((int) (v * 60))),
            new Factor("lessons.name_list_so", 0, 30, f -> f.secondsPerName(), v -> f -> f.withSecondsPerName(v)),
            new Factor("lessons.entries_reviewed", 0, 50, f -> f.reviewed(), v -> f -> f.withReviewed((int) v)),
            new Factor("lessons.times_review", 0, 20, f -> f.reviewTimes(), v -> f -> f.withReviewTimes((int) v)));

    private final FieldGrid grid = new FieldGrid();

    /**
     * Fields that show the figures as they are.
     *
     * @param change takes an edit of them
     */
    FactorFields(TeachingFactors shown, Consumer<UnaryOperator<TeachingFactors>> change) {
        FACTORS.forEach(factor -> field(factor, shown, change));
    }

    FieldGrid grid() {
        return grid;
    }

    private void field(Factor factor, TeachingFactors shown, Consumer<UnaryOperator<TeachingFactors>> change) {
        EntryField field =
                grid.line(Words.of(factor.label()), Numbers.plain(factor.of().applyAsDouble(TeachingFactors.USUAL)));
        double now = Math.round(factor.of().applyAsDouble(shown) * 100) / 100.0;
        field.show(
                Numbers.plain(now),
                typed -> Figures.taken(
                        typed,
                        factor.least(),
                        factor.most(),
                        value -> change.accept(factor.with().apply(value))));
    }
}
