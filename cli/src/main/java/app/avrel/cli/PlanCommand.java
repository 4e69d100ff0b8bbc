package app.avrel.cli;

import app.avrel.form.Form;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Explaining;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.WhatIf;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Prints the plan of a course: what is new in which lesson, how full each is, and why. */
@Command(
        name = "plan",
        description = "Prints the plan of a course: what is new in which lesson, how full it is, and why.")
final class PlanCommand implements Callable<Integer> {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Option(names = "--course", paramLabel = "ID", description = "a course; the first one where nothing is named")
    private String course;

    @Option(names = "--json", description = "print one JSON object")
    private boolean json;

    @Override
    public Integer call() {
        Optional<Project> read = Reports.project(file);
        if (read.isEmpty()) {
            return Reports.FOUND;
        }
        Project project = read.get();
        Optional<Course> found = Named.one(
                project.courses(), Optional.ofNullable(course), one -> one.id().key(), Course::name, "course");
        if (found.isEmpty()) {
            return Reports.FOUND;
        }
        project.standsIn(found.get().form()).ifPresent(System.err::println);
        Lessons lessons = new Lessons(Analysis.of(project), Language.ENGLISH);
        CoursePlan plan = lessons.plan(found.get());
        Syllabus syllabus = lessons.syllabus(found.get());
        if (json) {
            Reports.print(node(found.get(), plan, syllabus));
        } else {
            print(project, found.get(), plan, syllabus);
        }
        return plan.fits() ? Reports.FINE : Reports.FOUND;
    }

    private static String names(Syllabus syllabus, List<Integer> units) {
        return units.isEmpty()
                ? "nothing new"
                : units.stream().map(unit -> syllabus.units().get(unit).name()).collect(Collectors.joining(", "));
    }

    private static void print(Project project, Course course, CoursePlan plan, Syllabus syllabus) {
        System.out.println(course.name() + ", " + course.count() + " lessons of " + course.minutes() + " min");
        Explaining explaining = new Explaining(plan, syllabus);
        List<Lesson> made = project.lessonsOf(course.id());
        for (CoursePlan.Planned lesson : plan.lessons()) {
            System.out.println((lesson.number() + 1) + "  " + lesson.date() + "  " + (lesson.load() + 59) / 60 + " of "
                    + lesson.room() / 60 + " min  " + state(lesson, made)
                    + names(syllabus, lesson.units()));
            lesson.units().forEach(unit -> System.out.println("     " + explaining.effort(unit)));
        }
        System.out.println(plan.fits() ? "It fits." : "It does not fit. " + help(plan));
        Form form = project.formOrFirst(course.form());
        WhatIf.of(course, form, Unroll.form(form, project.shelf(), project.posing(form)), made)
                .forEach(other -> System.out.println(other.sentence()));
    }

    /** What became of a lesson already: taught, missed, or kept where it is. */
    private static String state(CoursePlan.Planned planned, List<Lesson> made) {
        boolean missed =
                planned.number() < made.size() && made.get(planned.number()).missed();
        boolean taught =
                planned.number() < made.size() && made.get(planned.number()).taught();
        return missed ? "missed, " : taught ? "✓ " : planned.settled() ? "pinned: " : "";
    }

    private static String help(CoursePlan plan) {
        return plan.help().stream()
                .map(help -> switch (help) {
                    case CoursePlan.Help.Minutes(int more) -> more + " min more a lesson would do.";
                    case CoursePlan.Help.Lessons(int more) -> more + " more lessons would do.";
                    case CoursePlan.Help.Pace(double pace) -> "A pace of " + Math.round(pace * 100) + " % would do.";
                })
                .collect(Collectors.joining(" "));
    }

    private static ObjectNode node(Course course, CoursePlan plan, Syllabus syllabus) {
        ObjectNode node = NODES.objectNode();
        node.put("course", course.id().key()).put("fits", plan.fits()).put("parted", plan.parted());
        ArrayNode lessons = node.putArray("lessons");
        for (CoursePlan.Planned lesson : plan.lessons()) {
            ObjectNode one = lessons.addObject();
            one.put("number", lesson.number() + 1).put("date", lesson.date().toString());
            one.put("seconds", lesson.load()).put("room", lesson.room()).put("settled", lesson.settled());
            ArrayNode units = one.putArray("units");
            for (int unit : lesson.units()) {
                units.addObject()
                        .put("entry", syllabus.units().get(unit).entry().key())
                        .put("name", syllabus.units().get(unit).name())
                        .put("seconds", syllabus.units().get(unit).effort().seconds());
            }
        }
        ArrayNode helps = node.putArray("help");
        plan.help().forEach(help -> {
            switch (help) {
                case CoursePlan.Help.Minutes(int more) -> helps.addObject().put("minutes", more);
                case CoursePlan.Help.Lessons(int more) -> helps.addObject().put("lessons", more);
                case CoursePlan.Help.Pace(double pace) -> helps.addObject().put("pace", pace);
            }
        });
        return node;
    }
}
