package app.avrel.desktop.log;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
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
        log(
                Words.of("log.tick_segment"),
                Optional.empty(),
                log -> log.withTaught(true).ticked(segment, seconds));
    }

    void untick(int segment) {
        log(Words.of("log.untick_segment"), Optional.empty(), log -> log.unticked(segment));
    }

    void saw(Seen mistake) {
        log(Words.of("log.note_mistake"), Optional.empty(), log -> log.saw(mistake));
    }

    /** One time fewer; the last one goes. */
    void unsaw(Seen mistake) {
        log(
                Words.of("log.take_mistake_back"),
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
        log(Words.of("log.note_question"), Optional.empty(), log -> log.asked(question));
    }

    void answer(int question, String answer) {
        log(Words.of("log.answer_question"), Optional.of("answer" + question), log -> log.answered(question, answer));
    }

    void present(String label, boolean there) {
        log(
                Words.of("log.who_was_there"),
                Optional.of("present"),
                log -> log.withPresent(with(log.present(), label, there)));
    }

    void left(EntryId entry, boolean left) {
        log(
                Words.of("log.was_left_over"),
                Optional.of(Words.of("common.left")),
                log -> log.withLeft(with(log.left(), entry, left)));
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
        log(Words.of("common.note"), Optional.of("note"), log -> log.withNote(text));
    }

    void date(LocalDate day) {
        log(Words.of("log.change_day"), Optional.of("day"), log -> log.withDate(day));
    }

    void missed(boolean missed) {
        log(
                missed ? Words.of("log.mark_as_missed") : Words.of("log.mark_as_taught"),
                Optional.empty(),
                log -> log.withTaught(!missed).withTicks(missed ? List.of() : log.ticks()));
    }

    void clear() {
        lesson().ifPresent(lesson -> session.apply(
                Edit.of(Words.of("log.clear_log"), project -> LessonEdits.unlogged(project, lesson.id()))));
    }
}
