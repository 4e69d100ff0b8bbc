package app.avrel.rules.check;

import app.avrel.form.Join;
import app.avrel.form.Mismatch;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.rules.Finding;
import app.avrel.rules.JoinWords;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** A gentler version is walked like the posture itself: its counts, the counts after them, and where it ends. */
final class GentlerEnd {

    private GentlerEnd() {}

    static void examine(Occurrence done, Checkup checkup, List<Finding> ofPosture, Consumer<Finding> found) {
        Posture posture = done.posture();
        for (GentlerVersion gentler : posture.sheet().gentler()) {
            Occurrence gently = Unroll.posture(posture.in(gentler), checkup.posing())
                    .occurrences()
                    .getFirst();
            moments(gentler, gently, checkup, ofPosture).forEach(found);
            end(gentler, done, gently, checkup.posing()).ifPresent(found);
        }
    }

    /** What its own counts and those after it do wrong that the posture does not. */
    private static List<Finding> moments(
            GentlerVersion gentler, Occurrence gently, Checkup checkup, List<Finding> ofPosture) {
        List<Finding> all = new ArrayList<>();
        checkup.moments(gently, all::add);
        return all.stream()
                .filter(finding -> ofPosture.stream().noneMatch(known -> alike(known, finding)))
                .map(finding -> finding.moved(
                        at(gentler, gently.posture()), Labels.say("rules.gentler_version", gentler.name())))
                .toList();
    }

    private static boolean alike(Finding one, Finding other) {
        return one.rule().equals(other.rule()) && one.sentence().equals(other.sentence());
    }

    private static Optional<Finding> end(GentlerVersion gentler, Occurrence done, Occurrence gently, Performer posing) {
        List<Mismatch> apart =
                Join.between(gently.done().end(), done.done().end(), posing).mismatches();
        if (apart.isEmpty()) {
            return Optional.empty();
        }
        JoinWords words = new JoinWords(posing.body());
        return Optional.of(Finding.of(
                RuleId.GENTLER_END,
                Severity.NOTE,
                at(gentler, done.posture()),
                Labels.say(
                        "rules.after_posture_ends",
                        gentler.name(),
                        apart.stream().map(words::sentence).collect(Collectors.joining(" ")))));
    }

    private static Where at(GentlerVersion gentler, Posture posture) {
        int count = Math.min(gentler.from(), Math.max(0, posture.counts().size() - 1));
        return new Where.InPosture(posture.id(), Optional.of(count));
    }
}
