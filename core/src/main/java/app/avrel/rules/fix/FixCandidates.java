package app.avrel.rules.fix;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.floor.Way;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.JoinWords;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What could be done about a finding, the gentlest change first; {@link FixFinder} takes the first that is sound. */
record FixCandidates(Posture posture, Occurrence done, Performer posing) {

    /** {@return proposals; none for a rule that only the instructor can settle} */
    Stream<Fix> of(Finding finding) {
        return switch (finding.rule()) {
            case LOADED_STEP, LOADED_TURN, IMPOSSIBLE_SHARE -> here(finding, draft -> emptied(draft, finding));
            case TURN_WITHOUT_CONTACT -> here(finding, FixCandidates::otherPivot);
            case HALF_TURN -> here(finding, FixCandidates::rightRound);
            case WAIST -> here(finding, FixCandidates::wholeBody);
            case TWIST -> here(finding, draft -> footFirst(draft, finding));
            case FALLING_STEP, STANCE_DEPTH ->
                Stream.concat(here(finding, draft -> deeper(draft, A_FIST)), steps(finding, StepFixes.lengths()));
            case CROSSED_REST ->
                Stream.concat(here(finding, draft -> deeper(draft, 2.5 * A_FIST)), steps(finding, StepFixes.lengths()));
            case KNEE_LOCKED -> here(finding, draft -> deeper(draft, A_FIST));
            case KNEE_PAST ->
                Stream.concat(here(finding, draft -> lighter(draft, finding)), here(finding, this::higher));
            case STANCE_LENGTH, REAR_HEEL -> steps(finding, StepFixes.lengths());
            case STANCE_WIDTH, FEET_CROSSED, FEET_OVERLAP -> steps(finding, StepFixes.widths());
            case EVEN_WEIGHT -> here(finding, draft -> shifting(draft, 60, 40));
            case CLAIMED_WEIGHT -> claimed();
            case INCLINE -> here(finding, this::upright);
            case HIGH_KICK -> here(finding, this::lowerKick);
            case HAND_REACH, ELBOW_HIGH, ELBOW_BEHIND, HAND_GAP, HAND_LINE ->
                here(finding, draft -> HandFixes.of(draft, finding));
            case GAZE -> here(finding, this::eyes);
            case TWO_BREATHS, BREATH_UNSAID, LONG_BREATH -> breath(finding);
            case EDGE_LOAD -> here(finding, draft -> emptied(draft, finding));
            case BOTH_IN_AIR,
                    HOUSE_SHARE,
                    RISING_KICK,
                    PALMS_MEET,
                    HOLD_ENDS,
                    PROP_NOT_HELD,
                    SIDE_WORD,
                    OUTSIDE_SUPPORT,
                    NEAR_EDGE,
                    ONE_LEG_LONG,
                    KICK_ARMS,
                    KNEE_LINE,
                    REAR_FOOT,
                    RELATION_BROKEN,
                    BALL_SIZE,
                    ARRIVAL,
                    CLAIMED_STANCE,
                    CLAIMED_FACING,
                    CLAIMED_COUNTS,
                    CLAIMED_NUMBER,
                    CLAIMED_POSTURES,
                    OPEN_JOIN,
                    MISSING_POSTURE,
                    MISSING_VERSION,
                    GENTLER_END -> Stream.empty();
        };
    }

    /** In tenths. */
    private static final double A_FIST = 10;

    /** A draft of a count and what it does, in words. */
    record Draft(String words, Count count) {}

    private Stream<Fix> here(Finding finding, Function<FixCandidate, Stream<Draft>> drafts) {
        return at(finding)
                .map(at -> drafts.apply(new FixCandidate(posture.counts().get(at), at))
                        .map(draft -> new Fix(draft.words(), at, draft.count())))
                .orElse(Stream.empty());
    }

    private Optional<Integer> at(Finding finding) {
        return finding.where() instanceof Where.InPosture(var _, var count)
                ? count.filter(at -> at < posture.counts().size())
                : Optional.empty();
    }

    private static Stream<Draft> named(String words, Stream<Count> counts) {
        return counts.map(count -> new Draft(words, count));
    }

    private static Stream<Draft> emptied(FixCandidate draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream().flatMap(foot -> {
            Side other = foot.other();
            Move all = new Move.Shift(Split.on(other, 100));
            String words = Labels.say("rules.shift_all_weight", Labels.of(other));
            return Stream.concat(
                    named(
                            words,
                            draft.editing(move -> move instanceof Move.Shift ? Optional.of(all) : Optional.empty())),
                    named(words, draft.inserting(all)));
        });
    }

