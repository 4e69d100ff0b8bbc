package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.project.Setting;
import app.avrel.rules.JoinWords;
import app.avrel.words.PoseFigures;
import java.util.List;
import java.util.stream.Stream;

/** What stands over and under the floor. */
final class PostureHeading {

    private final Setting setting;
    private final Directions directions;

    PostureHeading(Setting setting, Directions directions) {
        this.setting = setting;
        this.directions = directions;
    }

    /** {@return the names in the other languages, romanised where they have that} */
    static List<String> otherNames(Posture posture) {
        return posture.names().stream()
                .filter(name -> !name.written().equals(Words.name(posture)))
                .flatMap(name -> Stream.concat(Stream.of(name.written()), name.romanised().stream()))
                .toList();
    }

    /** Fists within which legs are drawn as they are, without a word. */
    private static final double LET_PASS = 0.42;

    /** Percent from which a foot bears something worth a word. */
    private static final int BEARS = 5;

    /** {@return where one is and how one stands there} */
    String state(Posture posture, int count, Pose after) {
        String side =
                posture.side().map(s -> Words.of("postures.side", Words.of(s))).orElse("");
        String at = count == Choice.START
                ? Words.of("common.start")
                : Words.of("postures.count_2", count + 1, posture.counts().size());
        String stance = Naming.of(after, setting.chosenBody())
                .map(Words::of)
                .map(name -> name + " · ")
                .orElse("");
        return Words.of(
                "postures.facing_2",
                side + at,
                stance,
                JoinWords.share(after.weight()),
                after.chest().assumed() ? Words.of("postures.about") : "",
                directions.say(Heading.FRONT.of(after.facing())),
                after.chest().known() ? "" : "?");
    }

    /** {@return where the weight lies across, and where it can lie; empty on one leg} */
    String sideways(Pose pose) {
        boolean both = pose.weight().least(Side.LEFT) >= BEARS && pose.weight().least(Side.RIGHT) >= BEARS;
        return pose.placed() && both
                ? PoseFigures.sideways(pose, setting.chosenBody()).orElse("")
                : "";
    }

    /** {@return the stance in figures} */
    String figures(Pose pose) {
        if (!(pose.left().heel().known() && pose.right().heel().known())) {
            return Words.of("postures.feet_not_placed");
        }
        Body body = setting.chosenBody();
        Spacing spacing = Spacing.of(pose);
        String width = spacing.width() < -0.005
                ? Words.of("postures.crossed_by", centimetres(-spacing.width()))
                : Words.of("postures.wide", centimetres(spacing.width()));
        boolean assumed = pose.left().heel().assumed() || pose.right().heel().assumed();
        return Words.of(
                        "postures.long_hips",
                        (assumed ? Words.of("postures.about") : "") + centimetres(spacing.length()),
                        width,
                        pose.drop().assumed() || !pose.drop().known() ? Words.of("postures.about") : "",
                        fists(pose.drop().value() / body.fist()))
                + forced(pose, body);
    }

    /** What the feet force, where that is more than is recorded: the figure bends as deep as they need. */
    private static String forced(Pose pose, Body body) {
        if (pose.left().lifted() || pose.right().lifted()) {
            return "";
        }
        LeastDrop least = LeastDrop.of(Stand.of(pose), body);
        double more = (least.metres() - pose.drop().value()) / body.fist();
        if (more <= LET_PASS) {
            return "";
        }
        return Double.isFinite(least.metres())
                ? Words.of("postures.feet_need", fists(least.metres() / body.fist()))
                : Words.of("postures.feet_out_of_reach");
    }

    private static String fists(double number) {
        String fists = tenths(number);
        return fists + (fists.equals("1") ? Words.of("postures.fist") : Words.of("postures.fists"));
    }

    private static String centimetres(double metres) {
        return Words.of("common.cm", Numbers.whole(metres * 100));
    }

    private static String tenths(double number) {
        return Numbers.plain(Math.round(number * 10) / 10.0);
    }
}
