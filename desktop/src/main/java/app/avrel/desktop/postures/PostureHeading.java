package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.session.Choice;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.house.Stance;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Spacing;
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

    PostureHeading(Setting setting) {
        this.setting = setting;
    }

    /** {@return the names in the other languages, romanised where they have that} */
    static List<String> otherNames(Posture posture) {
        return posture.names().stream()
                .skip(1)
                .flatMap(name -> Stream.concat(Stream.of(name.written()), name.romanised().stream()))
                .toList();
    }

    /** Percent from which a foot bears something worth a word. */
    private static final int BEARS = 5;

    /** {@return where one is and how one stands there} */
    String state(Posture posture, int count, Pose after) {
        String side = posture.side().map(s -> s.word() + " side · ").orElse("");
        String at = count == Choice.START
                ? "start"
                : "count " + (count + 1) + " of " + posture.counts().size();
        String stance = Naming.of(after, setting.chosenBody())
                .map(Stance::label)
                .map(name -> name + " · ")
                .orElse("");
        return side + at + " · " + stance + JoinWords.share(after.weight()) + " · facing "
                + (after.chest().assumed() ? "about " : "")
                + setting.directions().say(Heading.FRONT.of(after.facing()))
                + (after.chest().known() ? "" : "?");
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
            return "The feet are not placed yet: a distance or a width is not said.";
        }
        Body body = setting.chosenBody();
        Spacing spacing = Spacing.of(pose);
        String width = spacing.width() < -0.005
                ? "crossed by " + centimetres(-spacing.width())
                : centimetres(spacing.width()) + " wide";
        boolean assumed = pose.left().heel().assumed() || pose.right().heel().assumed();
        return (assumed ? "about " : "") + centimetres(spacing.length()) + " long, " + width + " · hips "
                + (pose.drop().assumed() || !pose.drop().known() ? "about " : "")
                + fists(pose.drop().value() / body.fist()) + " lower";
    }

    private static String fists(double number) {
        String fists = tenths(number);
        return fists + (fists.equals("1") ? " fist" : " fists");
    }

    private static String centimetres(double metres) {
        return Numbers.whole(metres * 100) + " cm";
    }

    private static String tenths(double number) {
        return Numbers.plain(Math.round(number * 10) / 10.0);
    }
}