    private static Stream<Draft> otherPivot(FixCandidate draft) {
        return Stream.of(Pivot.HEEL, Pivot.BALL)
                .flatMap(on -> named(
                        Labels.say("rules.turn_foot_on", Labels.of(on)),
                        draft.editing(move -> move instanceof Move.TurnFoot turn
                                ? Optional.of(new Move.TurnFoot(turn.foot(), on, turn.toes()))
                                : Optional.empty())));
    }

    private static Stream<Draft> rightRound(FixCandidate draft) {
        return named(
                Labels.say("rules.say_goes_round"),
                draft.editing(move -> move instanceof Move.TurnBody(BodyPart part, Optional<Turning> turning)
                                && turning.orElse(null) instanceof Turning.To(var heading, Way way)
                                && way == Way.SHORTER
                        ? Optional.of(new Move.TurnBody(part, Optional.of(new Turning.To(heading, Way.RIGHT))))
                        : Optional.empty()));
    }

    private static Stream<Draft> wholeBody(FixCandidate draft) {
        return named(
                Labels.say("rules.let_hips_turn"),
                draft.editing(move -> move instanceof Move.TurnBody turn && turn.part() == BodyPart.CHEST
                        ? Optional.of(new Move.TurnBody(BodyPart.WHOLE, turn.turning()))
                        : Optional.empty()));
    }

    /** The foot turned on its heel, or on its ball, before the body turns over it. */
    private static Stream<Draft> footFirst(FixCandidate draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream()
                .flatMap(foot -> Stream.of(10, 15, 20, 30, 45, 60)
                        .flatMap(by -> Stream.of(by, -by))
                        .flatMap(out -> Stream.of(Pivot.HEEL, Pivot.BALL)
                                .flatMap(on -> named(
                                        Labels.say(
                                                "rules.turn_foot_by",
                                                Labels.of(foot),
                                                out > 0 ? Labels.say("rules.out") : Labels.say("rules.in"),
                                                Math.abs(out),
                                                Labels.of(on)),
                                        draft.inserting(
                                                new Move.TurnFoot(foot, on, Optional.of(new Toes.Turned(out))))))));
    }

    private Stream<Draft> deeper(FixCandidate draft, double most) {
        return depths(
                draft,
                IntStream.rangeClosed(1, (int) most).mapToObj(step -> drop(draft) + step * 0.1),
                Labels.say("rules.sink"));
    }

    private Stream<Draft> higher(FixCandidate draft) {
        return depths(
                draft,
                IntStream.rangeClosed(1, 20).mapToObj(step -> drop(draft) - step * 0.1),
                Labels.say("rules.stay_up_at"));
    }

    private static Stream<Draft> depths(FixCandidate draft, Stream<Double> fists, String words) {
        return fists.filter(depth -> depth >= 0.3).flatMap(depth -> {
            double rounded = Math.round(depth * 10) / 10.0;
            Move to = new Move.ChangeDepth(new Depth.To(Length.limited(rounded, LengthUnit.FIST)));
            String said = words
                    + Numbers.plain(rounded)
                    + (rounded == 1 ? Labels.say("rules.fist") : Labels.say("rules.fists"));
            boolean changes = draft.count().moves().anyMatch(Move.ChangeDepth.class::isInstance);
            return named(
                    said,
                    changes
                            ? draft.editing(
                                    move -> move instanceof Move.ChangeDepth ? Optional.of(to) : Optional.empty())
                            : Stream.concat(Stream.of(draft.with(0, to)), draft.inserting(to)));
        });
    }

    /** Fists the pelvis is down where the count ends. */
    private double drop(FixCandidate draft) {
        return done.moments().stream()
                        .filter(moment -> own(moment, draft.at()))
                        .reduce((_, last) -> last)
                        .map(Moment::after)
                        .orElse(done.done().begins())
                        .drop()
                        .value()
                / posing.body().fist();
    }

    private static boolean own(Moment moment, int count) {
        return moment.place().section() == Moment.Section.POSTURE
                && moment.place().count() == count;
    }

    private Stream<Draft> lighter(FixCandidate draft, Finding finding) {
        OptionalDouble now = done.moments().stream()
                .filter(moment -> own(moment, draft.at()))
                .mapToDouble(moment -> moment.after().weight().middle(Side.LEFT))
                .reduce((_, last) -> last);
        boolean left = finding.spot().flatMap(Spot::side).orElse(Side.LEFT) == Side.LEFT;
        return now.isEmpty()
                ? Stream.empty()
                : IntStream.rangeClosed(1, 8).boxed().flatMap(step -> {
                    int share = (int) Math.round(now.getAsDouble()) + (left ? -5 : 5) * step;
                    boolean most = left ? share >= 55 : share <= 45;
                    return most ? shifting(draft, share) : Stream.empty();
                });
    }

