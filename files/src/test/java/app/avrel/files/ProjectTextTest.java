package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProjectTextTest {

    private static final String DEMO = ProjectText.of(Demo.project());

    private static String refused(String text) {
        return ((Opened.Refused) ProjectText.read(text, "hall.avrel")).message();
    }

    @RepeatedTest(60)
    void savingAndOpeningIsIdentity(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        String text = ProjectText.of(project);
        assertThat(ProjectText.read(text, "x"))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEqualTo(new Opened.Read(project, ForeignFields.NONE));
    }

    @RepeatedTest(10)
    void theSameProjectIsAlwaysWrittenTheSameWay(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        Opened.Read read = (Opened.Read) ProjectText.read(ProjectText.of(project), "x");
        assertThat(ProjectText.of(read.project())).isEqualTo(ProjectText.of(project));
    }

    @Test
    void theFileIsMadeToBeReadAndCompared() {
        assertThat(DEMO.lines()).allMatch(line -> line.length() <= 130 || line.contains("\"note\""));
        assertThat(DEMO)
                .startsWith("{\n  \"format\": \"avrel-project\",\n  \"version\": 3,\n")
                .contains("{\"language\": \"chinese\", \"written\": \"提灯\", \"romanised\": \"tí dēng\"}")
                .contains("\"width\": \"0.5 shoulder widths\"")
                .endsWith("}\n");
    }

    @Test
    void oneChangedWeightIsOneChangedLine() {
        Project demo = Demo.project();
        PostureId id = new PostureId("lean-on-the-gate");
        Project other = demo.changePosture(
                id,
                posture -> posture.withCounts(Counts.change(
                        posture.counts(),
                        2,
                        count -> count.withStages(List.of(Stage.of(Stream.concat(
                                        Stream.of(new Move.Shift(Split.on(Side.LEFT, 55))),
                                        count.moves().skip(1))
                                .toList()))))));
        List<String> was = ProjectText.of(demo).lines().toList();
        List<String> now = ProjectText.of(other).lines().toList();
        assertThat(now).hasSameSizeAs(was);
        List<Integer> changed = IntStream.range(0, now.size())
                .filter(at -> !now.get(at).equals(was.get(at)))
                .boxed()
                .toList();
        assertThat(changed).hasSize(1);
        assertThat(was.get(changed.getFirst())).contains("\"share\": 60");
        assertThat(now.get(changed.getFirst())).contains("\"share\": 55");
    }

    @RepeatedTest(80)
    void aTruncatedFileIsRefusedWithThePlaceWhereItBreaksOff(RepetitionInfo repetition) {
        int length = new Random(repetition.getCurrentRepetition()).nextInt(2, DEMO.length() - 2);
        String message = refused(DEMO.substring(0, length));
        assertThat(message)
                .startsWith("hall.avrel ")
                .contains("Nothing was changed.")
                .contains("line ");
    }

    @RepeatedTest(80)
    void aDamagedFileIsReadOrRefusedButNeverBreaksTheProgram(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        StringBuilder text = new StringBuilder(DEMO);
        for (int i = 0; i < 3; i++) {
            text.setCharAt(random.nextInt(text.length()), (char) (' ' + random.nextInt(90)));
        }
        switch (ProjectText.read(text.toString(), "hall.avrel")) {
            case Opened.Read(Project project, var _) ->
                assertThat(ProjectText.of(project)).isNotEmpty();
            case Opened.Refused(String message) ->
                assertThat(message).startsWith("hall.avrel ").contains("Nothing was changed");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"[]", "{}", "3", "{\"format\": \"something-else\", \"version\": 1}"})
    void aForeignFileIsToldFromAProject(String text) {
        assertThat(refused(text))
                .isEqualTo(
                        "hall.avrel is not an Avrel project: its field \"format\" must be \"avrel-project\". Choose a"
                                + " file that Avrel saved. Nothing was changed.");
    }

    @Test
    void whatANewerProgramWroteIsToldAndKept() {
        String newer = DEMO.replace("\"version\": 3", "\"version\": 7")
                .replaceFirst("\"mirroring\":", "\"lineage\": {\"of\": [1, 2]}, \"mirroring\":")
                .replaceFirst("\"name\": \"Weirside Hall\",", "\"name\": \"Weirside Hall\", \"wings\": 2,");
        Opened.Read read = (Opened.Read) ProjectText.read(newer, "hall.avrel");
        assertThat(read.foreign().notice())
                .hasValueSatisfying(
                        words -> assertThat(words).contains("newer Avrel", "2 things", "lineage, wings", "kept"));
        String saved = ProjectText.of(read.project().withName("Another hall"), read.foreign());
        assertThat(saved).contains("\"lineage\": {\"of\": [1, 2]}", "\"wings\": 2", "Another hall");
    }

    @Test
    void whatANewerProgramWroteGoesWithItsPlace() {
        String newer = DEMO.replace("\"version\": 3", "\"version\": 7")
                .replaceFirst("\"mirroring\":", "\"lineage\": 1, \"mirroring\":");
        Opened.Read read = (Opened.Read) ProjectText.read(newer, "hall.avrel");
        Project rest = read.project()
                .withPostures(read.project()
                        .postures()
                        .subList(1, read.project().postures().size()));
        assertThat(ProjectText.of(rest, read.foreign())).doesNotContain("lineage");
    }

    @Test
    void aFileThatDoesNotSayItsVersionIsRefused() {
        assertThat(refused(DEMO.replace("\"version\": 3", "\"version\": \"one\"")))
                .contains("does not say its version");
    }

    @Test
    void aMarkOfTheByteOrderIsNoDamage() {
        assertThat(ProjectText.read("\uFEFF" + DEMO, "hall.avrel")).isInstanceOf(Opened.Read.class);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"beats\": 2 |\"beats\": -2 | counts[| beats must be 0.01 to 64, but was -2",
                "\"foot\": \"right\" |\"foot\": \"rihgt\" | .foot: | must be one of left, right, but was \"rihgt\"",
                "\"share\": 100 |\"share\": 140 | .share: | left share must be 0 to 100 percent, but was 140",
                "\"contact\": \"flat\" |\"contact\": 7 | .contact: | must be one of flat, heel, ball, lifted, but was 7",
                "\"width\": \"0.5 shoulder widths\" |\"width\": \"wide\" | .width: | must be a length such as",
                "\"kind\": \"step\" |\"kind\": \"hop\" | moves[1]: | kind must be one of step, slide, draw-in",
                "\"stature\": 1.7 |\"stature\": 17 | bodies[1]: | stature must be 0.8 to 2.5 metres, but was 17",
                "\"startFaces\": 0 |\"startFaces\": 400 | startFaces: | heading must be at least 0 and below 360",
                "\"mirroring\": |\"mirorring\": | postures[1]: | the field"
            })
    void whatDoesNotFitIsRefusedWithItsPlace(String from, String to, String place, String what) {
        String broken = DEMO.replaceFirst(Pattern.quote(from.strip()), Matcher.quoteReplacement(to.strip()));
        assertThat(broken).isNotEqualTo(DEMO);
        assertThat(refused(broken))
                .startsWith("hall.avrel cannot be read at ")
                .contains(place)
                .contains(what);
    }

    @Test
    void aFieldThatIsNotKnownIsNotLostSilently() {
        String more = DEMO.replaceFirst("\"name\": \"Weirside Hall\",", "\"name\": \"Weirside Hall\", \"wings\": 2,");
        assertThat(refused(more)).contains("at the top: the field \"wings\" is not known here");
    }

    @Test
    void twoFieldsOfOneNameAreRefused() {
        assertThat(refused("{\"format\": \"avrel-project\", \"format\": \"avrel-project\"}"))
                .contains("line 1");
    }
}
