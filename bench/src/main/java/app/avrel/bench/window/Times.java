package app.avrel.bench.window;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** Measured times, and what is said of them. */
final class Times {

    private final List<Long> nanos = new ArrayList<>();

    void add(long time) {
        nanos.add(time);
    }

    int size() {
        return nanos.size();
    }

    /** {@return the time within which this share of all lies, in milliseconds} */
    double within(double share) {
        List<Long> sorted = new ArrayList<>(nanos);
        Collections.sort(sorted);
        return sorted.get((int) Math.ceil(share * sorted.size()) - 1) / 1e6;
    }

    /** {@return the share of times that are longer than this, in percent} */
    double late(double milliseconds) {
        return 100.0 * nanos.stream().filter(time -> time / 1e6 > milliseconds).count() / nanos.size();
    }

    String words(String what) {
        return String.format(
                Locale.ROOT,
                "%-34s %5d times   half within %6.1f ms   95 %% within %6.1f ms   longest %6.1f ms",
                what,
                size(),
                within(0.5),
                within(0.95),
                within(1));
    }
}
