package app.avrel.rules;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Numbers;
import app.avrel.form.Mismatch;
import app.avrel.label.Labels;
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
        return Labels.capital(plain(mismatch));
    }

    private String plain(Mismatch mismatch) {
        return switch (mismatch) {
            case Mismatch.Length(double arrived, double wanted) ->
                Labels.say("rules.length_wanted", lead(arrived), lead(wanted));
            case Mismatch.Width(double arrived, double wanted) ->
                Labels.say("rules.width_heels_wanted", width(arrived), width(wanted));
            case Mismatch.ToesOut(Side foot, double arrived, double wanted) ->
                Labels.say("rules.toes_wanted", name(foot), out(arrived), out(wanted));
            case Mismatch.Touch(Side foot, var arrived, var wanted) ->
                Labels.say("rules.foot_wanted", name(foot), Labels.of(arrived), Labels.of(wanted));
            case Mismatch.Weight(WeightShare arrived, WeightShare wanted) ->
                Labels.say("rules.weight_wanted", share(arrived), share(wanted));
            case Mismatch.Chest(double arrived, double wanted) ->
                Labels.say("rules.chest_wanted", turned(arrived), turned(wanted));
            case Mismatch.Incline(int arrived, int wanted) ->
                Labels.say("rules.incline_wanted", incline(arrived), incline(wanted));
            case Mismatch.Eyes(Gaze arrived, Gaze wanted) ->
                Labels.say("rules.eyes_wanted", eyes(arrived), eyes(wanted));
            case Mismatch.Drop(double arrived, double wanted) ->
                Labels.say("rules.height_wanted", fists(arrived), fists(wanted));
            case Mismatch.Held(var arrived, var wanted) -> Labels.say("rules.held_wanted", held(arrived), held(wanted));
            case Mismatch.Hand(Side hand, var arrived, var wanted) ->
                Labels.say("rules.hand_wanted", name(hand), Hands.brief(arrived), Hands.brief(wanted));
        };
    }

    private static String held(Optional<HeldProp> prop) {
        return prop.map(of -> Labels.say("rules.hand_2", Labels.of(of.prop()), Labels.of(of.held())))
                .orElse(Labels.say("rules.nothing"));
    }

    private static String name(Side side) {
        return Labels.of(side);
    }

    private String lead(double metres) {
        double feet = Math.abs(metres) / body.footLength();
        if (feet < 0.05) {
            return Labels.say("rules.heels_level");
        }
        return Labels.say(
                "rules.heel_leads_by",
                metres > 0 ? Labels.say("rules.left_2") : Labels.say("rules.right_2"),
                Numbers.plain(round(feet)),
                Numbers.whole(Math.abs(metres) * 100));
    }

    private String width(double metres) {
        String size = Labels.say("rules.cm", Numbers.whole(Math.abs(metres) * 100));
        return metres < -0.005 ? Labels.say("rules.crossed_by", size) : Labels.say("rules.apart", size);
    }

    private static String out(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? Labels.say("rules.straight_ahead")
                : size + "° " + (degrees > 0 ? Labels.say("rules.out") : Labels.say("rules.in"));
    }

    private static String turned(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? Labels.say("rules.square_over_hips")
                : Labels.say(
                        "rules.x_to_the", size, degrees > 0 ? Labels.say("rules.right_2") : Labels.say("rules.left_2"));
    }

    private static String incline(int degrees) {
        return degrees == 0 ? Labels.say("rules.upright") : degrees + "°";
    }

    private static String eyes(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> Labels.say("rules.straight_ahead");
            case Gaze.AtHand(Side hand, var aim) ->
                Labels.say(
                        "rules.hand",
                        (aim == Gaze.AtHand.Aim.PAST ? Labels.say("rules.past") : Labels.say("rules.at"))
                                + Labels.of(hand));
            case Gaze.Toward _ -> Labels.say("rules.another_direction");
        };
    }

    private String fists(double metres) {
        return Labels.say("rules.fists_below_standing", Numbers.plain(round(metres / body.fist())));
    }

    private static double round(double number) {
        return Numbers.tenths(number);
    }

    /** {@return a share as people write it, such as {@code 70 left / 30 right}} */
    public static String share(WeightShare share) {
        if (share.exact()) {
            return Labels.say("rules.left_right", share.leastLeft(), 100 - share.leastLeft());
        }
        return share.equals(WeightShare.UNKNOWN)
                ? Labels.say("rules.unknown_share")
                : Labels.say("rules.left_3", share.leastLeft(), share.mostLeft());
    }
}
