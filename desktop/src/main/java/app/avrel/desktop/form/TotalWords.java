package app.avrel.desktop.form;

import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Totals;

/** How sums of a form are written. */
final class TotalWords {

    private TotalWords() {}

    static String lasts(double seconds) {
        long whole = Math.round(seconds);
        return whole < 60 ? Words.of("form.s", whole) : Words.of("form.min_s", whole / 60, whole % 60);
    }

    static String percent(double share) {
        return Numbers.whole(share * 100) + " %";
    }

    static String share(Totals totals, double measures) {
        return totals.measures() == 0 ? "–" : percent(measures / totals.measures());
    }
}
