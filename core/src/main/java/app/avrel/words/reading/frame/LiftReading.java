package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;

/** What goes up: heels and toes with the foot on the floor, knees and feet off it. */
final class LiftReading {

    private final Clause clause;
    private final Situation now;

    LiftReading(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    Optional<Fit> up() {
        boolean onlyToes = clause.has(Term.Part.FOOT) && clause.has(Term.Part.TOES) && clause.has(Term.Act.LAND);
        boolean leg = clause.has(item -> (item.is(Term.Part.FOOT)
                        || item.is(Term.Part.LEG)
                        || item.is(Term.Part.KNEE)
                        || item.is(Term.Part.THIGH))
                && (item.rel() == null || item.rel() == Term.Rel.WITH));
        boolean heel = clause.has(item -> item.is(Term.Part.HEEL) && itself(item));
        boolean toes = clause.has(item -> item.is(Term.Part.TOES) && itself(item));
        boolean ball = clause.has(item -> item.is(Term.Part.BALL) && item.rel() == null);
        boolean hangs = clause.has(Term.Act.HANG)
                || clause.has(Term.Manner.HANGING)
                || clause.has(Term.Manner.POINTED)
                || clause.has(Term.Manner.FLEXED);
        boolean knee = clause.has(item -> item.is(Term.Part.KNEE) && item.rel() == null);
        if (clause.has(Term.Act.STEP)
                || clause.has(Term.Hall.class)
                || clause.has(Term.Measure.class) && clause.has(Term.Way.FORWARD)) {
            return Optional.empty();
        }
        if (heel && risesApart() || comesDownAgain()) {
            return Optional.empty();
        }
        boolean end = !knee && (heel || toes && !hangs || ball);
        boolean wholeFoot = leg && !(heel || toes && !hangs);
        if (onlyToes || end && !wholeFoot) {
            return raise(onlyToes || heel && !toesNearer() ? FootPart.HEEL : FootPart.TOES, onlyToes);
        }
        return lift();
    }

    /** The heel, the heel of the foot, "with the heel up": it is that part which moves. */
    private static boolean itself(Item item) {
        return item.rel() == null || item.rel() == Term.Rel.OF || item.rel() == Term.Rel.WITH;
    }

    /** Press the heel down and rise: it is the body that rises. */
    private boolean risesApart() {
        int rise = clause.find(Term.Act.RISE);
        return rise > 0 && clause.item(rise - 1).soft() && !clause.has(Term.Act.RAISE) && !clause.has(Term.Way.UP);
    }

    /** 左脚提起往前落: what comes down after it was lifted is told in another clause. */
    private boolean comesDownAgain() {
        int raise = clause.find(item -> item.is(Term.Act.RAISE) || item.is(Term.Act.TAKE));
        int lower = clause.find(Term.Act.LOWER);
        return raise >= 0 && lower > raise;
    }

    private void takeUp() {
        clause.takeAll(
                Term.Act.RAISE,
                Term.Act.TAKE,
                Term.Act.RISE,
                Term.Act.MOVE,
                Term.Act.HOVER,
                Term.Act.LOWER,
                Term.Act.STAY,
                Term.Act.PULL,
                Term.Act.ROLL,
                Term.Act.RETURN);
        clause.takeAll(Term.Way.UP, Term.Way.OUT, Term.Way.AWAY, Term.Manner.HIGHER);
        clause.takeItem(item -> item.is(Term.Part.FLOOR));
    }

    /** How far off the floor: a length, near enough to it. */
    private Optional<Length> height() {
        Optional<Length> height = clause.takeItem(item -> item.term() instanceof Term.Measure(var _, boolean wide)
                        && !wide
                        && item.rel() != Term.Rel.BEFORE
                        && item.rel() != Term.Rel.BEHIND)
                .map(item -> ((Term.Measure) item.term()).length())
                .filter(length -> length.amount() > 0);
        if (height.isPresent()) {
            clause.takeAll(Term.Rel.FROM, Term.Rel.OVER, Term.Rel.ABOVE, Term.Manner.HIGHER, Term.Manner.HEIGHT);
        }
        return height;
    }

    /** Of heel and toes, whether the toes stand nearer to what says that something rises. */
    private boolean toesNearer() {
        int up = -1;
        for (int i = 0; i < clause.size(); i++) {
            Term term = clause.item(i).term();
            up = term == Term.Act.RAISE || term == Term.Act.RISE || term == Term.Way.UP ? i : up;
        }
        int toes = clause.indexOf(Term.Part.TOES);
        int heel = clause.indexOf(Term.Part.HEEL);
        return toes >= 0 && heel >= 0 && up >= 0 && Math.abs(up - toes) < Math.abs(up - heel);
    }

    private Optional<Fit> raise(FootPart part, boolean touches) {
        WhichFoot.Found which = WhichFoot.of(clause, now);
        Optional<Length> height = height();
        takeUp();
        if (touches) {
            clause.takeAll(Term.Act.LAND);
        }
        clause.takeAll(Term.Part.HEEL, Term.Part.TOES, Term.Part.BALL);
        clause.takeItem(item ->
                item.is(Term.Part.FOOT) && item.who() == null || item.rel() == Term.Rel.OF && WhichFoot.foot(item));
        if (which.both()) {
            return Optional.of(
                    Fit.of(new Move.Raise(Side.LEFT, part, height), new Move.Raise(Side.RIGHT, part, height)));
        }
        Fit fit = Fit.of(new Move.Raise(which.side().orElse(Side.LEFT), part, height))
                .costs(which.cost());
        height.ifPresent(_ -> fit.holds("how far off the floor"));
        return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
    }

    /** "To the left knee" by itself: a place, and nothing says that a foot goes there. */
    private boolean onlyPlace() {
        return now.topic() != Situation.Topic.FOOT
                && !clause.has(item -> item.term() instanceof Term.Act
                        || item.is(Term.Way.UP)
                        || WhichFoot.foot(item) && item.rel() == null);
    }

    private Optional<Fit> lift() {
        boolean toKnee = clause.has(item -> item.is(Term.Part.KNEE)
                && item.rel() != null
                && item.who() != null
                && item.rel() != Term.Rel.WITH
                && item.rel() != Term.Rel.OF);
        if (toKnee && onlyPlace()) {
            return Optional.empty();
        }
        boolean thighLevel = clause.has(item -> item.is(Term.Part.THIGH))
                && clause.has(item -> item.is(Term.Part.FLOOR) || item.is(Term.Manner.HEIGHT));
        int ankle = clause.find(item -> item.is(Term.Part.ANKLE));
        if (ankle >= 0 && clause.has(Term.Part.FOOT)) {
            clause.keep(ankle);
        }
        Optional<Landmark> height = toKnee || thighLevel ? Optional.of(Landmark.HIP) : Landmarks.ofLifted(clause);
        if (toKnee) {
            clause.takeItem(item -> item.is(Term.Part.KNEE) && item.rel() != null);
        }
        WhichFoot.Found which = WhichFoot.of(clause, now);
        if (which.both() && (clause.has(Term.Act.RISE) || clause.has(Term.Act.STRAIGHTEN))) {
            return Optional.empty();
        }
        if (which.both()) {
            clause.useAll();
            return Optional.of(new Fit().refuse("both", "one_foot", Map.of()).costs(-Costs.REFUSAL + 1));
        }
        Optional<HangingToes> toes = hanging();
        Optional<Length> off = height();
        takeUp();
        clause.takeAll(
                Term.Part.KNEE,
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Part.SOLE,
                Term.Part.THIGH,
                Term.Part.FLOOR,
                Term.Manner.HEIGHT,
                Term.Manner.BENT,
                Term.Way.FORWARD,
                Term.Act.HANG,
                Term.Part.TOES);
        Fit fit = Fit.of(new Move.Lift(which.side().orElse(Side.LEFT), height, toes, off))
                .costs(which.cost());
        off.ifPresent(_ -> fit.holds("how far off the floor"));
        if (clause.takeAll(Term.Manner.EXTENDED)) {
            clause.takeAll(Term.Act.PUSH, Term.Act.POINT);
            fit.holds("how the leg is");
        }
        return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
    }

    private Optional<HangingToes> hanging() {
        boolean toes = clause.has(Term.Part.TOES);
        if (clause.takeAll(Term.Manner.POINTED)) {
            clause.takeAll(Term.Way.DOWN);
            return Optional.of(HangingToes.POINTED);
        }
        if (clause.takeAll(Term.Manner.HANGING) | clause.takeAll(Term.Act.HANG)
                || toes && clause.takeAll(Term.Way.DOWN)) {
            return Optional.of(HangingToes.HANGING);
        }
        int at = clause.indexOf(Term.Part.TOES);
        boolean up = at >= 0
                && clause.near(at, 1).filter(next -> next.is(Term.Way.UP)).isPresent();
        return clause.takeAll(Term.Manner.FLEXED) || up ? Optional.of(HangingToes.FLEXED) : Optional.empty();
    }
}
