package app.avrel.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.session.Session;
import app.avrel.files.Demo;
import app.avrel.files.Recovery;
import app.avrel.form.EntryId;
import app.avrel.form.Played;
import app.avrel.lesson.Doing;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SeenFrom;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Version;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Every field of a segment changes what it says, and only that. */
@ExtendWith(ApplicationExtension.class)
class SegmentStoryTest {

    private static final int NEW = 5;

    @TempDir
    private static Path folder;

    private Session session;
    private LessonActions actions;
    private SegmentFields fields;

    @Start
    void open(Stage stage) {
        session = new Session(Demo.project(), new Recovery(folder));
        actions = new LessonActions(session);
        fields = new SegmentFields(actions);
        session.desk().addListener((_, _, _) -> show());
        stage.setScene(new Scene(fields, 500, 900));
        stage.show();
    }

    @BeforeEach
    void atASegmentThatIsNew(FxRobot robot) {
        robot.interact(() -> {
            session.choose(session.choice().withLesson(5).withSegment(NEW));
            show();
        });
    }

    /** Nothing is written any more once this is over. */
    @AfterEach
    void end(FxRobot robot) {
        robot.interact(session::end);
    }

    private void show() {
        Lesson lesson = session.desk().get().lesson().orElseThrow();
        fields.show(session.project(), session.lessons().form(lesson), segment());
    }

    private Segment segment() {
        return session.desk()
                .get()
                .lesson()
                .orElseThrow()
                .segments()
                .get(session.choice().segment());
    }

    private void choose(FxRobot robot, String label, int at) {
        robot.interact(
                () -> called(ChoiceField.class, label).getSelectionModel().select(at));
    }

    private void type(FxRobot robot, String label, String text) {
        robot.interact(() -> {
            TextField field = called(TextField.class, label);
            field.requestFocus();
            field.setText(text);
        });
    }

