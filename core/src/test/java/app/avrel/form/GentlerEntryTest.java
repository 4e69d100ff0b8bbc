package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.PostureSheet;
import app.avrel.rules.Finding;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.FormFindings;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A knee is raised; gently, the ball of the foot stays down. */
class GentlerEntryTest {

    private static final GentlerVersion BALL_DOWN = new GentlerVersion(
            "ball stays down", 1, 2, List.of(count(new Move.Raise(Side.LEFT, FootPart.HEEL, Optional.empty()))));

    private static final Posture KNEE_UP = Posture.blank(new PostureId("knee-up"), "Knee up")
            .withCounts(List.of(
                    count(new Move.Shift(Split.on(Side.RIGHT, 100))),
                    count(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()))))
            .withSheet(PostureSheet.EMPTY.withGentler(List.of(BALL_DOWN)));

    private static final Shelf SHELF = new Shelf(Map.of(KNEE_UP.id(), KNEE_UP), Map.of());

    private static Count count(Move move) {
        return Count.of(Stage.of(move));
    }

    private static Form form(Played played, Optional<String> version) {
        Entry entry = Entry.of(new EntryId("e1"), KNEE_UP.id(), played).withGentler(version);
        return new Form(
                new FormId("f"), "F", List.of(new Part("", List.of(entry))), Optional.empty(), Optional.empty());
    }

    private static boolean lifted(Played played, Optional<String> version, Side foot) {
        Track track = Unroll.form(form(played, version), SHELF, Standing.POSING);
        return track.occurrences().getLast().done().end().foot(foot).lifted();
    }

    @Test
    void anEntryIsDoneAsRecordedOrGently() {
        assertThat(lifted(Played.AS_RECORDED, Optional.empty(), Side.LEFT)).isTrue();
        assertThat(lifted(Played.AS_RECORDED, Optional.of("ball stays down"), Side.LEFT))
                .isFalse();
    }

    @Test
    void theGentlerVersionHasAnotherSideToo() {
        assertThat(lifted(Played.OTHER_SIDE, Optional.empty(), Side.RIGHT)).isTrue();
        assertThat(lifted(Played.OTHER_SIDE, Optional.of("ball stays down"), Side.RIGHT))
                .isFalse();
    }

    @Test
    void aVersionThatIsNoLongerThereIsToldAndThePostureDoneAsItIs() {
        Form form = form(Played.AS_RECORDED, Optional.of("stay high"));
        Track track = Unroll.form(form, SHELF, Standing.POSING);
        List<Finding> found = new Checkup(Standing.POSING, Directions.CLOCK)
                .form(form, track, FormFindings.NONE)
                .all();
        assertThat(found)
                .singleElement()
                .extracting(Finding::sentence)
                .asString()
                .isEqualTo(
                        "Entry 1 asks for \"stay high\", but Knee up has no version of that name. It is done as it is;"
                                + " choose another version.");
        assertThat(track.occurrences().getLast().done().end().foot(Side.LEFT).lifted())
                .isTrue();
    }
}
