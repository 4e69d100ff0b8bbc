package app.avrel.lesson.course;

import static app.avrel.lesson.LessonSamples.COURSE;
import static app.avrel.lesson.LessonSamples.FORM;
import static app.avrel.lesson.LessonSamples.OPEN;
import static app.avrel.lesson.LessonSamples.SWEEP;
import static app.avrel.lesson.LessonSamples.entry;
import static app.avrel.lesson.LessonSamples.posture;
import static app.avrel.lesson.LessonSamples.track;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.Link;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What teaching takes, and what each of its figures does. */
class SyllabusTest {

    private static final Move ALL_LEFT = new Move.Shift(Split.on(Side.LEFT, 100));
    private static final Move ALL_RIGHT = new Move.Shift(Split.on(Side.RIGHT, 100));
    private static final Move LIFT = new Move.Lift(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty());

    private static Syllabus of(Course course) {
        return Syllabus.of(FORM, track(FORM), course);
    }

    private static Effort effort(Posture posture) {
        Form form = FORM.insertAfter(3, entry("9", posture, Played.AS_RECORDED));
        return Syllabus.of(form, track(form, posture), COURSE).units().getLast().effort();
    }

    private static Course with(UnaryOperator<TeachingFactors> edit) {
        return COURSE.withFactors(edit.apply(TeachingFactors.USUAL));
    }

