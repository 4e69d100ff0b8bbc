package app.avrel.lesson.make;

import app.avrel.form.EntryId;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.course.Syllabus;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Makes a recipe of a lesson: what it does with its own postures, a lesson made by it does with others. */
public final class RecipeOf {

    private final List<EntryId> entries;
    private final List<Integer> fresh;

    private RecipeOf(Lesson lesson, Syllabus syllabus) {
        entries = syllabus.units().stream().map(unit -> unit.entry()).toList();
        fresh = IntStream.range(0, entries.size())
                .boxed()
                .filter(unit -> lesson.brings().contains(entries.get(unit)))
                .toList();
    }

    /** {@return a recipe of this name; what is done with each new posture in turn becomes one step} */
    public static Recipe lesson(String name, Lesson lesson, Syllabus syllabus) {
        RecipeOf maker = new RecipeOf(lesson, syllabus);
        List<Step> steps = new ArrayList<>();
        for (Step step : lesson.segments().stream().map(maker::step).toList()) {
            if (!repeated(step, steps)) {
                steps.add(place(step, steps), step);
            }
        }
        return new Recipe(name, "Made of the lesson “" + lesson.title() + "”.", steps);
    }

    /** What is done with each new posture comes before it is joined. */
    private static int place(Step step, List<Step> steps) {
        int at = steps.size();
        while (step.reach().each()
                && step.reach() != Reach.EACH_JOIN
                && at > 0
                && steps.get(at - 1).reach() == Reach.EACH_JOIN) {
            at--;
        }
        return at;
    }

    /** A step that comes again for the next new posture. */
    private static boolean repeated(Step step, List<Step> steps) {
        return step.reach().each()
                && steps.stream()
                        .anyMatch(before -> before.kind() == step.kind()
                                && before.reach() == step.reach()
                                && before.showing().equals(step.showing()));
    }

    private Step step(Segment segment) {
        Reach reach = segment.stretch().map(stretch -> reach(segment, stretch)).orElse(Reach.NONE);
        return new Step(
                segment.kind(),
                reach,
                segment.title(),
                segment.words(),
                reach == Reach.NONE ? segment.pauseSeconds() : 0,
                segment.showing(),
                segment.repetitions(),
                segment.stretch().map(Stretch::fromLastCount).orElse(false));
    }

    private Reach reach(Segment segment, Stretch stretch) {
        int first = entries.indexOf(stretch.first());
        int last = entries.indexOf(stretch.last());
        if (fresh.isEmpty() || first < 0 || last < 0) {
            return Reach.FROM_START;
        }
        int from = fresh.getFirst();
        int to = fresh.getLast();
        if (segment.kind() == SegmentKind.JOINING && last - first == 1) {
            return Reach.EACH_JOIN;
        }
        if (first > to) {
            return Reach.NEXT;
        }
        if (last < from) {
            return first == 0 && segment.kind() == SegmentKind.LIST ? Reach.SO_FAR : Reach.LAST_FEW;
        }
        if (first >= from && last <= to) {
            return within(segment, first, last, from, to);
        }
        return first == 0 && from > 2 ? Reach.FROM_START : Reach.RECENT;
    }

    private static Reach within(Segment segment, int first, int last, int from, int to) {
        if (segment.kind() == SegmentKind.OTHER_SIDE || segment.kind() == SegmentKind.DIFFERENCE) {
            return Reach.EACH_OTHER_SIDE;
        }
        boolean all = first == from && last == to && (to > from || segment.kind() == SegmentKind.HOME);
        return all ? Reach.ALL_NEW : Reach.EACH_NEW;
    }
}
