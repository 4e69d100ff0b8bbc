package app.avrel.desktop.cues;

import app.avrel.cue.Cue;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import java.util.Locale;

/** Times as the room shows them. */
final class CueClock {

    private CueClock() {}

    /** {@return such as {@code 1:05}} */
    static String minutes(double seconds) {
        long whole = Math.round(Math.max(0, seconds));
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    /** {@return such as {@code 2.1 of 4 s}, or by how much it is over} */
    static String room(Cue cue) {
        if (cue.tooLongBy() > 0) {
            return String.format(Locale.ROOT, Words.of("cues.over_1f_s"), cue.tooLongBy());
        }
        return Words.of(
                "cues.of",
                String.format(Locale.ROOT, "%.1f", Math.min(cue.speaking(), cue.length())),
                Numbers.plain(cue.length()));
    }
}
