package app.avrel.desktop.form;

import app.avrel.body.Body;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Totals;
import app.avrel.form.Track;

/** How much there is in a form, as it stands above its entries. */
final class ListTotals {

    private ListTotals() {}

    static String of(Desk desk) {
        return totals(desk.formTrack(), desk.project().setting().chosenBody()) + unrecorded(desk);
    }

    private static String totals(Track track, Body body) {
        int postures = track.occurrences().size();
        long seconds = Math.round(4 * Totals.of(track.occurrences(), body).measures());
        return Words.of(
                "form.counts_at",
                postures + (postures == 1 ? Words.of("form.posture_2") : Words.of("form.postures")) + track.counts(),
                lasts(seconds));
    }

    private static String lasts(long seconds) {
        return seconds < 3600
                ? Words.of("form.min_s", seconds / 60, seconds % 60)
                : Words.of("form.h_min", seconds / 3600, seconds % 3600 / 60);
    }

    /** How many postures of the form have no count yet. */
    private static String unrecorded(Desk desk) {
        long bare = desk.form().entries().stream()
                .map(entry -> entry.posture())
                .distinct()
                .filter(id -> desk.project()
                        .posture(id)
                        .filter(posture -> posture.counts().isEmpty())
                        .isPresent())
                .count();
        return bare == 0 ? "" : Words.of("form.still_record", bare);
    }
}