    private static Stream<Draft> shifting(FixCandidate draft, int... leftPercents) {
        return IntStream.of(leftPercents)
                .filter(share -> share >= 0 && share <= 100)
                .boxed()
                .flatMap(share -> named(
                        Labels.say("rules.shift_left_right", share, 100 - share),
                        draft.editing(move -> move instanceof Move.Shift
                                ? Optional.of(new Move.Shift(Split.on(Side.LEFT, share)))
                                : Optional.empty())));
    }

    private Stream<Fix> claimed() {
        return posture.end().weight().stream()
                .flatMap(claim -> IntStream.range(0, posture.counts().size())
                        .map(at -> posture.counts().size() - 1 - at)
                        .boxed()
                        .flatMap(at -> new FixCandidate(posture.counts().get(at), at)
                                .editing(move -> move instanceof Move.Shift
                                        ? Optional.of(new Move.Shift(claim))
                                        : Optional.empty())
                                .map(count -> new Fix(
                                        Labels.say(
                                                "rules.shift_as_claimed",
                                                JoinWords.share(Performer.share(claim, posing.rules()))),
                                        at,
                                        count))));
    }

    private Stream<Draft> upright(FixCandidate draft) {
        int limit = posing.rules().get(HouseRule.INCLINE_LIMIT);
        return named(
                Labels.say("rules.incline_by_only", limit),
                draft.editing(move -> move instanceof Move.Incline(var _, var toward)
                        ? Optional.of(new Move.Incline(Optional.of(limit), toward))
                        : Optional.empty()));
    }

    private Stream<Draft> lowerKick(FixCandidate draft) {
        int limit = posing.rules().get(HouseRule.KICK_HEIGHT);
        return Stream.of(Landmark.values())
                .filter(height -> height.shareOfStature() * 100 <= limit + 0.5)
                .reduce((_, higher) -> higher)
                .stream()
                .flatMap(height -> named(
                        Labels.say("rules.kick_at_height", Labels.of(height)),
                        draft.editing(move -> move instanceof Move.Kicking kick
                                ? Optional.of(
                                        new Move.Kicking(kick.foot(), kick.kick(), kick.toward(), Optional.of(height)))
                                : Optional.empty())));
    }

    private Stream<Draft> eyes(FixCandidate draft) {
        return Stream.of(
                        new Gaze.AtHand(Side.RIGHT, Gaze.AtHand.Aim.AT),
                        new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.AT),
                        Gaze.AHEAD)
                .flatMap(gaze -> {
                    Move look = new Move.Look(gaze);
                    String words = gaze instanceof Gaze.AtHand(Side hand, var _)
                            ? Labels.say("rules.let_eyes_follow", Labels.of(hand))
                            : Labels.say("rules.look_straight_ahead");
                    return named(
                            words,
                            Stream.concat(
                                    draft.editing(
                                            move -> move instanceof Move.Look ? Optional.of(look) : Optional.empty()),
                                    draft.adding(look)));
                });
    }

    private Stream<Fix> breath(Finding finding) {
        return at(finding).stream().flatMap(at -> {
            Count count = posture.counts().get(at);
            Breath same = count.breath().begins() == Breath.OUT ? Breath.STILL_OUT : Breath.STILL_IN;
            return Stream.of(Breath.IN, Breath.OUT, same, Breath.FREE)
                    .filter(breath -> breath != count.breath())
                    .map(breath -> new Fix(breathWords(breath), at, count.withBreath(breath)));
        });
    }

    private static String breathWords(Breath breath) {
        return switch (breath) {
            case IN -> Labels.say("rules.make_breath");
            case OUT -> Labels.say("rules.make_out_breath");
            case STILL_IN, STILL_OUT -> Labels.say("rules.say_still");
            case HOLD -> Labels.say("rules.hold_breath_here");
            case FREE -> Labels.say("rules.leave_breath_free");
            case IN_THEN_OUT, OUT_THEN_IN -> Labels.say("rules.breathe_both_ways");
        };
    }

    /** Steps of this count and of those before it, the nearest first. */
    private Stream<Fix> steps(Finding finding, Function<Move, Stream<StepFixes.Step>> drafts) {
        int last = at(finding).orElse(-1);
        return IntStream.rangeClosed(0, last).map(i -> last - i).boxed().flatMap(at -> {
            FixCandidate draft = new FixCandidate(posture.counts().get(at), at);
            return draft.count()
                    .moves()
                    .flatMap(move -> drafts.apply(move)
                            .flatMap(step -> draft.editing(
                                            was -> was == move ? Optional.of(step.move()) : Optional.empty())
                                    .map(count -> new Fix(step.words(), at, count))));
        });
    }
}
