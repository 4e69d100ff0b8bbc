package app.avrel.desktop.lessons;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.SegmentPlan;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.Seen;
import app.avrel.lesson.log.WatchFor;
import app.avrel.lesson.make.Prerequisites;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.CareBook;
import app.avrel.project.LessonEdits;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What one keeps an eye on in a lesson or a segment, in lines: mistakes seen before, learners, what is missing. */
public final class WatchNotes {

    private WatchNotes() {}

    /** {@return what went wrong before in what a segment moves} */
    static List<String> seen(Session session, Lesson lesson, SegmentPlan plan) {
        Set<PostureId> postures = plan.stretch().stream()
                .map(Occurrence::posture)
                .map(Posture::id)
                .collect(Collectors.toSet());
        return WatchFor.of(postures, session.lessons().before(lesson)).stream()
                .map(seen -> said(session, seen))
                .toList();
    }

    /** {@return a mistake that was seen, in a line} */
    public static String said(Session session, Seen seen) {
        String where = session.project()
                .posture(seen.posture())
                .map(Words::name)
                .orElse(seen.posture().key());
        String count =
                seen.count().map(at -> Words.of("common.count_3", at + 1)).orElse("");
        return seen.times() + "× " + Words.sided(where, seen.side()) + count + ": " + seen.what();
    }

    /** {@return which learners have to take care in what a segment moves, and of which gentler way; those alike together} */
    static List<String> cares(Project project, CareBook book, SegmentPlan plan) {
        Map<String, List<String>> byWay = new LinkedHashMap<>();
        plan.stretch().stream()
                .map(done -> done.posture().id())
                .distinct()
                .flatMap(id -> project.posture(id).stream())
                .flatMap(posture -> book.of(project, posture).stream())
                .forEach(raised -> byWay.computeIfAbsent(
                                Words.name(raised.posture()) + ": " + raised.because() + " → "
                                        + raised.gentler().orElse(Words.of("lessons.no_gentler_version")),
                                _ -> new ArrayList<>())
                        .add(raised.learner().label()));
        return byWay.entrySet().stream()
                .map(entry -> Words.listed(entry.getValue()) + " · " + entry.getKey())
                .toList();
    }

    /** {@return the names of what it is time to review, as far as the lesson has room} */
    static List<String> due(Session session, Lesson lesson) {
        return LessonEdits.due(session.lessons(), lesson).stream()
                .flatMap(id -> session.project().posture(id).stream())
                .map(Words::name)
                .toList();
    }

    /** {@return what should have been taught before, what is knowingly incomplete, which questions are open} */
    static List<String> ofLesson(Session session, Lesson lesson) {
        Lessons lessons = session.lessons();
        List<Lesson> before = lessons.before(lesson);
        List<String> lines = new ArrayList<>(missing(lessons, lesson, before));
        lines.addAll(unfinished(session, before, lessons.form(lesson)));
        List<Question> open = WatchFor.open(before);
        if (!open.isEmpty()) {
            lines.add(
                    open.size() == 1
                            ? Words.of("lessons.question_open", open.getFirst().asked())
                            : Words.of(
                                    "lessons.questions_open_first",
                                    open.size(),
                                    open.getFirst().asked()));
        }
        return lines;
    }

    private static List<String> missing(Lessons lessons, Lesson lesson, List<Lesson> before) {
        List<String> lines = new ArrayList<>();
        for (Prerequisites.Missing missing : Prerequisites.missing(lesson, before, lessons.syllabus(lesson))) {
            lines.add(Words.of(
                    "lessons.needs_which_not",
                    missing.needs(),
                    missing.what(),
                    missing.entry()
                            .map(at -> Words.of("lessons.comes_at", at + 1))
                            .orElse("")));
        }
        return lines;
    }

    private static List<String> unfinished(Session session, List<Lesson> before, Form form) {
        List<String> lines = new ArrayList<>();
        for (Prerequisites.Unfinished open : Prerequisites.unfinished(before, form)) {
            String name = session.project()
                    .posture(new PostureId(open.posture()))
                    .map(Words::name)
                    .orElse(open.posture());
            lines.add(Words.of(
                    "lessons.was_taught_knowingly",
                    name,
                    open.lesson() + 1,
                    open.what().isBlank() ? Words.of("common.full_stop") : ": " + open.what()));
        }
        return lines;
    }
}
