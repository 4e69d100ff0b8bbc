package app.avrel.desktop.form;

import app.avrel.body.Side;
import app.avrel.desktop.session.Session;
import app.avrel.floor.Numbers;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import java.util.ArrayList;
import java.util.List;

/** What a form asks of legs, turns and breath, in a line. */
final class TotalsWords {

    private TotalsWords() {}

    /** {@return a line of its own; empty for an empty form} */
    static String of(Session.Desk desk, Track track) {
        if (track.occurrences().isEmpty()) {
            return "";
        }
        Totals totals = Totals.of(track.occurrences(), desk.project().setting().chosenBody());
        List<String> said = new ArrayList<>();
        said.add("Left leg " + percent(totals.share(Side.LEFT)) + ", right " + percent(totals.share(Side.RIGHT)));
        if (totals.oneLegged() > 0) {
            said.add(percent(totals.oneLegged() / totals.measures()) + " on one leg, at most "
                    + Numbers.plain(totals.longestOneLegged())
                    + (totals.longestOneLegged() == 1 ? " beat" : " beats"));
        }
        if (totals.low() > 0) {
            said.add(percent(totals.low() / totals.measures()) + " low");
        }
        if (totals.kicks() > 0) {
            said.add(totals.kicks() + (totals.kicks() == 1 ? " kick" : " kicks"));
        }
        said.add("turns " + Numbers.whole(totals.turnedLeft()) + "° left, " + Numbers.whole(totals.turnedRight())
                + "° right");
        return "\n" + String.join(" · ", said) + ".";
    }

    private static String percent(double share) {
        return Numbers.whole(share * 100) + " %";
    }
}
