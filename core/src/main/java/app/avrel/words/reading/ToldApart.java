package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Costs;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import app.avrel.words.reading.frame.Situation;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a part between two commas tells of its own: palms out, the head turns left; sink, the hands to the chest. A clause that
 * goes over it and says none of that has swallowed it.
 */
final class ToldApart {

    /** What a part may cost, read by itself, and still be whole. */
    private static final double WHOLE = Costs.CLAUSE + 2.5;

    /** From so much on, a number beside a side is what that side bears. */
    private static final double MOST_BEARS = 50;

    private static final double LEAST_SHARE = 10;

    private static final double WHOLE_WEIGHT = 100;

    private static final double RIGHT_ANGLE = 90;

    private static final double HALF_TURN = 180;

    /** Acts that only end what was begun before: the foot lands, the fingers point there. */
    private static final Set<Term.Act> ENDING =
            EnumSet.of(Term.Act.LAND, Term.Act.POINT, Term.Act.HANG, Term.Act.HOVER);

    /** Acts that say too little by themselves. */
    private static final Set<Term.Act> BARE =
            EnumSet.of(Term.Act.MOVE, Term.Act.STAY, Term.Act.HOLD, Term.Act.RAISE, Term.Act.LOWER);

    /** What is done, and on which side where one knows that of feet. */
    private enum Deed {
        LEFT_STEPS,
        RIGHT_STEPS,
        LEFT_FOOT,
        RIGHT_FOOT,
        FEET,
        WEIGHT,
        DEPTH,
        TURN,
        LEAN,
        EYES,
        HANDS,
        CIRCLE,
        PROP
    }

    private static final Set<Deed> FEET =
            EnumSet.of(Deed.LEFT_STEPS, Deed.RIGHT_STEPS, Deed.LEFT_FOOT, Deed.RIGHT_FOOT);

    private static final Set<Deed> HANDS = EnumSet.of(Deed.HANDS, Deed.CIRCLE, Deed.PROP);

    private static final Set<Deed> BODY = EnumSet.of(
            Deed.LEFT_STEPS,
            Deed.RIGHT_STEPS,
            Deed.LEFT_FOOT,
            Deed.RIGHT_FOOT,
            Deed.FEET,
            Deed.WEIGHT,
            Deed.DEPTH,
            Deed.TURN);

    private final List<Item> items;
    private final int begin;
    private final Situation now;
    private final KnownFits known;
    private final Map<Integer, Set<Deed>> told = new HashMap<>();

    /**
     * @param begin where in its piece it begins
     * @param known what is known already of phrases of that piece
     */
    ToldApart(List<Item> items, int begin, Situation now, KnownFits known) {
        this.items = items;
        this.begin = begin;
        this.now = now;
        this.known = known;
    }

    /** {@return what a reading of some phrases costs more, for what it has swallowed} */
    double swallowed(int from, int to, Fit fit) {
        Set<Deed> said = said(fit);
        double cost = said.contains(Deed.WEIGHT) && shares(from, to) ? Costs.SWALLOWED : 0;
        int begin = CommaParts.begin(items, from);
        while (begin < to) {
            int end = CommaParts.end(items, begin);
            if (begin < end && !ofProp(begin, end, said) && !said.containsAll(own(begin, end))) {
                cost += Costs.SWALLOWED;
            }
            begin = end + 1;
        }
        return cost;
    }

    /** Sixty left, then sixty on the right, seventy left: shares that make no hundred are borne one after the other. */
    private boolean shares(int from, int to) {
        double first = 0;
        for (int begin = CommaParts.begin(items, from); begin < to; begin = CommaParts.end(items, begin) + 1) {
            double share = share(begin, Math.min(to, CommaParts.end(items, begin)));
            if (first > 0 && share > 0 && first + share != WHOLE_WEIGHT) {
                return true;
            }
            first = share > 0 ? share : first;
        }
        return false;
    }

    private double share(int from, int to) {
        List<Item> part = items.subList(Math.min(from, to), to);
        boolean sided = part.stream()
                .anyMatch(item -> item.bareSide() && item.who().side().isPresent());
        return part.stream()
                .filter(_ -> sided)
                .mapToDouble(item -> switch (item.term()) {
                    case Term.Num(double number) -> number;
                    case Term.Share(double percent) -> percent;
                    default -> 0;
                })
                .filter(number -> number >= LEAST_SHARE)
                .findFirst()
                .orElse(0);
    }

    /** {@return whether some phrases tell of what no one clause does: of hands and feet, of the eyes and the weight} */
    boolean apart(int from, int to) {
        Set<Deed> all = EnumSet.noneOf(Deed.class);
        for (int begin = CommaParts.begin(items, from); begin < to; begin = CommaParts.end(items, begin) + 1) {
            if (begin < CommaParts.end(items, begin) && !ofProp(begin, CommaParts.end(items, begin), all)) {
                all.addAll(own(begin, CommaParts.end(items, begin)));
            }
        }
        boolean body = all.stream().anyMatch(BODY::contains);
        boolean hands = all.stream().anyMatch(HANDS::contains);
        return (body ? 1 : 0) + (hands ? 1 : 0) + (all.contains(Deed.EYES) ? 1 : 0) + (all.contains(Deed.LEAN) ? 1 : 0)
                > 1;
    }

    private Set<Deed> own(int from, int to) {
        return told.computeIfAbsent(
                from, _ -> KickSaid.of(items, from, to) ? Set.of() : read(from, items.subList(from, to)));
    }

