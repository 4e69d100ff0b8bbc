package app.avrel.cue;

import app.avrel.form.Moment;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.SideWords;
import app.avrel.posture.move.Move;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.say.Layer;
import app.avrel.words.say.Register;
import app.avrel.words.say.Scene;
import app.avrel.words.say.Telling;
import app.avrel.words.say.Told;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is called of the moves of one count: each call one thing that is new, the most needed ones where not all find room. */
final class CountCalls {

    /** The share of a count's time that may be spoken at length. */
    private static final double ROOM = 0.9;

    /**
     * Something to be called.
     *
     * @param due which share of the count has gone when its movement begins, 0 to 1
     */
    record Wanted(Call.Kind kind, String words, double due) {}

    private final CueOrder order;
    private final Speech speech;
    private final CountWords words;
    private final Telling explained;
    private final Telling guided;
    private final Telling calling;

    CountCalls(CueOrder order, Wording wording, Speech speech) {
        this.order = order;
        this.speech = speech;
        words = new CountWords(order.language(), wording);
        explained = new Telling(order.language(), Register.EXPLAIN, wording);
        guided = new Telling(order.language(), Register.GUIDE, wording);
        calling = new Telling(order.language(), Register.CALL, wording);
    }

    /**
     * {@return what is called of a count}
     *
     * @param count its stages as they are done
     * @param time which time the posture is done on its side, from 1
     * @param stepNext whether the next count begins with a step
     * @param seconds the count lasts
     */
    List<Wanted> of(List<Moment> count, Rung rung, int time, boolean stepNext, double seconds) {
        Optional<String> own = words.own(count.getFirst().count(), rung.level(), time);
        List<Wanted> moves = own.isPresent() && rung.layer() == Layer.EVERYTHING
                ? List.of(new Wanted(Call.Kind.MOVE, own.get(), 0))
                : moves(count, rung, stepNext, ROOM * seconds);
        return moves.stream().map(this::seen).toList();
    }

    private List<Wanted> moves(List<Moment> count, Rung rung, boolean stepNext, double room) {
        List<Scene> scenes = count.stream()
                .map(moment -> new Scene(moment.stage(), moment.before(), moment.after()))
                .toList();
        if (rung.layer() == Layer.BREATH || rung.level() == CueLevel.COUNT) {
            return List.of();
        }
        if (rung.level() == CueLevel.EXPLAIN) {
            return sentences(explained, explained.of(scenes, rung.layer(), true), rung);
        }
        if (rung.level() == CueLevel.GUIDE) {
            List<Wanted> said =
                    sentences(guided, fitting(guided.of(scenes, rung.layer(), false), room, stepNext), rung);
            boolean fits = said.stream().allMatch(one -> seconds(one.words()) <= room / ROOM);
            return fits ? said : shorter(scenes, rung, stepNext, said);
        }
        List<Told> told = calling.of(scenes, rung.layer(), false);
        return chosen(told, rung.calls(), stepNext).stream()
                .map(one -> new Wanted(
                        Call.Kind.MOVE,
                        one.words(),
                        count.getFirst().count().times().begins(one.stage())))
                .toList();
    }

    /** The sides of one who faces the performer are the other way round. */
    private Wanted seen(Wanted move) {
        return switch (order.view()) {
            case OWN -> move;
            case MIRROR -> new Wanted(move.kind(), SideWords.swapped(move.words(), order.language()), move.due());
        };
    }

    private double seconds(String words) {
        return speech.seconds(words);
    }

    /** What finds no room even so is said in the words of a call, in one breath. */
    private List<Wanted> shorter(List<Scene> scenes, Rung rung, boolean stepNext, List<Wanted> otherwise) {
        List<Told> told = calling.of(scenes, rung.layer(), false);
        String words = chosen(told, order.calls(), stepNext).stream()
                .map(Told::words)
                .collect(Collectors.joining(calling.between()));
        return words.isEmpty()
                ? otherwise
                : List.of(new Wanted(Call.Kind.MOVE, guided.sentence(words).strip(), 0));
    }

    private static List<Wanted> sentences(Telling telling, List<Told> told, Rung rung) {
        return told.isEmpty() && rung.layer() != Layer.EVERYTHING
                ? List.of()
                : List.of(new Wanted(Call.Kind.MOVE, telling.sentences(told), 0));
    }

    /** What finds room in the count: the least needed is left out until the rest can be said in its time. */
    private List<Told> fitting(List<Told> told, double room, boolean stepNext) {
        List<Told> kept = new ArrayList<>(told);
        while (kept.size() > 1 && seconds(guided.sentences(kept)) > room) {
            Told least = kept.stream()
                    .max(Comparator.comparingInt(one -> urgency(one, told, stepNext)))
                    .orElseThrow();
            if (urgency(least, told, stepNext) <= 1) {
                break;
            }
            kept.remove(least);
        }
        return kept;
    }

    private static List<Told> chosen(List<Told> told, int most, boolean stepNext) {
        List<Told> byNeed = told.stream()
                .sorted(Comparator.comparingInt(one -> urgency(one, told, stepNext)))
                .toList();
        long needed = told.stream()
                .filter(one -> urgency(one, told, stepNext) == Urgency.SHIFT_BEFORE_STEP)
                .count();
        List<Told> kept = byNeed.subList(0, (int) Math.min(told.size(), Math.max(most, needed + 1)));
        return told.stream()
                .filter(one -> kept.contains(one) || betweenShifts(one, told, kept))
                .toList();
    }

    /** All left, all right: why one shifts there and back is the foot that turns in between, so that is called too. */
    private static boolean betweenShifts(Told one, List<Told> told, List<Told> kept) {
        int at = told.indexOf(one);
        return one.move() instanceof Move.TurnFoot
                && shift(told.subList(0, at).reversed(), kept)
                && shift(told.subList(at + 1, told.size()), kept);
    }

    /** Whether the nearest that is called of these is a shift. */
    private static boolean shift(List<Told> near, List<Told> kept) {
        return near.stream()
                .filter(kept::contains)
                .findFirst()
                .filter(called -> called.move() instanceof Move.Shift)
                .isPresent();
    }

    private static int urgency(Told one, List<Told> told, boolean stepNext) {
        boolean shifts = one.move() instanceof Move.Shift;
        boolean step = told.stream().anyMatch(other -> other.stage() > one.stage() && Urgency.frees(other.move()));
        boolean last =
                told.stream().noneMatch(other -> other.stage() > one.stage() && other.move() instanceof Move.Shift);
        return shifts && (step || stepNext && last) ? Urgency.SHIFT_BEFORE_STEP : Urgency.of(one.move());
    }
}
