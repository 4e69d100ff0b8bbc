package app.avrel.cli.measure;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.cue.SpeechTime;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.mechanics.ArmReach;
import app.avrel.mechanics.EmptyStep;
import app.avrel.mechanics.FootPivot;
import app.avrel.mechanics.HipTwist;
import app.avrel.mechanics.KneeRule;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.LegSpan;
import app.avrel.mechanics.Margins;
import app.avrel.mechanics.Segments;
import app.avrel.mechanics.SideShare;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.mechanics.Support;
import app.avrel.posture.move.Contact;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import tools.jackson.databind.node.ObjectNode;

/** One function of the mechanics, chosen by {@code fn}. */
final class CaseMeasures {

    private final Inputs in;
    private final Body body;

    private CaseMeasures(Inputs in) {
        this.in = in;
        this.body = in.body();
    }

    /** {@return the function's results; the whole stand where no function is named} */
    static ObjectNode of(Inputs in) {
        if (!in.has("fn") || in.text("fn").equals("pose")) {
            return PoseMeasures.of(in);
        }
        return new CaseMeasures(in).measure(in.text("fn")).node();
    }

    private Output measure(String function) {
        return switch (function) {
            case "anthropometry" -> anthropometry();
            case "footprint" -> footprint();
            case "leg_single" -> single();
            case "leg_span" -> span();
            case "segment_pelvis" -> pelvis();
            case "knee_rules" -> kneeRules();
            case "margins" -> margins();
            case "lateral_claim" -> lateralClaim();
            case "twist" -> twist();
            case "pivot" -> pivot();
            case "track" -> track();
            case "cue_length" -> cue();
            case "arm" -> arm();
            case "lowest_hand_with_elbow_below_wrist" -> lowestHand();
            case "empty_reach" -> emptyReach();
            case "sink_for_10pct_more_reach" -> sink();
            default ->
                BowMeasures.of(function, in, body)
                        .orElseThrow(() -> new BadInput(
                                in.place() + ".fn: \"" + function + "\" is not a function of the mechanics."));
        };
    }

    private Output anthropometry() {
        return new Output()
                .cm("foot_length_cm", body.footLength())
                .cm("foot_breadth_cm", body.footBreadth())
                .cm("ankle_height_cm", body.ankleHeight())
                .cm("shank_cm", body.shank())
                .cm("thigh_cm", body.thigh())
                .cm("hip_width_cm", body.hipJoints())
                .cm("shoulder_width_cm", body.shoulderWidth())
                .cm("com_height_cm", body.massHeight())
                .cm("fist_cm", body.fist())
                .cm("arm_cm", body.arm());
    }

    private Output footprint() {
        Contact contact = in.contact("contact", Contact.FLAT);
        Sole sole = new Sole(
                FloorPoint.ORIGIN, Bearing.FRONT, contact, in.number("pitch_deg", Sole.usualPitch(contact)), 0);
        return new Output()
                .put("area_cm2", Support.around(sole.outline(body)).area() * 10_000)
                .cm("pressure_ahead_of_heel_cm", sole.pressurePoint(body).ahead())
                .cm("ankle_ahead_of_heel_cm", sole.ankleAhead(body))
                .cm("ankle_height_cm", sole.ankle(body).up());
    }

    private Output single() {
        Sole left = Sole.of(FloorPoint.ORIGIN, in.heading("foot_heading_deg"), Contact.FLAT);
        Sole right = Sole.of(new FloorPoint(body.hipJoints(), 0), Bearing.FRONT, Contact.LIFTED);
        Leg leg = Leg.of(Stand.of(left, right, 1, Bearing.FRONT, in.drop()), Side.LEFT, body);
        return PoseMeasures.knee(new Output().cm("drop_cm", in.drop()), leg).put("shank_tilt_deg", leg.tilt());
    }

    private Output span() {
        double bend = in.number("knee_flex_deg");
        double span = LegSpan.at(bend, body);
        return new Output()
                .cm("hip_ankle_cm", span)
                .cm("shorter_than_straight_cm", LegSpan.straight(body) - span)
                .put("bend_change_deg_per_cm", LegSpan.bendPerMetre(bend, body) / 100);
    }

