package app.avrel.form.hall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Six steps straight ahead, about four metres. */
class HallPlanTest {

    private static final Posture AHEAD = Posture.blank(new PostureId("ahead"), "Ahead")
            .withStart(new Start.Carried(StartPose.SHOULDER_WIDE))
            .withCounts(List.of(count(Side.LEFT), count(Side.RIGHT)));
    private static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(new Part(
                    "",
                    List.of(Entry.of(new EntryId("1"), AHEAD.id(), Played.AS_RECORDED)
                            .times(3)))),
            Optional.empty(),
            Optional.empty());
    private static final Track TRACK =
            Unroll.form(FORM, new Shelf(Map.of(AHEAD.id(), AHEAD), Map.of()), Standing.POSING);

    private static Count count(Side foot) {
        StepPlace place = new StepPlace.Along(
                Direction.FORWARD, Optional.of(Length.centimetres(65)), Optional.of(Length.shoulderWidths(1)));
        return Count.of(
                Stage.of(new Move.Step(foot, place, Optional.of(Contact.FLAT), Optional.empty(), Optional.empty())));
    }

    private static HallPlan plan(double width, double depth, Turn facing) {
        return HallPlan.of(Hall.of("H", width, depth), FORM, TRACK, Standing.POSING.body(), facing);
    }

    @Test
    void aFormThatGoesAheadStartsNearTheBackWall() {
        HallPlan plan = plan(4, 6, Turn.NONE);
        assertThat(plan.fits()).isTrue();
        assertThat(plan.asked()).isTrue();
        assertThat(-plan.from().ahead()).isGreaterThan(4);
    }

    @Test
    void whereItFitsOnlyTurnedThatIsSaid() {
        HallPlan plan = plan(8, 3, Turn.NONE);
        assertThat(plan.fits()).isTrue();
        assertThat(plan.asked()).isFalse();
        assertThat(plan.turned()).isEqualTo(Turn.right(90));
        assertThat(plan.from().right()).isLessThan(4);
    }

    @Test
    void whereItDoesNotFitAtAllNobodyHasAPlace() {
        HallPlan plan = plan(3, 3, Turn.NONE);
        assertThat(plan.fits()).isFalse();
        assertThat(plan.learners()).isEmpty();
        assertThat(plan.from()).isEqualTo(new FloorPoint(1.5, -1.5));
    }

    @Test
    void aPlaceOfTheWalkIsTurnedAndCarriedIntoTheHall() {
        HallPlan plan = plan(8, 3, Turn.NONE);
        FloorPoint ahead = plan.inHall(new FloorPoint(0, 2), new FloorPoint(1, -1));
        assertThat(ahead.right()).isCloseTo(3, within(1e-9));
        assertThat(ahead.ahead()).isCloseTo(-1, within(1e-9));
    }

    @Test
    void oneWhoFacesTheFrontAllTheWaySeesTheFront() {
        assertThat(plan(6, 8, Turn.NONE).seen().getFirst().getFirst().from().name())
                .contains("front");
        assertThat(plan(6, 8, Turn.right(180))
                        .seen()
                        .getFirst()
                        .getFirst()
                        .from()
                        .name())
                .contains("back");
        assertThat(plan(6, 8, Turn.NONE).away()).isEmpty();
        assertThat(plan(6, 8, Turn.right(180)).away()).containsExactly(0);
    }
}
