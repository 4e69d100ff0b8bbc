package app.avrel.project;

import app.avrel.body.Side;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import app.avrel.rules.check.Checkup;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Which postures ask something of a learner that is to be taken care of, and which gentler version does not.
 *
 * <p>General teaching guidance, never a medical statement: a qualified instructor and the learner's own doctor decide.
 */
public record Precautions(Project project) {

    private static final double DEEP_FISTS = 2;
    private static final int SMALL_INCLINE = 10;
    private static final double QUARTER_TURN = 80;

    /**
     * Something to take care of.
     *
     * @param care empty where the body alone is the reason
     * @param because what the posture asks
     * @param gentler the name of a version that does not ask it, where there is one
     */
    public record Raised(
            Learner learner, Posture posture, Optional<Care> care, String because, Optional<String> gentler) {}

    private record Reason(Optional<Care> care, String because) {}

    /** {@return what the postures of a form raise for every learner, postures in the form's order} */
    public List<Raised> in(Form form) {
        List<Posture> postures = form.entries().stream()
                .flatMap(entry -> project.posture(entry.posture()).stream())
                .distinct()
                .toList();
        List<Raised> raised = new ArrayList<>();
        for (Posture posture : postures) {
            for (Learner learner : project.learners()) {
                raised.addAll(of(learner, posture));
            }
        }
        return raised;
    }

    /** {@return what a posture raises for a learner} */
    public List<Raised> of(Learner learner, Posture posture) {
        return reasons(learner, posture).stream()
                .map(reason -> new Raised(
                        learner, posture, reason.care(), reason.because(), answered(learner, posture, reason)))
                .toList();
    }

    private Optional<String> answered(Learner learner, Posture posture, Reason reason) {
        return posture.sheet().gentler().stream()
                .filter(version -> reasons(learner, posture.in(version)).stream()
                        .noneMatch(left -> left.care().equals(reason.care())))
                .map(GentlerVersion::name)
                .findFirst();
    }

    private List<Reason> reasons(Learner learner, Posture posture) {
        Performer posing = Performing.of(learner.body(), project.setting().rules());
        Track track = Unroll.posture(posture, posing);
        Occurrence done = track.occurrences().getFirst();
        List<Finding> found = new Checkup(posing, project.directions()).posture(track);
        List<Reason> reasons = new ArrayList<>();
        for (Care care : learner.cautions()) {
            asked(care, posture, done, found, posing)
                    .ifPresent(because -> reasons.add(new Reason(Optional.of(care), because)));
        }
        found.stream()
                .filter(finding -> finding.severity() == Severity.CAUTION)
                .findFirst()
                .ifPresent(finding -> reasons.add(new Reason(Optional.empty(), finding.sentence())));
        return reasons;
    }

    private static Optional<String> asked(
            Care care, Posture posture, Occurrence done, List<Finding> found, Performer posing) {
        Asking asking = new Asking(done, found, posing, care.side());
        return switch (care.what()) {
            case KNEE ->
                Asking.first(Stream.of(asking.deep(), asking.finding(RuleId.KNEE_PAST), asking.finding(RuleId.TWIST)));
            case HIP -> Asking.first(Stream.of(asking.finding(RuleId.TWIST), asking.deep(), asking.kicks()));
            case BACK -> Asking.first(Stream.of(asking.inclines(), asking.finding(RuleId.WAIST), asking.deep()));
            case BALANCE ->
                Asking.first(Stream.of(asking.oneLeg(), asking.finding(RuleId.NEAR_EDGE), asking.crossed()));
            case DIZZINESS -> Asking.first(Stream.of(asking.oneLeg(), asking.turns(), asking.inclines()));
            case BLOOD_PRESSURE -> Asking.first(Stream.of(asking.holds(), asking.deep(), asking.inclines()));
            case PREGNANCY ->
                Asking.first(Stream.of(
                        asking.oneLeg(),
                        asking.deep(),
                        asking.inclines(),
                        asking.finding(RuleId.TWIST),
                        asking.kicks()));
            case OTHER -> posture.sheet().cautions().stream().findFirst();
        };
    }

    /** What a posture asks of a body. */
    private record Asking(Occurrence done, List<Finding> found, Performer posing, Optional<Side> side) {

        private static Optional<String> first(Stream<Optional<String>> reasons) {
            return reasons.flatMap(Optional::stream).findFirst();
        }

        private Optional<String> when(Predicate<Moment> asks, String because) {
            return done.moments().stream()
                    .filter(asks)
                    .map(moment ->
                            Labels.say("words.count", because, moment.place().count() + 1))
                    .findFirst();
        }

        private Optional<String> whenMoved(Predicate<Move> asks, String because) {
            return when(moment -> moment.stage().moves().stream().anyMatch(asks), because);
        }

        Optional<String> deep() {
            double deep = DEEP_FISTS * posing.body().fist() - 1e-9;
            return when(
                    moment -> moment.after().drop().value() >= deep && bears(moment.after()),
                    Labels.say("words.sits_deep"));
        }

        /** Whether a side that is to be spared bears half of the weight or more; either does where both are. */
        private boolean bears(Pose pose) {
            return side.map(of -> pose.weight().middle(of) >= 50).orElse(true);
        }

        Optional<String> oneLeg() {
            return when(moment -> lifted(moment.after()), Labels.say("lessons.stands_on_one"));
        }

        private static boolean lifted(Pose pose) {
            return pose.left().lifted() || pose.right().lifted();
        }

        Optional<String> crossed() {
            return when(
                    moment -> Naming.of(moment.after(), posing.body()).equals(Optional.of(Stance.CROSSED_REST)),
                    Labels.say("words.sits_on_crossed"));
        }

        Optional<String> kicks() {
            return whenMoved(
                    move -> move instanceof Move.Kicking kick
                            && side.map(kick.foot()::equals).orElse(true),
                    Labels.say("words.kicks"));
        }

        Optional<String> inclines() {
            return when(moment -> moment.after().lean().degrees() >= SMALL_INCLINE, Labels.say("words.trunk_inclines"));
        }

        Optional<String> turns() {
            return when(
                    moment ->
                            moment.before().facing().degreesFrom(moment.after().facing()) >= QUARTER_TURN,
                    Labels.say("words.turns_far_one"));
        }

        Optional<String> holds() {
            return when(moment -> moment.count().breath() == Breath.HOLD, Labels.say("words.breath_held"));
        }

        Optional<String> finding(RuleId rule) {
            return found.stream()
                    .filter(one -> one.rule() == rule && one.serious())
                    .filter(one -> side.isEmpty()
                            || one.spot()
                                    .flatMap(Spot::side)
                                    .map(side.get()::equals)
                                    .orElse(true))
                    .map(one -> one.headline().substring(0, 1).toLowerCase(Locale.ROOT)
                            + one.headline().substring(1))
                    .findFirst();
        }
    }
}
