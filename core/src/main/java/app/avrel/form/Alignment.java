package app.avrel.form;

import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntBiFunction;
import java.util.function.ToIntFunction;

/**
 * Two rows laid side by side so that as little as possible differs.
 *
 * @param pairs in order; either side of a pair may be empty, never both
 * @param cost the sum of what each pair costs
 */
public record Alignment<T>(List<Pair<T>> pairs, int cost) {

    /** What stands beside what. */
    public record Pair<T>(Optional<T> first, Optional<T> second, int cost) {

        /** {@return whether the two differ, or one has no other} */
        public boolean differs() {
            return cost > 0;
        }
    }

    /** More than anything costs. */
    static final int NEVER = 1_000_000;

    public Alignment {
        pairs = List.copyOf(pairs);
    }

    /** {@return two runs of counts laid side by side; a count alone costs what its moves do, and one more} */
    public static Alignment<Count> ofCounts(List<Count> first, List<Count> second) {
        return of(
                first,
                second,
                (one, other) -> Comparison.of(List.of(one), List.of(other)).cost(),
                count -> 1 + (int) count.moves().count() * Comparison.ALONE);
    }

    /**
     * {@return two stretches of forms laid side by side}
     *
     * <p>Only the same posture stands beside the same; on the other side it costs as much as one move that is otherwise.
     */
    public static Alignment<Occurrence> ofOccurrences(List<Occurrence> first, List<Occurrence> second) {
        return of(first, second, Alignment::cost, done -> 1 + moves(done) * Comparison.ALONE);
    }

    private static int cost(Occurrence one, Occurrence other) {
        if (!one.posture().id().equals(other.posture().id())) {
            return NEVER;
        }
        boolean sides = !one.posture().side().equals(other.posture().side());
        return Comparison.of(one, other).cost() + (sides ? Comparison.CHANGED : 0);
    }

    private static int moves(Occurrence done) {
        return (int) done.moments().stream()
                .mapToLong(moment -> moment.stage().moves().size())
                .sum();
    }

    private static <T> Alignment<T> of(
            List<T> first, List<T> second, ToIntBiFunction<T, T> beside, ToIntFunction<T> alone) {
        int[][] besides = new int[first.size()][second.size()];
        int[][] costs = new int[first.size() + 1][second.size() + 1];
        for (int i = 1; i <= first.size(); i++) {
            costs[i][0] = costs[i - 1][0] + alone.applyAsInt(first.get(i - 1));
        }
        for (int j = 1; j <= second.size(); j++) {
            costs[0][j] = costs[0][j - 1] + alone.applyAsInt(second.get(j - 1));
        }
        for (int i = 1; i <= first.size(); i++) {
            for (int j = 1; j <= second.size(); j++) {
                besides[i - 1][j - 1] = beside.applyAsInt(first.get(i - 1), second.get(j - 1));
                int one = costs[i - 1][j] + alone.applyAsInt(first.get(i - 1));
                int other = costs[i][j - 1] + alone.applyAsInt(second.get(j - 1));
                costs[i][j] = Math.min(costs[i - 1][j - 1] + besides[i - 1][j - 1], Math.min(one, other));
            }
        }
        return new Alignment<>(traced(first, second, costs, besides, alone), costs[first.size()][second.size()]);
    }

    private static <T> List<Pair<T>> traced(
            List<T> first, List<T> second, int[][] costs, int[][] besides, ToIntFunction<T> alone) {
        List<Pair<T>> pairs = new ArrayList<>();
        int i = first.size();
        int j = second.size();
        while (i > 0 || j > 0) {
            if (i > 0 && j > 0 && costs[i][j] == costs[i - 1][j - 1] + besides[i - 1][j - 1]) {
                int cost = besides[--i][--j];
                pairs.addFirst(new Pair<>(Optional.of(first.get(i)), Optional.of(second.get(j)), cost));
            } else if (j > 0 && costs[i][j] == costs[i][j - 1] + alone.applyAsInt(second.get(j - 1))) {
                T other = second.get(--j);
                pairs.addFirst(new Pair<>(Optional.empty(), Optional.of(other), alone.applyAsInt(other)));
            } else {
                T one = first.get(--i);
                pairs.addFirst(new Pair<>(Optional.of(one), Optional.empty(), alone.applyAsInt(one)));
            }
        }
        return pairs;
    }
}
