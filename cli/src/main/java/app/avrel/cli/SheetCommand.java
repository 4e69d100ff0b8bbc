package app.avrel.cli;

import app.avrel.body.Body;
import app.avrel.files.picture.FormRibbonSvg;
import app.avrel.files.print.Document;
import app.avrel.files.print.HandOut;
import app.avrel.files.print.LessonSheet;
import app.avrel.files.print.Paper;
import app.avrel.files.print.Printed;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.SoFar;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.project.Analysis;
import app.avrel.project.Learner;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a lesson's sheet for the instructor, or a hand-out for learners. */
@Command(
        name = "sheet",
        description = "Writes a lesson's sheet, or a hand-out of a lesson, a posture or a form, as PDF or Markdown.")
final class SheetCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @ArgGroup(multiplicity = "1")
    private Of of;

    /** Of what it is a sheet. */
    static final class Of {
        @Option(names = "--lesson", paramLabel = "ID", description = "a lesson: its id, its title, or its number")
        private String lesson;

        @Option(names = "--posture", paramLabel = "ID", description = "a posture, as a hand-out")
        private String posture;

        @Option(names = "--form", paramLabel = "ID", description = "a form with all its postures, as a hand-out")
        private String form;
    }

    @Option(names = "--handout", description = "what is new in the lesson, for learners to take home")
    private boolean handOut;

    @Option(
            names = "--body",
            paramLabel = "LABEL|CM",
            description = "whose body is drawn: a learner's label or a height in cm; the chosen one otherwise")
    private String body;

    @Option(names = "--lang", paramLabel = "en|es|zh", description = "the language", defaultValue = "en")
    private String language;

    @Option(names = "--paper", paramLabel = "a4|letter", description = "the size of the paper", defaultValue = "a4")
    private String paper;

    @Option(
            names = "-o",
            paramLabel = "OUT",
            required = true,
            description = "the file: its ending is .pdf or .md; .svg of a form is its ribbon")
    private Path output;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        Optional<Language> said = Stream.of(Language.values())
                .filter(one -> one.code().equals(language))
                .findFirst();
        Optional<Paper> size = Stream.of(Paper.values())
                .filter(one -> one.name().equalsIgnoreCase(paper))
                .findFirst();
        if (said.isEmpty()) {
            System.err.println("The language is en, es or zh, but it says " + language + ".");
        }
        if (size.isEmpty()) {
            System.err.println("The paper is a4 or letter, but it says " + paper + ".");
        }
        if (project.isEmpty() || said.isEmpty() || size.isEmpty()) {
            return Reports.FOUND;
        }
        if (of.form != null && output.getFileName().toString().endsWith(".svg")) {
            return ribbon(project.get(), new SoFar(said.get()));
        }
        return document(project.get(), said.get())
                .map(document -> write(document, size.get()))
                .orElse(Reports.FOUND);
    }

    /** The form's ribbon, as a picture. */
    private int ribbon(Project project, SoFar names) {
        Optional<Body> drawn = body(project);
        Optional<Form> form =
                Named.one(project.forms(), Optional.of(of.form), one -> one.id().key(), Form::name, "form");
        if (drawn.isEmpty() || form.isEmpty()) {
            return Reports.FOUND;
        }
        Performer performer = Performing.of(drawn.get(), project.rules(form.get()));
        List<Occurrence> track =
                Unroll.form(form.get(), project.shelf(), performer).occurrences();
        try {
            Files.writeString(output, FormRibbonSvg.of(track, done -> names.sided(done.posture())));
            return Reports.FINE;
        } catch (IOException failed) {
            System.err.println("The picture is not written to " + output + ": " + failed.getMessage() + ".");
            return Reports.FOUND;
        }
    }

    private Optional<Document> document(Project project, Language said) {
        Optional<Body> drawn = body(project);
        if (drawn.isEmpty()) {
            return Optional.empty();
        }
        if (of.posture != null) {
            return Named.one(
                            project.postures(),
                            Optional.of(of.posture),
                            one -> one.id().key(),
                            Posture::name,
                            "posture")
                    .map(one -> HandOut.of(project, one.name(), List.of(one), drawn.get(), said));
        }
        if (of.form != null) {
            return Named.one(
                            project.forms(),
                            Optional.of(of.form),
                            one -> one.id().key(),
                            Form::name,
                            "form")
                    .map(one -> HandOut.of(project, one, drawn.get(), said));
        }
        Lessons lessons = new Lessons(Analysis.of(project), said);
        return lesson(project)
                .map(one -> handOut
                        ? HandOut.of(project, one.title(), fresh(lessons, one), drawn.get(), said)
                        : LessonSheet.of(lessons, one));
    }

    private Optional<Lesson> lesson(Project project) {
        boolean number = of.lesson.matches("\\d{1,3}");
        int at = number ? Integer.parseInt(of.lesson) - 1 : -1;
        return at >= 0 && at < project.lessons().size()
                ? Optional.of(project.lessons().get(at))
                : Named.one(
                        project.lessons(),
                        Optional.of(of.lesson),
                        one -> one.id().key(),
                        Lesson::title,
                        "lesson");
    }

    /** What is new in a lesson; all it moves where nothing is. */
    private static List<Posture> fresh(Lessons lessons, Lesson lesson) {
        List<Posture> fresh = lessons.fresh(lesson);
        return fresh.isEmpty() ? lessons.postures(lesson) : fresh;
    }

    private Optional<Body> body(Project project) {
        if (body == null) {
            return Optional.of(project.setting().chosenBody());
        }
        Optional<Body> learner = project.learners().stream()
                .filter(one -> one.label().equalsIgnoreCase(body))
                .map(Learner::body)
                .findFirst();
        Optional<Body> tall = body.matches("\\d{2,3}")
                ? Optional.of(Integer.parseInt(body))
                        .filter(cm -> cm >= 80 && cm <= 250)
                        .map(cm -> Body.ofStature(cm / 100.0))
                : Optional.empty();
        Optional<Body> found = learner.or(() -> tall);
        if (found.isEmpty()) {
            System.err.println("There is no learner “" + body + "”. Name one, or a height from 80 to 250 cm.");
        }
        return found;
    }

    private int write(Document document, Paper size) {
        String name = output.getFileName().toString().toLowerCase(Locale.ROOT);
        if (!name.endsWith(".pdf") && !name.endsWith(".md")) {
            System.err.println(
                    "A sheet is written as .pdf or .md, but the file is called " + output.getFileName() + ".");
            return Reports.FOUND;
        }
        byte[] bytes = name.endsWith(".pdf")
                ? Printed.pdf(document, size)
                : Printed.markdown(document).getBytes(StandardCharsets.UTF_8);
        try {
            Files.write(output, bytes);
            return Reports.FINE;
        } catch (IOException e) {
            System.err.println("The sheet cannot be written to " + output + ": " + e.getMessage());
            return Reports.FOUND;
        }
    }
}
