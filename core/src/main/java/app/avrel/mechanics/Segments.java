package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;

/**
 * The centre of mass from the masses of the body's parts.
 *
 * <p>Shares of mass and the parts' centres after Winter's table, recalled: head, arms and trunk 0.678, of which the arms
 * 0.1; thigh 0.1, shank 0.0465, foot 0.0145 each; thigh and shank at 0.433 from the upper end. The trunk's centre, 0.1455
 * of the stature above the hips, is set so that standing gives 0.56 of the stature.
 *
 * @param centre the centre of mass
 */
public record Segments(SpacePoint centre) {

    private static final double TRUNK = 0.678;
    private static final double ARMS = 0.1;
    private static final double THIGH = 0.1;
    private static final double SHANK = 0.0465;
    private static final double FOOT = 0.0145;
    private static final double BELOW_UPPER_END = 0.433;
    private static final double TRUNK_ABOVE_HIPS = 0.1455;
    private static final int ROUNDS = 40;

    /** {@return the centre of mass of a stand whose pelvis is over the point that its shares give} */
    public static Segments of(Stand stand, Body body) {
        return of(stand, body, stand.centreOfMass(body));
    }

    /** {@return the centre of mass for a pelvis over a point} */
    public static Segments of(Stand stand, Body body, FloorPoint pelvis) {
        double lean = Math.toRadians(stand.lean());
        double above = TRUNK_ABOVE_HIPS * body.stature();
        double ahead = above * Math.sin(lean) + ARMS / TRUNK * stand.armsAhead();
        double hips = Proportions.HIP_HEIGHT * body.stature() - stand.drop();
        SpacePoint trunk = SpacePoint.over(pelvis.plus(stand.facing().vector(ahead)), hips + above * Math.cos(lean));
        SpacePoint sum = trunk.times(TRUNK);
        for (Side side : Side.values()) {
            Leg leg = Leg.of(stand, side, body, pelvis);
            Sole sole = stand.sole(side);
            SpacePoint foot = SpacePoint.over(
                    sole.point(body, 0.5, 0), Proportions.ANKLE_HEIGHT / 2 * body.stature() + sole.lift());
            sum = sum.plus(leg.hip().towards(leg.knee(), BELOW_UPPER_END).times(THIGH))
                    .plus(leg.knee().towards(leg.ankle(), BELOW_UPPER_END).times(SHANK))
                    .plus(foot.times(FOOT));
        }
        return new Segments(sum);
    }

    /** {@return metres above the floor} */
    public double height() {
        return centre.up();
    }

    /** {@return where the pelvis must be so that the parts' centre comes down where the shares say} */
    public static FloorPoint pelvis(Stand stand, Body body) {
        FloorPoint wanted = stand.centreOfMass(body);
        FloorPoint pelvis = wanted;
        for (int round = 0; round < ROUNDS; round++) {
            pelvis = pelvis.plus(wanted.minus(of(stand, body, pelvis).centre().floor()));
        }
        return pelvis;
    }
}
