package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds what is said of the time within a count, and parts the line there: "on two", "wait a beat, then", "hold to the end
 * of three". What begins on a beat of its own is a stage of its own.
 */
final class BeatMarks {

    private static final int MOST = 64;
    /** No count has more: a number beside the beat is a share. */
    private static final int BEATS = 16;

    private final List<Item> in;
    private final List<Item> out = new ArrayList<>();

    private BeatMarks(List<Item> in) {
        this.in = in;
    }

    static List<Item> of(List<Item> items) {
        BeatMarks marks = new BeatMarks(items);
        marks.read();
        return marks.out;
    }

    private void read() {
        int from = 0;
        while (from < in.size()) {
            int to = from;
            while (to < in.size() && !parts(in.get(to))) {
                to++;
            }
            clause(from, to);
            if (to < in.size()) {
                out.add(in.get(to));
            }
            from = to + 1;
        }
    }

    private static boolean parts(Item item) {
        return item.soft()
                || item.term() instanceof Term.Mark mark
                        && switch (mark) {
                            case THEN, THEN_OR_MORE, STOP, WHILE, BEFORE, BEFORE_POST, AFTER, AFTER_POST -> true;
                            default -> false;
                        };
    }

    private void clause(int from, int to) {
        int beat = -1;
        for (int i = from; i < to; i++) {
            beat = beat < 0 && onBeat(i, from, to) ? i : beat;
        }
        if (afterBeats(from, to)) {
            waitsFirst(from, to);
        } else if (beatsLater(from, to)) {
            waitsBetween(in.get(from));
        } else if (beat >= 0) {
            stage(from, to, beat);
        } else if (!waits(from, to) && !holdsToTheEnd(from, to)) {
            out.addAll(in.subList(from, to));
        }
    }

    /** A clause of its own beat is a stage; where only the beat is said last, it is said of the clause before. */
    private void stage(int from, int to, int beat) {
        Item mark = in.get(beat);
        double on = mark.term() instanceof Term.OnBeat(double said) ? said : ((Term.Num) mark.term()).value();
        boolean alone = beat == from && to == from + 1;
        boolean ends = to == in.size() || !in.get(to).soft();
        if (!(alone && ends)) {
            then(mark);
        }
        out.add(mark.as(new Term.OnBeat(on)));
        for (int i = from; i < to; i++) {
            if (i != beat) {
                Item item = in.get(i);
                out.add(item.is(Term.Manner.HELD) ? item.as(Term.Act.HOLD) : item);
            }
        }
    }

    /** Makes the border before this clause one between stages. */
    private void then(Item at) {
        while (!out.isEmpty() && out.getLast().soft()) {
            out.removeLast();
        }
        if (!out.isEmpty() && !parts(out.getLast())) {
            out.add(new Item(Term.Mark.THEN, null, null, false, at.from(), at.from(), ""));
        }
    }

    private boolean onBeat(int at, int from, int to) {
        Item item = in.get(at);
        if (item.term() instanceof Term.OnBeat) {
            return true;
        }
        boolean number = item.term() instanceof Term.Num(double beat)
                && item.rel() == Term.Rel.ON
                && beat >= 1
                && beat <= MOST
                && (beat == Math.rint(beat) || to == from + 1);
        if (!number) {
            return false;
        }
        boolean weighs = !counts(item)
                && in.subList(from, to).stream()
                        .anyMatch(other ->
                                other.is(Term.Part.WEIGHT) || other.is(Term.Act.SHIFT) || other.is(Term.Act.BEAR));
        boolean last = at + 1 == to;
        boolean first = at == from
                && at + 1 < to
                && (in.get(at + 1).who() != null
                        || in.get(at + 1).term() instanceof Term.Act
                        || counts(item)
                        || in.get(at + 1).part()
                                && in.get(at + 1).rel() == null
                                && !in.get(at + 1).many()
                        || in.get(at + 1).term() instanceof Term.Num(double share) && share > BEATS);
        return !weighs && (last || first);
    }

    /** Whether the line counts on to this number: "on one … on two" are beats, whatever moves on them. */
    private boolean counts(Item item) {
        double beat = ((Term.Num) item.term()).value();
        return in.stream().anyMatch(other -> other != item && next(other, beat));
    }

    private static boolean next(Item other, double beat) {
        double near = switch (other.term()) {
            case Term.OnBeat on -> on.beat();
            case Term.Num number when other.rel() == Term.Rel.ON -> number.value();
            default -> 0;
        };
        return near > 0 && Math.abs(near - beat) == 1 && Math.min(near, beat) <= 4;
    }

