package app.avrel.mechanics;

import app.avrel.floor.SpacePoint;
import app.avrel.posture.hand.HandShape;

/**
 * How a hand is held, seen from the chest: right, ahead, and up from the floor.
 *
 * @param palm the palm's centre, from the point below the pelvis
 * @param facing the way the palm looks, one metre long
 * @param fingers the way the fingers point, one metre long, at right angles to {@code facing}
 * @param elbow which way the elbow is drawn, one metre long
 */
public record HandRig(SpacePoint palm, SpacePoint facing, SpacePoint fingers, SpacePoint elbow, HandShape shape) {

    HandRig towards(HandRig other, double share) {
        SpacePoint newFingers = fingers.towards(other.fingers, share).unit(fingers);
        SpacePoint newFacing =
                facing.towards(other.facing, share).across(newFingers).unit(facing);
        return new HandRig(
                palm.towards(other.palm, share),
                newFacing,
                newFingers,
                elbow.towards(other.elbow, share).unit(elbow),
                share < 0.5 ? shape : other.shape);
    }
}
