package app.avrel.words.reading;

import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.floor.Heading;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Draws neighbouring tokens together to amounts: numbers, angles, shares, ranges, lengths, hours of the clock, beats. */
final class Amounts {

    private static final double HIP_WIDTHS = 0.75;
    private static final double LONGEST = 1000;
    /** As long as one may hold. */
    private static final double BEATS = 16;
    /** Four fingers side by side make a fist. */
    private static final double FINGER = 0.25;

    private final List<Token> in;
    private final List<Token> out = new ArrayList<>();
    private int at;

    private Amounts(List<Token> in) {
        this.in = in;
    }

    static List<Token> of(List<Token> tokens) {
        List<Token> numbers = new Amounts(tokens).run(step -> step.around() || step.number());
        List<Token> shares = new Amounts(numbers).run(Amounts::allBut);
        List<Token> lengths = new Amounts(shares).run(Amounts::length);
        return new Amounts(lengths).run(Amounts::hour);
    }

    private interface Step {
        boolean take(Amounts at);
    }

    private List<Token> run(Step step) {
        while (at < in.size()) {
            if (!step.take(this)) {
                out.add(in.get(at++));
            }
        }
        return out;
    }

    private @Nullable Term term(int ahead) {
        return at + ahead >= 0 && at + ahead < in.size() ? in.get(at + ahead).term() : null;
    }

    private Optional<Double> num(int ahead) {
        return term(ahead) instanceof Term.Num(double value) ? Optional.of(value) : Optional.empty();
    }

    private double angleAt(int ahead) {
        return term(ahead) instanceof Term.Angle(double degrees) ? degrees : 0;
    }

    private boolean is(int ahead, Term term) {
        return term(ahead) == term;
    }

    private boolean filler(int ahead) {
        return is(ahead, Term.Mark.FILLER) || is(ahead, Term.Mark.A);
    }

    private boolean put(int tokens, Term term) {
        out.add(in.get(at).through(in.get(at + tokens - 1), term));
        at += tokens;
        return true;
    }

    /** Around two fists, to around chest height: about so much; anywhere else it is the way round. */
    private boolean around() {
        if (!is(0, Term.Way.ROUND)
                || !is(1, Term.Manner.ABOUT)
                || in.get(at).from() != in.get(at + 1).from()) {
            return false;
        }
        int next = filler(2) ? 3 : 2;
        boolean amount = num(next).isPresent() && !is(next + 1, Term.Rel.DEGREE)
                || term(next) instanceof Term.Part && is(next + 1, Term.Manner.HEIGHT);
        out.add(in.get(at + (amount ? 1 : 0)));
        at += 2;
        return true;
    }

    /** All but ten percent: it is the rest that goes there. */
    private boolean allBut() {
        if (!is(0, Term.Manner.LESS) || !is(-1, Term.Manner.ALL)) {
            return false;
        }
        int much = filler(1) || is(1, Term.Manner.ABOUT) ? 2 : 1;
        double less = term(much) instanceof Term.Share(double percent)
                ? percent
                : num(much).filter(part -> part < 1).map(part -> 100 * part).orElse(0.0);
        if (less <= 0 || less >= 100) {
            return false;
        }
        out.add(out.removeLast().through(in.get(at + much), new Term.Share(100 - less)));
        at += much + 1;
        return true;
    }

    /** One eighty, two seventy. */
    private static final Set<Double> COLLOQUIAL_TURNS = Set.of(120.0, 150.0, 180.0, 270.0, 360.0);

