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
                Labels.say("rules.join_words.length_x_wanted_x", lead(arrived), lead(wanted));
            case Mismatch.Width(double arrived, double wanted) ->
                Labels.say("rules.join_words.width_heels_x_wanted_x", width(arrived), width(wanted));
            case Mismatch.ToesOut(Side foot, double arrived, double wanted) ->
                Labels.say("rules.join_words.x_toes_x_wanted_x", name(foot), out(arrived), out(wanted));
            case Mismatch.Touch(Side foot, var arrived, var wanted) ->
                Labels.say("rules.join_words.x_foot_x_wanted_x", name(foot), Labels.of(arrived), Labels.of(wanted));
            case Mismatch.Weight(WeightShare arrived, WeightShare wanted) ->
                Labels.say("rules.join_words.weight_x_wanted_x", share(arrived), share(wanted));
            case Mismatch.Chest(double arrived, double wanted) ->
                Labels.say("rules.join_words.chest_x_wanted_x", turned(arrived), turned(wanted));
            case Mismatch.Incline(int arrived, int wanted) ->
                Labels.say("rules.join_words.incline_x_wanted_x", incline(arrived), incline(wanted));
            case Mismatch.Eyes(Gaze arrived, Gaze wanted) ->
                Labels.say("rules.join_words.eyes_x_wanted_x", eyes(arrived), eyes(wanted));
            case Mismatch.Drop(double arrived, double wanted) ->
                Labels.say("rules.join_words.height_x_wanted_x", fists(arrived), fists(wanted));
            case Mismatch.Held(var arrived, var wanted) ->
                Labels.say("rules.join_words.held_x_wanted_x", held(arrived), held(wanted));
            case Mismatch.Hand(Side hand, var arrived, var wanted) ->
                Labels.say("rules.join_words.x_hand_x_wanted_x", name(hand), Hands.brief(arrived), Hands.brief(wanted));
        };
    }

    private static String held(Optional<HeldProp> prop) {
        return prop.map(of ->
                        Labels.say("rules.join_words.x_in_the_x_hand", Labels.of(of.prop()), Labels.of(of.held())))
                .orElse(Labels.say("rules.join_words.nothing"));
    }

    private static String name(Side side) {
        return Labels.of(side);
    }

    private String lead(double metres) {
        double feet = Math.abs(metres) / body.footLength();
        if (feet < 0.05) {
            return Labels.say("rules.join_words.heels_level");
        }
        return Labels.say(
                "rules.join_words.x_heel_leads_by_x_foot",
                metres > 0 ? Labels.say("rules.join_words.left") : Labels.say("rules.join_words.right"),
                Numbers.plain(round(feet)),
                Numbers.whole(Math.abs(metres) * 100));
    }

    private String width(double metres) {
        String size = Labels.say("rules.join_words.x_cm", Numbers.whole(Math.abs(metres) * 100));
        return metres < -0.005
                ? Labels.say("rules.join_words.crossed_by_x", size)
                : Labels.say("rules.join_words.x_apart", size);
    }

    private static String out(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? Labels.say("rules.join_words.straight_ahead")
                : size + "° " + (degrees > 0 ? Labels.say("rules.join_words.out") : Labels.say("rules.join_words.in"));
    }

    private static String turned(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? Labels.say("rules.join_words.square_over_the_hips")
                : Labels.say(
                        "rules.join_words.x_to_the_x_of_the",
                        size,
                        degrees > 0 ? Labels.say("rules.join_words.right") : Labels.say("rules.join_words.left"));
    }

    private static String incline(int degrees) {
        return degrees == 0 ? Labels.say("rules.join_words.upright") : degrees + "°";
    }

    private static String eyes(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> Labels.say("rules.join_words.straight_ahead");
            case Gaze.AtHand(Side hand, var aim) ->
                Labels.say(
                        "rules.join_words.x_hand",
                        (aim == Gaze.AtHand.Aim.PAST
                                        ? Labels.say("rules.join_words.past_the")
                                        : Labels.say("rules.join_words.at_the"))
                                + Labels.of(hand));
            case Gaze.Toward _ -> Labels.say("rules.join_words.in_another_direction");
        };
    }

    private String fists(double metres) {
        return Labels.say("rules.join_words.x_fists_below_standing", Numbers.plain(round(metres / body.fist())));
    }

    private static double round(double number) {
        return Numbers.tenths(number);
    }

    /** {@return a share as people write it, such as {@code 70 left / 30 right}} */
    public static String share(WeightShare share) {
        if (share.exact()) {
            return Labels.say("rules.join_words.x_left_x_right", share.leastLeft(), 100 - share.leastLeft());
        }
        return share.equals(WeightShare.UNKNOWN)
                ? Labels.say("rules.join_words.an_unknown_share")
                : Labels.say("rules.join_words.x_to_x_left", share.leastLeft(), share.mostLeft());
    }
}
