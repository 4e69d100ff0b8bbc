package app.avrel.cli;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import java.util.Locale;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A pose as JSON: metres, degrees of the hall, shares; what is only drawn so is marked unknown. */
final class PoseNodes {

    private PoseNodes() {}

    static ObjectNode of(Pose pose, Body body) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("stature_m", body.stature());
        for (Side side : Side.values()) {
            node.set(side.word(), foot(pose.foot(side)));
        }
        if (pose.weight().exact()) {
            node.put("share_left", pose.weight().leastLeft() / 100.0);
        } else {
            node.putArray("share_left_between")
                    .add(pose.weight().leastLeft() / 100.0)
                    .add(pose.weight().mostLeft() / 100.0);
        }
        node.put("drop_cm", rounded(pose.drop().value() * 100));
        node.put("drop_fists", rounded(pose.drop().value() / body.fist()));
        node.put("facing_deg", rounded(pose.facing().degrees()));
        node.put("pelvis_heading_deg", rounded(pose.pelvis().degrees()));
        if (pose.lean().degrees() > 0) {
            node.putObject("lean")
                    .put("degrees", pose.lean().degrees())
                    .put("toward_deg", rounded(pose.lean().toward().degrees()));
        }
        return node;
    }

    /** {@return what of a pose nobody said and the house's usual stands for} */
    static ObjectNode assumed(Pose pose) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            ObjectNode of = JsonNodeFactory.instance.objectNode();
            if (foot.heel().assumed()) {
                FloorPoint heel = foot.heel().value();
                of.putArray("heel").add(rounded(heel.right())).add(rounded(heel.ahead()));
            }
            if (foot.heading().assumed()) {
                of.put("heading_deg", rounded(foot.heading().value().degrees()));
            }
            if (!of.isEmpty()) {
                node.set(side.word(), of);
            }
        }
        if (pose.drop().assumed()) {
            node.put("drop_cm", rounded(pose.drop().value() * 100));
        }
        if (pose.chest().assumed()) {
            node.put("facing_deg", rounded(pose.facing().degrees()));
        }
        if (pose.hips().assumed()) {
            node.put("pelvis_heading_deg", rounded(pose.pelvis().degrees()));
        }
        return node;
    }

    private static ObjectNode foot(FootPose foot) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        FloorPoint heel = foot.heel().value();
        node.putArray("heel").add(rounded(heel.right())).add(rounded(heel.ahead()));
        node.put("heel_known", foot.heel().known());
        node.put("heading_deg", rounded(foot.heading().value().degrees()));
        node.put("contact", foot.contact().name().toLowerCase(Locale.ROOT));
        foot.knee().ifPresent(knee -> node.put("knee_at", knee.word()));
        foot.air()
                .flatMap(air -> air.kick())
                .ifPresent(out -> node.putObject("kick")
                        .put("kind", out.kick().phrase())
                        .put("toward_deg", rounded(out.toward().degrees()))
                        .put("height", out.height().map(at -> at.word()).orElse("unsaid")));
        return node;
    }

    static double rounded(double number) {
        return Math.round(number * 10000) / 10000.0;
    }
}
