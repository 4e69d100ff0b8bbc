package app.avrel.cue.hear;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.cue.Urgency;
import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Tempo;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.posture.move.Pivot;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.say.Register;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Holds a spoken script against a stretch of a form. */
public final class Hearing {

    /** The share of the weight that a foot may bear and yet step. */
    private static final int LIGHT = 30;

    private final Language language;
    private final Wording wording;
    private final List<ToSay> counts = new ArrayList<>();
    private List<Heard> pieces = List.of();
    private int[] at = {};
    private final List<Slip> slips = new ArrayList<>();
    private final Map<Integer, Long> told = new HashMap<>();
    private final Map<Integer, Set<Integer>> byPiece = new HashMap<>();

    /**
     * What was heard.
     *
     * @param pieces how many pieces the script has
     * @param understood how many of them say something that is recorded
     * @param slips what is wrong, in the order it is said
     */
    public record Report(int pieces, int understood, List<Slip> slips) {
        public Report {
            slips = List.copyOf(slips);
        }
    }

    private Hearing(Language language, Wording wording) {
        this.language = language;
        this.wording = wording;
    }

    /**
     * {@return what a script says wrongly of a stretch, and what it leaves out}
     *
     * @param script its lines, with their times where it has them
     * @param tempo by which times are compared
     */
    public static Report of(
            List<ScriptLine> script,
            List<Occurrence> stretch,
            Language language,
            Body body,
            Wording wording,
            Tempo tempo) {
        Hearing hearing = new Hearing(language, wording);
        if (stretch.isEmpty()) {
            return new Report(script.size(), 0, List.of());
        }
        hearing.counts(stretch, tempo);
        Map<PostureId, Posture> postures = new LinkedHashMap<>();
        stretch.forEach(done -> postures.put(done.posture().id(), done.posture()));
        Pose pose = stretch.getFirst().done().begins();
        hearing.pieces = new Pieces(
                        language, new Line(language, wording.withFront(Heading.FRONT), body), pose, postures.values())
                .of(script);
        hearing.at = new Laying(hearing.pieces, hearing.counts).lay();
        hearing.check();
        hearing.leftOut();
        hearing.halves();
        hearing.slips.sort(Comparator.comparingInt(Slip::piece));
        return new Report(
                hearing.pieces.size(),
                (int) hearing.pieces.stream().filter(Heard::says).count(),
                hearing.slips);
    }

    private void counts(List<Occurrence> stretch, Tempo tempo) {
        Iterator<Double> lengths = tempo.over(stretch).iterator();
        Map<Object, Integer> times = new HashMap<>();
        double start = 0;
        for (Occurrence done : stretch) {
            int time = times.merge(List.of(done.posture().id(), done.posture().side()), 1, Integer::sum);
            boolean first = true;
            for (List<Moment> count : Moment.byCount(done.moments())) {
                boolean begins = first && count.getFirst().place().section() == Moment.Section.POSTURE;
                counts.add(ToSay.of(done, count, time, begins, start, wording.rules()));
                first &= !begins;
                start += lengths.next();
            }
        }
    }

    private void check() {
        for (int i = 0; i < pieces.size(); i++) {
            Heard piece = pieces.get(i);
            ToSay count = counts.get(at[i]);
            for (Move move : piece.moves()) {
                move(i, move, count);
            }
            beside(i, piece, count);
        }
    }

    private void move(int piece, Move heard, ToSay count) {
        List<ToSay.Recorded> recorded = count.moves();
        for (int r = 0; r < recorded.size(); r++) {
            if (count.agreement().fits(heard, recorded.get(r))) {
                Optional<ToSay.Recorded> other = unsaidOther(piece, heard, r, count);
                if (other.isPresent()) {
                    add(SlipKind.SIDE, piece, count, said(other.get().move(), count));
                    return;
                }
                order(piece, heard, r, count);
                told.merge(at[piece], 1L << r, (one, two) -> one | two);
                byPiece.computeIfAbsent(piece, _ -> new HashSet<>()).add(r);
                part(piece, heard, recorded.get(r).move(), count);
                upDown(piece, heard, recorded.get(r), count);
                return;
            }
        }
        for (ToSay.Recorded other : recorded) {
            Optional<SlipKind> slip = count.agreement().slip(heard, other);
            if (slip.isPresent()) {
                add(slip.get(), piece, count, said(other.move(), count));
                told.merge(at[piece], 1L << recorded.indexOf(other), (one, two) -> one | two);
                return;
            }
        }
        elsewhere(piece, heard);
    }

