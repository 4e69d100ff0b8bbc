package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.house.Stance;
import app.avrel.motion.Standing;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ClaimsTest {

    private static final Posture TURNS = Found.EMPTY.withCounts(List.of(Count.of(Stage.of(
            new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(45)))),
            new Move.Shift(Split.on(Side.LEFT, 60))))));

    private static List<String> found(EndClaim claim) {
        return Found.in(TURNS.withEnd(claim)).stream().map(Finding::sentence).toList();
    }

    @Test
    void whatIsNotClaimedIsNotChecked() {
        assertThat(found(EndClaim.NONE)).isEmpty();
    }

    @Test
    void aFacingIsHeldAgainstTheTurns() {
        assertThat(found(EndClaim.NONE.withFacing(Optional.of(new Bearing(40)))))
                .isEmpty();
        assertThat(found(EndClaim.NONE.withFacing(Optional.of(new Bearing(90)))))
                .containsExactly("The end is claimed to face 3, but the turns lead to 1:30: 45° apart.");
    }

    @Test
    void aWeightIsHeldAgainstTheLastShift() {
        assertThat(found(EndClaim.NONE.withWeight(Optional.of(Split.on(Side.LEFT, 65)))))
                .isEmpty();
        assertThat(found(EndClaim.NONE.withWeight(Optional.of(Split.on(Side.LEFT, 70)))))
                .containsExactly("The end is claimed to have 70 left / 30 right, but the counts lead to 60 left / 40"
                        + " right.");
        Split house = new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.LEFT);
        assertThat(found(EndClaim.NONE.withWeight(Optional.of(house)))).isEmpty();
    }

    @Test
    void aStanceIsHeldAgainstFeetAndWeight() {
        Posture even = Found.EMPTY.withCounts(List.of(Count.blank()));
        assertThat(Found.in(even.withEnd(EndClaim.NONE.withStance(Optional.of(Stance.SHOULDER_WIDE)))))
                .isEmpty();
        assertThat(Found.in(even.withEnd(EndClaim.NONE.withStance(Optional.of(Stance.DROP))))
                        .getFirst()
                        .sentence())
                .isEqualTo("The end is claimed to be drop, but feet and weight make it shoulder-wide.");
    }

    @Test
    void theNumberOfCountsIsHeldAgainstTheRecord() {
        assertThat(found(EndClaim.NONE.withCounts(Optional.of(1)))).isEmpty();
        assertThat(found(EndClaim.NONE.withCounts(Optional.of(3))))
                .containsExactly("It is claimed to have 3 counts, but 1 is recorded.");
    }

    @Test
    void aClaimOfAnEndThatIsOpenIsNotContradicted() {
        Posture open = Found.EMPTY
                .withCounts(List.of(Count.of(Stage.of(new Move.TurnBody(BodyPart.WHOLE, Optional.empty())))))
                .withEnd(EndClaim.NONE.withFacing(Optional.of(new Bearing(90))));
        assertThat(Found.in(open)).isEmpty();
    }

    @Test
    void findingsOfClaimsAreWorthALookAndSayWhy() {
        Finding finding = Found.in(TURNS.withEnd(EndClaim.NONE.withCounts(Optional.of(9))))
                .getFirst();
        assertThat(finding.severity()).isEqualTo(Severity.LOOK);
        assertThat(finding.serious()).isTrue();
        assertThat(finding.why()).isNotBlank();
        assertThat(finding.where()).isEqualTo(new Where.InPosture(Found.EMPTY.id(), Optional.empty()));
    }

    private static List<Finding> inForm(Entry... entries) {
        Form form = new Form(
                new FormId("f"), "F", List.of(new Part("", List.of(entries))), Optional.empty(), Optional.empty());
        Shelf shelf = new Shelf(Map.of(TURNS.id(), TURNS), Map.of());
        return new Checkup(Standing.POSING, Directions.CLOCK)
                .form(form, Unroll.form(form, shelf, Standing.POSING), FormFindings.NONE)
                .all();
    }

    @Test
    void anEntrysFacingIsHeldAgainstTheWholeWayThere() {
        Entry first = Entry.of(new EntryId("1"), TURNS.id(), Played.AS_RECORDED);
        Entry second =
                Entry.of(new EntryId("2"), TURNS.id(), Played.AS_RECORDED).withFacing(Optional.of(new Heading(45)));
        List<Finding> found = inForm(first, second).stream()
                .filter(finding -> finding.rule().equals(RuleId.CLAIMED_FACING))
                .toList();
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().sentence())
                .isEqualTo("The end is claimed to face 1:30, but the turns lead to 3: 45° apart.");
        assertThat(found.getFirst().where()).isEqualTo(new Where.InForm(new FormId("f"), 1, Optional.empty()));
    }

    @Test
    void anOpenJoinIsFoundOnTheEntryItLeadsInto() {
        Entry first = Entry.of(new EntryId("1"), TURNS.id(), Played.AS_RECORDED);
        Entry second = Entry.of(new EntryId("2"), TURNS.id(), Played.AS_RECORDED);
        List<Finding> found = inForm(first, second);
        assertThat(Found.rules(found)).containsExactly(RuleId.OPEN_JOIN);
        assertThat(found.getFirst().sentence())
                .contains("Weight: 60 left / 40 right, wanted 50 left / 50 right.")
                .contains("Left toes: 45° out, wanted straight ahead.");
    }

    @Test
    void aPostureThatIsNotOnTheShelfIsNamed() {
        Entry lost = Entry.of(new EntryId("1"), new PostureId("lost"), Played.AS_RECORDED);
        assertThat(inForm(lost).getFirst().sentence())
                .isEqualTo(
                        "Entry 1 asks for the posture \"lost\", which is not on the shelf. Choose another posture for"
                                + " it, or take the entry out.");
    }

    @Test
    void aStartThatSaysNothingOfTheHandsJoinsAnyHands() {
        StartPose start = StartPose.SHOULDER_WIDE.withHands(HandPlace.UNSAID, HandPlace.UNSAID);
        assertThat(start.leftHand().height()).isEmpty();
    }
}
