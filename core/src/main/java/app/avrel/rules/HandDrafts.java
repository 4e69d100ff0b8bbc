package app.avrel.rules;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.HandPlace;
import app.avrel.posture.Move;
import app.avrel.posture.Reach;
import app.avrel.posture.Sideways;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A hand held closer or further out, higher, or on the centre line. */
final class HandDrafts {

    private HandDrafts() {}

    static Stream<Proposals.Draft> of(CountDraft draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream().flatMap(hand -> switch (finding.rule()) {
            case "hand-line" ->
                placed(
                        draft,
                        hand,
                        "Bring the " + hand.word() + " hand to the centre line",
                        place -> place.withSideways(Sideways.CENTRE));
            case "hand-gap" -> reaches(draft, hand, IntStream.rangeClosed(8, 18));
            default ->
                Stream.concat(
                        reaches(draft, hand, IntStream.rangeClosed(2, 17).map(step -> 19 - step)),
                        heights(draft, hand));
        });
    }

    /** Steps are twentieths of the arm. */
    private static Stream<Proposals.Draft> reaches(CountDraft draft, Side hand, IntStream steps) {
        return steps.map(step -> step * 5)
                .boxed()
                .flatMap(percent -> placed(
                        draft,
                        hand,
                        "Hold the " + hand.word() + " hand at " + percent + " % of the arm's reach",
                        place -> place.withReach(new Reach(percent))));
    }

    private static Stream<Proposals.Draft> heights(CountDraft draft, Side hand) {
        return Stream.of(Landmark.values())
                .filter(height -> height.compareTo(Landmark.HIP) >= 0 && height.compareTo(Landmark.SHOULDER) <= 0)
                .flatMap(height -> placed(
                        draft,
                        hand,
                        "Hold the " + hand.word() + " hand at " + height.word() + " height",
                        place -> place.withHeight(height)));
    }

    private static Stream<Proposals.Draft> placed(
            CountDraft draft, Side hand, String words, UnaryOperator<HandPlace> change) {
        return draft.editing(move -> move instanceof Move.PlaceHand(Side side, HandPlace to, var path) && side == hand
                        ? Optional.of(new Move.PlaceHand(side, change.apply(to), path))
                        : Optional.empty())
                .map(count -> new Proposals.Draft(words, count));
    }
}
