package app.avrel.cue.hear;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * One time laid against the time before: what was said of a posture and is not said when it is done again, on the same
 * side or the other, though nearly all the rest is.
 *
 * <p>A time that is said much more briefly than the one before is meant so, and lacks nothing.
 */
final class Halves {

    /** The share of what was said before that must be said again for something to be missed. */
    private static final double AS_FULLY = 0.7;

    private static final int MOST = 2;

    /**
     * Something that was said the time before.
     *
     * @param count of all counts of the script, from 0
     * @param move which of its recorded moves, from 0
     */
    record Lack(int count, int move) {}

    private final List<ToSay> counts;
    private final Map<Integer, Long> told;

    /**
     * @param counts of the stretch, in order
     * @param told which recorded moves of which count were said, a bit each
     */
    Halves(List<ToSay> counts, Map<Integer, Long> told) {
        this.counts = counts;
        this.told = told;
    }

    /** {@return what later times lack of the times before them, in order} */
    List<Lack> lacks() {
        List<Lack> found = new ArrayList<>();
        Map<Object, List<Integer>> last = new HashMap<>();
        for (List<Integer> performance : performances()) {
            Object posture = counts.get(performance.getFirst()).done().posture().id();
            List<Integer> before = last.put(posture, performance);
            if (before != null && alike(before, performance)) {
                found.addAll(lacks(before, performance));
            }
        }
        return found;
    }

    /** The counts of each posture as it is done, without the way in. */
    private List<List<Integer>> performances() {
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < counts.size(); i++) {
            if (counts.get(i).first()) {
                all.add(new ArrayList<>());
            }
            boolean own = !all.isEmpty()
                    && counts.get(i).done()
                            == counts.get(
                                            all.getLast().isEmpty()
                                                    ? i
                                                    : all.getLast().getFirst())
                                    .done();
            if (own) {
                all.getLast().add(i);
            }
        }
        return all;
    }

    /** Whether both are made of the same kinds of moves, count by count. */
    private boolean alike(List<Integer> before, List<Integer> now) {
        return kinds(before).equals(kinds(now));
    }

    private List<List<? extends Class<?>>> kinds(List<Integer> performance) {
        return performance.stream()
                .<List<? extends Class<?>>>map(at -> counts.get(at).moves().stream()
                        .map(recorded -> recorded.move().getClass())
                        .toList())
                .toList();
    }

    private List<Lack> lacks(List<Integer> before, List<Integer> now) {
        List<Lack> missing = new ArrayList<>();
        int said = 0;
        for (int i = 0; i < now.size(); i++) {
            long then = told.getOrDefault(before.get(i), 0L);
            long gone = then & ~told.getOrDefault(now.get(i), 0L);
            said += Long.bitCount(then);
            for (int move = 0; move < counts.get(now.get(i)).moves().size(); move++) {
                if ((gone & 1L << move) != 0) {
                    missing.add(new Lack(now.get(i), move));
                }
            }
        }
        boolean asFully = said - missing.size() >= AS_FULLY * said;
        return asFully && missing.size() <= MOST ? missing : List.of();
    }
}
