package app.avrel.rules.join;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Directions;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.WayIn;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropState;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.rules.Finding;
import app.avrel.rules.JoinWords;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.FormFindings;
import app.avrel.samples.Samples;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What closes an open join: a link, or an end or a start that is adjusted. */
class LinkingTest {

    private static final StartPose UPRIGHT = StartPose.SHOULDER_WIDE;

    private static final StartPose LEFT_AHEAD = UPRIGHT.withSpacing(
                    Optional.of(Length.footLengths(1.5)), Optional.of(Length.shoulderWidths(0.75)))
            .withFeet(StartFoot.flat(0), StartFoot.flat(45))
            .withWeight(WeightShare.on(Side.RIGHT, 60))
            .withDrop(Length.fists(1.5));

    /** Two postures that do nothing but stand, one after the other. */
    private record Meeting(Form form, Shelf shelf) {

        static Meeting of(StartPose end, StartPose start, Played played) {
            return of(standing("first", end), standing("then", start), played);
        }

        static Meeting of(Posture first, Posture then, Played played) {
            Form form = new Form(
                    new FormId("f"),
                    "F",
                    List.of(new Part(
                            "",
                            List.of(
                                    Entry.of(new EntryId("1"), first.id(), Played.AS_RECORDED),
                                    Entry.of(new EntryId("2"), then.id(), played)))),
                    Optional.empty(),
                    Optional.empty());
            return new Meeting(form, new Shelf(Map.of(first.id(), first, then.id(), then), Map.of()));
        }

        Track track() {
            return Unroll.form(form, shelf, Standing.POSING);
        }

        JoinProposals proposals() {
            return new JoinProposals(form, shelf, track(), CHECKUP);
        }

        Meeting linked(List<Count> counts) {
            return new Meeting(form.change(1, entry -> entry.withWay(0, new WayIn.Own(new Link("", counts)))), shelf);
        }

        Meeting with(Posture posture) {
            Map<PostureId, Posture> postures = new HashMap<>(shelf.postures());
            postures.put(posture.id(), posture);
            return new Meeting(form, new Shelf(postures, Map.of()));
        }

        List<Finding> serious() {
            return CHECKUP.form(form, track(), FormFindings.NONE).all().stream()
                    .filter(Finding::serious)
                    .toList();
        }
    }

    private static final Checkup CHECKUP = new Checkup(Standing.POSING, Directions.CLOCK);

    private static Posture standing(String id, StartPose pose) {
        return Posture.blank(new PostureId(id), id)
                .withStart(new Start.Recorded(pose))
                .withCounts(List.of(Count.of(Stage.STILL)));
    }

    /** {@return a start that a body can stand in} */
    private static StartPose sound(Samples samples) {
        Side light = samples.side();
        Contact contact = samples.one(Contact.FLAT, Contact.FLAT, Contact.HEEL, Contact.BALL, Contact.LIFTED);
        StartFoot lighter = new StartFoot(5 * samples.number(0, 6), contact);
        StartFoot other = StartFoot.flat(5 * samples.number(0, 9));
        double ahead = samples.number(0, 7) / 4.0 * -light.sign();
        int share = contact == Contact.FLAT ? samples.number(1, 5) * 10 : contact == Contact.LIFTED ? 0 : 10;
        return UPRIGHT.withFeet(light == Side.LEFT ? lighter : other, light == Side.LEFT ? other : lighter)
                .withSpacing(
                        Optional.of(Length.footLengths(contact == Contact.LIFTED ? 0 : ahead)),
                        Optional.of(Length.shoulderWidths(samples.number(2, 4) / 4.0)))
                .withWeight(WeightShare.on(light, share))
                .withDrop(Length.fists(samples.number(1, 4) / 2.0))
                .withHands(hand(samples), hand(samples));
    }

    private static HandPlace hand(Samples samples) {
        return HandPlace.HANGING.withHeight(samples.one(Landmark.HIP, Landmark.NAVEL, Landmark.CHEST));
    }

    @RepeatedTest(40)
    void aLinkEndsInTheStartAndIsSoundOrThereIsAReason(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Meeting meeting = Meeting.of(sound(samples), sound(samples), samples.one(Played.values()));
        Linking.Way way = meeting.proposals().link(1);
        if (way.found()) {
            Meeting linked = meeting.linked(way.counts());
            assertThat(linked.track().occurrences().get(1).join().fits()).isTrue();
            assertThat(kinds(linked.serious())).isSubsetOf(allowed(meeting));
        } else {
            assertThat(way.why()).endsWith(".");
            assertThat(way.counts()).isEmpty();
        }
    }

    private static List<String> kinds(List<Finding> findings) {
        return findings.stream()
                .map(finding -> finding.rule().key() + finding.spot())
                .toList();
    }

