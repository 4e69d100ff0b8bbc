package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.house.Stance;
import app.avrel.house.StanceBounds;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import java.util.Optional;

/**
 * Names the stance of a pose: the first of the {@link StanceBounds} that fits.
 *
 * <p>A share known only as an interval is named by its middle; a pose whose feet are not placed has no name unless it
 * is one-legged.
 */
public final class Naming {

    private static final double CROSSED_TOES_OUT = 35;
    private static final double CROSSED_DROP_FISTS = 1.5;
    private static final double DROP_FISTS = 3;
    private static final double TOES_NEAR_FACING = 20;

    private Naming() {}

    /** {@return the stance, or nothing where no bounds fit} */
    public static Optional<Stance> of(Pose pose, Body body) {
        Feet feet = Feet.of(pose, body);
        return StanceBounds.USUAL.stream()
                .filter(bounds -> feet.fit(bounds))
                .map(StanceBounds::stance)
                .findFirst();
    }

    /** What naming looks at. */
    private record Feet(Pose pose, Spacing spacing, Body body, Side heavy, Side front) {

        static Feet of(Pose pose, Body body) {
            Spacing spacing = Spacing.of(pose);
            return new Feet(
                    pose, spacing, body, pose.weight().heavier(), spacing.leftLead() >= 0 ? Side.LEFT : Side.RIGHT);
        }

        boolean fit(StanceBounds bounds) {
            return inBounds(bounds) && contactsFit(bounds.stance());
        }

        private boolean inBounds(StanceBounds bounds) {
            if (bounds.stance() == Stance.ONE_LEGGED) {
                return true;
            }
            if (!(pose.left().heel().known() && pose.right().heel().known())) {
                return false;
            }
            int heavy = (int) Math.round(pose.weight().middle(heavy()));
            boolean byDistance = bounds.stance() == Stance.DRAWN_IN || bounds.stance() == Stance.DROP;
            double length = (byDistance ? spacing.distance() : spacing.length()) / body.footLength();
            return bounds.hold(length, spacing.width() / body.shoulderWidth(), heavy);
        }

        private boolean contactsFit(Stance stance) {
            FootPose light = pose.foot(heavy.other());
            FootPose frontFoot = pose.foot(front);
            FootPose rear = pose.foot(front.other());
            return switch (stance) {
                case ONE_LEGGED -> light.lifted() && !hoversBeside(light);
                case DRAWN_IN -> light.contact() == Contact.BALL || hoversBeside(light);
                case CROSSED_REST ->
                    flat(frontFoot)
                            && rear.contact() == Contact.BALL
                            && heavy == front
                            && toesOut(front) >= CROSSED_TOES_OUT
                            && fists() >= CROSSED_DROP_FISTS;
                case DROP ->
                    flat(pose.foot(heavy)) && (flat(light) || light.contact() == Contact.HEEL) && fists() >= DROP_FISTS;
                case EMPTY ->
                    heavy != front && (frontFoot.contact() == Contact.HEEL || frontFoot.contact() == Contact.BALL);
                case BOW ->
                    heavy == front
                            && flat(frontFoot)
                            && rearDown(rear)
                            && frontFoot.heading().value().degreesFrom(pose.facing()) <= TOES_NEAR_FACING;
                case ALL_ON_FRONT -> heavy == front && flat(frontFoot) && rearDown(rear);
                case REAR_LOADED -> heavy != front && bothFlat();
                case SIDE_BOW, HORSE, SHOULDER_WIDE, FEET_TOGETHER -> bothFlat();
            };
        }

        private boolean hoversBeside(FootPose light) {
            return light.lifted() && light.knee().isEmpty() && spacing.distance() < 0.6 * body.footLength();
        }

        private static boolean rearDown(FootPose rear) {
            return flat(rear) || rear.contact() == Contact.BALL;
        }

        private boolean bothFlat() {
            return flat(pose.left()) && flat(pose.right());
        }

        private static boolean flat(FootPose foot) {
            return foot.contact() == Contact.FLAT;
        }

        private double toesOut(Side side) {
            return side.sign()
                    * pose.facing().turnTo(pose.foot(side).heading().value()).degrees();
        }

        private double fists() {
            return pose.drop().value() / body.fist();
        }
    }
}
