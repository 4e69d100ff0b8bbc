package app.avrel.posture;

import app.avrel.body.Length;
import app.avrel.body.WeightShare;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Gaze;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * How one stands when a posture starts, facing its front.
 *
 * @param leftAhead how far the left heel is ahead of the right one, behind is negative; empty where not known
 * @param width from heel line to heel line, crossed is negative; empty where not known
 * @param weight as far as it is known
 * @param drop the pelvis below standing, at least 0; empty where not said: as one comes
 * @param prop what is held, if anything
 * @param gaze where the eyes are; empty where not said
 * @param incline degrees the trunk inclines forward, 0 to 60; upright where empty
 * @param hips turned against the facing (the chest), to the right positive, at most 30° either way
 */
@RecordBuilder
public record StartPose(
        StartFoot left,
        StartFoot right,
        Optional<Length> leftAhead,
        Optional<Length> width,
        WeightShare weight,
        Optional<Length> drop,
        Turn hips,
        HandPlace leftHand,
        HandPlace rightHand,
        Optional<HeldProp> prop,
        Optional<Gaze> gaze,
        Optional<Integer> incline)
        implements StartPoseBuilder.With {

    /** Shoulder-wide, even, arms hanging. */
    public static final StartPose SHOULDER_WIDE = new StartPose(
            StartFoot.AHEAD,
            StartFoot.AHEAD,
            Optional.of(Length.centimetres(0)),
            Optional.of(Length.shoulderWidths(1)),
            WeightShare.EVEN,
            Optional.of(Length.fists(0.5)),
            Turn.NONE,
            HandPlace.HANGING,
            HandPlace.HANGING,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public StartPose withDrop(Length said) {
        return withDrop(Optional.of(said));
    }

    public StartPose {
        drop.filter(said -> said.amount() < 0).ifPresent(said -> {
            throw new IllegalArgumentException("drop at the start must be at least 0, but was " + said);
        });
        incline.ifPresent(degrees -> {
            if (degrees < 0 || degrees > 60) {
                throw new IllegalArgumentException("incline at the start must be 0 to 60 degrees, but was " + degrees);
            }
        });
        if (hips.size() > 30) {
            throw new IllegalArgumentException(
                    "hips at the start must be within 30 degrees of the chest, but was " + hips.degrees());
        }
    }

    public StartPose withFeet(StartFoot newLeft, StartFoot newRight) {
        return withLeft(newLeft).withRight(newRight);
    }

    public StartPose withSpacing(Optional<Length> newLeftAhead, Optional<Length> newWidth) {
        return withLeftAhead(newLeftAhead).withWidth(newWidth);
    }

    public StartPose withHands(HandPlace newLeft, HandPlace newRight) {
        return withLeftHand(newLeft).withRightHand(newRight);
    }
}
