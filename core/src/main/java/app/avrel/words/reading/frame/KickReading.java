package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** What a foot does in the air or against the floor: kicks, stamps, and a kicking leg that is drawn back. */
final class KickReading {

    private final Clause clause;
    private final Situation now;

    KickReading(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** The leg sweeps to the back, sweeps in an arc: where to and no height, so along the floor. */
    static boolean along(Clause clause) {
        return !clause.has(Term.Manner.HEIGHT)
                && !clause.has(Term.Way.UP)
                && !clause.has(item -> item.rel() != null
                        && item.rel() != Term.Rel.PAST
                        && Landmarks.of(item.term()).isPresent())
                && clause.has(item -> item.term() instanceof Term.Hall
                        || item.is(Term.Manner.ARC)
                        || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
    }

    Optional<Fit> kick() {
        clause.takeAll(Term.Act.KICK, Term.Act.PUSH, Term.Act.MOVE, Term.Act.DO);
        boolean sweeps = clause.takeAll(Term.Act.SWEEP);
        boolean outer = clause.takeAll(Term.Manner.OUTER) || sweeps && clause.takeAll(Term.Way.OUT);
        boolean inner = clause.takeAll(Term.Manner.INNER) || sweeps && clause.takeAll(Term.Way.IN);
        Optional<Landmark> height = Landmarks.height(clause);
        boolean heel = clause.has(Term.Part.HEEL) || clause.has(Term.Part.SOLE);
        boolean instep = clause.has(Term.Part.INSTEP);
        Kick kind = outer
                ? Kick.OUTER_SWEEP
                : inner ? Kick.INNER_SWEEP : heel ? Kick.HEEL : instep ? Kick.TOP_OF_FOOT : Kick.TOE;
        keepFlexed();
        keepLower();
        takeFacing();
        WhichFoot.Found which = WhichFoot.of(clause, now, true);
        Optional<Side> side = which.side();
        if (side.isEmpty() || which.cost() == Costs.LIMB_UNDERSTOOD) {
            Optional<Side> bare = new Ways(clause, now).leftOrRight();
            side = bare.or(which::side);
        }
        clause.takeAll(
                Term.Part.HEEL,
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Part.SOLE,
                Term.Part.TOES,
                Term.Part.INSTEP,
                Term.Manner.FIRST);
        if (!heel) {
            clause.takeAll(Term.Part.KNEE);
        }
        clause.takeAll(Term.Manner.HEIGHT, Term.Way.UP);
        Ways ways = new Ways(clause, now);
        Optional<Direction> toward = ways.of(side.orElse(Side.LEFT));
        toward = toward.filter(to -> !(to.equals(Direction.LEFT) || to.equals(Direction.RIGHT))
                || clause.indexOf(Term.Way.SIDE) >= 0
                || clause.items().stream()
                        .anyMatch(item -> Ways.amount(item.term()).isPresent())
                || clause.items().stream().anyMatch(item -> item.bareSide() && item.rel() == Term.Rel.TO));
        clause.takeAll(Term.Way.OUT);
        Fit fit = Fit.of(new Move.Kicking(side.orElse(Side.LEFT), kind, toward, height))
                .heading(ways.found())
                .costs(side.isPresent() ? which.cost() : 0);
        return Optional.of(side.isPresent() ? fit : WhichFoot.ask(fit, clause));
    }

    /** Toes pulled back: a kick has no such field, so that is kept as it was said. */
    private void keepFlexed() {
        int flexed = clause.indexOf(Term.Manner.FLEXED);
        int toes = clause.indexOf(Term.Part.TOES);
        if (flexed >= 0 && toes >= 0) {
            clause.keep(flexed);
            clause.keep(toes);
        }
    }

    /** A little lower: how much is nothing that a kick can hold, so that is kept as it was said. */
    private void keepLower() {
        int lower = Math.max(clause.find(Term.Act.SINK), clause.find(Term.Act.LOWER));
        if (lower > 0 && clause.item(lower - 1).soft()) {
            clause.keep(lower);
            int how = clause.find(item -> item.is(Term.Manner.LITTLE) || item.is(Term.Manner.MORE));
            if (how >= 0) {
                clause.keep(how);
            }
        }
    }

    /** Kick, facing one: it is the kick that goes there. */
    private void takeFacing() {
        int faces = clause.find(Term.Act.FACE);
        if (faces > 0 && clause.item(faces - 1).soft()) {
            clause.use(faces);
        }
    }

    Optional<Fit> stamp() {
        clause.takeAll(Term.Act.LAND, Term.Act.LOWER);
        WhichFoot.Found which = WhichFoot.of(clause, now, true);
        Side side = which.side().orElse(Side.LEFT);
        Optional<StepPlace> place = new FootPlaces(clause, now).find(side);
        clause.takeAll(Term.Part.FOOT, Term.Part.SOLE, Term.Way.DOWN, Term.Manner.FLAT);
        Fit fit = Fit.of(new Move.Stamp(side, place)).costs(which.cost());
        return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
    }

    Optional<Fit> drawBack() {
        boolean knee = clause.has(Term.Part.KNEE);
        Side subject = clause.items().stream()
                .filter(item -> WhichFoot.foot(item) && item.who() != null)
                .findFirst()
                .flatMap(item -> now.foot(item.who()))
                .or(now::lifted)
                .orElse(null);
        boolean lifted = subject != null && now.lifted().equals(Optional.of(subject));
        boolean pulls = clause.has(Term.Act.PULL_BACK);
        if (subject == null || !(lifted || pulls && knee)) {
            return Optional.empty();
        }
        WhichFoot.Found which = WhichFoot.of(clause, now);
        clause.takeAll(
                Term.Act.PULL_BACK,
                Term.Act.DRAW,
                Term.Act.MOVE,
                Term.Act.RETURN,
                Term.Part.FOOT,
                Term.Part.KNEE,
                Term.Part.LEG,
                Term.Way.BACK,
                Term.Way.IN,
                Term.Act.RAISE);
        return Optional.of(Fit.of(new Move.DrawBack(subject)).costs(which.cost()));
    }
}
