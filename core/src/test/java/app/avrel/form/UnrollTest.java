package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.motion.HallPose;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class UnrollTest {

    @RepeatedTest(40)
    void unrollingDoesNotDependOnHowRepeatsAreFolded(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        Track folded = sample.track();
        Track unfolded = sample.track(unfolded(sample.form()));
        assertThat(poses(unfolded))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEqualTo(poses(folded));
        assertThat(unfolded.counts()).isEqualTo(folded.counts());
    }

    private static Form unfolded(Form form) {
        List<Part> parts = form.parts().stream()
                .map(part -> part.withEntries(part.entries().stream()
                        .flatMap(entry -> IntStream.range(0, entry.times())
                                .mapToObj(time -> entry.withWays(
                                                List.of(entry.ways().get(time)))
                                        .withId(new EntryId(entry.id().key() + "-" + time))))
                        .toList()))
                .toList();
        return form.withParts(parts);
    }

    private static List<Pose> poses(Track track) {
        return track.moments().stream().map(Moment::after).toList();
    }

    @RepeatedTest(40)
    void aMirroredFormUnrollsToTheMirrorOfItsUnroll(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition()).alikeOnBothSides();
        List<Pose> poses = poses(sample.track());
        List<Pose> mirrored = poses(mirrored(sample).track());
        assertThat(mirrored).hasSameSizeAs(poses);
        for (int i = 0; i < poses.size(); i++) {
            assertMirrored(poses.get(i), mirrored.get(i));
        }
    }

    private static void assertMirrored(Pose one, Pose other) {
        assertThat(other.facing().degreesFrom(one.facing().mirrored())).isCloseTo(0, within(1e-6));
        assertThat(other.weight()).isEqualTo(one.weight().mirrored());
        for (Side side : Side.values()) {
            FloorPoint heel = one.foot(side).heel().value();
            FloorPoint across = other.foot(side.other()).heel().value();
            assertThat(across.right()).isCloseTo(-heel.right(), within(1e-6));
            assertThat(across.ahead()).isCloseTo(heel.ahead(), within(1e-6));
        }
    }

    /** Every posture and every way in replaced by its mirror. */
    private static SampleForms mirrored(SampleForms sample) {
        Map<PostureId, Posture> postures = sample.shelf().postures().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, entry -> Mirror.of(entry.getValue())));
        Map<LinkId, Link> links = new TreeMap<>();
        sample.shelf().links().forEach((id, link) -> links.put(id, link.withCounts(Mirror.counts(link.counts()))));
        List<Part> parts = sample.form().parts().stream()
                .map(part -> part.withEntries(part.entries().stream()
                        .map(entry -> entry.withWays(
                                entry.ways().stream().map(UnrollTest::mirrored).toList()))
                        .toList()))
                .toList();
        return new SampleForms(sample.form().withParts(parts), new Shelf(postures, links), sample.posing());
    }

    private static WayIn mirrored(WayIn way) {
        return switch (way) {
            case WayIn.Own own -> own.mirrored();
            case WayIn.Shared shared -> shared;
        };
    }

    @RepeatedTest(40)
    void theOtherSideOfAFormUnrollsToTheMirrorOfItsUnroll(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition()).alikeOnBothSides();
        List<Pose> poses = poses(sample.track());
        Form other = sample.form().mirrored(sample.shelf());
        List<Pose> mirrored = poses(sample.track(other));
        for (int i = 0; i < poses.size(); i++) {
            assertMirrored(poses.get(i), mirrored.get(i));
        }
        assertThat(other.mirrored(sample.shelf())).isEqualTo(sample.form());
    }

    /** By as much as the pelvis turns over planted feet: further on the chest alone goes, and is wound when the form begins. */
    @RepeatedTest(30)
    void turningTheWholeFormTurnsEveryHeading(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        double turn = 25;
        Entry turned = Entry.of(new EntryId("turn"), new PostureId("turn"), Played.AS_RECORDED);
        Form form = sample.form().insertAfter(-1, turned);
        double first = firstTurned(sample, form, 0);
        double later = firstTurned(sample, form, turn);
        assertThat(later - first)
                .as("seed %d", repetition.getCurrentRepetition())
                .isCloseTo(turn, within(1e-6));
    }

    /** The net turn of a form that a plain turn of the body goes before. */
    private static double firstTurned(SampleForms sample, Form form, double degrees) {
        Posture turning = Posture.blank(new PostureId("turn"), "Turn")
                .withCounts(List.of(Count.of(
                        Stage.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))))))));
        Map<PostureId, Posture> postures = new TreeMap<>(sample.shelf().postures());
        postures.put(turning.id(), turning);
        Track track = Unroll.form(form, new Shelf(postures, sample.shelf().links()), sample.posing());
        Occurrence first = track.occurrences().get(1);
        return first.start().turned().degrees();
    }

    @Test
    void theFirstPostureStartsAboutTheOriginFacingTheFront() {
        Track track = SampleForms.of(1).track();
        assertThat(track.start().facing()).isEqualTo(Heading.FRONT);
        assertThat(track.start().heel(Side.LEFT).right())
                .isCloseTo(-track.start().heel(Side.RIGHT).right(), within(1e-9));
    }

    @RepeatedTest(20)
    void theMoreLoadedFootOfEveryStartLiesWhereThatFootStood(RepetitionInfo repetition) {
        for (Occurrence done :
                SampleForms.of(repetition.getCurrentRepetition()).track().occurrences()) {
            WeightShare weight = done.start().own().weight();
            if (weight.leastLeft() + weight.mostLeft() == 100) {
                continue;
            }
            Side anchor = weight.heavier();
            assertThat(done.start().heel(anchor).distance(done.arrived().heel(anchor)))
                    .isCloseTo(0, within(1e-9));
        }
    }

    @RepeatedTest(20)
    void whereBothFeetBearAlikeBothAreAsNearToTheirsAsCanBe(RepetitionInfo repetition) {
        for (Occurrence done :
                SampleForms.of(repetition.getCurrentRepetition()).track().occurrences()) {
            WeightShare weight = done.start().own().weight();
            if (weight.leastLeft() + weight.mostLeft() == 100) {
                FloorPoint start = done.start().middle();
                assertThat(start.distance(done.arrived().middle())).isCloseTo(0, within(1e-9));
            }
        }
    }

    @Test
    void aPostureThatStartsWhereTheOneBeforeEndsIsCarriedOver() {
        Posture turn = turning("turn", 110);
        Posture carried = turning("carried", 40).withStart(new Start.Carried(StartPose.SHOULDER_WIDE));
        Form form = new Form(
                new FormId("f"),
                "F",
                List.of(new Part(
                        "",
                        List.of(
                                Entry.of(new EntryId("1"), turn.id(), Played.AS_RECORDED),
                                Entry.of(new EntryId("2"), carried.id(), Played.OTHER_SIDE)))),
                Optional.empty(),
                Optional.empty());
        Track track = Unroll.form(form, shelf(turn, carried), Standing.POSING);
        HallPose start = track.occurrences().get(1).start();
        HallPose end = track.occurrences().get(0).end();
        assertThat(start.turned()).isEqualTo(end.turned());
        for (Side side : Side.values()) {
            assertThat(start.heel(side).distance(end.heel(side))).isCloseTo(0, within(1e-9));
        }
        assertThat(track.netTurn()).isEqualTo(new Turn(70));
    }

    @Test
    void fourQuarterTurnsAreAWholeTurnAndFaceTheFront() {
        Posture quarter = turning("quarter", 90);
        Entry entry =
                Entry.of(new EntryId("1"), quarter.id(), Played.AS_RECORDED).times(4);
        Form form = new Form(
                new FormId("f"), "F", List.of(new Part("", List.of(entry))), Optional.empty(), Optional.empty());
        Track track = Unroll.form(form, shelf(quarter), Standing.POSING);
        assertThat(track.netTurn()).isEqualTo(new Turn(360));
        assertThat(track.end().facing()).isEqualTo(Heading.FRONT);
    }

    @Test
    void aMissingPostureIsPassedOverAndTold() {
        Entry lost = Entry.of(new EntryId("1"), new PostureId("lost"), Played.AS_RECORDED);
        Form form = new Form(
                new FormId("f"), "F", List.of(new Part("", List.of(lost))), Optional.empty(), Optional.empty());
        Track track = Unroll.form(form, shelf(), Standing.POSING);
        assertThat(track.missing()).containsExactly(0);
        assertThat(track.occurrences()).isEmpty();
    }

    private static Posture turning(String id, double degrees) {
        return Posture.blank(new PostureId(id), id)
                .withCounts(List.of(Count.of(
                        Stage.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))))))));
    }

    private static Shelf shelf(Posture... postures) {
        Map<PostureId, Posture> byId = new TreeMap<>();
        for (Posture posture : new ArrayList<>(List.of(postures))) {
            byId.put(posture.id(), posture);
        }
        return new Shelf(byId, Map.of());
    }
}
