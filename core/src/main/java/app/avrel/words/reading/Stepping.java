package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.posture.Contact;
import app.avrel.posture.FootWay;
import app.avrel.posture.Move;
import app.avrel.posture.StepPlace;
import app.avrel.posture.Toes;
import java.util.Optional;

/** Reads a step or a slide. */
final class Stepping {

    private final Clause clause;
    private final Hearing hearing;

    Stepping(Clause clause, Hearing hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    /** {@return the step; empty where it is not said where to, which is refused} */
    Optional<Move> read(Side foot) {
        boolean slides = clause.take(Term.Act.SLIDE);
        Optional<Toes> toes = new ToesReading(hearing, foot).afterWord(clause);
        Optional<FootWay> way = way();
        Optional<StepPlace> place = new Places(clause, hearing).find(foot);
        Optional<Contact> landing = landing(clause);
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
        if (place.isEmpty()) {
            hearing.refuse(
                    clause.tokens().getFirst().text(),
                    "Say where the " + foot.word() + " foot goes, such as \"forward\", \"out to 1\" or \"beside the "
                            + foot.other().word() + " foot\".");
            return Optional.empty();
        }
        return Optional.of(
                slides
                        ? new Move.Slide(foot, place.get(), toes)
                        : new Move.Step(foot, place.get(), landing, toes, way));
    }

    private Optional<FootWay> way() {
        boolean ankle = clause.take(
                        Term.Anchor.class, anchor -> anchor.part() == Term.Part.ANKLE && clause.has(Stepping::leads))
                .isPresent();
        if (ankle) {
            return Optional.of(FootWay.BY_THE_ANKLE);
        }
        if (clause.take(Term.Manner.ARC)) {
            boolean inward = clause.has(Term.Way.IN) && clause.take(Term.Way.IN);
            return Optional.of(inward ? FootWay.INWARD_ARC : FootWay.OUTWARD_ARC);
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
                || term instanceof Term.Place;
    }

    /** {@return the part that touches down, where one is named} */
    static Optional<Contact> landing(Clause clause) {
        if (clause.take(Term.Manner.FLAT)) {
            clause.takeAny(Term.Part.SOLE);
            return Optional.of(Contact.FLAT);
        }
        if (clause.take(Term.Part.HEEL)) {
            clause.take(Term.Part.HEEL);
            return Optional.of(Contact.HEEL);
        }
        if (clause.take(Term.Part.BALL)) {
            clause.take(Term.Part.BALL);
            return Optional.of(Contact.BALL);
        }
        if (clause.take(Term.Act.HOVER)) {
            return Optional.of(Contact.LIFTED);
        }
        boolean toesFirst = clause.has(Term.Part.TOES) && clause.has(Term.Manner.FIRST);
        return toesFirst ? Optional.of(Contact.BALL) : Optional.empty();
    }
}
