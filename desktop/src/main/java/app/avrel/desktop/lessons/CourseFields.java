package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.TeachingFactors;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.project.Project;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The fields of a course, and every figure of what teaching takes. */
final class CourseFields extends VBox {

    /** A figure of what teaching takes. */
    private record Factor(
            String label,
            double least,
            double most,
            ToDoubleFunction<TeachingFactors> of,
            DoubleFunction<UnaryOperator<TeachingFactors>> with) {}

    private static final List<Factor> FACTORS = List.of(
            new Factor("common.seconds_per_beat", 0.2, 30, f -> f.secondsPerBeat(), v -> f -> f.withSecondsPerBeat(v)),
            new Factor("lessons.explained_pass_lasts", 1, 20, f -> f.explained(), v -> f -> f.withExplained(v)),
            new Factor("lessons.feet_alone_times", 0, 20, f -> f.feet(), v -> f -> f.withFeet((int) v)),
            new Factor("lessons.hands_alone_times", 0, 20, f -> f.hands(), v -> f -> f.withHands((int) v)),
            new Factor("lessons.whole_times", 1, 20, f -> f.whole(), v -> f -> f.withWhole((int) v)),
            new Factor(
                    "lessons.other_side_takes", 0, 100, f -> f.otherSide() * 100, v -> f -> f.withOtherSide(v / 100)),
            new Factor("lessons.known_takes", 0, 100, f -> f.least() * 100, v -> f -> f.withLeast(v / 100)),
            new Factor(
                    "lessons.quarter_turn_seconds", 0, 600, f -> f.turnSeconds(), v -> f -> f.withTurnSeconds((int) v)),
            new Factor("lessons.second_on_one", 0, 60, f -> f.oneLeg(), v -> f -> f.withOneLeg(v)),
            new Factor("lessons.pause_after_run", 0, 600, f -> f.pauseSeconds(), v -> f -> f.withPauseSeconds((int) v)),
            new Factor(
                    "lessons.arriving_minutes",
                    0,
                    60,
                    f -> f.arrivalSeconds() / 60.0,
                    v -> f -> f.withArrivalSeconds((int) (v * 60))),
            new Factor(
                    "lessons.closing_minutes",
                    0,
                    60,
                    f -> f.closingSeconds() / 60.0,
                    v -> f -> f.withClosingSeconds((int) (v * 60))),
            new Factor("lessons.name_list_so", 0, 30, f -> f.secondsPerName(), v -> f -> f.withSecondsPerName(v)),
            new Factor("lessons.entries_reviewed", 0, 50, f -> f.reviewed(), v -> f -> f.withReviewed((int) v)),
            new Factor("lessons.times_review", 0, 20, f -> f.reviewTimes(), v -> f -> f.withReviewTimes((int) v)));

    private final FieldGrid grid = new FieldGrid();
    private final FieldGrid figures = new FieldGrid();
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
        text(
                Words.of("lessons.first_lesson"),
                "2026-10-08",
                course.first().toString(),
                typed -> day(typed).map(day -> of -> of.withFirst(day).withDays(weekday(of, day))));
        grid.node(Words.of("lessons.days"), days());
        text(
                Words.of("lessons.begins_at"),
                "18:30",
                course.at().toString(),
                typed -> time(typed).map(at -> of -> of.withAt(at)));
        text(
                Words.of("lessons.no_lesson_on"),
                "2026-12-24, 2026-12-31",
                off(course),
                typed -> days(typed).map(off -> of -> of.withOff(off)));
        text(Words.of("common.lessons"), Words.of("lessons.12_or_until"), lessons(course), CourseFields::lessons);
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
        recipes();
        FACTORS.forEach(this::factor);
        TitledPane more = new TitledPane(Words.of("lessons.teaching_takes"), figures);
        more.setExpanded(false);
        getChildren().addAll(grid, more);
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

    private void factor(Factor factor) {
        EntryField field =
                figures.line(Words.of(factor.label()), Numbers.plain(factor.of().applyAsDouble(TeachingFactors.USUAL)));
        double shown = Math.round(factor.of().applyAsDouble(course.factors()) * 100) / 100.0;
        field.show(
                Numbers.plain(shown),
                typed -> Figures.taken(
                        typed,
                        factor.least(),
                        factor.most(),
                        value -> change(
                                of -> of.withFactors(factor.with().apply(value).apply(of.factors())))));
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

    private static Optional<LocalDate> day(String typed) {
        try {
            return Optional.of(LocalDate.parse(typed.strip()));
        } catch (DateTimeParseException notOne) {
            return Optional.empty();
        }
    }

    private static Optional<LocalTime> time(String typed) {
        try {
            return Optional.of(LocalTime.parse(typed.strip()));
        } catch (DateTimeParseException notOne) {
            return Optional.empty();
        }
    }

    private static Optional<List<LocalDate>> days(String typed) {
        List<LocalDate> days = new ArrayList<>();
        for (String one : typed.split("[,;\\s]+")) {
            if (!one.isBlank()) {
                Optional<LocalDate> day = day(one);
                if (day.isEmpty()) {
                    return Optional.empty();
                }
                days.add(day.get());
            }
        }
        return Optional.of(days);
    }

    private static String off(Course course) {
        return course.off().stream().map(LocalDate::toString).collect(Collectors.joining(", "));
    }

    private static String lessons(Course course) {
        return course.until().map(day -> Words.of("lessons.until", day)).orElse(Integer.toString(course.lessons()));
    }

    private static Optional<UnaryOperator<Course>> lessons(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        if (text.startsWith("until")) {
            return day(text.substring(5)).map(day -> of -> of.withUntil(Optional.of(day)));
        }
        return Figures.whole(text, 1, 500)
                .map(many -> of -> of.withLessons(many).withUntil(Optional.empty()));
    }
}
