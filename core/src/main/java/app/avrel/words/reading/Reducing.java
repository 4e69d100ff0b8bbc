package app.avrel.words.reading;

import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.floor.Heading;
import app.avrel.posture.hand.HandShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Draws neighbouring tokens together: numbers, angles, shares, lengths, times of the clock. */
final class Reducing {

    private static final double HIP_WIDTHS = 0.75;

    private final List<Token> in;
    private final List<Token> out = new ArrayList<>();
    private int at;

    private Reducing(List<Token> in) {
        this.in = in;
    }

    static List<Token> reduce(List<Token> tokens) {
        List<Token> numbers = new Reducing(tokens).run(Reducing::number);
        List<Token> lengths = new Reducing(numbers).run(Reducing::length);
        List<Token> times = new Reducing(lengths).run(Reducing::time);
        return Referring.reduce(times);
    }

    private interface Step {
        boolean take(Reducing at);
    }

    private List<Token> run(Step step) {
        while (at < in.size()) {
            if (!step.take(this)) {
                out.add(in.get(at++));
            }
        }
        return out;
    }

    private Optional<Term> term(int ahead) {
        return at + ahead < in.size() ? Optional.of(in.get(at + ahead).term()) : Optional.empty();
    }

    private Optional<Double> num(int ahead) {
        return term(ahead).filter(Term.Num.class::isInstance).map(term -> ((Term.Num) term).value());
    }

    private boolean is(int ahead, Term term) {
        return term(ahead).filter(found -> found == term).isPresent();
    }

    private boolean put(int tokens, Term term) {
        out.add(in.get(at).through(in.get(at + tokens - 1), term));
        at += tokens;
        return true;
    }

    /** Seventy five; one and a half; seventy thirty; 45 degrees; 60 percent; two beats. */
    private boolean number() {
        Optional<Double> first = num(0);
        if (first.isEmpty()) {
            return bothBeats();
        }
        double value = first.get();
        int used = 1;
        if (value >= 20
                && value % 10 == 0
                && spelled(0)
                && num(1).filter(n -> n >= 1 && n <= 9).isPresent()) {
            value += num(1).get();
            used = 2;
        }
        if (num(used).filter(half -> half == 100).isPresent() && value < 10) {
            value *= 100;
            used++;
        }
        int half = half(used);
        if (half > 0) {
            value += 0.5;
            used = half;
        }
        return counted(value, used);
    }

    private boolean spelled(int ahead) {
        return !Character.isDigit(in.get(at + ahead).text().charAt(0));
    }

    /** {@return past "and a half", which begins at {@code from}; 0 where it does not} */
    private int half(int from) {
        int next = from;
        if (!is(next++, Term.Mark.AND)) {
            return 0;
        }
        while (is(next, Term.Mark.FILLER)) {
            next++;
        }
        return num(next).filter(n -> n == 0.5).isPresent() ? next + 1 : 0;
    }

    private boolean counted(double value, int used) {
        if (is(used, Term.Rel.DEGREE)) {
            return put(used + 1, new Term.Angle(value));
        }
        if (is(used, Term.Rel.PERCENT)) {
            return put(used + 1, new Term.Share(value));
        }
        if (is(used, Term.Manner.BEATS)) {
            return put(used + 1, new Term.Beats(value));
        }
        if (is(used, Term.Rel.TO) && num(used + 1).filter(most -> most <= 100).isPresent() && weighing()) {
            return put(used + 2, new Term.Span(value, num(used + 1).get()));
        }
        Optional<Double> second = num(used);
        if (second.isPresent() && value + second.get() == 100 && value % 5 == 0) {
            return put(used + 1, new Term.Ratio((int) value, (int) second.get().doubleValue()));
        }
        return put(used, new Term.Num(value));
    }

    /** Two beats, where two is the word for both. */
    private boolean bothBeats() {
        return is(0, Term.Who.BOTH) && is(1, Term.Manner.BEATS) && put(2, new Term.Beats(2));
    }

    /** Half a shoulder wide; a foot and a half; two fists; shoulder wide. */
    private boolean length() {
        Optional<Double> said = num(0);
        boolean one = is(0, Term.Mark.FILLER) && in.get(at).text().matches("a|an|un|una");
        int next = said.isPresent() || one ? 1 : 0;
        while (said.isPresent() && is(next, Term.Mark.FILLER)) {
            next++;
        }
        boolean counted = next > 0;
        Optional<LengthUnit> unit = term(next).flatMap(term -> unit(term, counted, one));
        double times = term(next)
                .filter(Term.Unit.class::isInstance)
                .map(term -> ((Term.Unit) term).times())
                .orElse(1.0);
        if (unit.isEmpty()) {
            return hips(said, next);
        }
        double amount = said.orElse(1.0);
        int used = next + 1;
        int half = half(used);
        if (half > 0) {
            amount += 0.5;
            used = half;
        }
        boolean wide = is(used, Term.Manner.WIDE) || is(used, Term.Manner.APART);
        boolean bare = !counted && unit.get() == LengthUnit.SHOULDER_WIDTH;
        if (Math.abs(amount * times) > 1000) {
            return false;
        }
        if (!counted && !wide && !bare) {
            return false;
        }
        return put(wide ? used + 1 : used, new Term.Measure(new Length(amount * times, unit.get()), wide || bare));
    }

