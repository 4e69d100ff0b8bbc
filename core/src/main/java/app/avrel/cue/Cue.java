package app.avrel.cue;

import app.avrel.form.Moment;
import app.avrel.posture.count.CueLevel;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What is said for one count.
 *
 * @param occurrence which posture of the track, from 0
 * @param place the count; its stage is 0
 * @param time which time the posture is done on its side, from 1
 * @param start seconds from the script's start at which the count begins
 * @param length seconds the count lasts
 * @param level how much is said
 * @param why why so much, or so little
 * @param calls what is called, in order
 */
public record Cue(
        int occurrence,
        Moment.Place place,
        int time,
        double start,
        double length,
        CueLevel level,
        Reason why,
        List<Call> calls) {

    /** Half of a tenth: what is shown in tenths is shown as nothing. */
    private static final double HEARD = 0.05;

    public Cue {
        calls = List.copyOf(calls);
    }

    /** {@return everything that is said, call after call} */
    public String words() {
        return calls.stream().map(Call::words).collect(Collectors.joining(" "));
    }

    /** {@return seconds it takes to say} */
    public double speaking() {
        return calls.stream().mapToDouble(Call::seconds).sum();
    }

    /** {@return seconds by which it is longer than its movement; 0 where that is less than anybody hears} */
    public double tooLongBy() {
        double more = speaking() - length;
        return more < HEARD ? 0 : more;
    }

    /** {@return the same count at another time and of another length; no call comes before the script begins} */
    Cue at(double newStart, double newLength) {
        double by = newStart - start;
        List<Call> moved = calls.stream()
                .map(call -> new Call(
                        call.kind(),
                        call.words(),
                        Math.max(0, call.at() + by),
                        call.seconds(),
                        Math.max(0, call.due() + by)))
                .toList();
        return new Cue(occurrence, place, time, newStart, newLength, level, why, moved);
    }
}
