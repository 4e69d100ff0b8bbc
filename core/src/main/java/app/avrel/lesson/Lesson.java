package app.avrel.lesson;

import app.avrel.form.EntryId;
import app.avrel.form.FormId;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.log.LessonLog;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * One lesson.
 *
 * @param course the course it belongs to; empty where it stands by itself
 * @param title as shown
 * @param form the form it teaches from
 * @param minutes how long it may last, 1 to 600
 * @param brings the entries that are new in it, in the order of the form
 * @param pinned whether the planner leaves it as it is
 * @param segments in order
 * @param log what became of it; empty until it is taught or missed
 * @param note for the instructor
 */
@RecordBuilder
public record Lesson(
        LessonId id,
        Optional<CourseId> course,
        String title,
        FormId form,
        int minutes,
        List<EntryId> brings,
        boolean pinned,
        List<Segment> segments,
        Optional<LessonLog> log,
        String note)
        implements LessonBuilder.With {

    public Lesson {
        if (minutes < 1 || minutes > 600) {
            throw new IllegalArgumentException("a lesson must last 1 to 600 minutes, but was " + minutes);
        }
        brings = List.copyOf(brings);
        segments = List.copyOf(segments);
    }

    /** {@return a lesson that stands by itself} */
    public static Lesson of(LessonId id, String title, FormId form, int minutes, List<Segment> segments) {
        return new Lesson(id, Optional.empty(), title, form, minutes, List.of(), false, segments, Optional.empty(), "");
    }

    /** {@return whether it was taught} */
    public boolean taught() {
        return log.filter(LessonLog::taught).isPresent();
    }

    /** {@return whether it was missed} */
    public boolean missed() {
        return log.filter(one -> !one.taught()).isPresent();
    }

    public Lesson change(int segment, UnaryOperator<Segment> edit) {
        return has(segment) ? edited(list -> list.set(segment, edit.apply(list.get(segment)))) : this;
    }

    public Lesson delete(int segment) {
        return has(segment) ? edited(list -> list.remove(segment)) : this;
    }

    public Lesson insert(int at, Segment segment) {
        return edited(list -> list.add(Math.clamp(at, 0, list.size()), segment));
    }

    /** {@return the lesson with one segment moved so that it stands at {@code to}} */
    public Lesson move(int from, int to) {
        return has(from) && has(to) ? edited(list -> list.add(to, list.remove(from))) : this;
    }

    /** {@return the lesson with a segment parted in two, the repetitions shared; one that is done once stays} */
    public Lesson split(int segment) {
        if (!has(segment) || segments.get(segment).repetitions() < 2) {
            return this;
        }
        Segment whole = segments.get(segment);
        int rest = whole.repetitions() / 2;
        Segment again = whole.withShowing(
                        whole.showing().withFirst(whole.showing().later()))
                .withWords("")
                .times(rest);
        return change(segment, one -> one.times(whole.repetitions() - rest)).insert(segment + 1, again);
    }

    /** Whether there is such a segment: an edit may come late, from what was shown a while ago. */
    private boolean has(int segment) {
        return segment >= 0 && segment < segments.size();
    }

    private Lesson edited(Consumer<List<Segment>> edit) {
        List<Segment> changed = new ArrayList<>(segments);
        edit.accept(changed);
        return withSegments(changed);
    }
}
