package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.motion.Placement;
import app.avrel.motion.Standing;
import app.avrel.motion.Starting;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.rules.join.ComparisonWords;
import app.avrel.rules.join.EffectWords;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is different this time. */
class ComparisonTest {

    private static final Move LEFT_60 = new Move.Shift(Split.on(Side.LEFT, 60));
    private static final Move LEFT_80 = new Move.Shift(Split.on(Side.LEFT, 80));
    private static final Move TURN = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(45))));
    private static final Move TOES_IN = new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(new Toes.Turned(-45)));

    private static Count count(Move... moves) {
        return Count.of(Stage.of(moves));
    }

    private static List<Difference> between(List<Count> first, List<Count> second) {
        return Comparison.of(first, second).differences();
    }

    @Test
    void aMoveIsAddedDroppedOrDoneOtherwise() {
        List<Count> before = List.of(count(LEFT_60), count(TURN));
        assertThat(between(before, List.of(count(TOES_IN, LEFT_60), count(TURN))))
                .containsExactly(new Difference.Added(TOES_IN, 0));
        assertThat(between(before, List.of(count(LEFT_60)))).containsExactly(new Difference.Dropped(TURN, 1));
        assertThat(between(before, List.of(count(LEFT_80), count(TURN))))
                .containsExactly(new Difference.Changed(LEFT_60, 0, LEFT_80, 0));
    }

    @Test
    void movesOfUnlikeKindsAreNeverLaidOnEachOther() {
        assertThat(between(List.of(count(TURN)), List.of(count(LEFT_60))))
                .containsExactlyInAnyOrder(new Difference.Dropped(TURN, 0), new Difference.Added(LEFT_60, 0));
    }

    @Test
    void leftAndRightOfOnePostureAreAlike() {
        Posture left = Posture.blank(new PostureId("p"), "P")
                .withSide(Optional.of(Side.LEFT))
                .withCounts(List.of(count(LEFT_60), count(TOES_IN)));
        Occurrence one = Unroll.posture(left, Standing.POSING).occurrences().getFirst();
        Occurrence other =
                Unroll.posture(Mirror.of(left), Standing.POSING).occurrences().getFirst();
        assertThat(Comparison.of(one, other).alike()).isTrue();
    }

    @RepeatedTest(60)
    void anythingComparedWithItselfIsAlike(RepetitionInfo repetition) {
        List<Count> counts =
                new Samples(repetition.getCurrentRepetition()).posture("p").counts();
        assertThat(Comparison.of(counts, counts)).isEqualTo(new Comparison(0, List.of()));
    }

    @RepeatedTest(60)
    void comparingIsSymmetric(RepetitionInfo repetition) {
        List<Count> one =
                new Samples(repetition.getCurrentRepetition()).posture("p").counts();
        List<Count> other = new Samples(repetition.getCurrentRepetition() + 500)
                .posture("q")
                .counts();
        Comparison there = Comparison.of(one, other);
        Comparison back = Comparison.of(other, one);
        assertThat(back.cost()).isEqualTo(there.cost());
        assertThat(back.differences()).hasSameSizeAs(there.differences());
        assertThat(there.differences())
                .allSatisfy(found -> assertThat(found.inverse().inverse()).isEqualTo(found));
    }

    @RepeatedTest(30)
    void oneCountPutInIsAllThatDiffers(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Count> counts = samples.posture("p").counts();
        List<Count> longer = Counts.insert(counts, counts.size() / 2, count(TOES_IN));
        assertThat(between(counts, longer)).hasSizeLessThanOrEqualTo(1).allMatch(Difference.Added.class::isInstance);
        assertThat(Comparison.of(counts, longer).cost()).isEqualTo(Comparison.ALONE);
    }

    private static Occurrence done(List<Count> way, List<Count> counts, double turned) {
        Posture posture = Posture.blank(new PostureId("p"), "P").withCounts(counts);
        Performance one = Performance.of(
                posture, 1, new Link("", way), Starting.of(StartPose.SHOULDER_WIDE, Standing.BODY), Standing.POSING);
        return new Occurrence(0, 0, 0, one, new Placement(new Turn(turned), FloorVector.ZERO));
    }

    private static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    @Test
    void theDifferenceIsSaidInASentence() {
        Occurrence one = done(List.of(), List.of(count(LEFT_60), count(TURN)), 0);
        Occurrence other = done(List.of(), List.of(count(TOES_IN, LEFT_80), count(TURN)), 0);
        assertThat(new ComparisonWords(SAYING, one, other).sentence("number 3"))
                .startsWith("As number 3, but at count 1 also “turn the left foot on its heel")
                .contains("; at count 1 “shift 80 percent onto the left foot")
                .contains("instead of “shift 60 percent onto the left foot");
        assertThat(new ComparisonWords(SAYING, one, one).sentence("number 3")).isEqualTo("As number 3.");
    }

    /** The way in is not numbered in the ribbon, and each performance faces its own way in the hall. */
    @Test
    void eachIsSaidInItsOwnDirectionsAndCountedAsTheRibbonDoes() {
        Count toThree = count(new Move.Look(new Gaze.Toward(new Direction.OfPosture(new Bearing(90)))));
        Count toSix = count(new Move.Look(new Gaze.Toward(new Direction.OfPosture(new Bearing(180)))));
        Occurrence first = done(List.of(count(LEFT_60)), List.of(toThree), 0);
        Occurrence second = done(List.of(count(LEFT_80)), List.of(toSix), 90);
        assertThat(new ComparisonWords(SAYING, first, second).lines())
                .containsExactly(
                        new ComparisonWords.Line(
                                "On the way in",
                                "“shift 80 percent onto the left foot” instead of “shift 60 percent onto the left"
                                        + " foot”."),
                        new ComparisonWords.Line("At count 1", "“look to 9 o'clock” instead of “look to 3 o'clock”."));
    }

    /** Quotation marks and full stops are those of the language it is said in. */
    @ParameterizedTest
    @CsvSource({"ENGLISH, “, ”, .", "SPANISH, «, », .", "CHINESE, “, ”, 。"})
    void whatIsQuotedStandsInTheMarksOfItsLanguage(Language language, String opens, String closes, String stop) {
        Occurrence one = done(List.of(), List.of(count(LEFT_60)), 0);
        Occurrence other = done(List.of(), List.of(count(LEFT_80)), 0);
        List<ComparisonWords.Line> lines = Labels.in(language, () -> new ComparisonWords(SAYING, one, other).lines());
        assertThat(lines)
                .singleElement()
                .extracting(ComparisonWords.Line::words)
                .satisfies(words -> {
                    assertThat(words)
                            .startsWith(opens)
                            .contains(closes)
                            .endsWith(stop)
                            .doesNotContain("\"");
                    assertThat(words).doesNotContain(stop + closes);
                });
    }

    @Test
    void whatOnlyTheFirstHasIsToldAtItsOwnCount() {
        Occurrence first = done(List.of(), List.of(count(TURN), count(LEFT_60, TOES_IN)), 0);
        Occurrence second = done(List.of(), List.of(count(TURN), count(LEFT_60)), 0);
        assertThat(new ComparisonWords(SAYING, first, second).lines())
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.at()).isEqualTo("At count 2");
                    assertThat(line.words()).startsWith("Without “turn the left foot");
                });
    }

    @Test
    void whereOneEndsOnAnotherShareThatIsTheEffect() {
        Occurrence first = done(List.of(), List.of(count(LEFT_60)), 0);
        Occurrence second = done(List.of(), List.of(count(LEFT_80)), 0);
        assertThat(new EffectWords(first, second).lines())
                .containsExactly("It ends with 80 % on the left leg instead of 60 %.");
    }

    @Test
    void theWeightThatIsAlreadyThereIsToldFirst() {
        Occurrence first = done(List.of(), List.of(count(LEFT_80)), 0);
        Occurrence second = done(List.of(count(LEFT_80)), List.of(count(LEFT_80)), 0);
        assertThat(new EffectWords(first, second).lines())
                .first()
                .isEqualTo("It begins with 80 % on the left leg instead of 50 %.");
    }

    @Test
    void howFarItTurnsInAllAndHowLongItTakesAreEffects() {
        Occurrence first = done(List.of(), List.of(count(TURN)), 0);
        Occurrence second = done(List.of(), List.of(count(), count()), 0);
        assertThat(new EffectWords(first, second).lines())
                .anyMatch(line -> line.startsWith("It turns 0° in all instead of"))
                .contains("It takes 2 beats instead of 1.");
    }

    @Test
    void aFootThatTurnsOnlyItselfHasNoEffectOnTheWhole() {
        Occurrence first = done(List.of(), List.of(count(LEFT_60)), 0);
        Occurrence second = done(List.of(), List.of(count(LEFT_60, TOES_IN)), 0);
        assertThat(new EffectWords(first, second).lines())
                .containsExactly("It begins, turns, travels and ends alike, and lasts as long.");
    }
}
