package app.avrel.project;

import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.posture.Posture;
import app.avrel.rules.check.Checkup;
import java.util.Optional;

/** A posture by itself, unrolled and checked when that is first asked for: a shelf of two thousand opens at once. */
final class PostureLook {

    private final Posture posture;
    private final Checkup checkup;
    private Optional<Analysis.Looked> looked = Optional.empty();

    PostureLook(Posture posture, Checkup checkup) {
        this.posture = posture;
        this.checkup = checkup;
    }

    /** {@return what was found; threads that ask at once look once} */
    synchronized Analysis.Looked looked() {
        if (looked.isEmpty()) {
            Track track = Unroll.posture(posture, checkup.posing());
            looked = Optional.of(new Analysis.Looked(track, checkup.posture(track)));
        }
        return looked.get();
    }
}
