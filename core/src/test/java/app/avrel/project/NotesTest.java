package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.form.WayIn;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.PostureName;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesLine;
import app.avrel.project.notes.NotesOut;
import app.avrel.samples.Samples;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whole postures and forms as plain text, in and out. */
class NotesTest {

    private static final String NOTES = """
            form: Evening at the weir

            # Lift the Latch / 提起门闩
            note: slowly, as on wet stones
            1. left foot steps to the side, shoulder width, shift to even
            2) both hands to the chest, palms down; sink a fist
            - hands down to the belly, out-breath

            # Lean on the Rail
            start: shift 100 left; lift the right knee
            right foot forward, heel first, shift 70 onto it
            右掌向前推出，与胸同高
            turn the waist left 30, like a slow millwheel
            the moon hums quietly over the left foot
            """;

    private static NotesIn.Result read(String notes, Language language) {
        return NotesIn.read(notes, Project.empty("Weir", Setting.USUAL), language);
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void theExamplesOfTheManualAreReadWhole(Language language) throws IOException {
        List<String> blocks =
                List.of(Files.readString(Path.of("..", "docs", "notes.md")).split("```\\R?"));
        NotesIn.Result result = read(blocks.get(2 * language.ordinal() + 1), language);
        assertThat(result.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
        assertThat(result.project().postures())
                .singleElement()
                .extracting(posture -> posture.counts().size())
                .isEqualTo(3);
    }

    @Test
    void aHeadingNamesAPostureAndEachLineIsACount() {
        Project project = read(NOTES, Language.ENGLISH).project();
        assertThat(project.postures()).extracting(Posture::name).containsExactly("Lift the Latch", "Lean on the Rail");
        assertThat(project.postures().getFirst().names())
                .extracting(PostureName::language)
                .containsExactly(Language.ENGLISH, Language.CHINESE);
        assertThat(project.postures())
                .extracting(posture -> posture.counts().size())
                .containsExactly(3, 4);
        assertThat(project.postures().getFirst().note()).isEqualTo("slowly, as on wet stones");
    }

    /** The counts of the way into the second posture of notes. */
    private static List<Count> wayIntoTheSecond(String first, String... way) {
        String notes = "# Lift the Latch\n" + first + "\n# Lean on the Rail\n"
                + String.join("\n", Stream.of(way).map("way in: "::concat).toList()) + "\nsink a fist\n";
        WayIn into = read(notes, Language.ENGLISH)
                .project()
                .forms()
                .getFirst()
                .entries()
                .get(1)
                .ways()
                .getFirst();
        return ((WayIn.Own) into).link().counts();
    }

    @Test
    void aLineOfAWayInPointsBackToTheOneBeforeIt() {
        List<Count> way =
                wayIntoTheSecond("sink", "turn the left foot on its heel, toes out 30", "the same on the other side");
        assertThat(way).hasSize(2);
        assertThat(way.get(1).stages().getFirst().moves())
                .containsExactly(new Move.TurnFoot(Side.RIGHT, Pivot.HEEL, Optional.of(new Toes.Turned(30))));
    }

    @Test
    void aWayInBeginsAsThePostureBeforeItEnds() {
        List<Count> way = wayIntoTheSecond("left foot steps forward, shift 70 left", "the rear foot half step");
        assertThat(way.getFirst().stages().getFirst().moves())
                .containsExactly(new Move.HalfStep(Side.RIGHT, Optional.empty()));
    }

    @Test
    void theFormDoesThePosturesInTheOrderOfTheNotes() {
        Project project = read(NOTES, Language.ENGLISH).project();
        assertThat(project.forms()).singleElement().satisfies(form -> {
            assertThat(form.name()).isEqualTo("Evening at the weir");
            assertThat(form.entries()).hasSize(2);
        });
    }

    @Test
    void whatIsNotUnderstoodStaysAsANoteOnItsCountAndIsToldInTheTable() {
        NotesIn.Result result = read(NOTES, Language.ENGLISH);
        List<Count> counts = result.project().postures().getLast().counts();
        assertThat(counts.getLast().note()).contains("the moon hums quietly over the left foot");
        assertThat(result.lines())
                .filteredOn(line -> line.kind() == NotesLine.Kind.COUNT)
                .extracting(NotesLine::outcome)
                .containsExactly(
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.UNDERSTOOD,
                        NotesLine.Outcome.NOTED);
    }

    @Test
    void spanishAndChineseNotesSayTheirOwnKeyWords() {
        Project spanish = read("# Cierra la compuerta\nnota: despacio\npie izquierdo adelante\n", Language.SPANISH)
                .project();
        assertThat(spanish.postures().getFirst().note()).isEqualTo("despacio");
        assertThat(spanish.postures().getFirst().counts()).hasSize(1);
        Project chinese =
                read("# 关水门\n备注：慢\n1、左脚向前上步\n2、重心移到左腿\n", Language.CHINESE).project();
        assertThat(chinese.postures().getFirst().counts()).hasSize(2);
        assertThat(chinese.postures().getFirst().note()).isEqualTo("慢");
    }

    @Test
    void aNoteSetInUnderACountIsTheCountsAndOneAtTheMarginIsThePostures() {
        Posture read = read(
                        "# Close the Sluice\n1. left foot forward\n   note: soft knees\n2. weight 70 left\nnote: slow\n",
                        Language.ENGLISH)
                .project()
                .postures()
                .getFirst();
        assertThat(read.counts()).extracting(Count::note).containsExactly("soft knees", "");
        assertThat(read.note()).isEqualTo("slow");
    }

    @Test
    void whatIsSaidOfHowTheBodyBearsItselfComesOutOfTheNotesAgain() {
        Project project = read("# Close the Sluice\n1. left foot forward, relax the shoulders\n", Language.ENGLISH)
                .project();
        assertThat(NotesOut.of(project))
                .contains("1. left foot steps forward\n   note: also said: relax the shoulders\n");
        assertThat(read(NotesOut.of(project), Language.ENGLISH).project().postures())
                .isEqualTo(project.postures());
    }

    @Test
    void emptyNotesAreNoPostures() {
        NotesIn.Result result = read("\n  \n", Language.ENGLISH);
        assertThat(result.project().postures()).isEmpty();
        assertThat(result.lines()).isEmpty();
    }

    @RepeatedTest(40)
    void whatIsWrittenOutIsReadInAgain(RepetitionInfo repetition) {
        Samples samples = new Samples(900 + repetition.getCurrentRepetition());
        List<Count> counts = IntStream.range(0, 4)
                .mapToObj(_ -> samples.count())
                .filter(count -> count.moves().findAny().isPresent())
                .map(NotesTest::bare)
                .toList();
        Project project = Project.empty("Weir", Setting.USUAL)
                .withPostures(List.of(
                        Posture.blank(new PostureId("p"), "Cross the Plank").withCounts(counts)));
        Project again = read(NotesOut.of(project), Language.ENGLISH).project();
        assertThat(again.postures().getFirst().name()).isEqualTo("Cross the Plank");
        assertThat(again.postures().getFirst().counts().stream().map(NotesTest::bare))
                .containsExactlyElementsOf(counts);
    }

    /** What a line and the note under it can say: no own words, no stage in which nothing moves. */
    private static Count bare(Count count) {
        return new Count(
                count.stages().stream()
                        .filter(stage -> !stage.moves().isEmpty())
                        .toList(),
                count.beats(),
                count.pace(),
                count.breath(),
                List.of(),
                count.note(),
                Optional.empty(),
                Optional.empty());
    }
}
