package app.avrel.desktop.log;

import app.avrel.desktop.session.Session;
import app.avrel.form.EntryId;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.Seen;
import app.avrel.project.Edit;
import app.avrel.project.LessonEdits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What can be done to the log of the lesson on the desk. */
final class LogActions {

    private final Session session;

    LogActions(Session session) {
        this.session = session;
    }

    Optional<Lesson> lesson() {
        return session.desk().get().lesson();
    }

    /** {@return the day of a lesson: its log's, the course's for it, or today} */
    LocalDate day(Lesson lesson) {
        Optional<LocalDate> planned = lesson.course()
                .flatMap(session.project()::course)
                .map(Course::dates)
                .flatMap(days -> {
                    int at = session.project()
                            .lessonsOf(lesson.course().orElseThrow())
                            .indexOf(lesson);
                    return at >= 0 && at < days.size() ? Optional.of(days.get(at)) : Optional.empty();
                });
        return lesson.log().map(LessonLog::date).or(() -> planned).orElseGet(LocalDate::now);
    }

    private void log(String name, Optional<String> field, UnaryOperator<LessonLog> edit) {
        lesson().ifPresent(lesson -> {
            LocalDate day = day(lesson);
            session.apply(new Edit(
                    name,
                    field.map(one -> "log/" + lesson.id() + "/" + one),
                    project -> LessonEdits.logged(project, lesson.id(), day, edit)));
        });
    }

    void tick(int segment, int seconds) {
        log("Tick a segment", Optional.empty(), log -> log.withTaught(true).ticked(segment, seconds));
    }

    void untick(int segment) {
        log("Untick a segment", Optional.empty(), log -> log.unticked(segment));
    }

    void saw(Seen mistake) {
        log("Note a mistake", Optional.empty(), log -> log.saw(mistake));
    }

    /** One time fewer; the last one goes. */
    void unsaw(Seen mistake) {
        log(
                "Take a mistake back",
                Optional.empty(),
                log -> log.withSeen(log.seen().stream()
                        .flatMap(seen -> !seen.same(mistake)
                                ? Optional.of(seen).stream()
                                : seen.times() > 1
                                        ? Optional.of(seen.withTimes(seen.times() - 1)).stream()
                                        : Optional.<Seen>empty().stream())
                        .toList()));
    }

    void ask(Question question) {
        log("Note a question", Optional.empty(), log -> log.asked(question));
    }

    void answer(int question, String answer) {
        log("Answer a question", Optional.of("answer" + question), log -> log.answered(question, answer));
    }

    void present(String label, boolean there) {
        log("Who was there", Optional.of("present"), log -> log.withPresent(with(log.present(), label, there)));
    }

    void left(EntryId entry, boolean left) {
        log("What was left over", Optional.of("left"), log -> log.withLeft(with(log.left(), entry, left)));
    }

    private static <T> List<T> with(List<T> all, T one, boolean in) {
        List<T> changed = new ArrayList<>(all);
        changed.remove(one);
        if (in) {
            changed.add(one);
        }
        return changed;
    }

    void note(String text) {
        log("Note", Optional.of("note"), log -> log.withNote(text));
    }

    void date(LocalDate day) {
        log("Change the day", Optional.of("day"), log -> log.withDate(day));
    }

    void missed(boolean missed) {
        log(
                missed ? "Mark as missed" : "Mark as taught",
                Optional.empty(),
                log -> log.withTaught(!missed).withTicks(missed ? List.of() : log.ticks()));
    }

    void clear() {
        lesson().ifPresent(lesson ->
                session.apply(Edit.of("Clear the log", project -> LessonEdits.unlogged(project, lesson.id()))));
    }
}
