package app.avrel.lesson.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The plan is the best of all ways to spread the units. */
class PlannerTest {

    private static final int COURSES = 4000;

    /** A course made up at random: unit times, ties, a recap that grows, rooms, sometimes a pinned lesson. */
    private static Planner.Task task(Random random) {
        int units = 1 + random.nextInt(7);
        int lessons = 1 + random.nextInt(4);
        int[] effort = random.ints(units, 1, 20).toArray();
        int recap = random.nextInt(3);
        List<Integer> rooms = IntStream.range(0, lessons)
                .mapToObj(_ -> 8 + random.nextInt(40))
                .toList();
        List<Boolean> tied = IntStream.range(0, units)
                .mapToObj(unit -> unit > 0 && random.nextInt(3) == 0)
                .toList();
        List<Optional<Planner.Cut>> pinned = new ArrayList<>();
        for (int i = 0; i < lessons; i++) {
            int from = random.nextInt(units);
            pinned.add(
                    random.nextInt(8) == 0
                            ? Optional.of(new Planner.Cut(from, from + 1 + random.nextInt(units - from)))
                            : Optional.empty());
        }
        return new Planner.Task(
                rooms,
                tied,
                pinned,
                (_, from, to) -> 3
                        + recap * from
                        + IntStream.range(from, to).map(unit -> effort[unit]).sum());
    }

    /** Every way, one after the other. */
    private static void ways(Planner.Task task, List<Planner.Cut> begun, List<List<Planner.Cut>> found) {
        int from = begun.isEmpty() ? 0 : begun.getLast().to();
        if (begun.size() == task.lessons()) {
            if (from == task.units()) {
                found.add(List.copyOf(begun));
            }
            return;
        }
        for (int to = from; to <= task.units(); to++) {
            Planner.Cut cut = new Planner.Cut(from, to);
            if (task.pinned().get(begun.size()).map(cut::equals).orElse(true)) {
                List<Planner.Cut> next = new ArrayList<>(begun);
                next.add(cut);
                ways(task, next, found);
            }
        }
    }

    private static Planner.Plan valued(Planner.Task task, List<Planner.Cut> cuts) {
        int spill = Integer.MIN_VALUE;
        int parted = 0;
        long uneven = 0;
        for (int lesson = 0; lesson < cuts.size(); lesson++) {
            Planner.Cut cut = cuts.get(lesson);
            int load = task.load().seconds(lesson, cut.from(), cut.to());
            spill = Math.max(spill, load - task.rooms().get(lesson));
            parted += task.parts(cut.from(), cut.to());
            uneven += (long) load * load;
        }
        return new Planner.Plan(cuts, spill, parted, uneven);
    }

    /** What is wanted: within the time; then pairs kept, then the fullest, then even. Where none fits, the spill first. */
    private static Optional<Planner.Plan> exhaustive(Planner.Task task) {
        List<List<Planner.Cut>> all = new ArrayList<>();
        ways(task, List.of(), all);
        List<Planner.Plan> plans = all.stream().map(cuts -> valued(task, cuts)).toList();
        List<Planner.Plan> fitting = plans.stream().filter(Planner.Plan::fits).toList();
        Comparator<Planner.Plan> bySpill = Comparator.comparingInt(Planner.Plan::spill);
        Comparator<Planner.Plan> byPairs = Comparator.comparingInt(Planner.Plan::parted);
        Comparator<Planner.Plan> order =
                fitting.isEmpty() ? bySpill.thenComparing(byPairs) : byPairs.thenComparing(bySpill);
        return (fitting.isEmpty() ? plans : fitting).stream().min(order.thenComparingLong(Planner.Plan::uneven));
    }

    @Test
    void noOtherWayIsBetterInThousandsOfCourses() {
        Random random = new Random(20261128);
        int fitting = 0;
        int pinned = 0;
        for (int i = 0; i < COURSES; i++) {
            Planner.Task task = task(random);
            Optional<Planner.Plan> best = exhaustive(task);
            Optional<Planner.Plan> plan = Planner.plan(task);
            assertThat(plan.map(one -> List.of(one.spill(), one.parted(), one.uneven())))
                    .as("course %d", i)
                    .isEqualTo(best.map(one -> List.of(one.spill(), one.parted(), one.uneven())));
            plan.ifPresent(one -> assertThat(valued(task, one.cuts())).isEqualTo(one));
            fitting += plan.filter(Planner.Plan::fits).isPresent() ? 1 : 0;
            pinned += task.pinned().stream().anyMatch(Optional::isPresent) ? 1 : 0;
        }
        assertThat(fitting).isBetween(COURSES / 10, COURSES * 9 / 10);
        assertThat(pinned).isGreaterThan(COURSES / 10);
    }

    @Test
    void theSameTaskHasAlwaysTheSamePlan() {
        for (int seed = 0; seed < 50; seed++) {
            assertThat(Planner.plan(task(new Random(seed)))).isEqualTo(Planner.plan(task(new Random(seed))));
        }
    }

    @Test
    void pinsThatContradictEachOtherLeaveNoPlan() {
        List<Optional<Planner.Cut>> pins =
                List.of(Optional.of(new Planner.Cut(0, 2)), Optional.of(new Planner.Cut(1, 3)));
        Planner.Task task =
                new Planner.Task(List.of(10, 10), List.of(false, false, false), pins, (_, from, to) -> to - from);
        assertThat(Planner.plan(task)).isEmpty();
    }
}
