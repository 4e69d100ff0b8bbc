package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.house.HouseRules;
import app.avrel.motion.FootPose;
import app.avrel.motion.KneeMeeting;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import java.util.Optional;

/** One who performs, and whose legs are measured where a move says that they meet. */
public enum Performing implements KneeMeeting {
    MEASURED;

    public static Performer of(Body body, HouseRules rules) {
        return new Performer(body, rules, MEASURED);
    }

    @Override
    public Optional<Double> drop(Pose pose, Optional<Side> knee, Body body) {
        boolean known = pose.weight().exact() && pose.hips().known() && stands(pose.left()) && stands(pose.right());
        return known ? knees(pose, knee, body).drop() : Optional.empty();
    }

    private static boolean stands(FootPose foot) {
        return foot.heel().known() && foot.heading().known();
    }

    private static CrossedKnees knees(Pose pose, Optional<Side> knee, Body body) {
        Side front = knee.map(Side::other).orElseGet(() -> Spacing.of(pose).front());
        return new CrossedKnees(Stand.of(pose), front, body);
    }
}