    private Output pelvis() {
        Stand stand = in.stand();
        FloorVector off = Segments.pelvis(stand, body).minus(stand.centreOfMass(body));
        return new Output()
                .cm("pelvis_right_of_com_cm", off.along(stand.facing().right()))
                .cm("pelvis_ahead_of_com_cm", off.along(stand.facing()));
    }

    private Output kneeRules() {
        Output out = new Output();
        List<String> letters = List.of("A", "B", "C");
        for (KneeRule rule : KneeRule.values()) {
            KneeRule.Knee knee = rule.knee(in.stand(), in.side("leg"), body);
            String letter = letters.get(rule.ordinal());
            out.cm(letter + "_knee_inward_cm", knee.leg().inward())
                    .put(letter + "_shin_inward_deg", knee.leg().tiltInward())
                    .put(letter + "_shin_twist_deg", knee.twist())
                    .cm(letter + "_knee_past_toe_cm", knee.leg().pastToe());
        }
        return out;
    }

    private Output margins() {
        Stand stand = in.stand();
        Support support = Support.of(stand, body);
        FloorPoint centre = in.has("com") ? in.point("com") : stand.centreOfMass(body);
        double height = in.has("h_com_m")
                ? in.number("h_com_m")
                : Segments.of(stand, body).height();
        SideShare shares = new SideShare(stand, body);
        Output out = new Output();
        PoseMeasures.margins(out, Margins.of(support, centre, stand.facing(), height));
        return out.put("area_cm2", support.area() * 10_000)
                .put("longitudinal_share", shares.share(centre, stand.facing()))
                .put("lateral_share", shares.share(centre, stand.facing().right()));
    }

    private Output lateralClaim() {
        Stand stand = BowMeasures.bow(in, body)
                .stand(in.number("length_share_of_stature") * body.stature(), in.number("longitudinal_share"), 0);
        SideShare shares = new SideShare(stand, body);
        Output out = new Output();
        sides(out, "on_line", shares.sides(stand.centreOfMass(body)));
        sides(out, "centred", shares.sides(shares.centred()));
        sides(out, "heel_centred", shares.sides(shares.heelCentred()));
        return out.put("lateral_share_for_equal_sides_share", shares.forEqualSides())
                .either(
                        "lateral_share_possible_share",
                        shares.possible().map(range -> List.of(range.least(), range.most())))
                .either(
                        "front_load_possible_if_centred_share",
                        shares.weightsFor(shares.centred()).map(range -> List.of(range.least(), range.most())))
                .put("lateral_share_by_heels_share", shares.byHeels());
    }

    private static void sides(Output out, String name, List<Double> sides) {
        out.cm(name + "_left_cm", sides.get(0)).cm(name + "_right_cm", sides.get(1));
    }

    private Output twist() {
        HipTwist twist =
                HipTwist.turned(in.side("side"), in.number("foot_heading_deg") - in.number("pelvis_heading_deg"));
        return new Output()
                .put("turnout_deg", twist.turnout())
                .put("hip_norm_deg", twist.given(HipTwist.NORM))
                .put("excess_norm_deg", twist.excess(HipTwist.NORM))
                .put("excess_conservative_deg", twist.excess(HipTwist.CONSERVATIVE))
                .put("excess_conservative_tfa10_deg", twist.excess(HipTwist.FOOT_POINTS_OUT))
                .put("level", twist.level().word());
    }

