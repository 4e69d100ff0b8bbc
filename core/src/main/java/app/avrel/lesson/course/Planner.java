package app.avrel.lesson.course;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Spreads units in their order over lessons, exactly.
 *
 * <p>Of all ways to do it, one in which every lesson stays within its time; of these one that parts the fewest pairs; of
 * these one whose fullest lesson is least full; of these the most even one, by the sum of the squares of the loads. Where
 * no way stays within the time, the lesson that spills most spills as little as can be, and the rest follows likewise.
 * A dynamic programme over how many units the first lessons take: lessons times units squared, three times. The same
 * task has always the same plan.
 */
public final class Planner {

    /** What a lesson takes that teaches some units. */
    @FunctionalInterface
    public interface Load {

        /** {@return seconds of a lesson (from 0) that teaches the units {@code from} to before {@code to}} */
        int seconds(int lesson, int from, int to);
    }

    /** The units {@code from} to before {@code to}. */
    public record Cut(int from, int to) {}

    /**
     * What is to be spread.
     *
     * @param rooms seconds of each lesson; as many as there are lessons, at least one
     * @param tied for each unit whether it should stay with the one before
     * @param pinned what a lesson has to teach, for each lesson
     */
    public record Task(List<Integer> rooms, List<Boolean> tied, List<Optional<Cut>> pinned, Load load) {
        public Task {
            rooms = List.copyOf(rooms);
            tied = List.copyOf(tied);
            pinned = List.copyOf(pinned);
            if (rooms.isEmpty() || pinned.size() != rooms.size()) {
                throw new IllegalArgumentException("there must be a lesson, and as many pins as lessons, but were "
                        + rooms.size() + " and " + pinned.size());
            }
        }

        int units() {
            return tied.size();
        }

        int lessons() {
            return rooms.size();
        }

        /** Whether beginning a lesson with this unit parts it from the one before; an end is no parting. */
        int parts(int from, int to) {
            return to > from && from > 0 && tied.get(from) ? 1 : 0;
        }
    }

    /**
     * How it is spread.
     *
     * @param cuts what each lesson teaches
     * @param spill seconds by which the fullest lesson is over its time; negative where even that one is within
     * @param parted how many pairs are parted
     * @param uneven the sum of the squares of the loads
     */
    public record Plan(List<Cut> cuts, int spill, int parted, long uneven) {

        public boolean fits() {
            return spill <= 0;
        }
    }

    private static final long NONE = Long.MAX_VALUE;

    private final Task task;
    private final int units;

    private Planner(Task task) {
        this.task = task;
        this.units = task.units();
    }

    /** {@return the best plan; empty where the pins leave none} */
    public static Optional<Plan> plan(Task task) {
        return new Planner(task).best();
    }

    private Optional<Plan> best() {
        Table least = new Table(Integer.MAX_VALUE, Second.SPILL, false);
        if (least.first[task.lessons()][units] == NONE) {
            return Optional.empty();
        }
        int spill = (int) least.second[task.lessons()][units];
        if (spill <= 0) {
            Table fewest = new Table(0, Second.SPILL, true);
            spill = (int) fewest.second[task.lessons()][units];
        }
        Table even = new Table(spill, Second.SQUARES, true);
        return Optional.of(new Plan(
                even.cuts(), spill, (int) even.first[task.lessons()][units], even.second[task.lessons()][units]));
    }

    /** What is made small after the pairs parted. */
    private enum Second {
        SPILL,
        SQUARES
    }

    /**
     * For so many lessons and so many units taught in them: pairs parted, and then the second figure, both as small as
     * can be. Sums and the greater of two keep their order when the same is added to both, so the best of a whole is made
     * of the best of its beginning.
     */
    private final class Table {

        final long[][] first = new long[task.lessons() + 1][units + 1];
        final long[][] second = new long[task.lessons() + 1][units + 1];
        final int[][] came = new int[task.lessons() + 1][units + 1];

        /** @param most seconds by which a lesson may spill */
        Table(int most, Second what, boolean countsPairs) {
            for (long[] row : first) {
                Arrays.fill(row, NONE);
            }
            first[0][0] = 0;
            second[0][0] = what == Second.SPILL ? Integer.MIN_VALUE : 0;
            for (int lesson = 0; lesson < task.lessons(); lesson++) {
                for (int from = 0; from <= units; from++) {
                    if (first[lesson][from] != NONE) {
                        step(lesson, from, most, what, countsPairs);
                    }
                }
            }
        }

        private void step(int lesson, int from, int most, Second what, boolean countsPairs) {
            Optional<Cut> pin = task.pinned().get(lesson);
            if (pin.isPresent() && pin.get().from() != from) {
                return;
            }
            int least = pin.map(Cut::to).orElse(from);
            int end = pin.map(Cut::to).orElse(units);
            for (int to = least; to <= end; to++) {
                int load = task.load().seconds(lesson, from, to);
                int spill = load - task.rooms().get(lesson);
                if (spill > most) {
                    continue;
                }
                long pairs = first[lesson][from] + (countsPairs ? task.parts(from, to) : 0);
                long then = what == Second.SPILL
                        ? Math.max(second[lesson][from], spill)
                        : second[lesson][from] + (long) load * load;
                if (pairs < first[lesson + 1][to] || pairs == first[lesson + 1][to] && then < second[lesson + 1][to]) {
                    first[lesson + 1][to] = pairs;
                    second[lesson + 1][to] = then;
                    came[lesson + 1][to] = from;
                }
            }
        }

        List<Cut> cuts() {
            List<Cut> cuts = new ArrayList<>();
            int to = units;
            for (int lesson = task.lessons(); lesson > 0; lesson--) {
                int from = came[lesson][to];
                cuts.addFirst(new Cut(from, to));
                to = from;
            }
            return cuts;
        }
    }
}
