package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.Unit;
import app.avrel.lesson.make.LessonMaker;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.project.LessonEdits;
import app.avrel.project.Lessons;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Makes a lesson: which postures are new, by which recipe; what comes of it is shown before it is done. */
final class MakeSheet {

    private final Session session;
    private final LessonActions actions;
    private final Lesson lesson;
    private final Syllabus syllabus;
    private final List<Recipe> recipes;
    private final List<CheckBox> boxes = new ArrayList<>();
    private final Label about = Texts.wrapped("", "quiet");
    private final VBox preview = new VBox();
    private int recipe;

    private MakeSheet(Session session, LessonActions actions, Lesson lesson) {
        this.session = session;
        this.actions = actions;
        this.lesson = lesson;
        syllabus = session.lessons().syllabus(lesson);
        recipes = Recipes.all(session.project().recipes());
        Recipe usual = Recipes.called(
                session.lessons().course(lesson).map(Course::recipe).orElse(""),
                session.project().recipes());
        recipe = recipes.indexOf(usual);
    }

    static void open(Session session, LessonActions actions, StackPane over) {
        session.desk().get().lesson().ifPresent(lesson -> new MakeSheet(session, actions, lesson).open(over));
    }

    private void open(StackPane over) {
        FieldGrid grid = new FieldGrid();
        ChoiceField which = grid.choice(Words.of("lessons.recipe"));
        which.show(recipes.stream().map(RecipeWords::name).toList(), recipe, at -> {
            recipe = at;
            show();
        });
        preview.getStyleClass().add("make-preview");
        VBox content = new VBox(
                grid,
                about,
                Texts.of(Words.of("lessons.new_lesson_was"), "section"),
                units(),
                Texts.of(Words.of("lessons.comes"), "section"),
                preview);
        content.getStyleClass().addAll("make-sheet", "table-sheet");
        show();
        Sheet.show(over, Words.of("lessons.make_3", lesson.title()), content, answers());
    }

    private FlowPane units() {
        FlowPane units = new FlowPane();
        units.getStyleClass().add("unit-boxes");
        List<Integer> chosen = LessonEdits.units(syllabus, lesson.brings());
        int known = session.lessons().known(lesson);
        for (int i = 0; i < syllabus.units().size(); i++) {
            Unit unit = syllabus.units().get(i);
            CheckBox box = new CheckBox((unit.number() + 1) + "  " + unit.name() + (i < known ? " ✓" : ""));
            box.setSelected(chosen.contains(i));
            box.selectedProperty().addListener(_ -> show());
            boxes.add(box);
            units.getChildren().add(box);
        }
        return units;
    }

    /** A recipe of the school's own may be deleted; those that come with the program stay. */
    private List<Sheet.Answer> answers() {
        List<Sheet.Answer> answers = new ArrayList<>(List.of(
                new Sheet.Answer(
                        Words.of("lessons.make_2"), () -> actions.make(lesson.id(), fresh(), recipes.get(recipe))),
                new Sheet.Answer(Words.of("common.cancel"), () -> {})));
        if (!session.project().recipes().isEmpty()) {
            answers.add(new Sheet.Answer(
                    Words.of("lessons.delete_recipe_2"),
                    () -> actions.deleteRecipe(recipes.get(recipe).name())));
        }
        return answers;
    }

    private List<Integer> fresh() {
        return IntStream.range(0, boxes.size())
                .filter(i -> boxes.get(i).isSelected())
                .boxed()
                .toList();
    }

    private void show() {
        about.setText(RecipeWords.about(recipes.get(recipe)));
        Lessons lessons = session.lessons();
        LessonMaker maker = new LessonMaker(
                lessons.timing(lesson), syllabus, lessons.secondsPerBeat(lesson), fresh(), lessons.known(lesson));
        LessonPlan plan = lessons.plan(maker.make(lesson, recipes.get(recipe)));
        preview.getChildren().clear();
        plan.segments()
                .forEach(segment -> preview.getChildren()
                        .add(Texts.wrapped(
                                LessonWords.clock(segment.seconds()) + "  " + segment.title()
                                        + (segment.how().isEmpty() ? "" : " · " + segment.how()),
                                "make-line")));
        preview.getChildren()
                .add(Texts.of(
                        Words.of("lessons.min_2", LessonWords.clock(plan.seconds()), lesson.minutes()),
                        plan.minutesLeft() < 0 ? "over-line" : "section"));
    }
}
