package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Way;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Both feet that pivot at once, to a side or toward something. */
final class BothPivot {

    private final Clause clause;
    private final Situation now;

    BothPivot(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return both feet turned; empty where the clause says no such thing} */
    Optional<Fit> read() {
        int on = clause.find(item -> PivotOn.of(item.term()) != null
                && (item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH)
                && item.both());
        int way = clause.find(item -> item.bareSide() && item.who().side().isPresent());
        boolean there = clause.has(item ->
                item.term() instanceof Term.Hall || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
        if (on < 0 && way >= 0 && clause.said(Term.Act.TURN) && !clause.has(Term.Part.TOES)) {
            on = clause.find(item -> item.is(Term.Part.FOOT) && item.both() && item.rel() == null);
        }
        if (on >= 0 && way >= 0 && !there) {
            return Optional.of(aside(on, way));
        }
        boolean pivots = on >= 0 && PivotOn.of(clause.item(on).term()) != null;
        return pivots ? toward(on) : Optional.empty();
    }

    /** Pivot on both heels to the right: one foot turns in, the other out. */
    private Fit aside(int on, int way) {
        Pivot pivot = Optional.ofNullable(PivotOn.of(clause.item(on).term()))
                .or(() -> new PivotOn(clause, now).part(false, true))
                .orElse(Pivot.HEEL);
        Side to = clause.item(way).who().side().orElseThrow();
        clause.use(on);
        clause.use(way);
        clause.takeAll(Term.Act.TURN, Term.Act.TWIST, Term.Part.FOOT, Term.Part.TOES);
        Optional<Double> by = new Ways(clause, now).degrees();
        Fit fit = new Fit();
        for (Side side : Side.values()) {
            Toes toes = by.<Toes>map(degrees -> new Toes.Turned(side == to ? degrees : -degrees))
                    .orElseGet(
                            () -> new Toes.TurnedSome(side == to ? Toes.TurnedSome.Way.OUT : Toes.TurnedSome.Way.IN));
            fit.moves().add(new Move.TurnFoot(side, pivot, Optional.of(toes)));
        }
        if (by.isEmpty()) {
            fit.holds("how far the foot turns is left open");
        }
        return fit;
    }

    /** Turn on both heels to the east: both feet turn there, and the body with them. */
    private Optional<Fit> toward(int on) {
        if (!clause.has(Term.Act.TURN) || clause.has(Term.Part.TOES)) {
            return Optional.empty();
        }
        boolean feet = clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null);
        Clause.Marks before = clause.marks();
        clause.use(on);
        clause.takeAll(Term.Act.TURN, Term.Act.FACE, Term.Part.FOOT, Term.Part.WAIST, Term.Part.BODY, Term.Way.ROUND);
        Ways ways = new Ways(clause, now);
        Optional<Heading> hall = ways.hall();
        if (hall.isEmpty()) {
            clause.restore(before);
            return Optional.empty();
        }
        Way round = ways.leftOrRight()
                .map(side -> side == Side.LEFT ? Way.LEFT : Way.RIGHT)
                .orElse(Way.SHORTER);
        clause.take(Term.Angle.class);
        Pivot pivot = PivotOn.of(clause.item(on).term());
        Toes toes = new Toes.Toward(new Direction.OfPosture(now.ofPosture(hall.get())));
        Turning turning = new Turning.To(now.ofPosture(hall.get()), round);
        Fit fit = feet ? new Fit() : Fit.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(turning)));
        for (Side side : Side.values()) {
            fit.moves().add(new Move.TurnFoot(side, pivot, Optional.of(toes)));
        }
        return Optional.of(fit.heading(hall));
    }
}