    /** The other side's move, where this side's has been said by another piece and the other's by none. */
    private Optional<ToSay.Recorded> unsaidOther(int piece, Move heard, int which, ToSay count) {
        boolean again = (told.getOrDefault(at[piece], 0L) & 1L << which) != 0
                && !byPiece.getOrDefault(piece, Set.of()).contains(which);
        if (!again) {
            return Optional.empty();
        }
        List<ToSay.Recorded> recorded = count.moves();
        for (int r = 0; r < recorded.size(); r++) {
            boolean unsaid = (told.getOrDefault(at[piece], 0L) & 1L << r) == 0;
            if (unsaid && count.agreement().otherHandFits(heard, recorded.get(r))) {
                return Optional.of(recorded.get(r));
            }
        }
        return Optional.empty();
    }

    /** A turn of a foot on another part of it than is recorded, where the part is said. */
    private void part(int piece, Move heard, Move recorded, ToSay count) {
        boolean turns = heard instanceof Move.TurnFoot one
                && recorded instanceof Move.TurnFoot two
                && one.on() != two.on()
                && says(pieces.get(piece).text(), one.on());
        if (turns) {
            add(SlipKind.PART, piece, count, said(recorded, count));
        }
    }

    /** The hands come down to the chest, where they rise to it: the verb goes the other way. */
    private void upDown(int piece, Move heard, ToSay.Recorded recorded, ToSay count) {
        Optional<Heard.Going> said = pieces.get(piece).going();
        boolean known = slips.stream().anyMatch(slip -> slip.piece() == piece && slip.kind() == SlipKind.UP_DOWN);
        if (!known
                && said.isPresent()
                && Agreement.going(heard, recorded)
                        .filter(way -> way != said.get())
                        .isPresent()) {
            add(SlipKind.UP_DOWN, piece, count, said(recorded.move(), count));
        }
    }

    private boolean says(String text, Pivot part) {
        return switch (part) {
            case HEEL -> text.matches("(?iu).*(heel|tal[oó]n|跟).*");
            case BALL -> text.matches("(?iu).*(\\bball\\b|metatarso|掌).*");
            case SOLE -> false;
        };
    }

    /** What is said after what comes later in the count. */
    private void order(int piece, Move heard, int which, ToSay count) {
        long before = told.getOrDefault(at[piece], 0L);
        int stage = count.moves().get(which).stage();
        boolean late = false;
        for (int r = 0; r < count.moves().size(); r++) {
            boolean later = (before & 1L << r) != 0 && count.moves().get(r).stage() > stage;
            late |= later && Urgency.matters(count.moves().get(r).move());
        }
        if (late && Urgency.matters(heard) && (before & 1L << which) == 0) {
            add(SlipKind.ORDER, piece, count, said(count.moves().get(which).move(), count));
        }
    }

    /** What fits the count before or after, where nobody said it, was said too late or too early. */
    private void elsewhere(int piece, Move heard) {
        for (int near : new int[] {at[piece] + 1, at[piece] - 1}) {
            if (near < 0 || near >= counts.size() || !Urgency.matters(heard)) {
                continue;
            }
            List<ToSay.Recorded> recorded = counts.get(near).moves();
            for (int r = 0; r < recorded.size(); r++) {
                boolean free = (told.getOrDefault(near, 0L) & 1L << r) == 0;
                if (free && counts.get(near).agreement().fits(heard, recorded.get(r))) {
                    add(
                            SlipKind.ORDER,
                            piece,
                            counts.get(near),
                            said(recorded.get(r).move(), counts.get(near)));
                    told.merge(near, 1L << r, (one, two) -> one | two);
                    return;
                }
            }
        }
    }