    private Output pivot() {
        FootPivot.Pivot on = switch (in.text("on").toLowerCase(Locale.ROOT)) {
            case "heel" -> FootPivot.Pivot.HEEL;
            case "ball" -> FootPivot.Pivot.BALL;
            default -> FootPivot.Pivot.WHOLE_SOLE;
        };
        FootPivot pivot = FootPivot.of(in.heading("from_deg"), in.heading("to_deg"), on, body);
        Bearing facing = in.heading("facing_deg");
        double outward = in.side("side").sign();
        double back = in.has("role") && in.text("role").equals("front") ? 1 : -1;
        return new Output()
                .cm("length_by_heels_cm", back * pivot.heel().along(facing))
                .cm("width_by_heels_cm", outward * pivot.heel().along(facing.right()))
                .cm("length_by_balls_cm", back * pivot.ball().along(facing))
                .cm("width_by_balls_cm", outward * pivot.ball().along(facing.right()))
                .cm("pressure_right_cm", pivot.pressure().along(facing.right()))
                .cm("pressure_forward_cm", pivot.pressure().along(facing))
                .cm("heel_moved_cm", pivot.heel().length())
                .cm("ball_moved_cm", pivot.ball().length());
    }

    private Output track() {
        Stand stand = in.stand();
        Spacing spacing = Spacing.of(stand.left().heel(), stand.right().heel(), stand.facing());
        return new Output()
                .cm("lead_left_cm", spacing.leftLead())
                .cm("length_cm", spacing.length())
                .cm("width_cm", spacing.width())
                .cm("channel_gap_cm", stand.clearGap(body));
    }

    private Output cue() {
        SpeechTime.Words words = in.has("words")
                ? new SpeechTime.Words(
                        (int) in.number("words"), (int) in.number("syllables"), (int) in.number("commas"))
                : SpeechTime.Words.of(in.text("text"));
        double slower = SpeechTime.RATE / in.number("rate_wpm", SpeechTime.RATE);
        return new Output()
                .put("words_est_s", words.byWords() * slower)
                .put("syllable_est_s", words.bySyllables() * slower)
                .put("syllable_comma_est_s", words.bySyllablesAndCommas() * slower)
                .put("mixed_est_s", words.seconds() * slower);
    }

    private Output arm() {
        Output out = new Output();
        out.node().setAll(PoseMeasures.arm(in, in.side("side"), body));
        return out;
    }

    private Output lowestHand() {
        return new Output()
                .put(
                        "height_share",
                        ArmReach.lowestWithElbowBelowWrist(
                                in.number("lateral_shoulder_halves"), in.number("reach_share"), body));
    }

    private EmptyStep step() {
        Contact landing = in.contact("contact", Contact.HEEL);
        double pitch = landing == Contact.BALL
                ? in.number("heel_up_deg", Sole.HEEL_UP)
                : in.number("toe_up_deg", Sole.TOES_UP);
        return new EmptyStep(
                in.has("stand") ? in.side("stand") : Side.LEFT,
                EmptyStep.dropForBend(in.number("knee_flex_deg"), body),
                landing,
                landing == Contact.FLAT ? 0 : pitch,
                in.heading("step_heading_deg"),
                in.heading("stand_heading_deg"),
                in.heading("pelvis_heading_deg"));
    }

    private Output emptyReach() {
        EmptyStep step = step();
        Bearing direction = in.heading("direction_deg");
        OptionalDouble reach = step.reach(direction, body);
        String point = step.landing() == Contact.BALL ? "ball" : "heel";
        Output out = new Output()
                .cm("drop_cm", step.drop())
                .cm("axis_to_" + point + "_cm", reach)
                .put("axis_to_" + point + "_footlen", reach.orElse(Double.NaN) / body.footLength());
        reach.ifPresent(far -> {
            FloorVector way = step.heelToHeel(far, direction, body);
            out.cm("heel_to_heel_right_cm", way.right()).cm("heel_to_heel_forward_cm", way.ahead());
        });
        return out;
    }

    private Output sink() {
        EmptyStep step = step();
        OptionalDouble more = step.sinkForTenthMore(in.heading("direction_deg"), body);
        double drop = step.drop() + more.orElse(Double.NaN);
        return new Output()
                .cm("extra_drop_cm", more)
                .put("extra_drop_fists", more.orElse(Double.NaN) / body.fist())
                .put("new_knee_flex_deg", more.isPresent() ? EmptyStep.bendForDrop(drop, body) : Double.NaN);
    }
}
