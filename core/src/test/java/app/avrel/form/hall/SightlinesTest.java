package app.avrel.form.hall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A form of two parts: a turn to the back, and a turn to the front again. */
class SightlinesTest {

    private static final Hall HALL = Hall.of("Mill room", 8, 6);
    private static final Posture ABOUT = Posture.blank(new PostureId("about"), "About")
            .withStart(new Start.Carried(StartPose.SHOULDER_WIDE))
            .withCounts(List.of(Count.of(
                    Stage.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(Turn.right(180))))))));
    private static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(new Part("one", List.of(entry("1"))), new Part("two", List.of(entry("2")))),
            Optional.empty(),
            Optional.empty());
    private static final Track TRACK =
            Unroll.form(FORM, new Shelf(Map.of(ABOUT.id(), ABOUT), Map.of()), Standing.POSING);

    private static Entry entry(String id) {
        return Entry.of(new EntryId(id), ABOUT.id(), Played.AS_RECORDED);
    }

    private static Sightlines of(FloorPoint... learners) {
        return new Sightlines(Standing.POSING.body(), List.of(learners));
    }

    @Test
    void whoFacesTheBackSeesTheBackAndNotTheFront() {
        Sightlines lines = of(new FloorPoint(4, -3));
        List<List<Sightlines.Seen>> parts = lines.parts(FORM, TRACK, HALL);
        assertThat(parts.get(0).getFirst().from().name()).contains("back");
        assertThat(parts.get(0).getFirst().share()).isEqualTo(1);
        assertThat(parts.get(1).getFirst().from().name()).isEqualTo("the middle of the front");
        assertThat(lines.share(TRACK.occurrences(), new FloorPoint(4, -0.5))).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void theShareIsThatOfAllLearners() {
        Sightlines lines = of(new FloorPoint(4, -1), new FloorPoint(4, -5));
        assertThat(lines.share(TRACK.occurrences().subList(1, 2), new FloorPoint(4, -3)))
                .as("one is before the instructor, one behind")
                .isCloseTo(0.5, within(1e-9));
    }

    @Test
    void theEntriesInWhichTheClassTurnsItsBackAreTold() {
        assertThat(of(new FloorPoint(4, -3)).turnedAway(TRACK, new FloorPoint(4, -0.5)))
                .containsExactly(0);
        assertThat(of().turnedAway(TRACK, new FloorPoint(4, -0.5))).isEmpty();
    }
}
