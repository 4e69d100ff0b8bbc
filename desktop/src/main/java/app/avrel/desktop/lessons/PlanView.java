package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Explaining;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.WhatIf;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.chart.BarChart;
import javafx.scene.chart.CategoryAxis;
import javafx.scene.chart.NumberAxis;
import javafx.scene.chart.XYChart;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A plan: how full each lesson is, what is new in it and why, and what another choice would change. */
final class PlanView extends VBox {

    private final BarChart<String, Number> chart;
    private final NumberAxis minutes = new NumberAxis();
    private final Label note = Texts.wrapped("", "gone");
    private final Label state = Texts.wrapped("", "room-state");
    private final VBox lessons = new VBox();
    private final VBox others = new VBox();

    PlanView() {
        CategoryAxis numbers = new CategoryAxis();
        chart = new BarChart<>(numbers, minutes);
        chart.setAnimated(false);
        chart.setLegendVisible(false);
        chart.setAccessibleText(Words.of("lessons.minutes_each_lesson"));
        chart.getStyleClass().add("load-chart");
        minutes.setLabel(Words.of("common.minutes"));
        minutes.setAutoRanging(false);
        minutes.setTickUnit(10);
        minutes.setMinorTickVisible(false);
        numbers.setLabel(Words.of("common.lesson"));
        lessons.getStyleClass().add("plan-lessons");
        others.getStyleClass().add("plan-lessons");
        getStyleClass().add("plan-view");
        getChildren()
                .addAll(
                        note,
                        state,
                        chart,
                        lessons,
                        Texts.of(Words.of("lessons.another_choice_would"), "section"),
                        others);
    }

    void show(Course course, CoursePlan plan, Syllabus syllabus, List<WhatIf> ifs) {
        state.setText(state(course, plan));
        state.pseudoClassStateChanged(PseudoClass.getPseudoClass("over"), !plan.fits());
        chart(course, plan);
        lessons.getChildren()
                .setAll(plan.lessons().stream()
                        .map(lesson -> Texts.wrapped(line(lesson, syllabus), "make-line"))
                        .toList());
        plan.lessons().stream()
                .flatMap(lesson -> lesson.units().stream().limit(1))
                .forEach(unit -> why(plan, syllabus, unit));
        others.getChildren()
                .setAll(ifs.stream()
                        .map(other -> Texts.wrapped(other.sentence(), "make-line"))
                        .toList());
    }

    /** Says that another form stands in for the one that is gone. */
    void note(Optional<String> said) {
        Texts.show(note, said);
    }

    private void why(CoursePlan plan, Syllabus syllabus, int unit) {
        plan.of(unit)
                .ifPresent(lesson -> Tips.give(
                        (Label) lessons.getChildren().get(lesson.number()),
                        String.join("\n", new Explaining(plan, syllabus).why(unit))));
    }

    private static String line(CoursePlan.Planned lesson, Syllabus syllabus) {
        String what = lesson.units().isEmpty()
                ? lesson.settled() && lesson.load() == 0
                        ? Words.of("lessons.missed")
                        : Words.of("lessons.nothing_new_all")
                : Words.row(lesson.units().stream()
                        .map(unit -> syllabus.units().get(unit).name())
                        .toList());
        return (lesson.number() + 1) + "  " + lesson.date() + " · " + (lesson.settled() ? "✓ " : "") + what;
    }

    private static String state(Course course, CoursePlan plan) {
        if (plan.fits()) {
            return Words.of("lessons.fits_fullest_lesson", (plan.worst() + 59) / 60, course.minutes());
        }
        String help = plan.help().stream().map(PlanView::help).collect(Collectors.joining(Words.of("lessons.or")));
        return Words.of("lessons.does_not_fit", help.isEmpty() ? "" : Words.of("lessons.least_would_help", help));
    }

    private static String help(CoursePlan.Help help) {
        return switch (help) {
            case CoursePlan.Help.Minutes(int more) -> Words.of("lessons.min_more_lesson", more);
            case CoursePlan.Help.Lessons(int more) ->
                more == 1 ? Words.of("lessons.one_lesson_more") : Words.of("lessons.lessons_more", more);
            case CoursePlan.Help.Pace(double pace) -> Words.of("lessons.pace_2", Math.round(pace * 100));
        };
    }

    private void chart(Course course, CoursePlan plan) {
        XYChart.Series<String, Number> loads = new XYChart.Series<>();
        for (CoursePlan.Planned lesson : plan.lessons()) {
            loads.getData().add(new XYChart.Data<>(Integer.toString(lesson.number() + 1), lesson.load() / 60.0));
        }
        double most = plan.lessons().stream()
                .mapToDouble(lesson -> lesson.load() / 60.0)
                .max()
                .orElse(0);
        minutes.setLowerBound(0);
        minutes.setUpperBound(Math.ceil((Math.max(course.minutes(), most) + 5) / 10) * 10);
        chart.getData().setAll(List.of(loads));
    }
}
