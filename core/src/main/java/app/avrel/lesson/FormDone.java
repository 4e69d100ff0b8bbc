package app.avrel.lesson;

import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.form.Track;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Function;

/** A form as it is done by one body: in full or with the gentler version of every posture that has one, on either side. */
public final class FormDone {

    /** A way in which all of it is done. */
    public record Way(Version version, Played side) {

        /** As it stands in the form. */
        public static final Way USUAL = new Way(Version.FULL, Played.AS_RECORDED);

        /** {@return the way of a run} */
        public static Way of(Showing showing) {
            return new Way(showing.version(), showing.side());
        }
    }

    private final Form form;
    private final Track full;
    private final Function<Way, Track> making;
    private final Map<Way, Track> made = new HashMap<>();

    /** @param making makes the track of a way other than the usual one, when it is first asked for */
    public FormDone(Form form, Track full, Function<Way, Track> making) {
        this.form = form;
        this.full = full;
        this.making = making;
    }

    public Form form() {
        return form;
    }

    /** {@return the form as it stands} */
    public Track track() {
        return full;
    }

    /** {@return the form done in a way; what is knowingly incomplete is recorded as the whole is} */
    public synchronized Track track(Way way) {
        Way recorded = way.version() == Version.GENTLER ? way : new Way(Version.FULL, way.side());
        return recorded.equals(Way.USUAL) ? full : made.computeIfAbsent(recorded, making);
    }

    /** {@return what is done of a stretch, the posture before included where it begins with its last count; empty where the form has its entries no longer} */
    public List<Occurrence> done(Stretch stretch, Showing showing) {
        OptionalInt from = form.indexOf(stretch.first());
        OptionalInt to = form.indexOf(stretch.last());
        if (from.isEmpty() || to.isEmpty()) {
            return List.of();
        }
        List<Occurrence> all = track(Way.of(showing)).occurrences();
        List<Occurrence> done = all.stream()
                .filter(one -> one.entry() >= from.getAsInt() && one.entry() <= to.getAsInt())
                .toList();
        if (done.isEmpty() || stretch.counts().isPresent()) {
            return done.stream().limit(1).toList();
        }
        int first = done.getFirst().index();
        return stretch.fromLastCount() && first > 0
                ? all.subList(first - 1, done.getLast().index() + 1)
                : done;
    }

    /** {@return what stands before an entry in the form} */
    public List<Occurrence> before(EntryId entry) {
        int at = form.indexOf(entry).orElse(0);
        return full.occurrences().stream().filter(one -> one.entry() < at).toList();
    }
}
