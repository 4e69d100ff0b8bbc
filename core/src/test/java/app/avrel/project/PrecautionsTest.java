package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.PostureSheet;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is to be taken care of, for whom, and what is gentler. */
class PrecautionsTest {

    private static final Move ON_THE_RIGHT = new Move.Shift(Split.on(Side.RIGHT, 100));
    private static final Move LIFT = new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty());
    private static final GentlerVersion TOES_DOWN = new GentlerVersion(
            "toes stay down",
            1,
            2,
            List.of(Count.of(Stage.of(new Move.Raise(Side.LEFT, FootPart.HEEL, Optional.empty())))));

    private static Posture posture(Move... moves) {
        return Posture.blank(new PostureId("p"), "P")
                .withCounts(Arrays.stream(moves)
                        .map(move -> Count.of(Stage.of(move)))
                        .toList());
    }

    private static List<Precautions.Raised> raised(Precaution care, Posture posture) {
        Project project = Project.empty("Hall", Setting.USUAL);
        return new Precautions(project)
                .of(new Learner(Body.ofStature(1.7), List.of(Care.of(care))), posture).stream()
                        .filter(one -> one.care().isPresent())
                        .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "BALANCE, true",
        "DIZZINESS, true",
        "PREGNANCY, true",
        "KNEE, false",
        "BACK, false",
        "BLOOD_PRESSURE, false"
    })
    void standingOnOneLegAsksBalance(Precaution care, boolean asked) {
        assertThat(raised(care, posture(ON_THE_RIGHT, LIFT)).isEmpty()).isEqualTo(!asked);
    }

    @ParameterizedTest
    @CsvSource({"KNEE, true", "HIP, true", "BALANCE, false"})
    void sittingDeepAsksKneesAndHips(Precaution care, boolean asked) {
        Move deep = new Move.ChangeDepth(new Depth.To(Length.fists(2.5)));
        assertThat(raised(care, posture(deep)).isEmpty()).isEqualTo(!asked);
    }

    @Test
    void theReasonSaysWhereItIs() {
        assertThat(raised(Precaution.BALANCE, posture(ON_THE_RIGHT, LIFT))
                        .getFirst()
                        .because())
                .isEqualTo("it stands on one leg (count 2)");
    }

    @Test
    void aGentlerVersionThatDoesNotAskItAnswersIt() {
        Posture lifted = posture(ON_THE_RIGHT, LIFT);
        Posture gentle = lifted.withSheet(PostureSheet.EMPTY.withGentler(List.of(TOES_DOWN)));
        assertThat(raised(Precaution.BALANCE, lifted).getFirst().gentler()).isEmpty();
        assertThat(raised(Precaution.BALANCE, gentle).getFirst().gentler()).contains("toes stay down");
    }

    @Test
    void whatTheInstructorWroteIsForWhateverElse() {
        Posture written = posture().withSheet(PostureSheet.EMPTY.withCautions(List.of("mind the wet floor")));
        assertThat(raised(Precaution.OTHER, written).getFirst().because()).isEqualTo("mind the wet floor");
        assertThat(raised(Precaution.OTHER, posture())).isEmpty();
    }

    private static List<Precautions.Raised> raised(Care care, Posture posture) {
        return new Precautions(Project.empty("Hall", Setting.USUAL))
                .of(new Learner(Body.ofStature(1.7), List.of(care)), posture).stream()
                        .filter(one -> one.care().isPresent())
                        .toList();
    }

    @ParameterizedTest
    @CsvSource({"LEFT, 80, true", "LEFT, 20, false", "RIGHT, 20, true", "RIGHT, 80, false", "LEFT, 50, true"})
    void aKneeToBeSparedIsAskedWhereItsOwnLegBearsTheWeight(Side side, int left, boolean asked) {
        Posture deep = posture(
                new Move.Shift(Split.on(Side.LEFT, left)), new Move.ChangeDepth(new Depth.To(Length.fists(2.5))));
        assertThat(raised(new Care(Precaution.KNEE, Optional.of(side)), deep).isEmpty())
                .isEqualTo(!asked);
        assertThat(raised(Care.of(Precaution.KNEE), deep)).isNotEmpty();
    }

    @Test
    void onlyAKneeOrAHipHasASide() {
        assertThat(new Care(Precaution.BALANCE, Optional.of(Side.LEFT))).isEqualTo(Care.of(Precaution.BALANCE));
        assertThat(new Care(Precaution.HIP, Optional.of(Side.LEFT)).words()).isEqualTo("left hip");
        assertThat(Care.of(Precaution.KNEE).words()).isEqualTo("knee");
    }

    @ParameterizedTest
    @CsvSource({"LEFT, true", "RIGHT, false"})
    void aKickAsksTheHipOfItsOwnLeg(Side hip, boolean asked) {
        Move kick = new Move.Kicking(Side.LEFT, Kick.HEEL, Optional.empty(), Optional.empty());
        assertThat(raised(new Care(Precaution.HIP, Optional.of(hip)), posture(ON_THE_RIGHT, LIFT, kick)).stream()
                        .anyMatch(one -> one.because().startsWith("it kicks")))
                .isEqualTo(asked);
    }
}