    private void beside(int piece, Heard heard, ToSay count) {
        heard.breath().ifPresent(breath -> {
            boolean other = breath.begins() != Breath.FREE
                    && count.breath().begins() != Breath.FREE
                    && breath.begins() != count.breath().begins();
            if (other) {
                add(SlipKind.BREATH, piece, count, "");
            }
        });
        heard.number().ifPresent(number -> {
            if (number != count.number()) {
                add(SlipKind.NUMBER, piece, count, Integer.toString(count.number()));
            }
        });
        heard.time().ifPresent(time -> {
            if (time != count.time()) {
                add(SlipKind.TIME, piece, count, "");
            }
        });
        heard.name().ifPresent(name -> {
            if (!name.equals(count.done().posture().id())) {
                add(SlipKind.NAME, piece, count, count.done().posture().name());
            }
        });
    }

    /** What was said the time before, on this side or the other, and is not said now. */
    private void halves() {
        for (Halves.Lack lack : new Halves(counts, told).lacks()) {
            ToSay count = counts.get(lack.count());
            String words = said(count.moves().get(lack.move()).move(), count);
            boolean known = slips.stream()
                    .anyMatch(slip -> slip.occurrence() == count.done().index()
                            && slip.place().sameCount(count.place()));
            if (!known) {
                int piece = lastBefore(lack.count());
                slips.add(new Slip(
                        SlipKind.LACKS,
                        "",
                        piece,
                        count.done().index(),
                        count.place(),
                        words,
                        pieces.get(piece).seconds()));
            }
        }
    }

    /** The last piece that was said by a count. */
    private int lastBefore(int count) {
        int last = 0;
        for (int i = 0; i < at.length; i++) {
            last = at[i] <= count ? i : last;
        }
        return last;
    }

    /** A step that is said of a foot that bears weight, and nobody said the shift that frees it. */
    private void leftOut() {
        for (int i = 0; i < pieces.size(); i++) {
            for (Move move : pieces.get(i).moves()) {
                Optional<Side> foot = Urgency.frees(move) ? MoveQuestions.side(move) : Optional.empty();
                if (foot.isPresent()) {
                    leftOut(i, foot.get());
                }
            }
        }
    }

    private void leftOut(int piece, Side foot) {
        ToSay count = counts.get(at[piece]);
        List<ToSay.Recorded> recorded = count.moves();
        int step = -1;
        for (int r = 0; r < recorded.size(); r++) {
            boolean steps = Urgency.frees(recorded.get(r).move())
                    && MoveQuestions.side(recorded.get(r).move()).equals(Optional.of(foot));
            step = steps && step < 0 ? r : step;
        }
        if (step < 0) {
            return;
        }
        int stage = recorded.get(step).stage();
        if (stage == 0) {
            before(piece, at[piece] - 1, Integer.MAX_VALUE, foot);
        } else {
            before(piece, at[piece], stage, foot);
        }
    }

    private void before(int piece, int countAt, int stage, Side foot) {
        if (countAt < 0) {
            return;
        }
        List<ToSay.Recorded> recorded = counts.get(countAt).moves();
        for (int r = recorded.size() - 1; r >= 0; r--) {
            ToSay.Recorded one = recorded.get(r);
            boolean frees = one.stage() < stage
                    && one.move() instanceof Move.Shift
                    && one.before().weight().most(foot) > LIGHT;
            if (frees) {
                boolean said = (told.getOrDefault(countAt, 0L) & 1L << r) != 0;
                if (!said) {
                    slips.add(new Slip(
                            SlipKind.SHIFT_LEFT_OUT,
                            "",
                            piece,
                            counts.get(countAt).done().index(),
                            counts.get(countAt).place(),
                            said(one.move(), counts.get(countAt)),
                            pieces.get(piece).seconds()));
                }
                return;
            }
        }
    }

    private String said(Move move, ToSay count) {
        Wording here = wording.withFront(count.done().front(count.place().section()));
        return new Saying(language, Register.CALL, here).words(move);
    }

    private void add(SlipKind kind, int piece, ToSay count, String instead) {
        Heard heard = pieces.get(piece);
        OptionalDouble seconds = heard.seconds();
        slips.add(new Slip(kind, heard.text(), piece, count.done().index(), count.place(), instead, seconds));
    }
}