    /** Seventy five; a hundred and eighty; one and a half; seventy thirty; 45 degrees; 60 percent; two beats; 30 to 45. */
    private boolean number() {
        if (is(0, Term.Manner.BETWEEN)) {
            return between();
        }
        Optional<Double> first = num(0);
        if (first.isEmpty()) {
            return oneBeat();
        }
        double value = first.get();
        int used = 1;
        boolean tens = value >= 20 && value < 100 && value % 10 == 0 && spelled(0);
        int units = is(1, Term.Mark.AND) ? 2 : 1;
        if (tens
                && num(units).filter(n -> n >= 1 && n <= 9 && n == Math.rint(n)).isPresent()
                && spelled(units)) {
            value += num(units).get();
            used = units + 1;
        }
        if (num(used).filter(hundred -> hundred == 100).isPresent() && value < 10) {
            value *= 100;
            used++;
        }
        if (spelled(0) && (value == 100 || value % 100 == 0 && used > 1)) {
            int rest = is(used, Term.Mark.AND) ? used + 1 : used;
            Optional<Double> more = num(rest).filter(n -> n >= 1 && n < 100 && spelled(rest));
            int ones = rest + 1;
            boolean even = more.filter(n -> n >= 20 && n % 10 == 0).isPresent();
            Optional<Double> last = num(ones).filter(n -> even && n >= 1 && n <= 9 && spelled(ones));
            value += more.orElse(0.0) + last.orElse(0.0);
            used = last.isPresent() ? ones + 1 : more.isPresent() ? ones : used;
        } else if (used == 1 && value <= 3 && !is(-1, Term.Rel.ON) && spelled(0) && num(1).isPresent() && spelled(1)) {
            double turn = value * 100 + num(1).get();
            boolean colloquial = COLLOQUIAL_TURNS.contains(turn);
            value = colloquial ? turn : value;
            used = colloquial ? 2 : used;
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
        while (filler(next)) {
            next++;
        }
        return num(next).filter(n -> n == 0.5).isPresent() && !ofWeight(next + 1) ? next + 1 : 0;
    }

    /** To twelve, and half the weight on each leg: the half is of the weight. */
    private boolean ofWeight(int from) {
        int next = from;
        while (filler(next) || is(next, Term.Rel.OF)) {
            next++;
        }
        return is(next, Term.Part.WEIGHT);
    }

    private boolean between() {
        boolean range = num(1).isPresent() && (is(2, Term.Mark.AND) || is(2, Term.Rel.TO)) && num(3).isPresent();
        if (!range) {
            return false;
        }
        int used = is(4, Term.Rel.DEGREE) || is(4, Term.Rel.PERCENT) ? 5 : 4;
        return put(used, new Term.Span(num(1).get(), num(3).get()));
    }

    /** Spanish: pasa el 60 a la izquierda. An article before a bare number of tens makes it a share. */
    private boolean wholeShare(double value) {
        boolean article = at > 0 && in.get(at - 1).text().equals("el");
        return article && value % 5 == 0 && value >= 15 && value <= 100;
    }

    /** A third of a right angle. */
    private boolean ofAngle(double value, int used) {
        int angle = is(used, Term.Rel.OF) ? used + 1 : used;
        return value > 0
                && value < 1
                && angleAt(angle) > 0
                && put(angle + 1, new Term.Angle(Math.round(value * angleAt(angle))));
    }

    private boolean counted(double value, int used) {
        if (ofAngle(value, used)) {
            return true;
        }
        if (is(used, Term.Rel.DEGREE)) {
            return put(used + 1, new Term.Angle(value));
        }
        if (is(used, Term.Rel.PERCENT)) {
            int of = percentSign(used + 1) ? used + 2 : used + 1;
            return put(of, new Term.Share(value));
        }
        if (is(used, Term.Manner.BEATS)) {
            int more = half(used + 1);
            return put(Math.max(used + 1, more), new Term.Beats(more > 0 ? value + 0.5 : value));
        }
        if (is(-1, Term.Manner.HELD) && ends(used) && value <= BEATS) {
            return put(used, new Term.Beats(value));
        }
        boolean range = is(used, Term.Rel.TO)
                && !is(-1, Term.Rel.TO)
                && !is(-1, Term.Rel.THROUGH)
                && (num(used + 1).isPresent() || angle(used + 1));
        if (range && !is(used + 2, Term.Rel.CLOCK)) {
            double most = num(used + 1).orElseGet(() -> angleAt(used + 1));
            int end = is(used + 2, Term.Rel.DEGREE) || is(used + 2, Term.Rel.PERCENT) ? used + 3 : used + 2;
            return put(end, new Term.Span(value, most));
        }
        Optional<Double> second = num(used);
        if (second.isPresent() && value + second.get() == 100 && value % 5 == 0) {
            return put(used + 1, new Term.Ratio((int) value, (int) second.get().doubleValue()));
        }
        return put(used, wholeShare(value) ? new Term.Share(value) : new Term.Num(value));
    }

    private boolean percentSign(int ahead) {
        return is(ahead, Term.Rel.PERCENT);
    }

    private boolean angle(int ahead) {
        return term(ahead) instanceof Term.Angle;
    }

    /** Two beats, where two is the word for both; a beat. */
    private boolean oneBeat() {
        boolean nth = is(0, Term.Manner.NTH) && is(2, Term.Manner.BEATS);
        if (nth && num(1).filter(beat -> beat >= 1 && beat <= 64).isPresent()) {
            return put(3, new Term.OnBeat(num(1).get()));
        }
        if (is(0, Term.Manner.BEATS)
                && num(1).filter(beat -> beat >= 1 && beat <= 64).isPresent()) {
            String word = in.get(at).text();
            boolean count = word.startsWith("count") || word.startsWith("cuenta");
            return put(2, count ? new Term.NthCount((int) Math.floor(num(1).get())) : new Term.OnBeat(num(1).get()));
        }
        if (is(0, Term.Who.BOTH) && is(1, Term.Manner.BEATS)) {
            return put(2, new Term.Beats(2));
        }
        boolean one = is(0, Term.Mark.A) && is(1, Term.Manner.BEATS);
        int half = one ? half(2) : 0;
        return one && put(Math.max(2, half), new Term.Beats(half > 0 ? 1.5 : 1));
    }

    /** Half a shoulder wide; a foot and a half; two fists; shoulder wide; hip wide; apart two fists. */
    private boolean length() {
        boolean before = across(0) && (num(1).isPresent() || is(1, Term.Mark.A));
        int from = before ? 1 : 0;
        Optional<Double> said = num(from);
        boolean one = is(from, Term.Mark.A);
        int next = said.isPresent() || one ? from + 1 : from;
        boolean fold = said.isPresent() && is(next, Term.Manner.TIMES);
        next = fold ? next + 1 : next;
        while (said.isPresent() && (filler(next) || is(next, Term.Manner.MORE) || fold && is(next, Term.Rel.OF))) {
            next++;
        }
        if (said.isPresent() && ofBeat(from, next)) {
            return false;
        }
        if (from == 0 && twoFistsGo(next)) {
            return put(1, Term.Who.BOTH);
        }
        boolean counted = next > from;
        Optional<LengthUnit> unit = unit(next, said.isPresent(), one);
        if (unit.isEmpty()) {
            return !before && hips(said, next);
        }
        double times = term(next) instanceof Term.Unit(LengthUnit _, double each)
                ? each
                : term(next) == Term.Part.FINGERS ? FINGER : 1;
        double amount = said.orElse(1.0);
        int used = next + 1;
        int half = half(used);
        if (half > 0) {
            amount += 0.5;
            used = half;
        }
        boolean wide = is(used, Term.Manner.WIDE) || is(used, Term.Manner.APART) || is(used, Term.Manner.BETWEEN);
        used = counted && is(used, Term.Manner.EXTENDED) ? used + 1 : used;
        if (is(used, Term.Way.ACROSS) && ends(used + 1)) {
            wide = true;
        }
        boolean bare = !counted && unit.get() == LengthUnit.SHOULDER_WIDTH;
        if (Math.abs(amount * times) > LONGEST) {
            return false;
        }
        Length length = new Length(amount * times, unit.get());
        return put(wide ? used + 1 : used, new Term.Measure(length, wide || bare || before));
    }

    /** On one the foot; en dos pie izquierdo: the number is the beat's, and the foot is no length. */
    private boolean ofBeat(int number, int unit) {
        boolean limb = is(unit, Term.Part.FOOT) || is(unit, Term.Part.FIST);
        boolean article = unit > number + 1 && is(unit - 1, Term.Mark.FILLER);
        boolean begins =
                is(-1, Term.Rel.ON) && (at < 2 || Stages.parts(in.get(at - 2).term()) || is(-2, Term.Mark.AND));
        boolean one = limb && !in.get(at + unit).many();
        return num(number).filter(beat -> beat >= 1).isPresent() && (article && limb || begins && one);
    }

    /** Two fists draw to the waist: where something begins with them, and goes by no length, they are no length. */
    private boolean twoFistsGo(int fist) {
        boolean made = is(-1, Term.Act.FORM) || is(-1, Term.Act.DO) || is(-1, Term.Act.CLOSE);
        boolean begins = at == 0 || term(-1) instanceof Term.Mark || term(-1) instanceof Term.OnBeat;
        int way = fist + 1;
        while (term(way) instanceof Term.Way) {
            way++;
        }
        boolean byLength = is(way, Term.Act.LOWER) || is(way, Term.Act.SINK) || is(way, Term.Act.RISE);
        return fist == 1
                && is(fist, Term.Part.FIST)
                && num(0).filter(two -> two == 2).isPresent()
                && (made || begins && term(way) instanceof Term.Act && !byLength);
    }

    private boolean ends(int ahead) {
        return at + ahead >= in.size()
                || is(ahead, Term.Mark.COMMA)
                || is(ahead, Term.Mark.STOP)
                || is(ahead, Term.Mark.THEN);
    }

    private boolean hips(Optional<Double> said, int next) {
        boolean hips = is(next, Term.Part.HIPS) && (is(next + 1, Term.Manner.WIDE) || is(next + 1, Term.Manner.APART));
        return hips && put(next + 2, new Term.Measure(Length.shoulderWidths(HIP_WIDTHS * said.orElse(1.0)), true));
    }

    private Optional<LengthUnit> unit(int next, boolean number, boolean article) {
        Term term = term(next);
        if (term instanceof Term.Unit(LengthUnit unit, double _)) {
            return Optional.of(unit);
        }
        boolean counted = number || article;
        if (term == Term.Part.SHOULDER) {
            boolean more = !counted && half(1) > 0;
            return number && !in.get(at + next).many() || more || counted && across(next + 1)
                    ? Optional.of(LengthUnit.SHOULDER_WIDTH)
                    : Optional.empty();
        }
        if (term == Term.Part.FOOT) {
            return counted ? Optional.of(LengthUnit.FOOT_LENGTH) : Optional.empty();
        }
        if ((number || article && sinksBy(next)) && term == Term.Part.FINGERS) {
            boolean apart = across(next + 1) || farFrom(next + 1) || is(next + 1, Term.Manner.MORE);
            return apart || goesUpOrDown() ? Optional.of(LengthUnit.FIST) : Optional.empty();
        }
        boolean measures =
                number || half(next + 1) > 0 || article && (across(next + 1) || farFrom(next + 1) || sinksBy(next));
        return term == Term.Part.FIST && measures ? Optional.of(LengthUnit.FIST) : Optional.empty();
    }

    /** Baja un puño, and nothing more: so far the body goes down. */
    private boolean sinksBy(int next) {
        boolean depth = goesUpOrDown() || is(-1, Term.Way.DOWN);
        boolean begins = at < 2 || term(-2) instanceof Term.Mark;
        boolean breath = is(next + 1, Term.Manner.IN_BREATH) || is(next + 1, Term.Manner.OUT_BREATH);
        return next == 1 && depth && begins && (breath || ends(next + 1));
    }

    private boolean goesUpOrDown() {
        int verb = is(-1, Term.Rel.BESIDE) || is(-1, Term.Manner.DEEPER) ? -2 : -1;
        return is(verb, Term.Act.LOWER) || is(verb, Term.Act.SINK) || is(verb, Term.Act.RISE) || is(verb, Term.Act.SIT);
    }

    private boolean across(int ahead) {
        return is(ahead, Term.Manner.WIDE) || is(ahead, Term.Manner.APART);
    }

    private boolean farFrom(int ahead) {
        return is(ahead, Term.Rel.BEFORE)
                || is(ahead, Term.Manner.BETWEEN)
                || is(ahead, Term.Rel.FROM)
                || is(ahead, Term.Rel.OF) && is(ahead + 1, Term.Part.FLOOR)
                || is(ahead, Term.Rel.OF) && is(-1, Term.Rel.TO) && trunk(filler(ahead + 1) ? ahead + 2 : ahead + 1)
                || is(ahead, Term.Rel.OVER)
                || is(ahead, Term.Rel.OUTSIDE)
                || is(ahead, Term.Rel.INSIDE)
                || is(ahead, Term.Rel.ABOVE)
                || is(ahead, Term.Rel.BELOW)
                || is(ahead, Term.Way.AWAY)
                || is(ahead, Term.Manner.DEEPER)
                || is(ahead, Term.Act.LOWER)
                || is(ahead, Term.Manner.HIGHER);
    }

    private boolean trunk(int ahead) {
        return term(ahead) instanceof Term.Part part
                && (PhraseKinds.TRUNK.contains(part) || PhraseKinds.HEIGHTS.contains(part));
    }

    /** One o'clock; half past one; two and a half of the clock. */
    private boolean hour() {
        if (is(0, Term.Rel.HALF_PAST) && num(1).isPresent()) {
            return put(2, hall(num(1).get() + 0.5));
        }
        if (term(0) instanceof Term.Clock(double hour) && hour >= 1) {
            return put(1, hall(hour));
        }
        Optional<Double> hour = num(0).filter(n -> n >= 1 && n <= 12 && n == Math.rint(n));
        if (hour.isEmpty()) {
            return is(0, Term.Rel.CLOCK) && put(1, Term.Mark.FILLER);
        }
        if (is(1, Term.Rel.CLOCK)) {
            return put(2, hall(hour.get()));
        }
        if (term(1) instanceof Term.Clock(double half)) {
            return put(2, hall(hour.get() + half));
        }
        boolean minutes = num(1).filter(n -> n == 30 || n == 15 || n == 45).isPresent();
        return minutes && toward() && put(2, hall(hour.get() + num(1).get() / 60));
    }

    /** To ten thirty, face ten thirty. */
    private boolean toward() {
        return is(-1, Term.Rel.TO)
                || is(-1, Term.Rel.AT)
                || is(-1, Term.Act.FACE)
                || is(-1, Term.Act.LOOK)
                || is(-1, Term.Act.STEP)
                || is(-1, Term.Part.EYES);
    }

    private static Term hall(double hour) {
        return new Term.Hall(Heading.wrapping(hour * 30));
    }
}
