package app.avrel.form;

import app.avrel.motion.HallPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Performances remembered by value: the same posture done from the same pose by the same body under the same rules is
 * worked out once, wherever it stands in the hall and however often it comes.
 *
 * <p>What an unrolling does not use is forgotten with the next.
 */
public final class Performances {

    private record Key(Posture posture, int cycles, Link link, Pose from) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Key key
                    && posture == key.posture
                    && cycles == key.cycles
                    && link == key.link
                    && from == key.from;
        }

        @Override
        public int hashCode() {
            return ((System.identityHashCode(posture) + cycles) * 31 + System.identityHashCode(link)) * 31
                    + System.identityHashCode(from);
        }
    }

    private record Side(Posture recorded, Played played, Optional<String> gentler) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Side side
                    && recorded == side.recorded
                    && played == side.played
                    && gentler.equals(side.gentler);
        }

        @Override
        public int hashCode() {
            return (System.identityHashCode(recorded) * 31 + played.hashCode()) * 31 + gentler.hashCode();
        }
    }

    private final Performer performer;
    private Optional<Performances> before;
    private final Map<Key, Performance> done = new HashMap<>();
    private final Map<Side, Posture> sides = new HashMap<>();
    private final Map<Performance, Pose> endings = new IdentityHashMap<>();
    private final Same<Pose> poses = new Same<>();
    private final Same<Link> links = new Same<>();

    /** @param before what is known from an earlier unrolling; not used where it was another body or other rules */
    public Performances(Performer performer, Optional<Performances> before) {
        this.performer = performer;
        this.before = before.filter(known -> known.performer.equals(performer));
    }

    Performer performer() {
        return performer;
    }

    /** {@return the posture as an entry does it} */
    Posture posture(Entry entry, Posture recorded) {
        Side side = new Side(recorded, entry.played(), entry.gentler());
        return sides.computeIfAbsent(
                side, _ -> before.map(known -> known.sides.get(side)).orElseGet(() -> entry.done(recorded)));
    }

    /** {@return a posture done from a pose that faces the front of its own frame} */
    Performance of(Posture posture, int cycles, Link link, Pose from) {
        Key key = new Key(
                posture,
                cycles,
                links.one(link, before.map(known -> known.links)),
                poses.one(from, before.map(known -> known.poses)));
        return done.computeIfAbsent(
                key,
                _ -> before.map(known -> known.done.get(key))
                        .orElseGet(() -> Performance.of(posture, cycles, key.link(), key.from(), performer)));
    }

    /** {@return the pose in which one ends, facing the front of a frame of its own: the next comes from there} */
    Pose beginning(Performance one) {
        return endings.computeIfAbsent(
                one,
                _ -> before.map(known -> known.endings.get(one))
                        .orElseGet(() -> new HallPose(one.end(), Placement.HERE)
                                .beginning()
                                .own()));
    }

    /** Forgets what this unrolling did not use. */
    void settle() {
        before = Optional.empty();
    }

    /** One object for all that are equal; whoever comes again is known without being looked through. */
    private static final class Same<T> {

        private final Map<T, T> byIdentity = new IdentityHashMap<>();
        private final Map<T, T> byValue = new HashMap<>();

        T one(T value, Optional<Same<T>> before) {
            T known = byIdentity.get(value);
            if (known == null) {
                known = before.map(same -> same.byIdentity.get(value)).orElse(null);
                if (known != null) {
                    byIdentity.put(value, known);
                    return known;
                }
                known = byValue.computeIfAbsent(
                        value, _ -> before.map(same -> same.known(value)).orElse(value));
                byIdentity.put(value, known);
            }
            return known;
        }

        private T known(T value) {
            T known = byIdentity.get(value);
            return known != null ? known : byValue.getOrDefault(value, value);
        }
    }
}
