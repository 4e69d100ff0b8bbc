package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is found in a form is mended where it lies: in a way in, or in a posture as the form does it. */
class MendingTest {

    private static final PostureId GATE = new PostureId("gate");
    private static final FormId FORM = new FormId("form");
    private static final LinkId STEP_UP = new LinkId("step-up");

    private static final Count STEP_LEFT = Count.of(Stage.of(new Move.Step(
            Side.LEFT,
            new StepPlace.Along(new Direction.OfBody(new Turn(0)), Optional.empty(), Optional.empty()),
            Optional.empty(),
            Optional.empty(),
            Optional.empty())));

    private static final Posture STANDS =
            Posture.blank(GATE, "Gate").withStart(new Start.Carried(StartPose.SHOULDER_WIDE));

    private static Project project(Posture posture, Entry entry, Optional<HouseRules> rules, HouseRules house) {
        return Project.empty("Hall", Setting.USUAL.withRules(house))
                .withPostures(List.of(posture))
                .withForms(List.of(
                        new Form(FORM, "Form", List.of(new Part("", List.of(entry))), Optional.empty(), rules)));
    }

    private static Entry entry(Played played, WayIn way) {
        return Entry.of(new EntryId("e"), GATE, played).withWays(List.of(way));
    }

    private static Finding loadedStep(Analysis survey) {
        return loaded(survey, RuleId.LOADED_STEP);
    }

    private static Finding loaded(Analysis survey, RuleId rule) {
        return survey.findings().stream()
                .filter(finding -> finding.rule() == rule)
                .findFirst()
                .orElseThrow();
    }

    private static Project mended(Project project) {
        Analysis survey = Analysis.of(project);
        Mend mend = survey.fix(loadedStep(survey)).orElseThrow();
        Project mended = mend.applied(project);
        assertThat(survey.after(mended).findings()).extracting(Finding::rule).doesNotContain(RuleId.LOADED_STEP);
        return mended;
    }

    /** The house lets a foot step with 20 % on it, the old master's form hardly any. */
    @ParameterizedTest
    @EnumSource
    void aFindingUnderAFormsOwnRulesIsMendedUnderThemOnEitherSide(Played played) {
        Posture posture = Posture.blank(GATE, "Gate")
                .withCounts(
                        List.of(Count.of(Stage.of(new Move.Shift(new Split.Said(WeightShare.left(15))))), STEP_LEFT));
        HouseRules lenient = HouseRules.LARGE_FRAME.with(HouseRule.STEPPING_LOAD, 20);
        HouseRules strict = HouseRules.LARGE_FRAME.with(HouseRule.STEPPING_LOAD, 5);
        Project project = project(posture, entry(played, WayIn.DIRECT), Optional.of(strict), lenient);
        assertThat(Analysis.of(project).findings(GATE))
                .extracting(Finding::rule)
                .doesNotContain(RuleId.LOADED_STEP);
        mended(project);
    }

    @Test
    void aLoadedFootInAWayInIsEmptiedBeforeItSteps() {
        WayIn way = new WayIn.Own(new Link("", List.of(STEP_LEFT)));
        Project mended =
                mended(project(STANDS, entry(Played.AS_RECORDED, way), Optional.empty(), HouseRules.LARGE_FRAME));
        assertThat(new Holder.OfWay(FORM, 0, 0).counts(mended).getFirst().moves())
                .contains(
                        new Move.Shift(Split.on(Side.RIGHT, 100)),
                        STEP_LEFT.moves().findFirst().orElseThrow());
        assertThat(mended.postures()).containsExactly(STANDS);
    }

    /** The shared way is held with the left foot; here the right one steps, and is emptied. */
    @Test
    void aSharedWayDoneOnTheOtherSideIsMendedAsItIsHeld() {
        WayIn way = new WayIn.Shared(STEP_UP, Played.OTHER_SIDE);
        Project project = project(STANDS, entry(Played.OTHER_SIDE, way), Optional.empty(), HouseRules.LARGE_FRAME)
                .withLinks(Map.of(STEP_UP, new Link("Step up", List.of(STEP_LEFT))));
        Analysis survey = Analysis.of(project);
        assertThat(survey.fix(loadedStep(survey)).orElseThrow().words()).contains("left");
        assertThat(mended(project).links().get(STEP_UP).counts().getFirst().moves())
                .contains(new Move.Shift(Split.on(Side.RIGHT, 100)));
    }

    /** Emptied, the foot would turn well; but the posture that follows starts on both feet, and the way would not lead there. */
    @Test
    void aWayInIsNotMendedSoThatItNoLongerLeadsToTheNextPosture() {
        Count turned = Count.of(Stage.of(new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(new Toes.Turned(20)))));
        Posture arrives = Posture.blank(new PostureId("arrives"), "Arrives").withStart(STANDS.start());
        Entry second = Entry.of(new EntryId("second"), arrives.id(), Played.AS_RECORDED)
                .withWays(List.of(new WayIn.Own(new Link("", List.of(turned)))));
        Project carried = project(
                        STANDS, entry(Played.AS_RECORDED, WayIn.DIRECT), Optional.empty(), HouseRules.LARGE_FRAME)
                .withPostures(List.of(STANDS, arrives))
                .changeForm(FORM, form -> form.insertAfter(0, second));
        Occurrence done =
                new Holder.OfWay(FORM, 1, 0).occurrence(Analysis.of(carried)).orElseThrow();
        StartPose asItArrives = Starting.startingFrom(done.done().arrived(), Setting.USUAL.chosenBody());
        Project project = carried.withPostures(List.of(STANDS, arrives.withStart(new Start.Recorded(asItArrives))));
        Analysis survey = Analysis.of(project);
        assertThat(survey.findings()).extracting(Finding::rule).doesNotContain(RuleId.OPEN_JOIN);
        assertThat(survey.fix(loaded(survey, RuleId.LOADED_TURN))).isEmpty();
        assertThat(Analysis.of(carried).fix(loaded(Analysis.of(carried), RuleId.LOADED_TURN)))
                .isPresent();
    }
}
