package app.avrel.posture;

import app.avrel.floor.Bearing;
import app.avrel.house.Stance;
import app.avrel.posture.move.Split;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What the instructor says of the end; it is checked, never used for computing.
 *
 * @param weight the share said
 * @param facing against the posture's front
 * @param counts how many counts the posture has, at least 0
 */
@RecordBuilder
public record EndClaim(
        Optional<Stance> stance, Optional<Split> weight, Optional<Bearing> facing, Optional<Integer> counts)
        implements EndClaimBuilder.With {

    public static final EndClaim NONE =
            new EndClaim(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
}
