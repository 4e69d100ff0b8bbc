package app.avrel.rules;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.floor.Way;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.motion.Posing;
import app.avrel.posture.BodyPart;
import app.avrel.posture.Breath;
import app.avrel.posture.Count;
import app.avrel.posture.Depth;
import app.avrel.posture.Gaze;
import app.avrel.posture.Move;
import app.avrel.posture.Pivot;
import app.avrel.posture.Posture;
import app.avrel.posture.Split;
import app.avrel.posture.Toes;
import app.avrel.posture.Turning;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What could be done about a finding, the gentlest change first; {@link Mending} takes the first that is sound. */
record Proposals(Posture posture, Occurrence done, Posing posing) {

    /** {@return proposals; none for a rule that only the instructor can settle} */
    Stream<Fix> of(Finding finding) {
        return switch (finding.rule()) {
            case "loaded-step", "loaded-turn", "impossible-share" -> here(finding, draft -> emptied(draft, finding));
            case "turn-without-contact" -> here(finding, Proposals::otherPivot);
            case "half-turn" -> here(finding, Proposals::rightRound);
            case "waist" -> here(finding, Proposals::wholeBody);
            case "twist" -> here(finding, draft -> footFirst(draft, finding));
            case "falling-step", "stance-depth" ->
                Stream.concat(here(finding, draft -> deeper(draft, A_FIST)), steps(finding, StepDrafts.lengths()));
            case "crossed-rest" ->
                Stream.concat(
                        here(finding, draft -> deeper(draft, 2.5 * A_FIST)), steps(finding, StepDrafts.lengths()));
            case "knee-locked" -> here(finding, draft -> deeper(draft, A_FIST));
            case "knee-past" ->
                Stream.concat(here(finding, draft -> lighter(draft, finding)), here(finding, this::higher));
            case "stance-length" -> steps(finding, StepDrafts.lengths());
            case "stance-width" -> steps(finding, StepDrafts.widths());
            case "even-weight" -> here(finding, draft -> shifting(draft, 60, 40));
            case "claimed-weight" -> claimed();
            case "incline" -> here(finding, this::upright);
            case "high-kick" -> here(finding, this::lowerKick);
            case "hand-reach", "elbow-high", "hand-gap", "hand-line" ->
                here(finding, draft -> HandDrafts.of(draft, finding));
            case "gaze" -> here(finding, this::eyes);
            case "two-breaths", "breath-unsaid", "long-breath" -> breath(finding);
            default -> Stream.empty();
        };
    }

    /** In tenths. */
    private static final double A_FIST = 10;

    /** A draft of a count and what it does, in words. */
    record Draft(String words, Count count) {}