    /** Wait a beat, and then something else. */
    private boolean waits(int from, int to) {
        boolean moves = beginsWithWaiting(to);
        boolean more = moves || goesOn(to);
        List<Item> clause = in.subList(from, to).stream()
                .filter(item -> !Leftover.small(item))
                .toList();
        boolean wait = clause.size() == 2
                && (clause.getFirst().is(Term.Manner.HELD) || clause.getFirst().is(Term.Act.HOLD))
                && clause.getLast().term() instanceof Term.Beats;
        if (!more || !wait) {
            return false;
        }
        then(clause.getFirst());
        out.add(clause.getFirst().as(Term.Act.HOLD));
        out.add(clause.getLast()
                .as(new Term.Waits(((Term.Beats) clause.getLast().term()).count())));
        if (moves) {
            out.add(clause.getLast().as(Term.Mark.THEN));
        }
        return true;
    }

    /** Wait a beat and drop the heel: nothing was done before, so what is joined to the waiting comes after it. */
    private boolean beginsWithWaiting(int to) {
        boolean first = out.stream().noneMatch(BeatMarks::content);
        return first && to + 1 < in.size() && in.get(to).soft() && content(in.get(to + 1)) && !stays(to + 1);
    }

    /** The weight on the left: where it is while one waits, not where it goes afterwards. */
    private boolean stays(int from) {
        List<Item> clause = in.subList(from, in.size()).stream()
                .takeWhile(item -> !item.soft() && !parts(item))
                .toList();
        boolean at = clause.stream().anyMatch(item -> item.rel() == Term.Rel.ON || item.is(Term.Act.STAY));
        return at && clause.getFirst().is(Term.Part.WEIGHT);
    }

    /** After two beats, bring the hands down. */
    private boolean afterBeats(int from, int to) {
        return from > 0
                && in.get(from - 1).is(Term.Mark.AFTER)
                && from < in.size()
                && in.get(from).term() instanceof Term.Beats
                && (to > from + 1 || goesOn(to));
    }

    private void waitsFirst(int from, int to) {
        Item beats = in.get(from);
        out.removeLast();
        then(beats);
        out.add(beats.as(Term.Act.HOLD));
        out.add(waiting(beats));
        if (to > from + 1) {
            out.add(beats.as(Term.Mark.THEN));
            out.addAll(in.subList(from + 1, to));
        }
    }

    /** Two beats later the left foot steps: nothing parts the beats from the word that says they come first. */
    private boolean beatsLater(int from, int to) {
        return to == from + 1
                && to + 1 < in.size()
                && in.get(from).term() instanceof Term.Beats
                && in.get(to).is(Term.Mark.THEN)
                && in.get(to).from() - in.get(from).to() <= 1
                && content(in.get(to + 1));
    }

    /** What was told before has taken one beat of them. */
    private void waitsBetween(Item beats) {
        double told = ((Term.Beats) beats.term()).count();
        double left = out.stream().anyMatch(BeatMarks::content) ? told - 1 : told;
        then(beats);
        if (left > 0) {
            out.add(beats.as(Term.Act.HOLD));
            out.add(beats.as(new Term.Waits(left)));
        }
    }

    private static Item waiting(Item beats) {
        return beats.as(new Term.Waits(((Term.Beats) beats.term()).count()));
    }

    /** Whether something comes after a clause, and not with it. */
    private boolean goesOn(int to) {
        int next = to;
        while (next < in.size() && in.get(next).soft()) {
            next++;
        }
        return next < in.size()
                && parts(in.get(next))
                && in.subList(next, in.size()).stream().anyMatch(BeatMarks::content);
    }

    /** Hold to the end of three: the count has so many beats, and after its moves one stands still. */
    private boolean holdsToTheEnd(int from, int to) {
        List<Item> clause = in.subList(from, to).stream()
                .filter(item -> !Leftover.small(item))
                .toList();
        boolean holds = clause.size() >= 2
                && (clause.get(0).is(Term.Manner.HELD) || clause.get(0).is(Term.Act.HOLD))
                && clause.get(1).is(Term.Manner.TO_THE_END);
        double beats = holds && clause.size() == 3 && clause.get(2).term() instanceof Term.Num(double many) ? many : 0;
        if (!holds || clause.size() > 3 || clause.size() == 3 && !(beats >= 2 && beats <= MOST)) {
            return false;
        }
        boolean moved = out.stream().anyMatch(BeatMarks::content);
        if (!moved && beats > 0 && goesOn(to)) {
            out.add(clause.getFirst().as(Term.Act.HOLD));
            out.add(clause.get(2).as(new Term.Waits(beats)));
            return true;
        }
        then(clause.getFirst());
        out.add(clause.getFirst().as(moved ? Term.Act.HOLD : Term.Manner.HELD));
        out.add(clause.get(1).as(moved ? new Term.Waits(0) : Term.Mark.FILLER));
        if (beats > 0) {
            out.add(clause.get(2).as(new Term.Beats(beats)));
        }
        return true;
    }

    private static boolean content(Item item) {
        return item.term() instanceof Term.Act || item.part() || item.bareSide();
    }
}
