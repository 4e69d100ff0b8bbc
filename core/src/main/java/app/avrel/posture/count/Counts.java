package app.avrel.posture.count;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What can be done to a run of counts; positions count from 0. Every function gives a new list. */
public final class Counts {

    private Counts() {}

    public static List<Count> insert(List<Count> counts, int at, Count count) {
        List<Count> changed = new ArrayList<>(counts);
        changed.add(at, count);
        return List.copyOf(changed);
    }

    public static List<Count> delete(List<Count> counts, int at) {
        List<Count> changed = new ArrayList<>(counts);
        changed.remove(at);
        return List.copyOf(changed);
    }

    public static List<Count> change(List<Count> counts, int at, UnaryOperator<Count> edit) {
        List<Count> changed = new ArrayList<>(counts);
        changed.set(at, edit.apply(changed.get(at)));
        return List.copyOf(changed);
    }

    /** {@return the counts with a copy of one right after it} */
    public static List<Count> duplicate(List<Count> counts, int at) {
        return insert(counts, at + 1, counts.get(at));
    }

    /** {@return the counts with one taken out and put back so that it stands at {@code to}} */
    public static List<Count> move(List<Count> counts, int from, int to) {
        return insert(delete(counts, from), to, counts.get(from));
    }

    /**
     * {@return the counts with one parted in two before its stage {@code stage}}
     *
     * <p>The beats are shared evenly, or as the beat on which that stage begins says; own words stay with the first part,
     * for they were said at its start.
     *
     * @param stage at least 1, below the number of stages
     */
    public static List<Count> split(List<Count> counts, int at, int stage) {
        Count whole = counts.get(at);
        double share = whole.timed() ? Math.clamp(whole.times().begins(stage), 0.01, 0.99) : 0.5;
        double half = whole.beats() * share;
        Count first = whole.withStages(whole.stages().subList(0, stage)).withBeats(half);
        Count second = whole.withStages(
                        later(whole.stages().subList(stage, whole.stages().size()), -half))
                .withBeats(whole.beats() - half)
                .withWords(List.of())
                .withNote("");
        return insert(change(counts, at, _ -> first), at + 1, second);
    }

    /** {@return the counts with one and the next made into one: stages in order, beats added} */
    public static List<Count> merge(List<Count> counts, int at) {
        Count first = counts.get(at);
        Count second = counts.get(at + 1);
        Count both = first.withStages(
                        Stream.concat(first.stages().stream(), later(second.stages(), first.beats()).stream())
                                .filter(stage -> !stage.moves().isEmpty())
                                .toList())
                .withBeats(Math.min(64, first.beats() + second.beats()))
                .withWords(Stream.concat(first.words().stream(), second.words().stream())
                        .toList())
                .withNote((first.note() + " " + second.note()).strip());
        return delete(change(counts, at, _ -> both), at + 1);
    }

    /** Stages whose beats are counted from another beginning; one that would begin before the first beat begins with it. */
    private static List<Stage> later(List<Stage> stages, double beats) {
        return stages.stream()
                .map(stage -> stage.withOn(stage.on().map(on -> Math.clamp(on + beats, 1, Count.MOST_BEATS))))
                .toList();
    }

    /**
     * {@return the counts as they are done when their cycle is gone through so often}
     *
     * @param often at least 1; counts without a cycle are done once
     */
    public static List<Count> cycled(List<Count> counts, int often) {
        if (often == 1) {
            return counts;
        }
        int first = first(counts);
        int past = past(counts, first);
        List<Count> done = new ArrayList<>(counts.subList(0, first));
        for (int time = 0; time < often; time++) {
            done.addAll(counts.subList(first, past));
        }
        done.addAll(counts.subList(past, counts.size()));
        return List.copyOf(done);
    }

    /** {@return which of the counts is done at a place when their cycle is gone through so often} */
    public static int recorded(List<Count> counts, int often, int done) {
        int first = first(counts);
        int cycle = past(counts, first) - first;
        if (done < first || cycle == 0) {
            return done;
        }
        boolean within = done < first + cycle * often;
        return within ? first + (done - first) % cycle : done - cycle * (often - 1);
    }

    private static int first(List<Count> counts) {
        int first = 0;
        while (first < counts.size() && !counts.get(first).cycle()) {
            first++;
        }
        return first;
    }

    private static int past(List<Count> counts, int first) {
        int past = first;
        while (past < counts.size() && counts.get(past).cycle()) {
            past++;
        }
        return past;
    }
}
