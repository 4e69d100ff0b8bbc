package app.avrel.posture;

import app.avrel.body.Length;
import app.avrel.body.WeightShare;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import java.util.Optional;

/**
 * How one stands when a posture starts, facing its front.
 *
 * @param leftAhead how far the left heel is ahead of the right one, behind is negative; empty where not known
 * @param width from heel line to heel line, crossed is negative; empty where not known
 * @param weight as far as it is known
 * @param drop the pelvis below standing, at least 0
 * @param prop what is held, if anything
 * @param hips turned against the facing (the chest), to the right positive, at most 30° either way
 */
public record StartPose(
        StartFoot left,
        StartFoot right,
        Optional<Length> leftAhead,
        Optional<Length> width,
        WeightShare weight,
        Length drop,
        Turn hips,
        HandPlace leftHand,
        HandPlace rightHand,
        Optional<HeldProp> prop) {

    public StartPose(
            StartFoot left,
            StartFoot right,
            Optional<Length> leftAhead,
            Optional<Length> width,
            WeightShare weight,
            Length drop,
            Turn hips,
            HandPlace leftHand,
            HandPlace rightHand) {
        this(left, right, leftAhead, width, weight, drop, hips, leftHand, rightHand, Optional.empty());
    }

    /** Shoulder-wide, even, arms hanging. */
    public static final StartPose SHOULDER_WIDE = new StartPose(
            StartFoot.AHEAD,
            StartFoot.AHEAD,
            Optional.of(Length.centimetres(0)),
            Optional.of(Length.shoulderWidths(1)),
            WeightShare.EVEN,
            Length.fists(0.5),
            Turn.NONE,
            HandPlace.HANGING,
            HandPlace.HANGING);

    public StartPose {
        if (drop.amount() < 0) {
            throw new IllegalArgumentException("drop at the start must be at least 0, but was " + drop);
        }
        if (hips.size() > 30) {
            throw new IllegalArgumentException(
                    "hips at the start must be within 30 degrees of the chest, but was " + hips.degrees());
        }
    }

    public StartPose withFeet(StartFoot newLeft, StartFoot newRight) {
        return new StartPose(newLeft, newRight, leftAhead, width, weight, drop, hips, leftHand, rightHand, prop);
    }

    public StartPose withSpacing(Optional<Length> newLeftAhead, Optional<Length> newWidth) {
        return new StartPose(left, right, newLeftAhead, newWidth, weight, drop, hips, leftHand, rightHand, prop);
    }

    public StartPose withWeight(WeightShare share) {
        return new StartPose(left, right, leftAhead, width, share, drop, hips, leftHand, rightHand, prop);
    }

    public StartPose withDrop(Length newDrop) {
        return new StartPose(left, right, leftAhead, width, weight, newDrop, hips, leftHand, rightHand, prop);
    }

    public StartPose withHips(Turn turned) {
        return new StartPose(left, right, leftAhead, width, weight, drop, turned, leftHand, rightHand, prop);
    }

    public StartPose withProp(Optional<HeldProp> held) {
        return new StartPose(left, right, leftAhead, width, weight, drop, hips, leftHand, rightHand, held);
    }

    public StartPose withHands(HandPlace newLeft, HandPlace newRight) {
        return new StartPose(left, right, leftAhead, width, weight, drop, hips, newLeft, newRight, prop);
    }
}
