package app.avrel.words.reading;

import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Frames;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Situation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What some phrases of a piece say in a situation: the same phrases are come to on several paths, and read once. */
final class KnownFits {

    /** More phrases than one piece has. */
    private static final int MOST_PHRASES = 10_000;

    /** @param most what a reading was allowed to cost: where less is allowed, these hold as well */
    private record Known(Situation now, double most, List<Fit> fits) {

        private boolean holds(Situation at, double allowed) {
            return allowed <= most && (now == at || now.equals(at));
        }
    }

    private final Map<Integer, List<Known>> known = new HashMap<>();

    /**
     * {@return every reading of these phrases as one clause}
     *
     * @param from where in the piece they begin
     * @param most what a reading may cost
     */
    List<Fit> read(int from, List<Item> run, Situation at, double most) {
        List<Known> here = known.computeIfAbsent(from * MOST_PHRASES + run.size(), _ -> new ArrayList<>(2));
        for (Known before : here) {
            if (before.holds(at, most)) {
                return before.fits;
            }
        }
        List<Fit> fits = Frames.read(run, at, most);
        here.add(new Known(at, most, fits));
        return fits;
    }
}
