package app.avrel.desktop.door;

import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Language;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** Which stretch of a project a script is of: a form, a lesson or one posture. */
final class SpokenStretch {

    @Option(names = "--form", paramLabel = "ID", description = "a form; the first one where nothing is named")
    private String form;

    @Option(names = "--lesson", paramLabel = "NUMBER", description = "the stretches of a lesson, one after the other")
    private String lesson;

    @Option(names = "--posture", paramLabel = "ID", description = "one posture, by itself")
    private String posture;

    @Option(names = "--lang", paramLabel = "en|es|zh", description = "the language", defaultValue = "en")
    private String language;

    /** {@return the language; empty after saying on standard error that it is none} */
    Optional<Language> language() {
        Optional<Language> found = Stream.of(Language.values())
                .filter(one -> one.code().equals(language))
                .findFirst();
        if (found.isEmpty()) {
            System.err.println("The language is en, es or zh, but it says " + language + ".");
        }
        return found;
    }

    static Wording wording(Project project) {
        return new Wording(
                project.setting().directions(), Heading.FRONT, project.setting().rules());
    }

    /** {@return the occurrences, in order; empty after saying on standard error what there is instead} */
    Optional<List<Occurrence>> of(Project project) {
        if (posture != null) {
            return named(project.postures(), posture, one -> one.id().key(), Posture::name, "posture")
                    .map(one -> Unroll.posture(one, project.setting().posing()).occurrences());
        }
        if (lesson != null) {
            return named(project.lessons(), lesson, one -> number(project, one), Lesson::title, "lesson")
                    .map(one -> stretches(project, one));
        }
        String wanted = form == null && !project.forms().isEmpty()
                ? project.forms().getFirst().id().key()
                : form;
        return named(project.forms(), wanted, one -> one.id().key(), Form::name, "form")
                .map(one -> track(project, one));
    }

    /** {@return what was said before, in the lessons before this one; nothing of a form or a posture} */
    List<Occurrence> before(Project project) {
        if (lesson == null) {
            return List.of();
        }
        return project.lessons().stream()
                .takeWhile(one -> !named(project, one))
                .flatMap(one -> stretches(project, one).stream())
                .toList();
    }

    private boolean named(Project project, Lesson one) {
        return number(project, one).equals(lesson) || one.title().equalsIgnoreCase(lesson);
    }

    private static String number(Project project, Lesson one) {
        return Integer.toString(project.lessons().indexOf(one) + 1);
    }

    private static List<Occurrence> track(Project project, Form form) {
        return Unroll.form(form, project.shelf(), project.setting().posing()).occurrences();
    }

    private static List<Occurrence> stretches(Project project, Lesson lesson) {
        return project.form(lesson.form())
                .map(form -> LessonPlan.of(
                        lesson,
                        form,
                        Unroll.form(form, project.shelf(), project.setting().posing()),
                        wording(project)))
                .map(LessonPlan::run)
                .orElse(List.of());
    }

    private static <T> Optional<T> named(
            List<T> all, String wanted, Function<T, String> id, Function<T, String> name, String kind) {
        Optional<T> found = all.stream()
                .filter(one -> id.apply(one).equals(wanted) || name.apply(one).equalsIgnoreCase(wanted))
                .findFirst();
        if (found.isEmpty()) {
            System.err.println("There is no " + kind + " “" + wanted + "”; there are: "
                    + all.stream()
                            .map(one -> id.apply(one) + " (" + name.apply(one) + ")")
                            .collect(Collectors.joining(", "))
                    + ".");
        }
        return found;
    }
}