    /** What is worth a look in the two poses themselves. */
    private static List<String> allowed(Meeting meeting) {
        return meeting.shelf().postures().values().stream()
                .flatMap(posture -> List.of(posture, Played.OTHER_SIDE.of(posture)).stream())
                .flatMap(posture -> CHECKUP.posture(Unroll.posture(posture, Standing.POSING)).stream())
                .map(finding -> finding.rule().key() + finding.spot())
                .toList();
    }

    @Test
    void mostJoinsThatABodyCanStandInAreClosed() {
        long closed = LongStream.rangeClosed(1, 60)
                .mapToObj(Samples::new)
                .map(samples -> Meeting.of(sound(samples), sound(samples), Played.AS_RECORDED))
                .filter(meeting -> meeting.proposals().link(1).found())
                .count();
        assertThat(closed).isGreaterThanOrEqualTo(45);
    }

    @Test
    void theLinkFromStandingToAStepAheadEmptiesTheFootFirst() {
        Meeting meeting = Meeting.of(UPRIGHT, LEFT_AHEAD, Played.AS_RECORDED);
        List<Move> moves = meeting.proposals().link(1).counts().stream()
                .flatMap(Count::moves)
                .toList();
        int step = indexOf(moves, Move.Step.class);
        int shift = indexOf(moves, Move.Shift.class);
        assertThat(step).isGreaterThan(shift);
        assertThat(shift).isNotNegative();
    }

    private static int indexOf(List<Move> moves, Class<? extends Move> kind) {
        for (int i = 0; i < moves.size(); i++) {
            if (kind.isInstance(moves.get(i))) {
                return i;
            }
        }
        return -1;
    }

    @Test
    void aShareThatDiffersAloneIsAShift() {
        Meeting meeting = Meeting.of(
                UPRIGHT.withDrop(Length.fists(1)),
                UPRIGHT.withDrop(Length.fists(1)).withWeight(WeightShare.left(70)),
                Played.AS_RECORDED);
        assertThat(meeting.proposals().link(1).counts())
                .singleElement()
                .satisfies(count -> assertThat(count.moves())
                        .containsExactly(new Move.Shift(new Split.Said(WeightShare.left(70)))));
    }

    @Test
    void aStaffThatTheNextPostureHoldsIsTakenUpOnTheWay() {
        HeldProp staff = new HeldProp(
                Prop.STAFF, Side.RIGHT, PropState.CLOSED, Optional.empty(), Optional.empty(), Optional.empty());
        Meeting meeting = Meeting.of(UPRIGHT, UPRIGHT.withProp(Optional.of(staff)), Played.AS_RECORDED);
        assertThat(meeting.track().occurrences().get(1).join().mismatches())
                .extracting(new JoinWords(Standing.POSING.body())::sentence)
                .containsExactly("Held: nothing, wanted staff in the right hand.");
        List<Count> counts = meeting.proposals().link(1).counts();
        assertThat(meeting.linked(counts).track().occurrences().get(1).join().fits())
                .isTrue();
    }

    @Test
    void aJoinThatFitsHasNoProposals() {
        assertThat(Meeting.of(UPRIGHT, UPRIGHT, Played.AS_RECORDED).proposals().of(1))
                .isEmpty();
    }

    @Test
    void theEndOrTheStartCanBeAdjustedAlsoOfThePostureOnItsOtherSide() {
        StartPose heavier = UPRIGHT.withDrop(Length.fists(1)).withWeight(WeightShare.left(70));
        for (Played played : Played.values()) {
            Meeting meeting = Meeting.of(UPRIGHT.withDrop(Length.fists(1)), heavier, played);
            List<JoinProposal> all = meeting.proposals().of(1);
            assertThat(all).hasSize(3);
            for (JoinProposal proposal : all) {
                Meeting mended = switch (proposal) {
                    case JoinProposal.InsertLink(List<Count> counts) -> meeting.linked(counts);
                    case JoinProposal.AdjustEnd(Posture _, Posture becomes) -> meeting.with(becomes);
                    case JoinProposal.AdjustStart(Posture _, Posture becomes) -> meeting.with(becomes);
                };
                assertThat(mended.track().occurrences().get(1).join().mismatches())
                        .isEmpty();
            }
        }
    }

    @Test
    void whereEveryWayIsUnsoundTheReasonIsSaid() {
        StartPose far = LEFT_AHEAD
                .withSpacing(Optional.of(Length.footLengths(6)), Optional.of(Length.shoulderWidths(1)))
                .withDrop(Length.fists(0.5));
        Linking.Way way =
                Meeting.of(UPRIGHT, far, Played.AS_RECORDED).proposals().link(1);
        assertThat(way.found()).isFalse();
        assertThat(way.why()).startsWith("Every way from here to there is worth a look itself: ");
    }
}