    private boolean hips(Optional<Double> said, int next) {
        boolean hips = is(next, Term.Part.HIPS) && (is(next + 1, Term.Manner.WIDE) || is(next + 1, Term.Manner.APART));
        return hips && put(next + 2, new Term.Measure(Length.shoulderWidths(HIP_WIDTHS * said.orElse(1.0)), true));
    }

    private Optional<LengthUnit> unit(Term term, boolean counted, boolean article) {
        if (term instanceof Term.Unit(LengthUnit unit, double _)) {
            return Optional.of(unit);
        }
        if (term == Term.Part.SHOULDER) {
            boolean more = wideFollows() || !counted && half(1) > 0;
            return counted || more ? Optional.of(LengthUnit.SHOULDER_WIDTH) : Optional.empty();
        }
        if (term == Term.Part.FOOT && counted) {
            return Optional.of(LengthUnit.FOOT_LENGTH);
        }
        boolean fist = term instanceof Term.Shaped(HandShape shape) && shape == HandShape.FIST;
        return fist && counted && (!article || wideFollows() || !handBefore())
                ? Optional.of(LengthUnit.FIST)
                : Optional.empty();
    }

    private boolean wideFollows() {
        for (int ahead = 1; ahead <= 3; ahead++) {
            if (is(ahead, Term.Manner.WIDE) || is(ahead, Term.Manner.APART)) {
                return true;
            }
        }
        return false;
    }

    /** A fist after a hand is a shape, otherwise a measure. */
    private boolean handBefore() {
        for (int i = at - 1; i >= 0; i--) {
            Term term = in.get(i).term();
            if (term == Term.Mark.THEN || term == Term.Mark.STOP || term == Term.Mark.COMMA) {
                return false;
            }
            if (term == Term.Part.HAND || term == Term.Part.PALM || term == Term.Act.CLOSE) {
                return true;
            }
        }
        return false;
    }

    /** One o'clock; half past one; to 1; one thirty. */
    private boolean time() {
        Optional<Double> hour = num(0).filter(n -> n >= 1 && n <= 12 && n == Math.rint(n));
        if (term(0).orElseThrow() instanceof Term.Angle(double degrees) && headed()) {
            return put(1, new Term.Hall(Heading.wrapping(degrees)));
        }
        if (is(0, Term.Rel.HALF_PAST) && num(1).isPresent()) {
            return put(2, new Term.Hall(Heading.wrapping(num(1).get() * 30 + 15)));
        }
        if (hour.isEmpty()) {
            return at > 0 && term(0).orElseThrow() == Term.Rel.CLOCK && put(1, Term.Mark.FILLER);
        }
        if (is(1, Term.Rel.CLOCK)) {
            return put(2, hall(hour.get(), 0));
        }
        boolean minutes = num(1).filter(n -> n == 30 || n == 15 || n == 45).isPresent();
        if (minutes && toward()) {
            return put(2, hall(hour.get(), num(1).get()));
        }
        return toward() && !weighing() && put(1, hall(hour.get(), 0));
    }

    /** To 45°, with no side after it. */
    private boolean headed() {
        boolean to = !out.isEmpty()
                && (out.getLast().is(Term.Rel.TO) || out.getLast().is(Term.Act.FACE));
        boolean sided = term(1).filter(term -> term instanceof Term.Who || term instanceof Term.Way)
                .isPresent();
        return to && !sided;
    }

    private static Term.Hall hall(double hour, double minutes) {
        return new Term.Hall(Heading.wrapping(hour * 30 + minutes / 2));
    }

    private boolean toward() {
        int before = out.size() - 1;
        while (before >= 0 && out.get(before).filler()) {
            before--;
        }
        if (before < 0) {
            return false;
        }
        Term term = out.get(before).term();
        return term == Term.Rel.TO || term == Term.Rel.AT || term == Term.Act.FACE || term == Term.Act.LOOK;
    }

    private boolean weighing() {
        for (int i = out.size() - 1; i >= 0; i--) {
            Term term = out.get(i).term();
            if (term == Term.Mark.THEN
                    || term == Term.Mark.STOP
                    || term == Term.Mark.COMMA
                    || term == Term.Mark.WHILE
                    || term == Term.Act.TURN
                    || term == Term.Act.FACE
                    || term == Term.Act.LOOK
                    || term == Term.Act.STEP
                    || Topic.trunk(term)
                    || Topic.foot(term)) {
                return false;
            }
            if (term == Term.Act.SHIFT || term == Term.Part.WEIGHT || term == Term.Act.SIT) {
                return true;
            }
        }
        return false;
    }
}
