package app.avrel.rules.fix;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.label.Labels;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A hand held closer or further out, higher, or on the centre line. */
final class HandFixes {

    private HandFixes() {}

    static Stream<FixCandidates.Draft> of(FixCandidate draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream().flatMap(hand -> switch (finding.rule()) {
            case HAND_LINE ->
                placed(
                        draft,
                        hand,
                        Labels.say("rules.bring_hand", Labels.of(hand)),
                        place -> place.withSideways(Sideways.CENTRE));
            case HAND_GAP -> reaches(draft, hand, IntStream.rangeClosed(8, 18));
            default ->
                Stream.concat(
                        reaches(draft, hand, IntStream.rangeClosed(2, 17).map(step -> 19 - step)),
                        heights(draft, hand));
        });
    }

    /** Steps are twentieths of the arm. */
    private static Stream<FixCandidates.Draft> reaches(FixCandidate draft, Side hand, IntStream steps) {
        return steps.map(step -> step * 5)
                .boxed()
                .flatMap(percent -> placed(
                        draft,
                        hand,
                        Labels.say("rules.hold_hand_at", Labels.of(hand), percent),
                        place -> place.withReach(new Reach(percent))));
    }

    private static Stream<FixCandidates.Draft> heights(FixCandidate draft, Side hand) {
        return Stream.of(Landmark.values())
                .filter(height -> height.compareTo(Landmark.HIP) >= 0 && height.compareTo(Landmark.SHOULDER) <= 0)
                .flatMap(height -> placed(
                        draft,
                        hand,
                        Labels.say("rules.hold_hand_at_2", Labels.of(hand), Labels.of(height)),
                        place -> place.withHeight(height)));
    }

    private static Stream<FixCandidates.Draft> placed(
            FixCandidate draft, Side hand, String words, UnaryOperator<HandPlace> change) {
        return draft.editing(move -> move instanceof Move.PlaceHand(Side side, HandPlace to, var path) && side == hand
                        ? Optional.of(new Move.PlaceHand(side, change.apply(to), path))
                        : Optional.empty())
                .map(count -> new FixCandidates.Draft(words, count));
    }
}
