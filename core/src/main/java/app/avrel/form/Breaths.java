package app.avrel.form;

import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** How the breath goes through a form. */
public final class Breaths {

    private Breaths() {}

    /** {@return where one breathes in twice running, or out: each time a count does as the one before it did} */
    public static List<Occurrence> repeated(Track track) {
        List<Occurrence> repeated = new ArrayList<>();
        Breath before = Breath.FREE;
        for (Occurrence done : track.occurrences()) {
            List<Count> counts = Stream.concat(done.link().counts().stream(), done.done().countsDone().stream())
                    .toList();
            for (Count count : counts) {
                if (count.breath().repeats(before)) {
                    repeated.add(done);
                }
                before = count.breath();
            }
        }
        return repeated;
    }
}
