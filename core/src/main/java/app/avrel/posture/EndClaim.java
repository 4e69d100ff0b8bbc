package app.avrel.posture;

import app.avrel.floor.Bearing;
import app.avrel.house.Stance;
import app.avrel.posture.move.Split;
import java.util.Optional;

/**
 * What the instructor says of the end; it is checked, never used for computing.
 *
 * @param weight the share said
 * @param facing against the posture's front
 * @param counts how many counts the posture has, at least 0
 */
public record EndClaim(
        Optional<Stance> stance, Optional<Split> weight, Optional<Bearing> facing, Optional<Integer> counts) {

    public static final EndClaim NONE =
            new EndClaim(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public EndClaim withStance(Optional<Stance> claimed) {
        return new EndClaim(claimed, weight, facing, counts);
    }

    public EndClaim withWeight(Optional<Split> claimed) {
        return new EndClaim(stance, claimed, facing, counts);
    }

    public EndClaim withFacing(Optional<Bearing> claimed) {
        return new EndClaim(stance, weight, claimed, counts);
    }

    public EndClaim withCounts(Optional<Integer> claimed) {
        return new EndClaim(stance, weight, facing, claimed);
    }
}
