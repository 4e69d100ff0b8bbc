package app.avrel.rules.fix;

import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * Looks for a fix that mends a finding and breaks nothing.
 *
 * <p>A fix edits or adds at most two moves, takes none out, touches no claim, keeps where the posture faces at its end, and
 * brings no finding as serious as the one it mends. Where no proposal does all that, there is none.
 */
public final class FixFinder {

    private static final int MOST_MOVES = 2;

    /** A posture of some hundred stages would be done thousands of times. */
    private static final int MOST_TRIED = 150;

    private final Posture posture;
    private final Checkup checkup;
    private final Track track;
    private final List<Finding> before;

    public FixFinder(Posture posture, Checkup checkup) {
        this.posture = posture;
        this.checkup = checkup;
        this.track = Unroll.posture(posture, checkup.posing());
        this.before = checkup.posture(track);
    }

    /** {@return the finding of the posture by itself that is told elsewhere as this one: of the same rule and part} */
    public Optional<Finding> alike(Finding told) {
        return before.stream()
                .filter(found -> found.rule() == told.rule() && found.spot().equals(told.spot()))
                .findFirst();
    }

    /** {@return the first proposal that mends the finding soundly} */
    public Optional<Fix> fix(Finding finding) {
        return finding.where() instanceof Where.InPosture(var id, var _) && id.equals(posture.id())
                ? new FixCandidates(posture, track.occurrences().getFirst(), checkup.posing())
                        .of(finding)
                        .limit(MOST_TRIED)
                        .filter(fix -> sound(fix, finding))
                        .findFirst()
                : Optional.empty();
    }

    /** {@return whether a fix edits or adds at most two moves and takes none out} */
    public static boolean modest(Fix fix, List<Count> counts) {
        return fix.changes(counts) <= MOST_MOVES && !fix.loses(counts);
    }

    private boolean sound(Fix fix, Finding finding) {
        if (!modest(fix, posture.counts())) {
            return false;
        }
        Track mended = Unroll.posture(fix.applied(posture), checkup.posing());
        if (!mended.end().turned().equals(track.end().turned())) {
            return false;
        }
        List<Finding> after = checkup.posture(mended);
        if (finding.rule() == RuleId.HALF_TURN) {
            return after.stream().noneMatch(found -> alike(found, finding));
        }
        return after.stream().noneMatch(found -> alike(found, finding))
                && after.stream().noneMatch(found -> fresh(found) && asSerious(found, finding));
    }

    /** {@return whether what is found is no less serious than what is to be mended} */
    public static boolean asSerious(Finding found, Finding finding) {
        return found.severity().compareTo(finding.severity()) >= 0;
    }

    private boolean fresh(Finding found) {
        return fresh(found, before);
    }

    /** {@return whether something found was not found before, or not as serious} */
    public static boolean fresh(Finding found, Collection<Finding> before) {
        return before.stream()
                .noneMatch(known -> alike(known, found) && known.severity().compareTo(found.severity()) >= 0);
    }

    /** {@return whether two findings are of one rule, at one place, of one part} */
    public static boolean alike(Finding one, Finding other) {
        return one.rule().equals(other.rule())
                && one.where().equals(other.where())
                && one.spot().equals(other.spot());
    }
}
