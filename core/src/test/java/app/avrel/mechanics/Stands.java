package app.avrel.mechanics;

import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.posture.move.Contact;
import java.util.Random;

/** Made-up stands, for tests. */
final class Stands {

    private Stands() {}

    /** Feet a step apart, in any contact, the pelvis one to three fists down, for a body of 170 cm. */
    static Stand of(long seed) {
        Random random = new Random(seed);
        Sole left = sole(random, -0.1 - 0.2 * random.nextDouble());
        Sole right = sole(random, 0.1 + 0.2 * random.nextDouble());
        double facing = 30 - random.nextInt(60);
        return new Stand(
                left,
                right,
                random.nextInt(11) / 10.0,
                Bearing.wrapping(facing),
                Bearing.wrapping(facing + 20 - random.nextInt(40)),
                0.085 + 0.17 * random.nextDouble(),
                0,
                0);
    }

    private static Sole sole(Random random, double right) {
        Contact contact = Contact.values()[random.nextInt(3)];
        FloorPoint heel = new FloorPoint(right, 0.4 * random.nextDouble() - 0.2);
        return Sole.of(heel, Bearing.wrapping(60 - random.nextInt(120)), contact);
    }

    static Stand mirrored(Stand stand) {
        return new Stand(
                mirrored(stand.right()),
                mirrored(stand.left()),
                1 - stand.shareLeft(),
                stand.facing().mirrored(),
                stand.pelvis().mirrored(),
                stand.drop(),
                stand.lean(),
                stand.armsAhead());
    }

    private static Sole mirrored(Sole sole) {
        return new Sole(
                new FloorPoint(-sole.heel().right(), sole.heel().ahead()),
                sole.heading().mirrored(),
                sole.contact(),
                sole.pitch(),
                sole.lift());
    }

    /** The whole hall turned about its origin, and moved. */
    static Stand turned(Stand stand, double degrees) {
        Turn turn = new Turn(degrees);
        return new Stand(
                turned(stand.left(), turn),
                turned(stand.right(), turn),
                stand.shareLeft(),
                stand.facing().plus(turn),
                stand.pelvis().plus(turn),
                stand.drop(),
                stand.lean(),
                stand.armsAhead());
    }

    private static Sole turned(Sole sole, Turn turn) {
        return new Sole(
                sole.heel().turned(new FloorPoint(1, 2), turn),
                sole.heading().plus(turn),
                sole.contact(),
                sole.pitch(),
                sole.lift());
    }

    static Stand scaled(Stand stand, double times) {
        return new Stand(
                scaled(stand.left(), times),
                scaled(stand.right(), times),
                stand.shareLeft(),
                stand.facing(),
                stand.pelvis(),
                stand.drop() * times,
                stand.lean(),
                stand.armsAhead() * times);
    }

    private static Sole scaled(Sole sole, double times) {
        FloorPoint heel =
                new FloorPoint(sole.heel().right() * times, sole.heel().ahead() * times);
        return new Sole(heel, sole.heading(), sole.contact(), sole.pitch(), sole.lift() * times);
    }
}
