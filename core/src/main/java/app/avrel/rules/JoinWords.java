package app.avrel.rules;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Numbers;
import app.avrel.form.Mismatch;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Gaze;
import app.avrel.words.Hands;
import java.util.Optional;

/** Says what differs at a join, with numbers. */
public final class JoinWords {

    private final Body body;

    /** @param body whose foot-lengths and fists the numbers are in */
    public JoinWords(Body body) {
        this.body = body;
    }

    /** {@return one sentence} */
    public String sentence(Mismatch mismatch) {
        return switch (mismatch) {
            case Mismatch.Length(double arrived, double wanted) ->
                "Length: " + lead(arrived) + ", wanted " + lead(wanted) + ".";
            case Mismatch.Width(double arrived, double wanted) ->
                "Width: heels " + width(arrived) + ", wanted " + width(wanted) + ".";
            case Mismatch.ToesOut(Side foot, double arrived, double wanted) ->
                name(foot) + " toes: " + out(arrived) + ", wanted " + out(wanted) + ".";
            case Mismatch.Touch(Side foot, var arrived, var wanted) ->
                name(foot) + " foot: " + arrived.phrase() + ", wanted " + wanted.phrase() + ".";
            case Mismatch.Weight(WeightShare arrived, WeightShare wanted) ->
                "Weight: " + share(arrived) + ", wanted " + share(wanted) + ".";
            case Mismatch.Chest(double arrived, double wanted) ->
                "Chest: " + turned(arrived) + ", wanted " + turned(wanted) + ".";
            case Mismatch.Incline(int arrived, int wanted) ->
                "Incline: " + incline(arrived) + ", wanted " + incline(wanted) + ".";
            case Mismatch.Eyes(Gaze arrived, Gaze wanted) ->
                "Eyes: " + eyes(arrived) + ", wanted " + eyes(wanted) + ".";
            case Mismatch.Drop(double arrived, double wanted) ->
                "Height: " + fists(arrived) + ", wanted " + fists(wanted) + ".";
            case Mismatch.Held(var arrived, var wanted) -> "Held: " + held(arrived) + ", wanted " + held(wanted) + ".";
            case Mismatch.Hand(Side hand, var arrived, var wanted) ->
                name(hand) + " hand: " + Hands.brief(arrived) + ", wanted " + Hands.brief(wanted) + ".";
        };
    }

    private static String held(Optional<HeldProp> prop) {
        return prop.map(of -> of.prop().word() + " in the " + of.held().word() + " hand")
                .orElse("nothing");
    }

    private static String name(Side side) {
        return Measures.capital(side.word());
    }

    private String lead(double metres) {
        double feet = Math.abs(metres) / body.footLength();
        if (feet < 0.05) {
            return "heels level";
        }
        return (metres > 0 ? "left" : "right") + " heel leads by " + Numbers.plain(round(feet)) + " foot-lengths ("
                + Numbers.whole(Math.abs(metres) * 100) + " cm)";
    }

    private String width(double metres) {
        String size = Numbers.whole(Math.abs(metres) * 100) + " cm";
        return metres < -0.005 ? "crossed by " + size : size + " apart";
    }

    private static String out(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0 ? "straight ahead" : size + "° " + (degrees > 0 ? "out" : "in");
    }

    private static String turned(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? "square over the hips"
                : size + "° to the " + (degrees > 0 ? "right" : "left") + " of the hips";
    }

    private static String incline(int degrees) {
        return degrees == 0 ? "upright" : degrees + "°";
    }

    private static String eyes(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> "straight ahead";
            case Gaze.AtHand(Side hand, var aim) ->
                (aim == Gaze.AtHand.Aim.PAST ? "past the " : "at the ") + hand.word() + " hand";
            case Gaze.Toward _ -> "in another direction";
        };
    }

    private String fists(double metres) {
        return Numbers.plain(round(metres / body.fist())) + " fists below standing";
    }

    private static double round(double number) {
        return Numbers.tenths(number);
    }

    /** {@return a share as people write it, such as {@code 70 left / 30 right}} */
    public static String share(WeightShare share) {
        if (share.exact()) {
            return share.leastLeft() + " left / " + (100 - share.leastLeft()) + " right";
        }
        return share.equals(WeightShare.UNKNOWN)
                ? "an unknown share"
                : share.leastLeft() + " to " + share.mostLeft() + " left";
    }
}
