package app.avrel.desktop.session;

import app.avrel.files.Opened;
import java.util.Optional;

/** What came of saving. */
public sealed interface Saving {

    /** The work is in the file. */
    record Done() implements Saving {}

    /** @param message why it could not be saved, and what to do */
    record Refused(String message) implements Saving {}

    /**
     * Nothing was written: somebody else has changed the file since it was read or saved here.
     *
     * @param theirs what is in it now
     */
    record ChangedThere(Opened theirs) implements Saving {}

    static Saving of(Optional<String> refused) {
        return refused.<Saving>map(Refused::new).orElseGet(Done::new);
    }
}
