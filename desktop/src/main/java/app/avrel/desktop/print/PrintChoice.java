package app.avrel.desktop.print;

import app.avrel.body.Body;
import app.avrel.desktop.words.Words;
import app.avrel.files.print.Document;
import app.avrel.files.print.HandOut;
import app.avrel.files.print.LessonSheet;
import app.avrel.form.Form;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.posture.Posture;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Something that can be printed: no nodes. */
sealed interface PrintChoice {

    /** What the instructor takes along. */
    record OfLesson(Lesson lesson) implements PrintChoice {}

    /** What is new in a lesson, for learners; all it moves where nothing is. */
    record Home(Lesson lesson) implements PrintChoice {}

    record OfPosture(Posture posture) implements PrintChoice {}

    record OfForm(Form form) implements PrintChoice {}

    /** {@return what there is to print, what is on the desk of a room first} */
    static List<PrintChoice> of(Optional<Lesson> lesson, Optional<Posture> posture, Form form, boolean lessonFirst) {
        List<PrintChoice> all = new ArrayList<>();
        posture.ifPresent(one -> all.add(new OfPosture(one)));
        all.add(new OfForm(form));
        lesson.ifPresent(one -> {
            all.add(lessonFirst ? 0 : all.size(), new OfLesson(one));
            all.add(lessonFirst ? 1 : all.size(), new Home(one));
        });
        return all;
    }

    default String words() {
        return switch (this) {
            case OfLesson(Lesson lesson) -> Words.of("print.lesson_sheet", lesson.title());
            case Home(Lesson lesson) -> Words.of("print.hand_out_lesson", lesson.title());
            case OfPosture(Posture posture) -> Words.of("print.hand_out_posture", Words.name(posture));
            case OfForm(Form form) -> Words.of("print.hand_out_form", form.name());
        };
    }

    /** {@return a name for the file} */
    default String fileName() {
        String name = switch (this) {
            case OfLesson(Lesson lesson) -> lesson.title();
            case Home(Lesson lesson) -> Words.of("print.hand_out", lesson.title());
            case OfPosture(Posture posture) -> Words.name(posture);
            case OfForm(Form form) -> form.name();
        };
        String plain = name.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? Words.of("print.sheet") : plain;
    }

    /** {@return the document; may take a moment} */
    default Document document(Project project, Body body, Language language) {
        return switch (this) {
            case OfLesson(Lesson lesson) -> LessonSheet.of(new Lessons(Analysis.of(project), language), lesson);
            case Home(Lesson lesson) -> {
                Lessons lessons = new Lessons(Analysis.of(project), language);
                List<Posture> fresh = lessons.fresh(lesson);
                List<Posture> all = fresh.isEmpty() ? lessons.postures(lesson) : fresh;
                yield HandOut.of(project, lesson.title(), all, body, language);
            }
            case OfPosture(Posture posture) ->
                HandOut.of(project, Words.name(posture), List.of(posture), body, language);
            case OfForm(Form form) -> HandOut.of(project, form, body, language);
        };
    }
}
