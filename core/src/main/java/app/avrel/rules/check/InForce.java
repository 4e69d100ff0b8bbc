package app.avrel.rules.check;

import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.motion.Performer;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The house rules in force for a body, stance by stance; each stance's are put together once. For several threads. */
public final class InForce {

    private final Performer posing;
    private final Map<Stance, HouseRules> known = new ConcurrentHashMap<>();

    public InForce(Performer posing) {
        this.posing = posing;
    }

    Performer posing() {
        return posing;
    }

    public HouseRules in(Optional<Stance> stance) {
        return stance.isEmpty()
                ? posing.rules()
                : known.computeIfAbsent(stance.get(), of -> posing.rules().in(stance));
    }
}
