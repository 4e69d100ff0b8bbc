package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.Optional;

/** Reads a step or a slide. */
final class Stepping {

    private final Clause clause;
    private final ReadingContext hearing;

    Stepping(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    /** {@return the step; empty where it is not said where to, which is refused} */
    Optional<Move> read(Side foot) {
        boolean slides = clause.take(Term.Act.SLIDE);
        boolean toesLand = toesLand(clause);
        Optional<Toes> toes = toesLand ? Optional.empty() : new ToesReading(hearing, foot).afterWord(clause);
        Optional<FootWay> way = way();
        Optional<StepPlace> place = new Places(clause, hearing).find(foot);
        if (place.filter(Stepping::aligned).isPresent()
                && !clause.has(Term.Manner.FIRST)
                && !clause.has(Term.Act.LAND)) {
            clause.take(Term.Part.HEEL);
        }
        Optional<Contact> landing = landing(clause);
        if (clause.has(term -> term instanceof Term.Hall || term instanceof Term.Compass)) {
            clause.takeAny(Term.Way.BACK);
        }
        clause.take(Term.Height.class, height -> height.landmark() == Landmark.FLOOR);
        clause.takeAny(
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Part.KNEE,
                Term.Manner.FIRST,
                Term.Manner.NONE,
                Term.Way.DOWN,
                Term.Part.FLOOR,
                Term.Part.TOES,
                Term.Way.UP,
                Term.Manner.EXTENDED,
                Term.Part.SOLE);
        if (place.isEmpty() && clause.has(Term.Mark.UNKNOWN)) {
            return Optional.empty();
        }
        if (place.isEmpty()) {
            hearing.refuse(
                    clause.tokens().getFirst().text(),
                    "Say where the " + foot.word() + " foot goes, such as \"forward\", \"out to 1\" or \"beside the "
                            + foot.other().word() + " foot\".");
            return Optional.empty();
        }
        return Optional.of(
                slides
                        ? new Move.Slide(foot, place.get(), landing, toes)
                        : new Move.Step(foot, place.get(), landing, toes, way));
    }

    /** Toes first; toes touch; on the toes. */
    private static boolean toesLand(Clause clause) {
        int toes = clause.indexOf(term -> term == Term.Part.TOES);
        return toes >= 0
                && (clause.near(toes, 1)
                                .filter(token -> token.is(Term.Manner.FIRST) || token.is(Term.Act.LAND))
                                .isPresent()
                        || clause.near(toes, -1)
                                .filter(token -> token.is(Term.Rel.ON))
                                .isPresent());
    }

    /** A heel that stays up leaves the ball to land on. */
    private static boolean heelUp(Clause clause) {
        int heel = clause.indexOf(term -> term == Term.Part.HEEL);
        return heel >= 0
                && clause.near(heel, 1).filter(token -> token.is(Term.Way.UP)).isPresent();
    }

    /** Heels level, or on one line: the heel is named for its place, not for its landing. */
    private static boolean aligned(StepPlace place) {
        return place instanceof StepPlace.LevelWithHeel || place instanceof StepPlace.OnHeelLine;
    }

    private Optional<FootWay> way() {
        boolean ankle = clause.take(
                        Term.Anchor.class, anchor -> anchor.part() == Term.Part.ANKLE && clause.has(Stepping::leads))
                .isPresent();
        if (ankle) {
            return Optional.of(FootWay.BY_THE_ANKLE);
        }
        if (clause.take(Term.Manner.INWARD_ARC)) {
            return Optional.of(FootWay.INWARD_ARC);
        }
        if (clause.takeAny(Term.Manner.OUTWARD_ARC, Term.Manner.ARC)) {
            return Optional.of(FootWay.OUTWARD_ARC);
        }
        return clause.take(Term.Manner.STRAIGHT) ? Optional.of(FootWay.STRAIGHT) : Optional.empty();
    }

    private static boolean leads(Term term) {
        return term == Term.Way.FORWARD
                || term == Term.Way.BACK
                || term == Term.Way.OUT
                || term == Term.Way.SIDE
                || term instanceof Term.Hall
                || term instanceof Term.Compass
                || term instanceof Term.Place
                || term == Term.Way.ACROSS
                || term instanceof Term.Anchor anchor && anchor.part() != Term.Part.ANKLE;
    }

    /** {@return the part that touches down, where one is named} */
    static Optional<Contact> landing(Clause clause) {
        if (clause.take(Term.Manner.FLAT)) {
            clause.takeAny(Term.Part.SOLE);
            return Optional.of(Contact.FLAT);
        }
        boolean heelUp = heelUp(clause);
        if (clause.take(Term.Part.HEEL)) {
            clause.take(Term.Part.HEEL);
            return Optional.of(heelUp ? Contact.BALL : Contact.HEEL);
        }
        if (clause.take(Term.Part.BALL)) {
            clause.take(Term.Part.BALL);
            return Optional.of(Contact.BALL);
        }
        if (clause.take(Term.Manner.NOT_DOWN)) {
            return Optional.of(Contact.LIFTED);
        }
        return toesLand(clause) ? Optional.of(Contact.BALL) : Optional.empty();
    }
}
