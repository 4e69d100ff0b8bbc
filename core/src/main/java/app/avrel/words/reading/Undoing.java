package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;

/**
 * Up to the shoulders and down to the hips: nobody can do both at once, so the second comes after the first, whatever word
 * joins the two.
 */
final class Undoing {

    private Undoing() {}

    /** {@return whether some move takes back what another of the same stage does} */
    static boolean of(List<Move> next, List<Move> before) {
        return next.stream().anyMatch(move -> before.stream().anyMatch(first -> undoes(move, first)));
    }

    private static boolean undoes(Move move, Move first) {
        return switch (move) {
            case Move.Lower lower ->
                first instanceof Move.Raise(var foot, var _, var _) && foot == lower.foot()
                        || first instanceof Move.Lift lift && lift.foot() == lower.foot()
                        || first instanceof Move.Kicking kick && kick.foot() == lower.foot();
            case Move.ChangeDepth(var depth) ->
                first instanceof Move.ChangeDepth(var was)
                        && (depth instanceof Depth.Rise && was instanceof Depth.Sink
                                || depth instanceof Depth.Sink && was instanceof Depth.Rise);
            case Move.Incline(var degrees, var _) ->
                first instanceof Move.Incline(var was, var _)
                        && degrees.equals(Optional.of(0)) != was.equals(Optional.of(0));
            case Move.Shift(Split split) ->
                first instanceof Move.Shift(Split was)
                        && split.getClass() == was.getClass()
                        && (heavier(split) != heavier(was) || goesOn(split, was));
            case Move.TurnBody(var part, var turning) ->
                first instanceof Move.TurnBody(var same, var was) && same == part && anotherTurn(turning, was);
            case Move.Look(var gaze) -> first instanceof Move.Look(var was) && !gaze.equals(was);
            case Move.PlaceHand(var hand, HandPlace to, var _) ->
                first instanceof Move.PlaceHand(var same, HandPlace was, var _)
                        && same == hand
                        && (to.height().isPresent()
                                        && was.height().isPresent()
                                        && !to.height().equals(was.height())
                                || to.height().isPresent() && to.at().isEmpty() && atKnee(was)
                                || to.at().isPresent()
                                        && was.at().isPresent()
                                        && !to.at().equals(was.at()));
            case Move.Step step when first instanceof Move.Step was && was.foot() != step.foot() -> true;
            case Move.Step(var foot, StepPlace.Beside _, var landing, var _, var _)
            when landing.isPresent() && first instanceof Move.DrawIn(var drawn, var _) && drawn == foot -> false;
            case Move.DrawIn drawn when first instanceof Move.Kicking kick && kick.foot() == drawn.foot() -> true;
            case Move.OfFoot goes ->
                goesOn(goes) && first instanceof Move.OfFoot went && went.foot() == goes.foot() && goesOff(went);
            default -> false;
        };
    }

    /** Past the knee, to the hip: the knee is where it was first. */
    private static boolean atKnee(HandPlace was) {
        return was.at()
                .filter(at -> at == HandAt.OWN_KNEE || at == HandAt.OTHER_KNEE)
                .isPresent();
    }

    /** Sixty, and eighty: the weight goes from the one share to the other. */
    private static boolean goesOn(Split split, Split was) {
        return split instanceof Split.Said(var share)
                && was instanceof Split.Said(var before)
                && exact(share)
                && exact(before)
                && !share.equals(before);
    }

    private static boolean exact(WeightShare share) {
        return share.leastLeft() == share.mostLeft();
    }

    private static Side heavier(Split split) {
        return switch (split) {
            case Split.Said(var share) -> share.heavier();
            case Split.AsHouse(var _, Side side) -> side;
        };
    }

    /** Draw the foot in and step out with it: one foot does the one after the other. */
    private static boolean goesOn(Move.OfFoot move) {
        return move instanceof Move.Step
                || move instanceof Move.Slide
                || move instanceof Move.HalfStep
                || move instanceof Move.Kicking
                || move instanceof Move.Stamp;
    }

    private static boolean goesOff(Move.OfFoot move) {
        return goesOn(move) || move instanceof Move.DrawIn || move instanceof Move.Lift;
    }

    /** One turns left and then back, or to a heading: unless it is the same turn once more. */
    private static boolean anotherTurn(Optional<Turning> turning, Optional<Turning> was) {
        boolean by = turning.orElse(null) instanceof Turning.By(Turn more)
                && was.orElse(null) instanceof Turning.By(Turn first)
                && more.degrees() * first.degrees() > 0;
        return turning.isPresent() && was.isPresent() && !by && !turning.equals(was);
    }
}
