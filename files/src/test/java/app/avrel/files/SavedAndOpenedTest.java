package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Unroll;
import app.avrel.form.hall.Pillar;
import app.avrel.label.Language;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Toes;
import app.avrel.project.Project;
import app.avrel.rules.Finding;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.fix.FixFinder;
import app.avrel.samples.SampleProjects;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be made can be saved and opened again, and is then the same. */
class SavedAndOpenedTest {

    @TempDir
    private Path folder;

    private void assertKept(Project project) {
        Path file = folder.resolve("hall.avrel");
        assertThat(ProjectFile.save(project, file)).isEmpty();
        assertThat(ProjectFile.open(file))
                .isInstanceOfSatisfying(
                        Opened.Read.class, read -> assertThat(read.project()).isEqualTo(project));
    }

    @RepeatedTest(40)
    void whateverIsRecorded(RepetitionInfo repetition) {
        assertKept(SampleProjects.of(repetition.getCurrentRepetition(), 10));
    }

    /** Edits as the window makes them: counts doubled, moved, split, merged and cut away. */
    @RepeatedTest(40)
    void whateverBecomesOfCounts(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 4);
        for (int edit = 0; edit < 12; edit++) {
            Posture posture = samples.one(project.postures());
            List<Count> counts = posture.counts();
            int at = samples.number(0, Math.max(0, counts.size() - 1));
            List<Count> changed = counts.isEmpty()
                    ? List.of(samples.count())
                    : switch (samples.number(0, 4)) {
                        case 0 -> Counts.duplicate(counts, at);
                        case 1 -> Counts.delete(counts, at);
                        case 2 -> Counts.move(counts, at, 0);
                        case 3 -> Counts.insert(counts, at, samples.count());
                        default -> Counts.change(counts, at, count -> count.withBeats(samples.number(1, 640) / 37.0));
                    };
            project = project.changePosture(posture.id(), whole -> whole.withCounts(changed));
        }
        assertKept(project);
    }

    @RepeatedTest(8)
    void whateverAFixMakesOfIt(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 4);
        Checkup checkup = new Checkup(project.setting().posing(), Directions.CLOCK);
        for (Posture posture : project.postures()) {
            for (Finding finding : checkup.posture(Unroll.posture(posture, checkup.posing()))) {
                Optional<Project> mended = new FixFinder(posture, checkup)
                        .fix(finding)
                        .map(fix -> project.changePosture(posture.id(), fix::applied));
                mended.ifPresent(this::assertKept);
            }
        }
    }

    /** A start taken over from where one stands, wherever that is. */
    @RepeatedTest(30)
    void aStartThatIsTakenOverFromAnEnd(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 4);
        Posture posture = project.postures().getFirst();
        StartPose start = Starting.startingFrom(
                Unroll.posture(posture, project.setting().posing()).end().own(),
                project.setting().chosenBody());
        assertKept(project.changePosture(
                posture.id(), whole -> whole.withStart(whole.start().withPose(start))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left foot forward 0.0004 feet",
                "left foot forward 0.123456 feet",
                "left foot forward 1000 cm",
                "left foot forward half a foot, 0.07 shoulder widths wide",
                "sink 0.001 fists, 0.01 beats",
                "left hand 3 cm above the right hand",
                "shift 33 left, 63.999 beats"
            })
    void aLineWithOddNumbers(String typed) {
        Project project = SampleProjects.of(1, 4);
        Wording wording =
                new Wording(Directions.CLOCK, Heading.FRONT, project.setting().rules());
        Count count = new Line(Language.ENGLISH, wording, project.setting().chosenBody())
                .read(
                        typed,
                        Starting.of(StartPose.SHOULDER_WIDE, project.setting().chosenBody()))
                .count();
        Posture posture = project.postures().getFirst();
        assertKept(project.changePosture(posture.id(), whole -> whole.withCounts(List.of(count))));
    }

    @RepeatedTest(200)
    void everyLengthIsWrittenInPlainDecimalsAndReadBack(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        double amount = random.nextGaussian() * Math.pow(10, random.nextInt(-6, 3));
        for (LengthUnit unit : LengthUnit.values()) {
            Length length = Length.limited(amount, unit);
            assertThat(length.toString()).doesNotContain("E").doesNotStartWith("-0 ");
            assertThat(Length.parse(length.toString())).contains(length);
        }
    }

    @Test
    void anExponentThatAnotherProgramWroteIsReadToo() {
        assertThat(Length.parse("4.0E-1 foot-lengths")).contains(Length.footLengths(0.4));
        assertThat(Length.parse("4.0E-4 foot-lengths")).contains(Length.footLengths(0));
    }

    @Test
    void aZeroHasNoSign() {
        assertThat(Length.centimetres(-0.0)).isEqualTo(Length.centimetres(0));
        assertThat(Length.centimetres(-0.001).amount()).isEqualTo(0.0);
        assertThat(1 / Length.centimetres(-0.001).amount()).isPositive();
        assertThat(new Toes.Turned(-0.0)).isEqualTo(new Toes.Turned(0));
        assertThat(new Sideways.Across(-0.0)).isEqualTo(new Sideways.Across(0));
        assertThat(new Pillar(-0.0, 1, 1)).isEqualTo(new Pillar(0, 1, 1));
    }

    @Test
    void aProjectWithoutAFormOpensWithAnEmptyOne() {
        String text = ProjectText.of(Demo.project().withForms(List.of()).withLessons(List.of()));
        assertThat(ProjectText.read(text, "hall.avrel"))
                .isInstanceOfSatisfying(
                        Opened.Read.class,
                        read -> assertThat(read.project().forms())
                                .singleElement()
                                .satisfies(form -> assertThat(form.entries()).isEmpty()));
    }

    @Test
    void twoEntriesOfOneIdAreRefusedWithTheirPlace() {
        String text = ProjectText.of(Demo.project()).replace("\"id\": \"e3\"", "\"id\": \"e2\"");
        assertThat(ProjectText.read(text, "hall.avrel"))
                .isInstanceOfSatisfying(
                        Opened.Refused.class,
                        refused -> assertThat(refused.message())
                                .contains("forms[")
                                .contains("entries must be unlike each other")
                                .contains("\"e2\""));
    }

    @Test
    void aMarkAtTheHeadOfAFileIsNoDamage() throws Exception {
        Path file = folder.resolve("marked.avrel");
        Files.writeString(file, "\uFEFF" + ProjectText.of(Demo.project()));
        assertThat(ProjectFile.open(file))
                .isInstanceOfSatisfying(
                        Opened.Read.class, read -> assertThat(read.project()).isEqualTo(Demo.project()));
    }
}
