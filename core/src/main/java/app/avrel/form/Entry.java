package app.avrel.form;

import app.avrel.floor.Heading;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A place in a form: a posture, on one side, once or several times in a row.
 *
 * @param id unlike every other in its form; lessons refer to it
 * @param ways the way into each occurrence, in order: as many as the times it is done, at least one
 * @param facing where it is said to face at its end, as a heading of the form; a claim, checked
 * @param gentler the name of the gentler version that is done here, if one is
 * @param group what this and its neighbours of the same group are called as one posture; empty stands alone
 * @param number what an instructor says its first number is; a claim, checked
 * @param counted how it is numbered, where not as its posture or the school has it
 * @param cycles how often the posture's cycle is gone through, 1 to 99; once where not said
 */
@RecordBuilder
public record Entry(
        EntryId id,
        PostureId posture,
        Played played,
        List<WayIn> ways,
        Optional<Heading> facing,
        Optional<String> gentler,
        String group,
        Optional<Integer> number,
        Optional<Counted> counted,
        Optional<Integer> cycles)
        implements EntryBuilder.With {

    public Entry {
        if (ways.isEmpty() || ways.size() > 99) {
            throw new IllegalArgumentException(
                    "an entry must be done 1 to 99 times, but was " + ways.size() + " (" + posture + ")");
        }
        cycles.ifPresent(often -> {
            if (often < 1 || often > 99) {
                throw new IllegalArgumentException(
                        "a cycle must be gone through 1 to 99 times, but was " + often + " (" + posture + ")");
            }
        });
        ways = List.copyOf(ways);
    }

    /** {@return the posture once, entered directly} */
    public static Entry of(EntryId id, PostureId posture, Played played) {
        return new Entry(
                id,
                posture,
                played,
                List.of(WayIn.DIRECT),
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public int times() {
        return ways.size();
    }

    /** {@return the same entry done so many times; new occurrences are entered directly} */
    public Entry times(int times) {
        List<WayIn> changed = new ArrayList<>(ways.subList(0, Math.min(times, ways.size())));
        while (changed.size() < times) {
            changed.add(WayIn.DIRECT);
        }
        return withWays(changed);
    }

    public Entry withWay(int occurrence, WayIn way) {
        List<WayIn> changed = new ArrayList<>(ways);
        changed.set(occurrence, way);
        return withWays(changed);
    }

    /** {@return this on the other side, with its ways in} */
    public Entry mirrored() {
        return withPlayed(played.other())
                .withWays(ways.stream().map(WayIn::mirrored).toList())
                .withFacing(facing.map(Heading::mirrored));
    }

    /** {@return the posture as it is done here: on this side, in this version where it has it} */
    public Posture done(Posture recorded) {
        Posture sided = played.of(recorded);
        return gentler.flatMap(sided.sheet()::gentlerCalled).map(sided::in).orElse(sided);
    }

    /** {@return how often the posture's cycle is gone through} */
    public int cycled() {
        return cycles.orElse(1);
    }
}
