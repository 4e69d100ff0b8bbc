package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every frame, and what each makes of a clause. */
public final class Frames {

    private static final List<Frame> ALL = List.of(
            new WeightFrame(),
            new StepFrame(),
            new AirFrame(),
            new TurnFootFrame(),
            new TurnBackFrame(),
            new TurnBodyFrame(),
            new DepthFrame(),
            new KneeToCalfFrame(),
            new CircleFrame(),
            new HandFrame(),
            new TurnOverFrame(),
            new RelationFrame(),
            new GazeFrame(),
            new PropFrame(),
            new StanceFrame(),
            new SameFrame(),
            new NotFrame(),
            new LegFrame(),
            new BearingFrame(),
            new CountFrame());

    private Frames() {}

    /**
     * {@return every reading of these phrases as one clause, with what is left over counted into its cost}
     *
     * @param most what a reading may cost; one that cannot be cheaper is not looked for
     */
    public static List<Fit> read(List<Item> items, Situation now, double most) {
        List<Fit> fits = new ArrayList<>();
        if (TwoClauses.in(items)) {
            return fits;
        }
        Clause look = new Clause(items);
        double least = least(look, false);
        double anew = least(look, true);
        for (Frame frame : ALL) {
            if ((frame.joins() ? least : anew) < most && frame.may(look)) {
                Clause clause = look.anew();
                Optional<Fit> fit = read(frame, clause, now);
                keepSizes(clause);
                fit.ifPresent(found -> fits.add(found.by(frame)
                        .used(clause.used())
                        .carrying(look.has(Item::prop))
                        .costs(left(clause, frame))));
            }
        }
        return fits;
    }

    /** {@return what the frame that read a clause makes of other phrases; empty where it makes nothing of them} */
    public static Optional<Fit> again(Fit fit, List<Item> items, Situation now) {
        Clause clause = new Clause(items);
        return TwoClauses.in(items)
                ? Optional.empty()
                : fit.frame().filter(frame -> frame.may(clause)).flatMap(frame -> read(frame, clause, now));
    }

    /** A long step, a big arc: how long and how big no move can hold, so that is kept as it was said. */
    private static void keepSizes(Clause clause) {
        boolean steps = clause.said(Term.Act.STEP) || clause.said(Term.Part.FOOT);
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean farStep = item.is(Term.Manner.EXTENDED) && steps;
            boolean wideStep = item.is(Term.Manner.WIDE) && clause.said(Term.Act.STEP);
            if (clause.open(i) && (wideStep || item.is(Term.Manner.LARGE) || item.is(Term.Manner.SMALL) || farStep)) {
                clause.keep(i);
            }
        }
    }

    /** What no record can hold, such as a hand less than nothing away from a knee, is no reading: its words stay marked. */
    private static Optional<Fit> read(Frame frame, Clause clause, Situation now) {
        try {
            return frame.read(clause, now);
        } catch (IllegalArgumentException refusedByTheRecord) {
            return Optional.empty();
        }
    }

    /** Whether a clause of its own seems to begin after a comma: with a verb, or a limb and its side. */
    private static boolean begins(Clause clause, int at) {
        Item item = clause.item(at);
        boolean ofLimb = item.is(Term.Act.LAND) || item.is(Term.Act.POINT);
        if (ofLimb && clause.near(at, 1).filter(Item::sidedLimb).isPresent()) {
            return true;
        }
        boolean crossesSo = item.is(Term.Act.CROSS)
                && clause.near(at, 1)
                        .filter(next -> !(next.term() instanceof Term.Way))
                        .isEmpty();
        if (crossesSo) {
            return false;
        }
        if (clause.onTiptoe(at)) {
            return false;
        }
        if (item.term() instanceof Term.Act act) {
            return switch (act) {
                case LAND, FACE, POINT, HANG, HOVER, LEAN -> false;
                default -> true;
            };
        }
        boolean high = at + 1 < clause.size() && clause.item(at + 1).is(Term.Manner.HEIGHT);
        if (item.rel() != null || item.is(Term.Part.WAIST) && high) {
            return false;
        }
        boolean both = item.part() && item.who() == Term.Who.BOTH;
        boolean limb =
                both || item.part() && item.who() != null && item.who().side().isPresent();
        boolean trunk = item.is(Term.Part.EYES)
                || item.is(Term.Part.WEIGHT)
                || item.is(Term.Part.BODY)
                || item.is(Term.Part.WAIST)
                || item.is(Term.Part.KNEES_BEND)
                || item.prop()
                || (item.is(Term.Part.HAND) || item.is(Term.Part.ARM)) && item.both();
        boolean side = item.bareSide()
                && at + 1 < clause.size()
                && goes(clause.item(at + 1).term());
        return limb || trunk || side;
    }

    /** What follows a side that stands for a limb: left steps, left down. */
    private static boolean goes(Term term) {
        return term instanceof Term.Act
                || term == Term.Way.UP
                || term == Term.Way.DOWN
                || term == Term.Way.FORWARD
                || term == Term.Way.BACK
                || term == Term.Rel.ABOVE
                || term == Term.Rel.BELOW;
    }

    /** What a clause costs at least, whatever it says: its commas, and what seems to begin anew after them. */
    private static double least(Clause clause, boolean anew) {
        double cost = Costs.CLAUSE;
        for (int i = 1; i + 1 < clause.size(); i++) {
            Item item = clause.item(i);
            if (item.soft()) {
                cost += item.is(Term.Mark.AND) ? Costs.AND_INSIDE : Costs.COMMA_INSIDE;
                cost += anew && begins(clause, i + 1) ? Costs.BEGINS_ANEW : 0;
            }
        }
        return cost;
    }

    private static double left(Clause clause, Frame frame) {
        double cost = Costs.CLAUSE;
        boolean unknown = clause.find(item -> item.is(Term.Mark.UNKNOWN)) >= 0;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean edge = i == 0 || i == clause.size() - 1;
            cost += clause.kept(i) ? Costs.KEPT : clause.open(i) ? Leftover.cost(item, edge) : 0;
            cost += unknown && item.soft() && !edge && !item.is(Term.Mark.AND) ? Costs.UNKNOWN_BESIDE_COMMA : 0;
            cost += item.soft() && !edge && !frame.joins() && begins(clause, i + 1) ? Costs.BEGINS_ANEW : 0;
        }
        return cost;
    }
}
