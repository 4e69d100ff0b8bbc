package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** On which foot the weight is said to be. */
final class WhichLoad {

    /** How a foot is said to be loaded. */
    private static final Set<Term.Manner> STATES = EnumSet.of(
            Term.Manner.LIGHT, Term.Manner.FULL, Term.Manner.NONE, Term.Manner.ALL_EMPTY, Term.Manner.ALL_FULL);

    private final Clause clause;
    private final Situation now;
    /** Whether it is the weight that is spoken of, so that forward and back are the feet's. */
    private final boolean ways;

    WhichLoad(Clause clause, Situation now, boolean ways) {
        this.clause = clause;
        this.now = now;
        this.ways = ways;
    }

    static boolean limb(Item item) {
        boolean hip = item.is(Term.Part.HIPS)
                && item.who() != null
                && item.who().side().isPresent();
        boolean into = (item.rel() == Term.Rel.TO || item.rel() == Term.Rel.ON)
                && item.who() != null
                && item.who().side().isPresent();
        boolean over = item.is(Term.Part.HEEL) && (item.rel() == Term.Rel.OVER || into);
        return hip || over || item.is(Term.Part.FOOT) || item.is(Term.Part.LEG) || item.is(Term.Part.SOLE);
    }

    /** The foot that is meant: named, or by front and back; where one is told which it leaves, the other. */
    Optional<Side> side() {
        Optional<Side> left = leaving();
        return named().or(() -> left.map(Side::other)).or(this::ofWeight);
    }

    /** Peso izquierda: the side is the weight's own. */
    private Optional<Side> ofWeight() {
        return clause.items().stream()
                .filter(item -> item.is(Term.Part.WEIGHT) && item.who() != null)
                .findFirst()
                .flatMap(item -> item.who().side());
    }

    /** Left foot forward, eighty percent onto it: on the foot that was put down, also where the other has kicked before. */
    private Optional<Side> foot(Term.Who who) {
        return who == Term.Who.IT ? now.lastFoot().or(() -> now.foot(who)) : now.foot(who);
    }

    /** With the right foot, on the outside of the left: that is no foot which the weight is on. */
    private static boolean besides(Item limb) {
        return limb.rel() == Term.Rel.WITH || limb.rel() == Term.Rel.OUTSIDE || limb.rel() == Term.Rel.INSIDE;
    }

    /** The foot that the weight is said to come off; Spanish has one word for "of" and "from". */
    private Optional<Side> leaving() {
        boolean goesTo = clause.has(item -> (limb(item) || item.bareSide()) && item.rel() == Term.Rel.TO);
        return clause.takeItem(item -> (limb(item) || item.bareSide())
                        && item.who() != null
                        && (item.rel() == Term.Rel.FROM || goesTo && limb(item) && item.rel() == Term.Rel.OF))
                .flatMap(item -> foot(item.who()));
    }

    /** Weight right, down: the weight goes right, and then the body goes down. */
    private boolean downForItself() {
        int down = clause.indexOf(Term.Way.DOWN);
        return down > 0 && down + 1 == clause.size() && clause.item(down - 1).soft();
    }

    /** Weight right to left: from the one to the other. */
    private Optional<Side> fromOneToTheOther() {
        for (int i = 0; i + 1 < clause.size(); i++) {
            Item from = clause.item(i);
            Item to = clause.item(i + 1);
            boolean sides = from.bareSide() && from.rel() == null && to.bareSide() && to.rel() == Term.Rel.TO;
            Optional<Side> goal = sides ? to.who().side() : Optional.empty();
            if (goal.isPresent()
                    && from.who().side().filter(side -> side != goal.get()).isPresent()) {
                clause.use(i);
                clause.use(i + 1);
                return goal;
            }
        }
        return Optional.empty();
    }

    /** To the right leg until twenty percent is on the left: the share is of the side beside it. */
    private Optional<Side> besideShare() {
        for (int i = 1; i + 1 < clause.size(); i++) {
            Item side = clause.item(i + 1);
            boolean share = clause.item(i).term() instanceof Term.Share && side.rel() == Term.Rel.ON && sided(side);
            int goal = clause.find(item -> item.rel() == Term.Rel.TO && sided(item) && item.who() != side.who());
            if (share && goal >= 0 && goal < i) {
                clause.use(goal);
                clause.use(i + 1);
                clause.takeAll(Term.Way.FORWARD, Term.Way.BACK);
                return now.foot(side.who());
            }
        }
        return Optional.empty();
    }

    private static boolean sided(Item item) {
        return (limb(item) || item.bareSide())
                && item.whose().flatMap(Term.Who::side).isPresent();
    }

