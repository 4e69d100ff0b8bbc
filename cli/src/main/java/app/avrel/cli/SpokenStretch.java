package app.avrel.cli;

import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.posture.Posture;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
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

    /** {@return the voice of that name, or the best; empty after saying on standard error which there are} */
    static Optional<Voice> voice(Language language, Optional<String> name) {
        Optional<Voice> found = Voices.find(language, name);
        if (found.isEmpty()) {
            System.err.println("No voice here speaks " + language.code()
                    + name.map(one -> " as “" + one + "”").orElse("")
                    + ". There are: "
                    + Voices.of(language).stream().map(Voice::name).collect(Collectors.joining(", "))
                    + ". Install espeak-ng for English, Spanish and Chinese.");
        }
        return found;
    }

    static Wording wording(Project project) {
        return new Wording(
                project.directions(), Heading.FRONT, project.setting().rules());
    }

    /** {@return the occurrences, in order; empty after saying on standard error what there is instead} */
    Optional<List<Occurrence>> of(Project project) {
        if (posture != null) {
            return Named.one(
                            project.postures(),
                            Optional.of(posture),
                            one -> one.id().key(),
                            Posture::name,
                            "posture")
                    .map(one -> Unroll.posture(one, project.setting().posing()).occurrences());
        }
        if (lesson != null) {
            return Named.one(
                            project.lessons(),
                            Optional.of(lesson),
                            one -> number(project, one),
                            Lesson::title,
                            "lesson")
                    .map(one -> stretches(project, one));
        }
        return Named.one(
                        project.forms(),
                        Optional.ofNullable(form),
                        one -> one.id().key(),
                        Form::name,
                        "form")
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
        return new Lessons(Analysis.of(project), Language.ENGLISH).run(lesson);
    }
}
