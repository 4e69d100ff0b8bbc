package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.session.Desk;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.project.Holder;
import java.util.Optional;

/** The foot that bears less where a count ends: it is the one that can move next. */
final class LighterFoot {

    private LighterFoot() {}

    static Side after(Desk desk, Holder holder, int count) {
        return desk.occurrence(holder)
                .flatMap(done -> last(done, holder, count))
                .map(moment -> moment.after().weight().heavier().other())
                .orElse(Side.RIGHT);
    }

    private static Optional<Moment> last(Occurrence done, Holder holder, int count) {
        return done.moments().stream()
                .filter(moment -> moment.place().section() == holder.section()
                        && moment.place().count() == count)
                .reduce((_, last) -> last);
    }
}
