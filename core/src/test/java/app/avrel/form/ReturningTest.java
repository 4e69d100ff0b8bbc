package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Walks of both feet so many centimetres ahead, and turns about. */
class ReturningTest {

    private static Posture walking(String id, double ahead) {
        Stage left = Stage.of(step(Side.LEFT, ahead));
        Stage right = Stage.of(step(Side.RIGHT, 0));
        return carried(id).withCounts(List.of(Count.of(left), Count.of(right)));
    }

    private static Move step(Side foot, double ahead) {
        StepPlace place = new StepPlace.Along(
                Direction.FORWARD, Optional.of(Length.centimetres(ahead)), Optional.of(Length.shoulderWidths(1)));
        return new Move.Step(foot, place, Optional.of(Contact.FLAT), Optional.empty(), Optional.empty());
    }

    private static Posture turning(String id, double degrees) {
        return carried(id)
                .withCounts(List.of(Count.of(
                        Stage.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))))))));
    }

    private static Posture carried(String id) {
        return Posture.blank(new PostureId(id), id).withStart(new Start.Carried(StartPose.SHOULDER_WIDE));
    }

    private static Track track(Posture... postures) {
        Map<PostureId, Posture> shelf = new HashMap<>();
        Arrays.stream(postures).forEach(posture -> shelf.put(posture.id(), posture));
        List<Entry> entries = Arrays.stream(postures)
                .map(posture -> Entry.of(new EntryId(posture.id().key()), posture.id(), Played.AS_RECORDED))
                .toList();
        Form form = new Form(new FormId("f"), "F", List.of(new Part("", entries)), Optional.empty(), Optional.empty());
        return Unroll.form(form, new Shelf(shelf, Map.of()), Standing.POSING);
    }

    @Test
    void whoStepsAheadAndStaysIsAstrayFromThatPostureOn() {
        Returning returning = Returning.of(track(turning("a", 30), walking("b", 90), turning("c", -30)));
        assertThat(returning.home()).isFalse();
        assertThat(returning.facesAsItBegan()).isTrue();
        assertThat(returning.astray().orElseThrow().posture().name()).isEqualTo("b");
        assertThat(returning.farthest().orElseThrow().posture().name()).isEqualTo("b");
        assertThat(returning.offset().length()).isGreaterThan(Returning.NEAR);
    }

    @Test
    void whoComesBackIsHomeHoweverFarItWas() {
        Returning returning = Returning.of(track(walking("a", 90), walking("b", -90)));
        assertThat(returning.home()).isTrue();
        assertThat(returning.astray()).isEmpty();
    }

    @Test
    void aWholeTurnIsKeptAndStillFacesTheFront() {
        Returning returning = Returning.of(track(turning("a", 270), turning("b", 90)));
        assertThat(returning.netTurn()).isEqualTo(new Turn(360));
        assertThat(returning.facesAsItBegan()).isTrue();
        assertThat(Returning.of(track(turning("a", 270))).facesAsItBegan()).isFalse();
    }

    @Test
    void afterEveryCountItIsKnownWhereChestHipsAndFeetPoint() {
        Track track = track(turning("a", 30), turning("b", 100));
        CountDirections last =
                CountDirections.of(track, track.occurrences().getLast()).getLast();
        assertThat(last.facing().degrees()).isCloseTo(130, within(1e-9));
        assertThat(last.hips().degrees())
                .as("the hips go along as far as the feet let them")
                .isCloseTo(100, within(1e-9));
        assertThat(last.turned()).isEqualTo(new Turn(100));
        assertThat(last.running()).isEqualTo(new Turn(130));
        assertThat(last.left().value().degrees()).as("no foot has moved").isZero();
    }

    @RepeatedTest(20)
    void theTurnsOfAllCountsMakeTheNetTurnWhereAllPosturesJoin(RepetitionInfo repetition) {
        Track track = SampleForms.of(repetition.getCurrentRepetition()).track();
        double sum = track.occurrences().stream()
                .flatMap(done -> CountDirections.of(track, done).stream())
                .mapToDouble(after -> after.turned().degrees())
                .sum();
        assertThat(sum).isCloseTo(track.netTurn().degrees(), within(1e-6));
    }
}
