package app.avrel.lesson.make;

import app.avrel.lesson.Doing;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.SegmentTiming;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Teaching;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.Unit;
import app.avrel.posture.Posture;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Proposes the segments of a lesson.
 *
 * <p>The steps of a recipe are laid over what is new. What is new is then done more often as far as the lesson's minutes
 * allow, up to eight times with all its layers, and what is known up to four times; where they do not, everything is
 * repeated less, and at last what can be spared goes.
 */
public final class LessonMaker {

    /** A new posture is done so often in a lesson, all its layers together, and not more. */
    private static final int MOST_TIMES = 8;

    /** What is known is rehearsed so often at most. */
    private static final int MOST_REHEARSED = 4;

    private final SegmentTiming timing;
    private final Teaching teaching;
    private final Syllabus syllabus;
    private final double secondsPerBeat;
    private final List<Unit> units;
    private final List<Integer> fresh;
    private final int from;
    private final int to;

    /**
     * A maker of lessons.
     *
     * @param secondsPerBeat of a plain run
     * @param fresh the units that are new, in order
     * @param known how many units are known where none is new
     */
    public LessonMaker(SegmentTiming timing, Syllabus syllabus, double secondsPerBeat, List<Integer> fresh, int known) {
        this.timing = timing;
        this.teaching = timing.teaching();
        this.syllabus = syllabus;
        this.secondsPerBeat = secondsPerBeat;
        this.units = syllabus.units();
        this.fresh = List.copyOf(fresh);
        this.from = fresh.isEmpty() ? known : fresh.getFirst();
        this.to = fresh.isEmpty() ? known : fresh.getLast() + 1;
    }

    /** {@return a lesson with its segments made by a recipe, and what it brings} */
    public Lesson make(Lesson lesson, Recipe recipe) {
        Lesson made = lesson.withSegments(segments(recipe.steps()))
                .withBrings(fresh.stream().map(units::get).map(Unit::entry).toList());
        return fitted(made);
    }

    private List<Segment> segments(List<Step> steps) {
        List<Segment> made = new ArrayList<>();
        for (int i = 0; i < steps.size(); ) {
            int end = i + 1;
            while (each(steps.get(i)) && end < steps.size() && each(steps.get(end))) {
                end++;
            }
            if (each(steps.get(i))) {
                for (int unit : fresh) {
                    made.addAll(forUnit(steps.subList(i, end), unit));
                }
            } else {
                segment(steps.get(i)).ifPresent(made::add);
            }
            i = end;
        }
        return made;
    }

    private static boolean each(Step step) {
        return step.reach().each();
    }

    /** What is only the other side of the one before is not taught anew, layer by layer. */
    private List<Segment> forUnit(List<Step> steps, int unit) {
        boolean other = unit > 0 && units.get(unit).tied() && sameOtherSide(unit);
        boolean hasOther = steps.stream().anyMatch(step -> step.reach() == Reach.EACH_OTHER_SIDE);
        return steps.stream()
                .filter(step -> switch (step.reach()) {
                    case EACH_OTHER_SIDE -> other;
                    case EACH_JOIN -> unit > 0;
                    default -> !(other && hasOther) && worthSaying(step, unit);
                })
                .map(step -> stretched(step, step.reach() == Reach.EACH_JOIN ? unit - 1 : unit, unit))
                .toList();
    }

    private boolean sameOtherSide(int unit) {
        Posture here = units.get(unit).stretch().getFirst().posture();
        Posture before = units.get(unit - 1).stretch().getLast().posture();
        return here.id().equals(before.id()) && !here.side().equals(before.side());
    }

    private boolean worthSaying(Step step, int unit) {
        return step.kind() != SegmentKind.MISTAKES
                || !units.get(unit)
                        .stretch()
                        .getFirst()
                        .posture()
                        .sheet()
                        .mistakes()
                        .isEmpty();
    }

    private Optional<Segment> segment(Step step) {
        int few = Math.max(0, from - 4);
        return switch (step.reach()) {
            case NONE -> Optional.of(around(step));
            case SO_FAR -> within(step, 0, from);
            case LAST_FEW -> within(step, few, from);
            case ALL_NEW -> mistakes(step) ? Optional.empty() : within(step, from, to);
            case RECENT -> within(step, from == to || to == units.size() ? 0 : Math.max(0, from - 2), to);
            case FROM_START -> within(step, 0, to);
            case NEXT -> within(step, to, Math.min(units.size(), to + 1));
            case EACH_NEW, EACH_OTHER_SIDE, EACH_JOIN -> Optional.empty();
        };
    }

