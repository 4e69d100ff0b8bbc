package app.avrel.rules;

import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.motion.Posing;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** The house rules in force for a body, stance by stance; each stance's are put together once. */
final class InForce {

    private final Posing posing;
    private final Map<Stance, HouseRules> known = new EnumMap<>(Stance.class);

    InForce(Posing posing) {
        this.posing = posing;
    }

    Posing posing() {
        return posing;
    }

    HouseRules in(Optional<Stance> stance) {
        return stance.isEmpty()
                ? posing.rules()
                : known.computeIfAbsent(stance.get(), of -> posing.rules().in(stance));
    }
}
