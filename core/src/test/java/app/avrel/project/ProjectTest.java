package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.rules.Finding;
import app.avrel.samples.SampleProjects;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ProjectTest {

    private static Posture posture(String id) {
        return Posture.blank(new PostureId(id), id);
    }

    @Test
    void twoPosturesOfOneIdAreRefused() {
        Project project = Project.empty("Hall", Setting.USUAL);
        assertThatThrownBy(() -> project.withPostures(List.of(posture("a"), posture("a"))))
                .hasMessage("ids must be unlike each other, but two postures are called \"a\"");
    }

    @Test
    void aFreshIdFollowsFromTheNameAndIsUnlikeTheOthers() {
        Project project = Project.empty("Hall", Setting.USUAL).withPostures(List.of(posture("open-the-sluice")));
        assertThat(project.freshPostureId("Raise the Sail!").key()).isEqualTo("raise-the-sail");
        assertThat(project.freshPostureId("Open the Sluice").key()).isEqualTo("open-the-sluice-2");
        assertThat(project.freshPostureId("Vadear hacia atrás").key()).isEqualTo("vadear-hacia-atras");
        assertThat(project.freshPostureId("提灯").key()).isEqualTo("提灯");
        assertThat(project.freshPostureId("???").key()).isEqualTo("posture");
        assertThat(project.freshFormId("Form").key()).isEqualTo("form-2");
    }

    @Test
    void theChosenBodyIsOneOfTheSchools() {
        assertThatThrownBy(() -> Setting.USUAL.withBodies(Setting.USUAL.bodies(), 4))
                .hasMessage("the chosen body must be one of 1, counted from 0, but was 4");
    }

    @RepeatedTest(30)
    void anyRecordCanBeSurveyed(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        Analysis survey = Analysis.of(project);
        assertThat(survey.postures()).hasSameSizeAs(project.postures());
        assertThat(project.forms()).allMatch(form -> survey.track(form.id()).isPresent());
        assertThat(survey.findings()).doesNotHaveDuplicates();
        assertThat(survey.findings()).extracting(Finding::sentence).allMatch(sentence -> sentence.endsWith("."));
    }

    @RepeatedTest(10)
    void surveyingTwiceFindsTheSame(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        assertThat(Analysis.of(project)).isEqualTo(Analysis.of(project));
    }

    @Test
    void changingTheHouseRulesChangesEveryShareRecordedAsTheirs() {
        Posture asHouse = shifting("as-house", new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.LEFT));
        Posture asSaid = shifting("as-said", Split.on(Side.LEFT, 65));
        Project project = Project.empty("Hall", Setting.USUAL).withPostures(List.of(asHouse, asSaid));
        Project stricter = project.withSetting(
                project.setting().withRules(project.setting().rules().with(HouseRule.BOW_SHARE, 83)));
        assertThat(shareLeft(project, asHouse)).isEqualTo(65);
        assertThat(shareLeft(stricter, asHouse)).isEqualTo(83);
        assertThat(shareLeft(stricter, asSaid)).as("what is said stays").isEqualTo(65);
        assertThat(stricter.postures()).as("the record does not change").isEqualTo(project.postures());
    }

    private static Posture shifting(String id, Split split) {
        return posture(id).withCounts(List.of(Count.of(Stage.of(new Move.Shift(split)))));
    }

    private static int shareLeft(Project project, Posture posture) {
        return Analysis.of(project)
                .track(posture.id())
                .orElseThrow()
                .end()
                .own()
                .weight()
                .leastLeft();
    }
}
