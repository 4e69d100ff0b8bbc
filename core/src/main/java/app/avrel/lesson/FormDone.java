package app.avrel.lesson;

import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;

/** A form as it is done by one body, in full and with the gentler version of every posture that has one. */
public final class FormDone {

    private final Form form;
    private final Track full;
    private final Supplier<Track> making;
    private Optional<Track> gentler = Optional.empty();

    /** @param gentler makes the gentler track when it is first asked for */
    public FormDone(Form form, Track full, Supplier<Track> gentler) {
        this.form = form;
        this.full = full;
        this.making = gentler;
    }

    public Form form() {
        return form;
    }

    public Track track(Version version) {
        return switch (version) {
            case FULL, INCOMPLETE -> full;
            case GENTLER -> gentler();
        };
    }

    private synchronized Track gentler() {
        if (gentler.isEmpty()) {
            gentler = Optional.of(making.get());
        }
        return gentler.get();
    }

    /** {@return what is done of a stretch, the posture before included where it begins with its last count; empty where the form has its entries no longer} */
    public List<Occurrence> done(Stretch stretch, Version version) {
        OptionalInt from = form.indexOf(stretch.first());
        OptionalInt to = form.indexOf(stretch.last());
        if (from.isEmpty() || to.isEmpty()) {
            return List.of();
        }
        List<Occurrence> all = track(version).occurrences();
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

    /** {@return what stands before a stretch in the form} */
    public List<Occurrence> before(EntryId entry) {
        int at = form.indexOf(entry).orElse(0);
        return full.occurrences().stream().filter(one -> one.entry() < at).toList();
    }
}
