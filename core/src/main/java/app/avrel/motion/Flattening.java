package app.avrel.motion;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;

/**
 * A foot that takes weight goes flat: shifted onto by more than the light foot's share, a foot that landed on heel or ball
 * comes down, unless the stage says that its heel or toes stay up.
 */
final class Flattening {

    private Flattening() {}

    static Pose after(Pose before, Pose pose, Stage stage, HouseRules rules) {
        if (stage.moves().stream().noneMatch(Move.Shift.class::isInstance)) {
            return pose;
        }
        Pose flat = pose;
        for (Side side : Side.values()) {
            Contact contact = pose.foot(side).contact();
            boolean up = contact == Contact.HEEL || contact == Contact.BALL;
            boolean takes = pose.weight().least(side) > rules.get(HouseRule.EMPTY_SHARE)
                    && pose.weight().least(side) > before.weight().most(side);
            if (up && takes && !kept(stage, side)) {
                flat = flat.withFoot(side, pose.foot(side).withContact(Contact.FLAT));
            }
        }
        return flat;
    }

    private static boolean kept(Stage stage, Side side) {
        return stage.moves().stream()
                .anyMatch(move -> move instanceof Move.Raise raise && raise.foot() == side
                        || move instanceof Move.Lower lower && lower.foot() == side && lower.to() != Contact.FLAT);
    }
}
