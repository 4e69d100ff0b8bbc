package app.avrel.form;

import app.avrel.floor.Heading;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What an instructor states of a whole form or of a part; checked against what is recorded.
 *
 * @param postures how many there are, as the school numbers them
 * @param counts how many there are, ways in included
 * @param facing where it faces at its end, as a heading of the form
 */
@RecordBuilder
public record FormClaim(Optional<Integer> postures, Optional<Integer> counts, Optional<Heading> facing)
        implements FormClaimBuilder.With {

    /** Nothing stated. */
    public static final FormClaim NONE = new FormClaim(Optional.empty(), Optional.empty(), Optional.empty());

    /** {@return the same of the form done on the other side} */
    public FormClaim mirrored() {
        return withFacing(facing.map(Heading::mirrored));
    }

    /** {@return this, or nothing where nothing is stated} */
    Optional<FormClaim> orNothing() {
        return equals(NONE) ? Optional.empty() : Optional.of(this);
    }
}