    private <T extends Node> T called(Class<T> kind, String label) {
        return fields.lookupAll("*").stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(node -> label.equals(node.getAccessibleText()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatItIsForMayBeOtherwise(FxRobot robot) {
        Segment before = segment();
        choose(robot, "What for", SegmentKind.REVIEW.ordinal());
        assertThat(segment()).isEqualTo(before.withKind(SegmentKind.REVIEW));
    }

    @Test
    void aTitleOfItsOwnStandsInPlaceOfTheMadeOne(FxRobot robot) {
        type(robot, "Title", "Low, but how?");
        assertThat(plan().segments().get(NEW).title()).isEqualTo("Low, but how?");
        type(robot, "Title", "");
        assertThat(plan().segments().get(NEW).title()).isEqualTo("Feet only: Low over the Stones, right");
    }

    private LessonPlan plan() {
        return session.lessons().plan(session.desk().get().lesson().orElseThrow());
    }

    @Test
    void theStretchRunsFromAnEntryToALaterOneHoweverItIsChosen(FxRobot robot) {
        choose(robot, "To", 12);
        assertThat(stretch()).isEqualTo(Stretch.of(new EntryId("e11"), new EntryId("e13")));
        choose(robot, "From", 14);
        assertThat(stretch()).isEqualTo(Stretch.of(new EntryId("e15"), new EntryId("e15")));
        choose(robot, "To", 9);
        assertThat(stretch()).isEqualTo(Stretch.of(new EntryId("e10"), new EntryId("e10")));
    }

    private Stretch stretch() {
        return segment().stretch().orElseThrow();
    }

    @Test
    void onlySomeCountsMayBeDone(FxRobot robot) {
        type(robot, "Counts", "2 to 3");
        assertThat(stretch().counts()).contains(new Stretch.Counts(1, 2));
        type(robot, "Counts", "2");
        assertThat(stretch().counts()).contains(new Stretch.Counts(1, 1));
        type(robot, "Counts", "3 to 2");
        assertThat(stretch().counts()).contains(new Stretch.Counts(1, 1));
        type(robot, "Counts", "all");
        assertThat(stretch().counts()).isEmpty();
    }

    @Test
    void theLayerTheSideAndFromWhereItIsSeen(FxRobot robot) {
        choose(robot, "Layer", Layer.HANDS.ordinal());
        choose(robot, "Side", 1);
        choose(robot, "Seen from", SeenFrom.LEFT.ordinal());
        assertThat(segment().showing().layer()).isEqualTo(Layer.HANDS);
        assertThat(segment().showing().side()).isEqualTo(Played.OTHER_SIDE);
        assertThat(segment().showing().from()).isEqualTo(SeenFrom.LEFT);
        assertThat(plan().segments().get(NEW).title()).isEqualTo("Hands only: Low over the Stones, left");
    }

    @Test
    void howMuchIsSaidTheFirstTimeAndLater(FxRobot robot) {
        choose(robot, "Words", 4);
        assertThat(segment().showing().first()).isEqualTo(CueLevel.PROMPT);
        assertThat(segment().showing().later()).isEqualTo(CueLevel.PROMPT);
        choose(robot, "Words", 1);
        assertThat(segment().showing().first()).isEqualTo(CueLevel.EXPLAIN);
        assertThat(segment().showing().later()).isEqualTo(CueLevel.PROMPT);
    }

    @Test
    void whetherItIsMovedSpokenOrBothAndInWhichVersion(FxRobot robot) {
        double explained = plan().segments().get(NEW).seconds();
        choose(robot, "Done", Doing.SILENT.ordinal());
        assertThat(plan().segments().get(NEW).seconds()).isLessThan(explained);
        choose(robot, "Version", Version.INCOMPLETE.ordinal());
        assertThat(segment().showing().version()).isEqualTo(Version.INCOMPLETE);
    }

    @Test
    void ticksForTheMirrorAndForTheLastCountBefore(FxRobot robot) {
        robot.interact(() -> fields.lookupAll(".check-box").forEach(box -> ((CheckBox) box).fire()));
        assertThat(segment().showing().mirrored()).isTrue();
        assertThat(stretch().fromLastCount()).isTrue();
    }

    @Test
    void theRhythmIsTakenWithinItsRangeAndRefusedOutsideOfIt(FxRobot robot) {
        type(robot, "Times", "5");
        type(robot, "Seconds per beat", "3,5");
        type(robot, "Pause (s)", "40");
        assertThat(segment().repetitions()).isEqualTo(5);
        assertThat(segment().secondsPerBeat()).isEqualTo(3.5);
        assertThat(segment().pauseSeconds()).isEqualTo(40);
        type(robot, "Times", "101");
        type(robot, "Seconds per beat", "0.1");
        type(robot, "Pause (s)", "-1");
        assertThat(segment().repetitions()).isEqualTo(5);
        assertThat(segment().secondsPerBeat()).isEqualTo(3.5);
        assertThat(segment().pauseSeconds()).isEqualTo(40);
    }

    @Test
    void yourOwnWordsAreSaidFirst(FxRobot robot) {
        type(robot, "You say first", "Think of the mill pond.");
        assertThat(plan().segments().get(NEW).opening()).startsWith("Think of the mill pond.");
    }

    @Test
    void typingInOneFieldIsOneStepToUndo(FxRobot robot) {
        Segment before = segment();
        type(robot, "Title", "L");
        type(robot, "Title", "Lo");
        type(robot, "Title", "Low");
        robot.interact(session::undo);
        assertThat(segment()).isEqualTo(before);
    }

    @Test
    void whatIsAddedStandsAfterTheChosenOneAndIsChosen(FxRobot robot) {
        for (SegmentKind kind : SegmentKind.values()) {
            int at = session.choice().segment();
            robot.interact(() -> actions.add(kind));
            assertThat(session.choice().segment()).isEqualTo(at + 1);
            assertThat(segment().kind()).isEqualTo(kind);
            boolean around = kind.tone() == SegmentKind.Tone.ROUND_ABOUT && kind != SegmentKind.HOME;
            assertThat(segment().stretch().isEmpty()).isEqualTo(around);
        }
    }

    @Test
    void anEndDraggedTwiceAsFarIsDoneTwiceAsOften(FxRobot robot) {
        int times = segment().repetitions();
        robot.interact(() -> actions.stretch(NEW, 2));
        assertThat(segment().repetitions()).isEqualTo(2 * times);
        robot.interact(() -> actions.stretch(NEW, 0));
        assertThat(segment().repetitions()).isEqualTo(1);
        robot.interact(() -> actions.stretch(0, 1.5));
        assertThat(session.desk()
                        .get()
                        .lesson()
                        .orElseThrow()
                        .segments()
                        .getFirst()
                        .pauseSeconds())
                .isEqualTo(450);
    }

    @Test
    void aSplitSegmentIsTwo(FxRobot robot) {
        int before = session.desk().get().lesson().orElseThrow().segments().size();
        robot.interact(actions::split);
        assertThat(session.desk().get().lesson().orElseThrow().segments()).hasSize(before + 1);
    }

    @Test
    void aLessonIsPinnedAndUnpinned(FxRobot robot) {
        robot.interact(actions::pin);
        assertThat(session.desk().get().lesson().orElseThrow().pinned()).isTrue();
        robot.interact(actions::pin);
        assertThat(session.desk().get().lesson().orElseThrow().pinned()).isFalse();
    }

    @Test
    void aKeptRecipeIsOfferedAndMakesTheSameKindsAgain(FxRobot robot) {
        robot.interact(() -> actions.keepAsRecipe("Ours"));
        assertThat(session.project().recipes())
                .extracting(recipe -> recipe.name())
                .containsExactly("Ours");
        robot.interact(() -> actions.deleteRecipe("Ours"));
        assertThat(session.project().recipes()).isEmpty();
    }

    @Test
    void deletingTheLessonChoosesTheNext(FxRobot robot) {
        Lesson next = session.project().lessons().get(6);
        robot.interact(actions::deleteLesson);
        assertThat(session.desk().get().lesson()).isEqualTo(Optional.of(next));
    }
}
