package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.project.Project;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The fields of a course, and every figure of what teaching takes. */
final class CourseFields extends VBox {

    private final FieldGrid grid = new FieldGrid();
    private final Project project;
    private final Runnable changed;
    private Course course;

    CourseFields(Project project, Course begun, Runnable changed) {
        this.project = project;
        this.course = begun;
        this.changed = changed;
        getStyleClass().add("course-fields");
        text(
                Words.of("common.name"),
                Words.of("lessons.tuesday_beginners"),
                course.name(),
                typed -> typed.isBlank() ? Optional.empty() : Optional.of(of -> of.withName(typed.strip())));
        forms();
        when();
        howLong();
        recipes();
        getChildren()
                .addAll(
                        grid,
                        Texts.folded(
                                Words.of("lessons.teaching_takes"),
                                new FactorFields(
                                                course.factors(),
                                                edit -> change(of -> of.withFactors(edit.apply(of.factors()))))
                                        .grid()));
    }

    /** How long a lesson lasts, and how fast this group learns. */
    private void howLong() {
        text(
                Words.of("lessons.minutes"),
                "50",
                Integer.toString(course.minutes()),
                typed -> Figures.whole(typed, 1, 600).map(minutes -> of -> of.withMinutes(minutes)));
        text(
                Words.of("lessons.pace"),
                Words.of("lessons.100_80_slower"),
                Numbers.whole(course.pace() * 100),
                typed -> Figures.of(typed, 50, 200).map(pace -> of -> of.withPace(pace / 100)));
    }

    /** From which day on, on which days, at what hour, and how long. */
    private void when() {
        text(
                Words.of("lessons.first_lesson"),
                "2026-10-08",
                course.first().toString(),
                typed ->
                        CourseText.day(typed).map(day -> of -> of.withFirst(day).withDays(weekday(of, day))));
        grid.node(Words.of("lessons.days"), days());
        text(
                Words.of("lessons.begins_at"),
                "18:30",
                course.at().toString(),
                typed -> CourseText.time(typed).map(at -> of -> of.withAt(at)));
        text(
                Words.of("lessons.no_lesson_on"),
                "2026-12-24, 2026-12-31",
                CourseText.off(course),
                typed -> CourseText.days(typed).map(off -> of -> of.withOff(off)));
        text(
                Words.of("common.lessons"),
                Words.of("lessons.12_or_until"),
                CourseText.lessons(course),
                CourseText::lessons);
    }

    Course course() {
        return course;
    }

    private void change(UnaryOperator<Course> edit) {
        course = edit.apply(course);
        changed.run();
    }

    private void text(
            String label, String example, String shown, Function<String, Optional<UnaryOperator<Course>>> reading) {
        grid.line(label, example).show(shown, typed -> {
            Optional<UnaryOperator<Course>> edit = reading.apply(typed);
            edit.ifPresent(this::change);
            return edit.isPresent();
        });
    }

    private void forms() {
        List<Form> forms = project.forms();
        int chosen = forms.stream().map(Form::id).toList().indexOf(course.form());
        ChoiceField field = grid.choice(Words.of("common.form"));
        field.show(
                forms.stream().map(Form::name).toList(),
                chosen,
                at -> change(of -> of.withForm(forms.get(at).id())));
    }

    private void recipes() {
        List<Recipe> recipes = Recipes.all(project.recipes());
        int chosen = recipes.indexOf(Recipes.called(course.recipe(), project.recipes()));
        ChoiceField field = grid.choice(Words.of("lessons.recipe"));
        field.show(
                recipes.stream().map(RecipeWords::name).toList(),
                chosen,
                at -> change(of -> of.withRecipe(recipes.get(at).name())));
    }

    private FlowPane days() {
        FlowPane boxes = new FlowPane();
        boxes.getStyleClass().add("unit-boxes");
        for (DayOfWeek day : DayOfWeek.values()) {
            CheckBox box = new CheckBox(Days.of(day));
            box.setSelected(course.days().contains(day));
            box.setOnAction(_ -> change(of -> {
                List<DayOfWeek> all = new ArrayList<>(of.days());
                all.remove(day);
                if (box.isSelected()) {
                    all.add(day);
                }
                return of.withDays(all);
            }));
            boxes.getChildren().add(box);
        }
        return boxes;
    }

    /** The day of the first lesson is a day of lessons. */
    private static List<DayOfWeek> weekday(Course course, LocalDate first) {
        return course.days().contains(first.getDayOfWeek()) || course.days().size() > 1
                ? course.days()
                : List.of(first.getDayOfWeek());
    }
}
