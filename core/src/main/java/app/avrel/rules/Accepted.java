package app.avrel.rules;

import app.avrel.posture.count.RecordDigest;
import java.util.Optional;

/**
 * A finding the instructor has looked at and lets stand; it comes back when the record under it changes.
 *
 * @param rule which rule found it
 * @param where the place
 * @param spot the part of the body
 * @param reason why it may stand, in the instructor's words; not blank
 * @param under a digest of the record under it
 */
public record Accepted(RuleId rule, Where where, Optional<Spot> spot, String reason, String under) {

    public Accepted {
        if (reason.isBlank()) {
            throw new IllegalArgumentException("a finding is accepted with a reason, but it was blank");
        }
    }

    /** {@return a finding let stand, over a record} */
    public static Accepted of(Finding finding, String reason, Object record) {
        return new Accepted(finding.rule(), finding.where(), finding.spot(), reason.strip(), RecordDigest.of(record));
    }

    /** {@return the same over a record as it is now} */
    public Accepted over(Object record) {
        return new Accepted(rule, where, spot, reason, RecordDigest.of(record));
    }

    /** {@return whether this lets a finding over a record stand} */
    public boolean covers(Finding finding, Object record) {
        return about(finding) && under.equals(RecordDigest.of(record));
    }

    /** {@return whether this speaks of the same rule, place and part, whatever the record under it} */
    public boolean about(Finding finding) {
        return rule == finding.rule() && where.equals(finding.where()) && spot.equals(finding.spot());
    }
}
