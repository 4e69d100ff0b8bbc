package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.List;
import java.util.Optional;

/** Reads what a foot does. */
final class Feet {

    private final Clause clause;
    private final ReadingContext hearing;
    private final Lifting lifting;

    Feet(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
        this.lifting = new Lifting(clause);
    }

    List<Move> read() {
        WhichFoot which = new WhichFoot(clause, hearing);
        if (which.both()) {
            return both();
        }
        Optional<Side> foot = which.find();
        if (foot.isEmpty()) {
            return List.of();
        }
        hearing.foot(foot.get());
        return read(foot.get()).stream().toList();
    }

    private List<Move> both() {
        clause.takeAny(Term.Who.BOTH);
        if (turns()) {
            Clause again = new Clause(clause.topic(), clause.tokens());
            Move left = turn(Side.LEFT, clause);
            return List.of(left, turn(Side.RIGHT, again));
        }
        if (raises() && (clause.has(Term.Part.HEEL) || clause.has(Term.Part.TOES))) {
            FootPart part = clause.has(Term.Part.HEEL) ? FootPart.HEEL : FootPart.TOES;
            clause.takeAny(Term.Part.HEEL, Term.Part.TOES, Term.Way.UP, Term.Part.FOOT);
            return List.of(new Move.Raise(Side.LEFT, part), new Move.Raise(Side.RIGHT, part));
        }
        if (lowers()) {
            clause.takeAny(Term.Part.HEEL, Term.Part.TOES, Term.Part.FOOT, Term.Way.DOWN, Term.Manner.FLAT);
            return List.of(
                    new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty()),
                    new Move.Lower(Side.RIGHT, Contact.FLAT, Optional.empty(), Optional.empty()));
        }
        clause.takeAny(Term.Part.FOOT, Term.Part.KNEE, Term.Part.LEG, Term.Part.HEEL);
        hearing.refuse("both", "Only one foot can do that at a time: say the left or the right one.");
        return List.of();
    }

    private Optional<Move> read(Side foot) {
        boolean kneeBack = clause.has(Term.Part.KNEE)
                && clause.has(Term.Way.BACK)
                && standing(foot).lifted();
        if (clause.has(Term.Act.KICK) || clause.has(Term.Act.SWEEP)) {
            return Optional.of(kick(foot));
        }
        if (clause.take(Term.Act.STAMP)) {
            clause.takeAny(Term.Part.FOOT, Term.Part.SOLE, Term.Way.DOWN, Term.Manner.FLAT);
            return Optional.of(new Move.Stamp(foot, new Places(clause, hearing).find(foot)));
        }
        if (clause.has(Term.Act.HALF_STEP)) {
            return Optional.of(halfStep(foot));
        }
        boolean pulled = clause.has(Term.Act.PULL_BACK) && (standing(foot).lifted() || clause.has(Term.Part.KNEE));
        if (pulled || kneeBack) {
            clause.takeAny(Term.Part.FOOT, Term.Part.KNEE, Term.Part.LEG, Term.Way.BACK);
            return Optional.of(new Move.DrawBack(foot));
        }
        if (draws()) {
            return Optional.of(drawIn(foot));
        }
        if (lifting.lifts()) {
            return Optional.of(lifting.lift(foot));
        }
        Optional<Move> toKnee = lifting.toKnee(foot);
        if (toKnee.isPresent()) {
            return toKnee;
        }
        if (raises()) {
            return Optional.of(raise(foot));
        }
        if (lowers() && downFrom(foot)) {
            return Optional.of(lower(foot));
        }
        return turns() ? Optional.of(turn(foot, clause)) : new Stepping(clause, hearing).read(foot);
    }

    private FootPose standing(Side foot) {
        return hearing.pose().foot(foot);
    }

    private boolean draws() {
        boolean at = clause.has(term -> term instanceof Term.Anchor anchor && anchor.part() == Term.Part.ANKLE);
        boolean brought = clause.has(Term.Act.DRAW) || clause.has(Term.Act.HOVER);
        return brought && !clause.has(Term.Way.BACK)
                || at && !clause.has(Term.Act.STEP) && !clause.has(Term.Act.SLIDE) && !lifting.lifts();
    }

    private boolean raises() {
        boolean up = clause.has(Term.Act.LIFT)
                || clause.has(Term.Act.RAISE)
                || clause.has(Term.Way.UP)
                || clause.has(Term.Act.RISE);
        boolean end = clause.has(Term.Part.HEEL) || clause.has(Term.Part.BALL) || clause.has(Term.Part.TOES);
        boolean said = clause.has(Term.Act.LIFT) || clause.has(Term.Act.RAISE);
        return up && end && !clause.has(Term.Act.STEP) && (said || !goes());
    }

    /** Whether the clause says where a foot goes along the floor. */
    private boolean goes() {
        return clause.has(term -> term == Term.Way.FORWARD
                || term == Term.Way.BACK
                || term instanceof Term.Hall
                || term instanceof Term.Compass
                || term instanceof Term.Place
                || term instanceof Term.Measure);
    }

    private boolean lowers() {
        return clause.has(Term.Act.LOWER)
                || clause.has(Term.Way.DOWN)
                || clause.has(Term.Manner.FLAT) && !clause.has(Term.Act.SLIDE);
    }

    /** Down from the air, or from heel or ball; a flat foot that goes down somewhere steps there. */
    private boolean downFrom(Side foot) {
        Contact contact = standing(foot).contact();
        boolean places = clause.has(term -> term instanceof Term.Way way && way != Term.Way.DOWN
                || term instanceof Term.Hall
                || term instanceof Term.Compass
                || term instanceof Term.Place
                || term instanceof Term.Measure
                || term instanceof Term.Anchor);
        boolean stepped = clause.has(Term.Act.STEP);
        return clause.has(Term.Act.LOWER)
                || contact == Contact.LIFTED && !stepped
                || clause.has(Term.Act.LOWER) && !places
                || contact != Contact.FLAT && !places && !stepped
                || !places && !stepped;
    }

    private boolean turns() {
        boolean toes = clause.has(Term.Part.TOES);
        boolean stepped = clause.has(Term.Act.STEP)
                || clause.has(Term.Act.MOVE)
                || clause.has(term -> term instanceof Term.Measure || term instanceof Term.Anchor);
        boolean turned = clause.has(Term.Act.TURN) || clause.has(Term.Act.FACE) || clause.has(Term.Act.POINT);
        boolean landing = clause.has(Term.Manner.FIRST) || clause.has(Term.Act.LAND);
        boolean pushed = clause.has(Term.Act.PUSH) && clause.has(Term.Part.HEEL);
        return turned && !stepped && !landing || pushed || toes && !stepped && !landing && !hasOther();
    }

    private boolean hasOther() {
        boolean heel = clause.has(Term.Part.HEEL) && !onPart(clause, Term.Part.HEEL);
        boolean ball = clause.has(Term.Part.BALL) && !onPart(clause, Term.Part.BALL);
        return clause.has(Term.Part.FOOT) || heel || ball;
    }

    private Move kick(Side foot) {
        clause.take(Term.Act.KICK);
        boolean sweeps = clause.take(Term.Act.SWEEP);
        boolean outer = clause.take(Term.Manner.OUTER) || sweeps && clause.take(Term.Way.OUT);
        boolean inner = clause.take(Term.Manner.INNER) || sweeps && clause.take(Term.Way.IN);
        Kick kind = outer ? Kick.OUTER_SWEEP : inner ? Kick.INNER_SWEEP : kindOfKick();
        clause.takeAny(
                Term.Part.HEEL, Term.Part.FOOT, Term.Part.LEG, Term.Manner.FIRST, Term.Part.TOES, Term.Part.INSTEP);
        Optional<Landmark> height = height();
        clause.takeAny(Term.Manner.HEIGHT, Term.Way.UP);
        return new Move.Kicking(foot, kind, new DirectionReading(clause, hearing).of(foot), height);
    }

    private Kick kindOfKick() {
        if (clause.take(Term.Part.HEEL) || clause.take(Term.Part.SOLE)) {
            return Kick.HEEL;
        }
        return clause.take(Term.Part.INSTEP) ? Kick.TOP_OF_FOOT : Kick.TOE;
    }

    private Optional<Landmark> height() {
        return clause.take(Term.Height.class).map(Term.Height::landmark);
    }

    private Move halfStep(Side foot) {
        clause.take(Term.Act.HALF_STEP);
        boolean heelFollows =
                clause.has(Term.Part.HEEL) && !clause.has(Term.Manner.FIRST) && !onPart(clause, Term.Part.HEEL);
        if (heelFollows) {
            clause.take(Term.Part.HEEL);
        }
        Optional<Contact> landing = Stepping.landing(clause);
        clause.take(Term.Who.class);
        clause.take(Term.Manner.FIRST);
        clause.takeAny(
                Term.Way.UP,
                Term.Way.FORWARD,
                Term.Part.FOOT,
                Term.Part.HEEL,
                Term.Part.LEG,
                Term.Way.IN,
                Term.Part.BALL);
        clause.take(Term.Anchor.class);
        clause.take(Term.Num.class);
        return new Move.HalfStep(foot, landing);
    }

    private Move drawIn(Side foot) {
        boolean ankle = clause.take(Term.Anchor.class, anchor -> anchor.part() == Term.Part.ANKLE)
                .isPresent();
        clause.take(Term.Who.class);
        boolean hovers = clause.take(Term.Act.HOVER) || clause.has(Term.Manner.NONE) && ankle;
        boolean ball = clause.take(Term.Part.BALL) || clause.has(Term.Part.TOES);
        clause.takeAny(
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Way.IN,
                Term.Manner.NONE,
                Term.Part.TOES,
                Term.Part.ANKLE,
                Term.Way.UP,
                Term.Way.DOWN,
                Term.Manner.FIRST,
                Term.Manner.FLAT);
        clause.take(Term.Anchor.class);
        clause.take(Term.Height.class);
        return new Move.DrawIn(foot, hovers || ankle && !ball ? DrawnTo.HOVERING : DrawnTo.BALL_BESIDE);
    }

    private Move raise(Side foot) {
        boolean onBall = clause.take(Term.Part.BALL);
        boolean heel = clause.take(Term.Part.HEEL);
        clause.takeAny(Term.Part.TOES, Term.Part.FOOT, Term.Way.UP, Term.Way.OUT, Term.Part.LEG);
        if (clause.has(Term.Part.FLOOR)) {
            clause.take(Term.Part.FLOOR);
        }
        clause.take(Term.Height.class);
        return new Move.Raise(foot, onBall || heel ? FootPart.HEEL : FootPart.TOES);
    }

    private Move lower(Side foot) {
        clause.takeAny(Term.Act.LOWER, Term.Way.DOWN);
        boolean up = standing(foot).lifted();
        Optional<Toes> toes =
                clause.has(Term.Part.TOES) && up ? new ToesReading(hearing, foot).afterWord(clause) : Optional.empty();
        Optional<Contact> said = Stepping.landing(clause);
        boolean partOnly = said.isPresent() && !up && !clause.has(Term.Manner.FIRST) && said.get() != Contact.FLAT;
        boolean alreadyFlat = standing(foot).contact() == Contact.FLAT;
        Contact to = partOnly && !alreadyFlat ? Contact.FLAT : said.orElse(Contact.FLAT);
        clause.takeAny(
                Term.Part.FOOT,
                Term.Part.TOES,
                Term.Part.LEG,
                Term.Part.KNEE,
                Term.Part.SOLE,
                Term.Manner.FIRST,
                Term.Manner.IN_PLACE,
                Term.Part.FLOOR);
        clause.take(Term.Height.class);
        Optional<StepPlace> place = new Places(clause, hearing).find(foot);
        return new Move.Lower(foot, to, place, toes);
    }

    private Move turn(Side foot, Clause from) {
        boolean heelMoves = from.has(Term.Part.HEEL) && !onPart(from, Term.Part.HEEL);
        Pivot on = pivot(foot, from, heelMoves);
        from.takeAny(Term.Part.FOOT, Term.Part.LEG, Term.Part.HEEL, Term.Part.BALL, Term.Part.SOLE, Term.Who.BOTH);
        ToesReading reading = new ToesReading(hearing, foot);
        from.take(Term.Manner.IN_PLACE);
        Optional<Toes> toes = from.has(Term.Part.TOES) ? reading.afterWord(from) : reading.of(from);
        if (toes.isEmpty()) {
            from.takeAny(Term.Way.IN, Term.Way.OUT);
        }
        return new Move.TurnFoot(foot, on, heelMoves ? toes.map(Feet::heelWay) : toes);
    }

    /** A heel that goes out turns the toes in. */
    private static Toes heelWay(Toes toes) {
        return toes instanceof Toes.Turned(double out) ? new Toes.Turned(-out) : toes;
    }

    private Pivot pivot(Side foot, Clause from, boolean heelMoves) {
        if (onPart(from, Term.Part.BALL) || heelMoves || from.has(Term.Part.BALL)) {
            return Pivot.BALL;
        }
        if (onPart(from, Term.Part.HEEL)) {
            return Pivot.HEEL;
        }
        if (onPart(from, Term.Part.SOLE) || from.has(Term.Part.SOLE)) {
            return Pivot.SOLE;
        }
        return standing(foot).contact() == Contact.BALL ? Pivot.BALL : Pivot.HEEL;
    }

    private static boolean onPart(Clause from, Term.Part part) {
        int at = -1;
        for (int i = 0; i < from.tokens().size(); i++) {
            if (from.tokens().get(i).is(part)) {
                at = i;
            }
        }
        for (int i = at - 1; i >= 0 && i >= at - 3; i--) {
            Term term = from.tokens().get(i).term();
            if (term == Term.Rel.ON || term == Term.Rel.WITH) {
                return true;
            }
        }
        return false;
    }
}