    private Optional<Side> named() {
        Optional<Side> goal = besideShare().or(this::fromOneToTheOther);
        if (goal.isPresent()) {
            return goal;
        }
        Optional<Item> who =
                clause.takeItem(item -> (limb(item) && !besides(item) || item.bareSide()) && item.who() != null);
        boolean whole = ways || who.filter(Item::bareSide).isPresent();
        if (who.isPresent() && !whole) {
            return foot(who.get().who());
        }
        if (who.isPresent()) {
            clause.takeAll(Term.Way.FORWARD, Term.Way.BACK, Term.Way.SIDE, Term.Way.ROUND, Term.Way.OUT);
            if (!downForItself()) {
                clause.takeAll(Term.Way.DOWN);
            }
            clause.takeItem(item -> limb(item) && item.who() == null);
            return foot(who.get().who());
        }
        if (clause.takeAll(Term.Way.BACK)) {
            return now.front().map(Side::other).or(() -> now.light().map(Side::other));
        }
        if (clause.takeAll(Term.Way.FORWARD)) {
            return now.front();
        }
        boolean sits = (clause.said(Term.Act.SIT) || clause.said(Term.Act.ROOT)) && now.topic() == Situation.Topic.FOOT;
        boolean follows =
                sits || isSo() || clause.said(Term.Act.FOLLOW) || clause.has(item -> limb(item) && item.who() == null);
        clause.takeItem(item -> limb(item) && item.who() == null);
        clause.take(Term.Rel.ON);
        return follows ? now.lastFoot() : Optional.empty();
    }

    /** Left toes on the floor, empty: so the foot is that was spoken of. */
    private boolean isSo() {
        return now.topic() == Situation.Topic.FOOT
                && (clause.said(Term.Act.EMPTY) || STATES.stream().anyMatch(clause::said));
    }

    /** The side that stands before a state: left full, right empty. */
    Optional<Side> sideBefore(Term.Manner state) {
        int at = clause.indexOf(state);
        for (int i = at - 1; i >= 0 && !clause.item(i).soft(); i--) {
            Item item = clause.item(i);
            if (clause.open(i) && (limb(item) || item.bareSide()) && item.who() != null) {
                clause.use(i);
                return foot(item.who());
            }
        }
        return Optional.empty();
    }

    /** The limb right after a word, before any comma: the weight goes right, emptying the left leg. */
    Optional<Side> sideAfter(Term word) {
        int at = clause.indexOf(word);
        for (int i = at + 1; at >= 0 && i < clause.size() && !clause.item(i).soft(); i++) {
            Item item = clause.item(i);
            boolean whole = item.rel() != Term.Rel.ON && item.rel() != Term.Rel.FROM;
            boolean side =
                    item.bareSide() && item.rel() == null && item.who().side().isPresent();
            if (clause.open(i) && (limb(item) && item.who() != null && whole || side)) {
                clause.use(i);
                return foot(item.who());
            }
        }
        return Optional.empty();
    }

    /** From sixty right to eighty left: each number has its side beside it, and the second is where the weight ends. */
    Optional<Side> sideOfGoal(int first, int second) {
        Optional<Side> after = differing(first + 1, second + 1);
        Optional<Side> goal = after.isPresent() ? after : differing(first - 1, second - 1);
        boolean fromTo = clause.items().subList(0, second + 1).stream()
                .anyMatch(item -> item.rel() == Term.Rel.FROM
                        || item.rel() == Term.Rel.OF
                        || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
        boolean same =
                clause.item(first).rel() == Term.Rel.FROM && clause.item(second).rel() == Term.Rel.TO;
        if (same && goal.isEmpty()) {
            goal = sideAt(second + 1 < clause.size() ? second + 1 : second - 1);
        }
        if (goal.isPresent() && fromTo) {
            moreSides();
            moreSides();
            clause.take(Term.Rel.TO);
            return goal;
        }
        return Optional.empty();
    }

    private Optional<Side> differing(int first, int second) {
        if (first < 0 || second >= clause.size()) {
            return Optional.empty();
        }
        Optional<Side> begin = sideAt(first);
        return sideAt(second).filter(side -> begin.isPresent() && begin.get() != side);
    }

    private Optional<Side> sideAt(int at) {
        Item item = clause.item(at);
        return item.bareSide() || limb(item) ? item.whose().flatMap(Term.Who::side) : Optional.empty();
    }

    /** Of two numbers with their sides, the side of the first: before it, or else after it. */
    Optional<Side> sideOf(int first, int second) {
        List<Integer> sides = new ArrayList<>();
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (clause.open(i) && (item.bareSide() || limb(item)) && item.who() != null) {
                clause.use(i);
                sides.add(i);
            }
        }
        boolean before = !sides.isEmpty() && sides.getFirst() < first && (sides.size() == 1 || sides.get(1) < second);
        Optional<Integer> at = sides.stream()
                .filter(i -> before ? i < first : i > first)
                .findFirst()
                .or(() -> sides.stream().findFirst());
        return at.flatMap(i -> now.foot(clause.item(i).who()));
    }

    /** The other foot, of which the rest is said. */
    void moreSides() {
        clause.takeItem(item -> (limb(item) || item.bareSide())
                && item.who() != null
                && item.who().side().isPresent());
    }
}
