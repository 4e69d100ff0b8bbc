package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.posture.Mirror;
import app.avrel.posture.count.Count;
import app.avrel.project.EarlierCounts;
import app.avrel.project.Holder;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.List;
import java.util.Optional;

/** A count of a way in, typed: it is read from how one stands there, and may point back to the counts before it. */
record TypedWay(Desk desk, Holder.OfWay way, Wording saying) {

    /** {@return what a line says there; nothing where the way is not on the form's track} */
    Optional<LineReading> read(String text) {
        Setting setting = desk.project().setting();
        return desk.occurrence(way)
                .map(EarlierCounts::onTheWay)
                .map(before -> new Line(Words.language(), saying, setting.chosenBody())
                        .knowing(setting.taught())
                        .following(before.counts())
                        .read(text, before.standing()));
    }

    /** {@return the count as the way holds it: a link that is shared for the other side holds it mirrored} */
    Count held(LineReading reading) {
        Count count = reading.count();
        return way.mirrored(desk.project()) ? Mirror.counts(List.of(count)).getFirst() : count;
    }
}
