package app.avrel.lesson.log;

import app.avrel.form.EntryId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What became of a lesson.
 *
 * @param date the day it was, or would have been
 * @param taught false where it was missed
 * @param ticks what was done of its segments
 * @param left entries that should have been new and are still to be taught
 * @param seen mistakes that were seen
 * @param questions that were asked
 * @param present labels of who was there; empty where attendance is not kept
 */
@RecordBuilder
public record LessonLog(
        LocalDate date,
        boolean taught,
        List<Tick> ticks,
        List<EntryId> left,
        List<Seen> seen,
        List<Question> questions,
        List<String> present,
        String note)
        implements LessonLogBuilder.With {

    public LessonLog {
        ticks = List.copyOf(ticks);
        left = List.copyOf(left);
        seen = List.copyOf(seen);
        questions = List.copyOf(questions);
        present = List.copyOf(present);
    }

    /** {@return a lesson that begins now: nothing is ticked yet} */
    public static LessonLog begun(LocalDate date) {
        return new LessonLog(date, true, List.of(), List.of(), List.of(), List.of(), List.of(), "");
    }

    /** {@return a lesson that did not take place} */
    public static LessonLog missed(LocalDate date) {
        return begun(date).withTaught(false);
    }

    /** {@return seconds that what was done really took} */
    public int seconds() {
        return ticks.stream().mapToInt(Tick::seconds).sum();
    }

    /** {@return whether a segment was done} */
    public boolean done(int segment) {
        return ticks.stream().anyMatch(tick -> tick.segment() == segment);
    }

    /** {@return this with a segment done in so many seconds; ticking it again changes the seconds} */
    public LessonLog ticked(int segment, int seconds) {
        List<Tick> changed = new ArrayList<>(unticked(segment).ticks());
        changed.add(new Tick(segment, seconds));
        changed.sort((one, other) -> Integer.compare(one.segment(), other.segment()));
        return withTicks(changed);
    }

    /** {@return this with a segment not done} */
    public LessonLog unticked(int segment) {
        return withTicks(
                ticks.stream().filter(tick -> tick.segment() != segment).toList());
    }

    /** {@return this with a mistake seen once more} */
    public LessonLog saw(Seen mistake) {
        List<Seen> changed = new ArrayList<>(seen);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).same(mistake)) {
                changed.set(i, changed.get(i).withTimes(changed.get(i).times() + mistake.times()));
                return withSeen(changed);
            }
        }
        changed.add(mistake);
        return withSeen(changed);
    }

    public LessonLog asked(Question question) {
        List<Question> changed = new ArrayList<>(questions);
        changed.add(question);
        return withQuestions(changed);
    }

    /** {@return this with a question answered; a question that is not there changes nothing} */
    public LessonLog answered(int question, String answer) {
        if (question < 0 || question >= questions.size()) {
            return this;
        }
        List<Question> changed = new ArrayList<>(questions);
        changed.set(question, changed.get(question).withAnswer(answer));
        return withQuestions(changed);
    }
}
