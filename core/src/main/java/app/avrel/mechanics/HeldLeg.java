package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;

/** A leg as it is when trunk, arms and legs together come down over the feet, not the pelvis alone. */
public final class HeldLeg {

    private HeldLeg() {}

    /**
     * {@return a leg of a stand, its hips where they must be}
     *
     * <p>One step of the correction is within a centimetre; without it knees are taken 1 to 3 cm too far forward in
     * sitting.
     *
     * @param pose whose hands say how far ahead the arms are
     */
    public static Leg of(Pose pose, Stand stand, Side side, Body body) {
        Stand held = stand.withArmsAhead(armsAhead(pose, body));
        FloorPoint centre = held.centreOfMass(body);
        FloorPoint parts = Segments.of(held, body).centre().floor();
        return Leg.of(held, side, body, centre.plus(centre.minus(parts)));
    }

    /** Half way along an arm is about where its mass is. */
    private static double armsAhead(Pose pose, Body body) {
        HandSpot spots = new HandSpot(pose, body);
        double palms = spots.of(Side.LEFT).ahead() + spots.of(Side.RIGHT).ahead();
        return Math.max(0, palms / 4);
    }
}
