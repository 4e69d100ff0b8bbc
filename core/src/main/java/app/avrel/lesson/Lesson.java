package app.avrel.lesson;

import app.avrel.form.FormId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * One lesson.
 *
 * @param title as shown
 * @param form the form it teaches from
 * @param minutes how long it may last, 1 to 600
 * @param segments in order
 * @param note for the instructor
 */
@RecordBuilder
public record Lesson(String title, FormId form, int minutes, List<Segment> segments, String note)
        implements LessonBuilder.With {

    public Lesson {
        if (minutes < 1 || minutes > 600) {
            throw new IllegalArgumentException("a lesson must last 1 to 600 minutes, but was " + minutes);
        }
        segments = List.copyOf(segments);
    }

    public Lesson change(int segment, UnaryOperator<Segment> edit) {
        return has(segment) ? edited(list -> list.set(segment, edit.apply(list.get(segment)))) : this;
    }

    public Lesson delete(int segment) {
        return has(segment) ? edited(list -> list.remove(segment)) : this;
    }

    public Lesson insert(int at, Segment segment) {
        return edited(list -> list.add(at, segment));
    }

    /** {@return the lesson with one segment moved so that it stands at {@code to}} */
    public Lesson move(int from, int to) {
        return edited(list -> list.add(to, list.remove(from)));
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