    private Stream<Fix> here(Finding finding, Function<CountDraft, Stream<Draft>> drafts) {
        return at(finding)
                .map(at -> drafts.apply(new CountDraft(posture.counts().get(at), at))
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

    private static Stream<Draft> emptied(CountDraft draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream().flatMap(foot -> {
            Side other = foot.other();
            Move all = new Move.Shift(Split.on(other, 100));
            String words = "Shift all the weight to the " + other.word() + " foot first";
            return Stream.concat(
                    named(
                            words,
                            draft.editing(move -> move instanceof Move.Shift ? Optional.of(all) : Optional.empty())),
                    named(words, draft.inserting(all)));
        });
    }

    private static Stream<Draft> otherPivot(CountDraft draft) {
        return Stream.of(Pivot.HEEL, Pivot.BALL)
                .flatMap(on -> named(
                        "Turn the foot on its " + on.word(),
                        draft.editing(move -> move instanceof Move.TurnFoot turn
                                ? Optional.of(new Move.TurnFoot(turn.foot(), on, turn.toes()))
                                : Optional.empty())));
    }

    private static Stream<Draft> rightRound(CountDraft draft) {
        return named(
                "Say that it goes round to the right",
                draft.editing(move -> move instanceof Move.TurnBody(BodyPart part, Optional<Turning> turning)
                                && turning.orElse(null) instanceof Turning.To(var heading, Way way)
                                && way == Way.SHORTER
                        ? Optional.of(new Move.TurnBody(part, Optional.of(new Turning.To(heading, Way.RIGHT))))
                        : Optional.empty()));
    }

    private static Stream<Draft> wholeBody(CountDraft draft) {
        return named(
                "Let the hips turn with the chest",
                draft.editing(move -> move instanceof Move.TurnBody turn && turn.part() == BodyPart.CHEST
                        ? Optional.of(new Move.TurnBody(BodyPart.WHOLE, turn.turning()))
                        : Optional.empty()));
    }

    /** The foot turned on its heel, or on its ball, before the body turns over it. */
    private static Stream<Draft> footFirst(CountDraft draft, Finding finding) {
        return finding.spot().flatMap(Spot::side).stream()
                .flatMap(foot -> Stream.of(10, 15, 20, 30, 45, 60)
                        .flatMap(by -> Stream.of(by, -by))
                        .flatMap(out -> Stream.of(Pivot.HEEL, Pivot.BALL)
                                .flatMap(on -> named(
                                        "Turn the " + foot.word() + " foot " + (out > 0 ? "out" : "in") + " by "
                                                + Math.abs(out) + "° on its " + on.word() + " before the turn",
                                        draft.inserting(
                                                new Move.TurnFoot(foot, on, Optional.of(new Toes.Turned(out))))))));
    }

    private Stream<Draft> deeper(CountDraft draft, double most) {
        return depths(
                draft, IntStream.rangeClosed(1, (int) most).mapToObj(step -> drop(draft) + step * 0.1), "Sink to ");
    }

    private Stream<Draft> higher(CountDraft draft) {
        return depths(draft, IntStream.rangeClosed(1, 20).mapToObj(step -> drop(draft) - step * 0.1), "Stay up at ");
    }

    private static Stream<Draft> depths(CountDraft draft, Stream<Double> fists, String words) {
        return fists.filter(depth -> depth >= 0.3).flatMap(depth -> {
            double rounded = Math.round(depth * 10) / 10.0;
            Move to = new Move.ChangeDepth(new Depth.To(Length.fists(rounded)));
            String said = words + Numbers.plain(rounded) + (rounded == 1 ? " fist" : " fists");
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
    private double drop(CountDraft draft) {
        return done.moments().stream()
                        .filter(moment -> own(moment, draft.at()))
                        .reduce((_, last) -> last)
                        .map(Moment::after)
                        .orElse(done.start())
                        .drop()
                        .value()
                / posing.body().fist();
    }

    private static boolean own(Moment moment, int count) {
        return moment.place().section() == Moment.Section.POSTURE
                && moment.place().count() == count;
    }

    private Stream<Draft> lighter(CountDraft draft, Finding finding) {
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

    private static Stream<Draft> shifting(CountDraft draft, int... leftPercents) {
        return IntStream.of(leftPercents)
                .filter(share -> share >= 0 && share <= 100)
                .boxed()
                .flatMap(share -> named(
                        "Shift to " + share + " left / " + (100 - share) + " right",
                        draft.editing(move -> move instanceof Move.Shift
                                ? Optional.of(new Move.Shift(Split.on(Side.LEFT, share)))
                                : Optional.empty())));
    }

    private Stream<Fix> claimed() {
        return posture.end().weight().stream()
                .flatMap(claim -> IntStream.range(0, posture.counts().size())
                        .map(at -> posture.counts().size() - 1 - at)
                        .boxed()
                        .flatMap(at -> new CountDraft(posture.counts().get(at), at)
                                .editing(move -> move instanceof Move.Shift
                                        ? Optional.of(new Move.Shift(claim))
                                        : Optional.empty())
                                .map(count -> new Fix(
                                        "Shift as claimed, to " + JoinWords.share(Posing.share(claim, posing.rules())),
                                        at,
                                        count))));
    }

    private Stream<Draft> upright(CountDraft draft) {
        int limit = posing.rules().get(HouseRule.INCLINE_LIMIT);
        return named(
                "Incline by " + limit + "° only",
                draft.editing(move -> move instanceof Move.Incline(var _, var toward)
                        ? Optional.of(new Move.Incline(Optional.of(limit), toward))
                        : Optional.empty()));
    }

    private Stream<Draft> lowerKick(CountDraft draft) {
        int limit = posing.rules().get(HouseRule.KICK_HEIGHT);
        return Stream.of(app.avrel.body.Landmark.values())
                .filter(height -> height.shareOfStature() * 100 <= limit + 0.5)
                .reduce((_, higher) -> higher)
                .stream()
                .flatMap(height -> named(
                        "Kick at " + height.word() + " height",
                        draft.editing(move -> move instanceof Move.Kicking kick
                                ? Optional.of(
                                        new Move.Kicking(kick.foot(), kick.kick(), kick.toward(), Optional.of(height)))
                                : Optional.empty())));
    }

    private Stream<Draft> eyes(CountDraft draft) {
        return Stream.of(new Gaze.AtHand(Side.RIGHT), new Gaze.AtHand(Side.LEFT), Gaze.AHEAD)
                .flatMap(gaze -> {
                    Move look = new Move.Look(gaze);
                    String words = gaze instanceof Gaze.AtHand(Side hand)
                            ? "Let the eyes follow the " + hand.word() + " hand"
                            : "Look straight ahead";
                    return named(
                            words,
                            Stream.concat(
                                    draft.editing(
                                            move -> move instanceof Move.Look ? Optional.of(look) : Optional.empty()),
                                    draft.adding(look)));
                });
    }

    private Stream<Fix> breath(Finding finding) {
        return at(finding).stream()
                .flatMap(at -> List.of(Breath.IN, Breath.OUT, Breath.FREE).stream()
                        .filter(breath -> breath != posture.counts().get(at).breath())
                        .map(breath -> new Fix(
                                breath == Breath.FREE
                                        ? "Leave the breath free here"
                                        : "Make this the " + breath.phrase(),
                                at,
                                posture.counts().get(at).withBreath(breath))));
    }

    /** Steps of this count and of those before it, the nearest first. */
    private Stream<Fix> steps(Finding finding, Function<Move, Stream<StepDrafts.Step>> drafts) {
        int last = at(finding).orElse(-1);
        return IntStream.rangeClosed(0, last).map(i -> last - i).boxed().flatMap(at -> {
            CountDraft draft = new CountDraft(posture.counts().get(at), at);
            return draft.count()
                    .moves()
                    .flatMap(move -> drafts.apply(move)
                            .flatMap(step -> draft.editing(
                                            was -> was == move ? Optional.of(step.move()) : Optional.empty())
                                    .map(count -> new Fix(step.words(), at, count))));
        });
    }
}
