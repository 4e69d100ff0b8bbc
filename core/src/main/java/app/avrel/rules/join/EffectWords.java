package app.avrel.rules.join;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.form.Comparison;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What comes of the differences between two performances, before the differences themselves: on which leg one begins and
 * ends, how far the body turns, how low and where it ends, how long it takes. Said of the second; of the left and the right
 * of one posture the first is taken mirrored.
 */
public record EffectWords(Occurrence first, Occurrence second) {

    /** So many percent of the weight are told of. */
    private static final int SHARE = 10;

    /** So many degrees of turning are told of. */
    private static final double TURN = 5;

    /** So many metres of travelling are told of. */
    private static final double TRAVEL = 0.1;

    /** So many metres of depth are told of. */
    private static final double DEPTH = 0.03;

    /** {@return a line for each effect; one that says so where there is none} */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        weight("begins", first.done().arrived(), second.done().arrived()).ifPresent(lines::add);
        turns().ifPresent(lines::add);
        travels().ifPresent(lines::add);
        weight("ends", first.done().end(), second.done().end()).ifPresent(lines::add);
        depth().ifPresent(lines::add);
        beats().ifPresent(lines::add);
        return lines.isEmpty() ? List.of(Labels.say("rules.effect_none")) : lines;
    }

    private double sign() {
        return Comparison.otherSides(first, second) ? -1 : 1;
    }

    private Optional<String> weight(String when, Pose one, Pose other) {
        Side side = other.weight().heavier();
        Side before = sign() < 0 ? side.other() : side;
        int now = other.weight().least(side);
        int was = one.weight().least(before);
        return Math.abs(now - was) < SHARE
                ? Optional.empty()
                : Optional.of(Labels.say("rules.effect_" + when + "_" + side.word(), now, was));
    }

    private Optional<String> turns() {
        double now = turned(second);
        double was = sign() * turned(first);
        return Math.abs(now - was) < TURN
                ? Optional.empty()
                : Optional.of(Labels.say("rules.effect_turns", turn(now), turn(was)));
    }

    private static double turned(Occurrence done) {
        return done.moments().stream()
                .mapToDouble(moment -> moment.after()
                        .chest()
                        .value()
                        .minus(moment.before().chest().value())
                        .degrees())
                .sum();
    }

    private static String turn(double degrees) {
        String size = Numbers.whole(Math.abs(degrees));
        return Math.abs(degrees) < TURN
                ? Labels.say("rules.effect_turns_not")
                : Labels.say(degrees < 0 ? "rules.effect_turns_left" : "rules.effect_turns_right", size);
    }

    private Optional<String> travels() {
        double now = second.travel().length();
        double was = first.travel().length();
        return Math.abs(now - was) < TRAVEL
                ? Optional.empty()
                : Optional.of(Labels.say("rules.effect_travels", tenths(now), tenths(was)));
    }

    private Optional<String> depth() {
        double lower =
                second.done().end().drop().value() - first.done().end().drop().value();
        return Math.abs(lower) < DEPTH
                ? Optional.empty()
                : Optional.of(Labels.say(
                        lower > 0 ? "rules.effect_lower" : "rules.effect_higher", Math.round(Math.abs(lower) * 100)));
    }

    private Optional<String> beats() {
        double now = beats(second);
        double was = beats(first);
        return now == was
                ? Optional.empty()
                : Optional.of(Labels.say("rules.effect_beats", Numbers.plain(now), Numbers.plain(was)));
    }

    private static double beats(Occurrence done) {
        return Comparison.counts(done).stream().mapToDouble(Count::beats).sum();
    }

    private static String tenths(double value) {
        return Numbers.plain(Math.round(value * 10) / 10.0);
    }
}