    static Stream<Arguments> whatTakesLonger() {
        return Stream.of(
                Arguments.of("more explaining", (UnaryOperator<TeachingFactors>) f -> f.withExplained(9)),
                Arguments.of("the feet more often", (UnaryOperator<TeachingFactors>) f -> f.withFeet(4)),
                Arguments.of("the hands more often", (UnaryOperator<TeachingFactors>) f -> f.withHands(4)),
                Arguments.of("the whole more often", (UnaryOperator<TeachingFactors>) f -> f.withWhole(9)),
                Arguments.of("a slower beat", (UnaryOperator<TeachingFactors>) f -> f.withSecondsPerBeat(6)),
                Arguments.of("longer pauses", (UnaryOperator<TeachingFactors>) f -> f.withPauseSeconds(40)),
                Arguments.of("a harder other side", (UnaryOperator<TeachingFactors>) f -> f.withOtherSide(0.9)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("whatTakesLonger")
    void teachingTakesLongerWith(String what, UnaryOperator<TeachingFactors> edit) {
        int units = FORM.entries().size();
        assertThat(of(with(edit)).teaching(0, units))
                .as(what)
                .isGreaterThan(of(COURSE).teaching(0, units));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("whatTakesLonger")
    void andSoDoesTheWholeLesson(String what, UnaryOperator<TeachingFactors> edit) {
        assertThat(of(with(edit)).load(1, 3)).as(what).isGreaterThan(of(COURSE).load(1, 3));
    }

    @Test
    void whatIsRepeatedIsListedAndTheLastFewAreDoneAgain() {
        Syllabus syllabus = of(with(f -> f.withReviewed(1).withReviewTimes(2).withPauseSeconds(0)));
        assertThat(syllabus.recap(1)).isEqualTo(Math.round(2.2 + 2 * 8));
        assertThat(syllabus.recap(2)).isEqualTo(Math.round(2 * 2.2 + 2 * 12));
        Syllabus listed = of(with(f -> f.withReviewTimes(0)));
        assertThat(listed.recap(3)).isEqualTo(Math.round(2 * 2.2));
    }

    @Test
    void arrivingAndClosingAreInEveryLesson() {
        Course course = with(f -> f.withArrivalSeconds(60).withClosingSeconds(30));
        assertThat(of(course).load(0, 0)).isEqualTo(90);
    }

    @Test
    void aTurnTakesMore() {
        Move turn = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(40))));
        Effort still = effort(posture("Still", Optional.empty(), ALL_LEFT));
        Effort turned = effort(posture("Turned", Optional.empty(), turn));
        assertThat(still.turning()).isZero();
        assertThat(turned.turning()).isGreaterThan(0);
    }

    @Test
    void standingOnOneLegTakesMoreForEverySecond() {
        Effort lifted = effort(posture("Lifted", Optional.empty(), ALL_LEFT, LIFT));
        assertThat(lifted.oneLeg()).isEqualTo(4 * 4.0);
        assertThat(effort(posture("Down", Optional.empty(), ALL_LEFT, ALL_RIGHT))
                        .oneLeg())
                .isZero();
    }

    @Test
    void aSlowCountLastsHalfAsLongAgainAndAQuickOneHalf() {
        Posture slow = posture("Slow", Optional.empty(), ALL_LEFT)
                .withCounts(List.of(Count.of(Stage.of(ALL_LEFT)).withPace(Pace.SLOW)));
        Posture quick = slow.withCounts(List.of(Count.of(Stage.of(ALL_LEFT)).withPace(Pace.QUICK)));
        assertThat(effort(slow).plain()).isEqualTo(6);
        assertThat(effort(quick).plain()).isEqualTo(2);
    }

    @Test
    void doneTwiceInARowCostsLittleMoreThanOnce() {
        Form twice = FORM.change(1, one -> one.times(2));
        Syllabus once = of(COURSE);
        Syllabus repeated = Syllabus.of(twice, track(twice), COURSE);
        assertThat(repeated.teaching(1, 2)).isBetween(once.teaching(1, 2), once.teaching(1, 2) * 6 / 5);
    }

    @Test
    void whatIsKnownButEnteredAnotherWayCostsTheWay() {
        Link link = new Link("", List.of(Count.of(Stage.of(ALL_RIGHT)), Count.of(Stage.of(ALL_LEFT))));
        Form again = FORM.insertAfter(3, entry("9", SWEEP, Played.AS_RECORDED).withWay(0, new WayIn.Own(link)));
        Effort effort =
                Syllabus.of(again, track(again), COURSE).units().getLast().effort();
        assertThat(effort.why()).isEqualTo(Effort.Why.NEW_WAY);
        assertThat(effort.novelty()).isEqualTo(2 / 5.0);
    }

    @Test
    void theSidesOfAPostureAndAGroupBelongTogether() {
        assertThat(of(COURSE).units()).extracting(Unit::tied).containsExactly(false, false, true, false);
        Form grouped = FORM.change(0, one -> one.withGroup("net")).change(1, one -> one.withGroup("net"));
        assertThat(Syllabus.of(grouped, track(grouped), COURSE).units())
                .extracting(Unit::tied)
                .containsExactly(false, true, true, false);
    }

    @Test
    void anEntryWhosePostureIsMissingIsPassedOver() {
        Posture gone = posture("Gone", Optional.empty(), ALL_LEFT);
        Form form = FORM.insertAfter(0, entry("9", gone, Played.AS_RECORDED));
        assertThat(Syllabus.of(form, track(form), COURSE).units())
                .extracting(Unit::number)
                .containsExactly(0, 2, 3, 4);
    }

    @Test
    void theTitleNamesEachPostureOnce() {
        assertThat(of(COURSE).titled(List.of(0, 1, 2))).isEqualTo("Open, Sweep");
        assertThat(of(COURSE).titled(List.of())).isEmpty();
    }

    /** Two commas of one kind would not tell a side from the next posture. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | Pull the Net, right
            SPANISH | Tirar de la red, derecho
            CHINESE | 收网，右
            """)
    void aUnitIsCalledAsTheLanguageSpokenCallsThePosture(Language language, String called) {
        Posture net = SWEEP.withNames(List.of(
                PostureName.of(Language.ENGLISH, "Pull the Net"),
                PostureName.of(Language.SPANISH, "Tirar de la red"),
                PostureName.of(Language.CHINESE, "收网")));
        Syllabus syllabus = Syllabus.of(FORM, track(FORM, net), COURSE);
        String name = Labels.in(language, () -> syllabus.units().get(1).name());
        assertThat(name).isEqualTo(called);
    }

    @Test
    void aFormOfNothingTakesItsArrivalAndClosing() {
        Form empty = FORM.withParts(List.of());
        Syllabus syllabus = Syllabus.of(empty, track(empty, OPEN), COURSE);
        assertThat(syllabus.units()).isEmpty();
        assertThat(syllabus.load(0, 0)).isEqualTo(syllabus.around());
    }
}