    private Set<Deed> read(int from, List<Item> part) {
        Set<Deed> done = EnumSet.noneOf(Deed.class);
        if (!named(part)) {
            return done;
        }
        Search.Found found = Search.of(part, begin + from, now, known);
        for (Search.Said said : found.clauses()) {
            Fit fit = said.fit();
            if (fit == null ? !Leftover.small(said.items().getFirst()) : unclear(fit)) {
                return Set.of();
            }
            done.addAll(fit == null ? Set.of() : done(fit));
        }
        return sided(part, done);
    }

    private static boolean unclear(Fit fit) {
        return fit.cost() > WHOLE
                || !fit.questions().isEmpty()
                || !fit.refusals().isEmpty();
    }

    /** Toes in 30: of whichever foot the clause before was. */
    private static Set<Deed> sided(List<Item> part, Set<Deed> done) {
        if (part.stream().noneMatch(Item::sidedLimb) && done.removeAll(FEET)) {
            done.add(Deed.FEET);
        }
        return done;
    }

    /** What it is told of is named, or an act is. */
    private static boolean named(List<Item> part) {
        return (part.stream().anyMatch(Item::prop)
                        || part.stream().noneMatch(item -> item.term() instanceof Term.Act act && ENDING.contains(act)))
                && (share(part)
                        || part.stream()
                                .anyMatch(item -> item.term() instanceof Term.Act act && !BARE.contains(act)
                                        || item.part()
                                                && item.rel() == null
                                                && (!item.is(Term.Part.KNEE) || item.both())));
    }

    /** All left, nothing on the right, a third on the left: it is the weight; and half a turn is the body's. */
    private static boolean share(List<Item> part) {
        Item first = part.getFirst().is(Term.Manner.ABOUT) && part.size() > 1 ? part.get(1) : part.getFirst();
        boolean much = first.is(Term.Manner.ALL)
                || first.is(Term.Manner.NONE)
                || first.term() instanceof Term.Share
                || first.term() instanceof Term.Ratio
                || first.term() instanceof Term.Num(double number) && number < 1;
        boolean about = first.term() instanceof Term.Angle(double degrees) && degrees == HALF_TURN;
        return (much || about) && part.stream().anyMatch(item -> item.who() != null) || number(part);
    }

    /** Seventy left, sixty on the right: nothing is turned so far to a side, but by a right angle. */
    private static boolean number(List<Item> part) {
        boolean onSide = part.stream().anyMatch(item -> item.bareSide() && item.rel() == Term.Rel.ON);
        boolean many = part.stream()
                .anyMatch(item -> item.term() instanceof Term.Num(double number)
                        && item.rel() == null
                        && (onSide || number >= MOST_BEARS && number != RIGHT_ANGLE));
        return many
                && part.stream()
                        .allMatch(item -> item.bareSide()
                                || item.term() instanceof Term.Num
                                || item.is(Term.Manner.ABOUT)
                                || item.term() instanceof Term.Act act && BARE.contains(act));
    }

    /** A prop faces a place and leans to a side, without being named again; the body leans forward and back. */
    private boolean ofProp(int from, int to, Set<Deed> said) {
        Item first = items.get(from);
        boolean leans = first.is(Term.Act.LEAN)
                && items.subList(from, to).stream()
                        .noneMatch(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK));
        return said.contains(Deed.PROP) && (first.is(Term.Act.FACE) || leans);
    }

    /** What a part does: a step, where a foot steps, and otherwise anything of that foot. */
    private static Set<Deed> done(Fit fit) {
        Set<Deed> done = EnumSet.noneOf(Deed.class);
        fit.moves().forEach(move -> done.add(deed(move)));
        return done;
    }

    /** What a clause says: of a foot that steps also whatever else it does, and a hand that goes somewhere may circle there. */
    private static Set<Deed> said(Fit fit) {
        Set<Deed> said = new HashSet<>(done(fit));
        fit.moves().forEach(move -> {
            if (move instanceof Move.OfFoot foot) {
                said.add(of(foot.foot()));
                said.add(Deed.FEET);
            } else if (move instanceof Move.PlaceHand) {
                said.add(Deed.CIRCLE);
            }
        });
        return said;
    }

    private static Deed deed(Move move) {
        return switch (move) {
            case Move.Step step -> steps(step.foot());
            case Move.Slide slide -> steps(slide.foot());
            case Move.DrawIn draw -> steps(draw.foot());
            case Move.HalfStep half -> steps(half.foot());
            case Move.Stamp stamp -> steps(stamp.foot());
            case Move.OfFoot foot -> of(foot.foot());
            case Move.Shift _ -> Deed.WEIGHT;
            case Move.ChangeDepth _ -> Deed.DEPTH;
            case Move.TurnBody _ -> Deed.TURN;
            case Move.Incline _ -> Deed.LEAN;
            case Move.Look _ -> Deed.EYES;
            case Move.HandleProp _ -> Deed.PROP;
            case Move.Circle _ -> Deed.CIRCLE;
            case Move.OfHands _ -> Deed.HANDS;
        };
    }

    private static Deed steps(Side foot) {
        return foot == Side.LEFT ? Deed.LEFT_STEPS : Deed.RIGHT_STEPS;
    }

    private static Deed of(Side foot) {
        return foot == Side.LEFT ? Deed.LEFT_FOOT : Deed.RIGHT_FOOT;
    }
}
