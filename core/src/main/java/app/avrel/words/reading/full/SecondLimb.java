package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Left hand forward, right back; the left toes to eleven, the right to two: a side that begins what is told of it is the
 * same limb as before, where it does what such a limb does.
 */
final class SecondLimb {

    private static final double HOURS = 12;

    private static final Set<Term.Part> LIMBS = EnumSet.of(
            Term.Part.HAND,
            Term.Part.ARM,
            Term.Part.PALM,
            Term.Part.ELBOW,
            Term.Part.FOOT,
            Term.Part.TOES,
            Term.Part.HEEL);

    private static final Set<Term.Act> OF_THE_BODY = EnumSet.of(
            Term.Act.SHIFT, Term.Act.STEP, Term.Act.KICK, Term.Act.LOOK, Term.Act.SINK, Term.Act.SIT, Term.Act.TURN);

    private final List<Item> items;
    private final Lexicon lexicon;
    private final List<Item> said = new ArrayList<>();
    private @Nullable Item limb;
    private boolean turns;
    /** Where the part begins in which that limb was told of. */
    private int from;

    private SecondLimb(List<Item> items, Language language) {
        this.items = items;
        this.lexicon = Lexicon.of(language);
    }

    static List<Item> of(List<Item> items, Language language) {
        return new SecondLimb(items, language).said();
    }