    private boolean mistakes(Step step) {
        return step.kind() == SegmentKind.MISTAKES
                && units.subList(from, to).stream()
                        .flatMap(unit -> unit.stretch().stream())
                        .allMatch(done -> done.posture().sheet().mistakes().isEmpty());
    }

    private Optional<Segment> within(Step step, int first, int past) {
        return first >= 0 && past > first ? Optional.of(stretched(step, first, past - 1)) : Optional.empty();
    }

    private Segment around(Step step) {
        String words = step.words().isBlank() && step.kind() == SegmentKind.ARRIVAL
                ? new LessonWords(teaching.language()).say("arrive")
                : step.words();
        return Segment.free(step.kind(), step.title(), words, step.seconds());
    }

    private Segment stretched(Step step, int first, int last) {
        Stretch stretch = Stretch.of(units.get(first).entry(), units.get(last).entry())
                .withFromLastCount(step.fromLastCount() && first > 0 && step.reach() != Reach.EACH_JOIN);
        Segment made = Segment.of(step.kind(), stretch, step.showing())
                .withTitle(step.title())
                .withWords(step.words())
                .withSecondsPerBeat(secondsPerBeat)
                .times(step.times());
        boolean moved = step.showing().doing() != Doing.UNMOVED;
        return moved ? made.withPauseSeconds(teaching.factors().pauseSeconds()) : made;
    }

    /** Repeats what is new as often as there is time for, and everything less where there is not. */
    private Lesson fitted(Lesson lesson) {
        Lesson fitting = lesson;
        while (over(fitting)) {
            Optional<Lesson> less = changed(fitting, LessonMaker::repeated, -1);
            if (less.isEmpty()) {
                return spared(fitting);
            }
            fitting = less.get();
        }
        return grown(grown(fitting, true), false);
    }

    private Lesson grown(Lesson lesson, boolean taught) {
        Lesson fitting = lesson;
        while (true) {
            Lesson now = fitting;
            Optional<Lesson> more =
                    changed(now, segment -> growing(segment, now, taught), 1).filter(one -> !over(one));
            if (more.isEmpty()) {
                return fitting;
            }
            fitting = more.get();
        }
    }

    private boolean over(Lesson lesson) {
        return LessonPlan.of(lesson, timing).minutesLeft() < 0;
    }

    /** Where even the fewest repetitions are too long, what can be spared goes. */
    private Lesson spared(Lesson lesson) {
        List<Integer> cut = LessonPlan.of(lesson, timing).cutFirst();
        Set<SegmentKind> keeps = Set.of(SegmentKind.ARRIVAL, SegmentKind.NEW, SegmentKind.OTHER_SIDE);
        List<Segment> kept = new ArrayList<>();
        for (int i = 0; i < lesson.segments().size(); i++) {
            Segment segment = lesson.segments().get(i);
            if (!cut.contains(i) || keeps.contains(segment.kind())) {
                kept.add(segment);
            }
        }
        return lesson.withSegments(kept);
    }

    /** The segment that is repeated most, or least where one more is wanted, with one repetition fewer or more. */
    private static Optional<Lesson> changed(Lesson lesson, Predicate<Segment> which, int by) {
        List<Segment> all = lesson.segments();
        Stream<Segment> chosen = all.stream().filter(which);
        Optional<Segment> one = by < 0
                ? chosen.reduce((best, next) -> rank(next) > rank(best) ? next : best)
                : chosen.reduce((best, next) -> next.repetitions() < best.repetitions() ? next : best);
        return one.map(segment -> lesson.change(all.indexOf(segment), same -> same.times(same.repetitions() + by)));
    }

    private static int rank(Segment segment) {
        return segment.repetitions() + (segment.kind().teaches() ? 0 : 100);
    }

    private static boolean repeated(Segment segment) {
        return segment.stretch().isPresent() && segment.repetitions() > 1;
    }

    private static boolean growing(Segment segment, Lesson lesson, boolean taught) {
        if (!taught) {
            return segment.kind().rehearses() && segment.repetitions() < MOST_REHEARSED;
        }
        int times = lesson.segments().stream()
                .filter(one -> one.kind().teaches() && one.stretch().equals(segment.stretch()))
                .mapToInt(Segment::repetitions)
                .sum();
        return segment.kind().teaches() && times < MOST_TIMES;
    }

    /** {@return the form's units that are new, for a title} */
    public String title() {
        return syllabus.titled(fresh);
    }
}
