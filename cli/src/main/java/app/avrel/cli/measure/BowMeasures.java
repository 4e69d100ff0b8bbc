package app.avrel.cli.measure;

import app.avrel.body.Body;
import app.avrel.mechanics.Bow;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Segments;
import app.avrel.mechanics.Sole;
import app.avrel.posture.move.Contact;
import java.util.Optional;
import java.util.OptionalDouble;

/** The functions about a stance with one foot ahead. */
final class BowMeasures {

    private static final double REAR_TOES_OUT = 45;

    private final Inputs in;
    private final Body body;
    private final Bow bow;

    private BowMeasures(Inputs in, Body body) {
        this.in = in;
        this.body = body;
        this.bow = bow(in, body);
    }

    static Bow bow(Inputs in, Body body) {
        Contact front = in.contact("front_contact", Contact.FLAT);
        return new Bow(
                in.number("width_share_of_shoulder") * body.shoulderWidth(),
                in.number("rear_turnout_deg", REAR_TOES_OUT),
                front,
                front == Contact.HEEL ? in.number("toe_up_deg", Sole.TOES_UP) : Sole.usualPitch(front));
    }

    static Optional<Output> of(String function, Inputs in, Body body) {
        return switch (function) {
            case "drop_min" -> Optional.of(new BowMeasures(in, body).leastDrop());
            case "bow_pose" -> Optional.of(new BowMeasures(in, body).pose());
            case "bow_range" -> Optional.of(new BowMeasures(in, body).range());
            case "bow_range_by_bend" -> Optional.of(new BowMeasures(in, body).byBend());
            case "largest_share_knee_behind_ball" -> Optional.of(new BowMeasures(in, body).largestShares());
            case "empty_step_into_bow" -> Optional.of(new BowMeasures(in, body).stepInto());
            default -> Optional.empty();
        };
    }

    private double length() {
        return in.number("length_footlen") * body.footLength();
    }

    private Output leastDrop() {
        LeastDrop least = bow.leastDrop(length(), in.number("front_share"), body);
        return new Output()
                .cm("drop_min_cm", least.metres())
                .put("drop_min_fists", least.metres() / body.fist())
                .put("limiting_leg", PoseMeasures.letter(least.limiting()));
    }

    private Output pose() {
        double share = in.number("front_share");
        double drop = in.has("drop_cm") || in.has("drop_fists")
                ? in.drop()
                : bow.leastDrop(length(), share, body).metres();
        if (!Double.isFinite(drop)) {
            return new Output().nothing("drop_cm");
        }
        Leg front = bow.frontLeg(length(), share, drop, body);
        Leg rear = bow.rearLeg(length(), share, drop, body);
        return new Output()
                .cm("drop_cm", drop)
                .put("front_knee_flex_deg", front.bend())
                .cm("knee_past_toe_cm", front.pastToe())
                .cm("knee_past_ball_cm", front.pastBall())
                .cm("knee_inward_cm", front.inward())
                .put("front_dorsiflexion_deg", front.dorsiflexion())
                .put("rear_hip_extension_deg", rear.extension())
                .put("rear_hip_abduction_deg", rear.abduction())
                .put("rear_dorsiflexion_deg", rear.dorsiflexion())
                .cm(
                        "com_height_cm",
                        Segments.of(bow.stand(length(), share, drop), body).height());
    }

    private Output range() {
        double share = in.number("front_share");
        double drop = in.drop();
        Optional<Bow.Lengths> lengths = bow.lengths(share, drop, body);
        OptionalDouble longest = longest(share, drop);
        Optional<Leg> front = lengths.map(some -> bow.frontLeg(some.longest(), share, drop, body));
        return new Output()
                .put("feasible", lengths.isPresent())
                .cm("max_length_cm", longest)
                .put("max_length_footlen", longest.orElse(Double.NaN) / body.footLength())
                .cm("min_length_knee_behind_toe_cm", bow.shortestBehindToe(share, drop, body))
                .cm("min_length_knee_behind_ball_cm", bow.shortestBehindBall(share, drop, body))
                .put("front_knee_flex_at_max_deg", front.map(Leg::bend).orElse(Double.NaN))
                .cm("knee_past_toe_at_max_cm", front.map(Leg::pastToe).orElse(Double.NaN))
                .cm("knee_past_ball_at_max_cm", front.map(Leg::pastBall).orElse(Double.NaN))
                .put(
                        "rear_hip_extension_deg",
                        lengths.map(some -> bow.rearLeg(some.longest(), share, drop, body)
                                        .extension())
                                .orElse(Double.NaN));
    }

    private OptionalDouble longest(double share, double drop) {
        return longest(bow, share, drop);
    }

    private OptionalDouble longest(Bow stance, double share, double drop) {
        return stance.lengths(share, drop, body)
                .map(lengths -> OptionalDouble.of(lengths.longest()))
                .orElse(OptionalDouble.empty());
    }

    private Output byBend() {
        double share = in.number("front_share");
        double bend = in.number("bend_of_more_bent_leg_deg");
        OptionalDouble longest = bow.longestForBend(share, bend, body);
        Output out = new Output()
                .cm("max_length_cm", longest)
                .put("max_length_footlen", longest.orElse(Double.NaN) / body.footLength());
        if (longest.isEmpty()) {
            return out.nothing("drop_at_max_cm")
                    .nothing("knee_past_toe_at_max_cm")
                    .nothing("knee_past_ball_at_max_cm");
        }
        double drop = bow.dropForBend(longest.getAsDouble(), share, bend, body).orElseThrow();
        Leg front = bow.frontLeg(longest.getAsDouble(), share, drop, body);
        return out.cm("drop_at_max_cm", drop)
                .cm("knee_past_toe_at_max_cm", front.pastToe())
                .cm("knee_past_ball_at_max_cm", front.pastBall());
    }

    private Output largestShares() {
        double drop = in.drop();
        double ball = bow.largestShareBehindBall(drop, body);
        return new Output()
                .put("largest_knee_behind_ball_share", ball)
                .cm("at_length_cm", longest(ball, drop))
                .put("largest_knee_behind_toe_share", bow.largestShareBehindToe(drop, body))
                .cm("min_length_70_ball_cm", bow.shortestBehindBall(0.7, drop, body))
                .cm("min_length_70_toe_cm", bow.shortestBehindToe(0.7, drop, body));
    }

    private Output stepInto() {
        double drop = in.drop();
        Bow flat = Bow.flat(bow.width(), bow.rearToesOut());
        Output out = new Output().cm("max_length_empty_cm", longest(bow, 0, drop));
        for (int percent : new int[] {60, 70, 80}) {
            out.cm("max_length_" + percent + "_cm", longest(flat, percent / 100.0, drop));
        }
        return out;
    }
}