    private List<Item> said() {
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean begins = i == 0 || border(i - 1);
            if (!begins && fallsAsOtherLifts(i)) {
                add(Item.unspoken(Term.Mark.COMMA, null, item), false);
                begins = true;
            }
            if (begins && ofTheBody(item)) {
                limb = null;
            }
            if (begins && limb != null && corner(item, limb)) {
                said.add(Item.unspoken(limb.term(), opposite(limb), item));
                said.add(item.saying(ahead(item) ? Term.Way.FORWARD : Term.Way.BACK));
            } else if (limb != null && afterItsVerb(i, limb)) {
                add(as(item, limb.term()), false);
            } else if (begins && limb != null && too(i, limb)) {
                repeat(item);
            } else {
                add(begins && limb != null && other(item, limb) ? full(i, limb) : item, begins);
            }
        }
        return said;
    }

    /** As the left heel drops the right one lifts: no comma parts the two. */
    private boolean fallsAsOtherLifts(int at) {
        return limb != null
                && (limb.is(Term.Part.HEEL) || limb.is(Term.Part.TOES))
                && (liftsOrFalls(items.get(at - 1))
                        || at > 1 && items.get(at - 1).sidedLimb() && liftsOrFalls(items.get(at - 2)))
                && at + 1 < items.size()
                && liftsOrFalls(items.get(at + 1))
                && other(items.get(at), limb);
    }

    /** Lower the left heel and lift the right, turn out the left toes and turn in the right. */
    private boolean afterItsVerb(int at, Item first) {
        if (!(first.is(Term.Part.HEEL) || first.is(Term.Part.TOES)) || at < 2 || !other(items.get(at), first)) {
            return false;
        }
        boolean way =
                items.get(at - 1).is(Term.Way.IN) || items.get(at - 1).is(Term.Way.OUT) || vertical(items.get(at - 1));
        int verb = way ? at - 2 : at - 1;
        boolean ends =
                at + 1 == items.size() || border(at + 1) || items.get(at + 1).rel() != Term.Rel.TO;
        return verb > 0
                && border(verb - 1)
                && ends
                && (liftsOrFalls(items.get(verb)) || first.is(Term.Part.TOES) && opens(items.get(verb)));
    }

    private static boolean liftsOrFalls(Item does) {
        return does.is(Term.Act.RAISE)
                || does.is(Term.Act.RISE)
                || does.is(Term.Act.LOWER)
                || does.is(Term.Act.SINK)
                || does.is(Term.Act.LAND);
    }

    private static Term.Who opposite(Item limb) {
        return limb.who() == Term.Who.LEFT ? Term.Who.RIGHT : Term.Who.LEFT;
    }

    private void add(Item item, boolean begins) {
        boolean named = item.sidedLimb() && item.term() instanceof Term.Part part && LIMBS.contains(part);
        turns = named ? item.is(Term.Part.FOOT) && turns : turns || opens(item);
        boolean another = item.part() && item.rel() == null && (item.who() != null || item.many());
        boolean together = item.term() instanceof Term.Related || item.is(Term.Manner.BALL_HELD);
        limb = named ? item : another || together ? null : limb;
        if (begins && !item.soft() && !item.mark()) {
            from = said.size();
        }
        said.add(item);
    }

    /** The other one, of which nothing else is told. */
    private boolean too(int at, Item first) {
        Item item = items.get(at);
        return (other(item, first) || named(item, first)) && alone(at) && sidedOnce();
    }

    private Item full(int at, Item first) {
        Item side = items.get(at);
        return noun(first, at + 1).map(noun -> as(side, noun)).orElse(side);
    }

    /** Nothing follows but another part: left hand to the chin, then the right. */
    private boolean alone(int at) {
        boolean ends = at + 1 == items.size() || items.get(at + 1).is(Term.Mark.THEN);
        return items.get(at - 1).is(Term.Mark.THEN)
                && (ends
                        || at + 2 < items.size()
                                && items.get(at + 1).soft()
                                && items.get(at + 2).is(Term.Mark.THEN));
    }

    /** Whether what was told of the first names no other side, which the other limb would have to change. */
    private boolean sidedOnce() {
        return part().stream().filter(item -> item.who() != null).count() == 1;
    }

    private List<Item> part() {
        int to = from;
        while (to < said.size() && !said.get(to).soft() && !said.get(to).mark()) {
            to++;
        }
        return List.copyOf(said.subList(from, to));
    }

    /** The same once more, of the other. */
    private void repeat(Item side) {
        for (Item item : part()) {
            boolean limbItself = item.who() != null;
            said.add(new Item(
                    item.term(),
                    item.rel(),
                    limbItself ? side.who() : null,
                    item.many(),
                    side.from(),
                    limbItself ? side.to() : side.from(),
                    item.text()));
        }
    }

    private boolean border(int at) {
        return items.get(at).soft() || items.get(at).mark();
    }

    /** What moves the body or the weight: whoever is told of after it is not the limb from before. */
    private static boolean ofTheBody(Item item) {
        boolean trunk = item.part()
                && item.rel() == null
                && (item.is(Term.Part.WAIST)
                        || item.is(Term.Part.BODY)
                        || item.is(Term.Part.HIPS)
                        || item.is(Term.Part.WEIGHT)
                        || item.is(Term.Part.EYES)
                        || item.is(Term.Part.CHEST));
        return trunk || item.term() instanceof Term.Act act && OF_THE_BODY.contains(act);
    }

    /** Left hand forward, right forward: no corner is meant. */
    private static boolean corner(Item item, Item first) {
        boolean goes = first.is(Term.Part.HAND) || first.is(Term.Part.ARM) || first.is(Term.Part.FOOT);
        boolean right = item.is(Term.Way.RIGHT_FORWARD) || item.is(Term.Way.RIGHT_BACK);
        boolean left = item.is(Term.Way.LEFT_FORWARD) || item.is(Term.Way.LEFT_BACK);
        return goes
                && item.rel() == null
                && (right && first.who() == Term.Who.LEFT || left && first.who() == Term.Who.RIGHT);
    }

    private static boolean ahead(Item corner) {
        return corner.is(Term.Way.RIGHT_FORWARD) || corner.is(Term.Way.LEFT_FORWARD);
    }

    private static boolean other(Item item, Item first) {
        return item.bareSide() && item.rel() == null && item.who().side().isPresent() && item.who() != first.who();
    }

    private static boolean named(Item item, Item first) {
        return item.sidedLimb() && item.term() == first.term() && item.who() != first.who();
    }

    private Optional<Term> noun(Item first, int at) {
        boolean points = at < items.size()
                && (items.get(at).is(Term.Act.FACE) || items.get(at).is(Term.Act.POINT));
        int next = points ? at + 1 : at;
        if (next >= items.size()) {
            return Optional.empty();
        }
        Item does = items.get(next);
        boolean hand = first.is(Term.Part.HAND) || first.is(Term.Part.PALM) || first.is(Term.Part.ARM);
        boolean turns = does.is(Term.Act.TURN) && (bodyTurns(next + 1) || hand && toHour(next + 1));
        if (turns || does.is(Term.Way.SIDE) && holdsBall(next + 1)) {
            return Optional.empty();
        }
        if (hand
                && does.term() instanceof Term.Act
                && !does.is(Term.Act.STEP)
                && lexicon.ofHand(items.get(at - 1).text())) {
            return Optional.of(Term.Part.HAND);
        }
        return switch ((Term.Part) first.term()) {
            case TOES -> when(direction(does) || opens(does) || liftsOrFalls(does), Term.Part.TOES);
            case HEEL -> when(opens(does) || vertical(does) || liftsOrFalls(does), Term.Part.HEEL);
            case ELBOW -> when(does.term() instanceof Term.Way, Term.Part.ELBOW);
            case PALM ->
                vertical(does) || opens(does)
                        ? Optional.of(Term.Part.PALM)
                        : when(place(next) || goesOn(next), Term.Part.HAND);
            case FOOT -> foot(does);
            default -> when(hand(does) || direction(does) || place(next) || goesOn(next), first.term());
        };
    }

    /** Left hand to the hip as the right shoots forward: no foot is spoken of. */
    private boolean goesOn(int verb) {
        return items.get(verb).is(Term.Act.MOVE)
                && verb + 1 < items.size()
                && (items.get(verb + 1).is(Term.Way.FORWARD)
                        || items.get(verb + 1).is(Term.Way.BACK));
    }

    /** The left to the navel, the left sinks to the navel: a hand goes to a height of the body. */
    private boolean place(int from) {
        int at = from;
        while (at < items.size() && goes(items.get(at))) {
            at++;
        }
        boolean led = at < items.size()
                && (items.get(at).rel() == Term.Rel.TO || items.get(at).rel() == Term.Rel.AT);
        return led && Landmarks.of(items.get(at).term()).isPresent();
    }

    /** {@return whether a hand so comes to a place, up, down or along} */
    static boolean goes(Item item) {
        return vertical(item)
                || item.is(Term.Act.MOVE)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.RISE)
                || item.is(Term.Act.LOWER)
                || item.is(Term.Act.SINK)
                || item.is(Term.Act.SHIFT);
    }

    /** The right heel is raised, turn left to face nine: no foot does that, and no side is its own. */
    private boolean bodyTurns(int at) {
        return !turns
                || at < items.size()
                        && (items.get(at).is(Term.Part.BODY) || items.get(at).is(Term.Act.FACE));
    }

    /** 左掌心转向左，右转到三点: no hand turns to an hour. */
    private boolean toHour(int at) {
        return at < items.size() && direction(items.get(at));
    }

    /** 左侧抱球: a ball is held at that side, and it is no hand's. */
    private boolean holdsBall(int at) {
        return items.stream().skip(at).limit(2).anyMatch(item -> item.is(Term.Manner.BALL_HELD));
    }

    /** The left foot turns in, the right out; left foot on the ball, right flat. */
    private Optional<Term> foot(Item does) {
        boolean inOut = does.is(Term.Way.IN) || does.is(Term.Way.OUT);
        if (turns && inOut) {
            return Optional.of(Term.Part.TOES);
        }
        boolean verb = turns && (does.is(Term.Act.OPEN) || does.is(Term.Act.CLOSE) || does.is(Term.Act.TURN));
        return when(verb || does.is(Term.Manner.FLAT), Term.Part.FOOT);
    }

    private static Optional<Term> when(boolean so, Term noun) {
        return so ? Optional.of(noun) : Optional.empty();
    }

    private static boolean hand(Item does) {
        return does.is(Term.Way.FORWARD)
                || does.is(Term.Way.BACK)
                || does.is(Term.Way.SIDE)
                || does.is(Term.Way.OUT)
                || does.is(Term.Manner.EXTENDED)
                || does.is(Term.Manner.STRAIGHT)
                || does.is(Term.Manner.ROUNDED);
    }

    private static boolean vertical(Item does) {
        return does.is(Term.Way.UP) || does.is(Term.Way.DOWN);
    }

    /** In, out, or a verb that says so of a foot. */
    private static boolean opens(Item does) {
        return does.is(Term.Way.IN)
                || does.is(Term.Way.OUT)
                || does.is(Term.Act.TURN)
                || does.is(Term.Act.OPEN)
                || does.is(Term.Act.CLOSE);
    }

    /** To two: an hour of the hall, and no share of the weight. */
    private static boolean direction(Item does) {
        return does.term() instanceof Term.Hall
                || does.rel() == Term.Rel.TO && does.term() instanceof Term.Num(double value) && value <= HOURS;
    }

    private static Item as(Item side, Term noun) {
        return new Item(noun, null, side.who(), false, side.from(), side.to(), side.text());
    }
}
