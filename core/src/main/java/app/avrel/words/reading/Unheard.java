package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Frames;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import app.avrel.words.reading.frame.Situation;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Finds what a clause took and did nothing with: a number, a side, a palm, that could as well not have been said. The
 * record would lose it in silence, so it is pointed at.
 */
final class Unheard {

    /** What a body does, and not only how it comes there. */
    private static final List<Term> DEEDS = List.of(
            Term.Act.PUSH,
            Term.Act.PRESS,
            Term.Act.WARD,
            Term.Act.PULL,
            Term.Act.SIT,
            Term.Act.SPREAD,
            Term.Act.OPEN,
            Term.Act.CLOSE,
            Term.Act.CROSS,
            Term.Act.FOLD,
            Term.Act.KICK,
            Term.Act.SWEEP,
            Term.Act.LEAN);

    /** Where a hand comes to: not where it comes from, and not what it passes. */
    private static final Set<Term.Rel> THERE = EnumSet.of(
            Term.Rel.TO, Term.Rel.AT, Term.Rel.ON, Term.Rel.BEFORE, Term.Rel.BEHIND, Term.Rel.BESIDE, Term.Rel.ABOVE);

    private final List<Item> items;
    private final Fit fit;
    private final Situation before;
    private final LostSide lostSide;

    /**
     * @param said a clause as it was read
     * @param before what was known before it
     */
    Unheard(Search.Said said, Situation before) {
        this.items = said.items();
        this.fit = said.fit();
        this.before = before;
        this.lostSide = new LostSide(items, fit, this::readsSame);
    }

    /** {@return whether the phrase at this place must be heard and was not} */
    boolean at(int index) {
        boolean settled = fit.questions().isEmpty() && fit.refusals().isEmpty() && !fit.stays();
        boolean records = !fit.moves().isEmpty();
        return settled
                && records
                && fit.uses(index)
                && (weighs(index) && idle(index) || idlePart(index) || lostSide.at(index));
    }

    /** Sit back, between two commas, of which nothing came. */
    private boolean idlePart(int index) {
        int from = index;
        while (from > 0 && !items.get(from - 1).is(Term.Mark.COMMA)) {
            from--;
        }
        int to = index + 1;
        while (to < items.size() && !items.get(to).is(Term.Mark.COMMA)) {
            to++;
        }
        List<Item> part = items.subList(from, to);
        return !items.get(index).soft()
                && to - from < items.size()
                && (part.stream().anyMatch(this::deed) || looks(part))
                && part.stream().noneMatch(item -> item.is(Term.Part.WRIST))
                && idle(Math.max(0, from - 1), to);
    }

    /** Sit back, sixty on the right: how far one sits the share tells. */
    private boolean deed(Item item) {
        boolean shared = item.is(Term.Act.SIT) && fit.moves().stream().anyMatch(Move.Shift.class::isInstance);
        return !shared && DEEDS.stream().anyMatch(item::is);
    }

    /** Palm to the ear: what it looks at, told in a part of its own. */
    private static boolean looks(List<Item> part) {
        return part.size() == 2
                && part.getFirst().is(Term.Part.PALM)
                && part.getFirst().rel() == null
                && part.getLast().rel() == Term.Rel.TO;
    }

    private boolean weighs(int index) {
        Item item = items.get(index);
        return switch (item.term()) {
            case Term.Num(double number) -> !has(Term.Ref.TOO) && idle(index, new Term.Num(number + 1));
            case Term.Angle(double degrees) -> !has(Term.Ref.TOO) && idle(index, new Term.Angle(degrees + 1));
            case Term.Hall _ -> !has(Term.Ref.TOO);
            case Term.Part part ->
                sole(part) && landing(item.rel()) && item.who() == null && steps() && !follows(index) || place(item);
            case Term.Measure _ -> true;
            case Term.Way way ->
                contradicted(way, index)
                        || alone(way, index)
                        || ahead(way, index)
                        || secondWay(index)
                        || lifts(way)
                        || lost(way, index)
                        || behind(way, index)
                        || ofProp(way, index);
            case Term.Act act ->
                switch (act) {
                    case LOOK -> eyes(index) && fit.moves().stream().noneMatch(Move.Look.class::isInstance);
                    case RAISE, LOWER, RISE, SINK, DRAW, PULL_BACK -> begins(index) && index == items.size() - 1;
                    default -> false;
                };
            case Term.Manner manner ->
                switch (manner) {
                    case ARC,
                            OUTWARD_ARC,
                            INWARD_ARC,
                            SPIRAL,
                            FLEXED,
                            POINTED,
                            ROUNDED,
                            PARALLEL,
                            CROSSED,
                            HEEL_FIRST,
                            TOES_FIRST,
                            HALFWAY,
                            HIGHER -> true;
                    case HEIGHT -> level(index);
                    default -> false;
                };
            default -> otherHand(item);
        };
    }

    /** The forearm horizontal, at the chest: how it lies, and not how high. */
    private boolean level(int index) {
        boolean named = index + 1 < items.size()
                && items.get(index + 1).rel() == null
                && Landmarks.of(items.get(index + 1).term()).isPresent();
        return !named && index > 0 && items.get(index - 1).is(Term.Part.FOREARM);
    }

    /** Sweeps past the knee and stops beside the hip: a place that a hand comes to, and is not recorded at. */
    private boolean place(Item item) {
        boolean knee = item.is(Term.Part.KNEE) && has(Term.Act.SWEEP);
        boolean passed = item.rel() == Term.Rel.BESIDE && has(Term.Act.RETURN)
                || has(Term.Act.PASS) && item.rel() != Term.Rel.TO;
        boolean looks = has(Term.Part.PALM) && has(Term.Act.TURN);
        return item.rel() != null
                && THERE.contains(item.rel())
                && Landmarks.of(item.term()).isPresent()
                && !knee
                && !passed
                && !looks
                && fit.moves().stream().allMatch(Move.PlaceHand.class::isInstance);
    }

    /** The tip forward at throat height: which way a prop points, and not how far the hand reaches. */
    private boolean ofProp(Term.Way way, int index) {
        boolean goal = index + 1 < items.size() && items.get(index + 1).rel() == Term.Rel.TO;
        return (way == Term.Way.FORWARD || way == Term.Way.BACK)
                && !goal
                && fit.moves().stream().anyMatch(Move.HandleProp.class::isInstance);
    }

    private static boolean sole(Term.Part part) {
        return part == Term.Part.HEEL || part == Term.Part.BALL || part == Term.Part.TOES;
    }

    /** Heel first, on the ball, de talón: how a foot comes down, and not where. */
    private static boolean landing(Term.@Nullable Rel rel) {
        return rel == null || rel == Term.Rel.OF || rel == Term.Rel.ON || rel == Term.Rel.WITH;
    }

    /** The heel follows: after toes that come down first that says nothing new. */
    private boolean follows(int index) {
        return index + 1 < items.size() && items.get(index + 1).is(Term.Act.FOLLOW);
    }

    /** How a foot comes down is a part of its step. */
    private boolean steps() {
        return fit.moves().stream().anyMatch(move -> move instanceof Move.Step || move instanceof Move.HalfStep);
    }

    private boolean has(Term term) {
        return items.stream().anyMatch(item -> item.is(term));
    }

    /** Left hand to the brow, up: a part of its own says something of its own. */
    private boolean alone(Term.Way way, int index) {
        boolean begins = index > 0 && items.get(index - 1).soft();
        boolean ends = index + 1 == items.size() || items.get(index + 1).soft();
        return (way == Term.Way.UP || way == Term.Way.DOWN) && begins && ends && !upAndDown(index);
    }

    /** Palm down, where the record turns it another way. */
    private boolean contradicted(Term.Way way, int index) {
        Optional<Palm> told = Optional.ofNullable(
                switch (way) {
                    case UP -> Palm.UP;
                    case DOWN -> Palm.DOWN;
                    case OUT -> Palm.OUT;
                    case IN -> Palm.IN;
                    default -> null;
                });
        boolean palm = told.isPresent()
                && index > 0
                && items.get(index - 1).is(Term.Part.PALM)
                && items.get(index - 1).rel() == null;
        return palm
                && fit.moves().stream()
                        .anyMatch(move -> move instanceof Move.PlaceHand(var _, var to, var _)
                                && to.palm().filter(seen -> seen != told.get()).isPresent());
    }

    /** Come down in front: where a hand ends. */
    private boolean ahead(Term.Way way, int index) {
        return way == Term.Way.FORWARD
                && index == items.size() - 1
                && fit.moves().stream().allMatch(Move.PlaceHand.class::isInstance)
                && items.stream().noneMatch(item -> item.is(Term.Act.PUSH));
    }

    /** Presses down behind you at hip height: where a hand ends that goes nowhere else. */
    private boolean behind(Term.Way way, int index) {
        boolean acts = index + 1 < items.size() && items.get(index + 1).term() instanceof Term.Act;
        return way == Term.Way.BACK
                && !acts
                && fit.moves().stream().allMatch(Move.PlaceHand.class::isInstance)
                && items.stream().noneMatch(item -> item.rel() == Term.Rel.TO);
    }

    /** Lift the foot forward: a foot that is lifted goes nowhere. */
    private boolean lifts(Term.Way way) {
        return (way == Term.Way.FORWARD || way == Term.Way.BACK || way == Term.Way.SIDE || way == Term.Way.ACROSS)
                && fit.moves().stream().allMatch(Move.Lift.class::isInstance);
    }

    /** Scoop low to the left, up and out to the right: nothing of the hand's height is recorded. */
    private boolean lost(Term.Way way, int index) {
        boolean ofHeight = way == Term.Way.UP || way == Term.Way.DOWN || way == Term.Way.FORWARD;
        return ofHeight
                && !upAndDown(index)
                && fit.moves().stream()
                        .allMatch(move -> move instanceof Move.PlaceHand(var _, var to, var _)
                                && to.sideways().isPresent()
                                && to.height().isEmpty()
                                && to.at().isEmpty());
    }

    /** Hands part up and down: what follows tells which goes where. */
    private boolean upAndDown(int index) {
        List<Item> near = items.subList(Math.max(0, index - 2), Math.min(items.size(), index + 3));
        return near.stream().anyMatch(item -> item.is(Term.Way.UP))
                && near.stream().anyMatch(item -> item.is(Term.Way.DOWN));
    }

    /** It comes in to touch, and goes out again: a second verb, with a way of its own. */
    private boolean secondWay(int index) {
        return index == items.size() - 1
                && index > 1
                && items.get(index - 1).is(Term.Act.MOVE)
                && items.get(index - 2).soft();
    }

    /** The eyes, or nobody named, look. */
    private boolean eyes(int index) {
        return begins(index) || items.get(index - 1).is(Term.Part.EYES);
    }

    private boolean begins(int index) {
        return index == 0 || items.get(index - 1).soft();
    }

    /** A hand is named that nothing is recorded of. */
    private boolean otherHand(Item item) {
        Optional<Side> side = item.whose().flatMap(Term.Who::side);
        boolean named = HandWords.hand(item) && (item.rel() == null || item.rel() == Term.Rel.WITH);
        return named && side.isPresent() && fit.moves().stream().noneMatch(move -> concerns(move, side.get()));
    }

    private static boolean concerns(Move move, Side hand) {
        return switch (move) {
            case Move.PlaceHand(var placed, var _, var _) -> placed == hand;
            case Move.RelateHands _, Move.HoldBall _, Move.HandleProp _, Move.Look _ -> true;
            case Move.Circle(var circles, var _, var _, var _) -> circles == hand;
            default -> false;
        };
    }

    /** Whether the clause says the same without it, and without the "and" behind it. */
    private boolean idle(int index) {
        boolean and = index + 1 < items.size() && items.get(index + 1).is(Term.Mark.AND);
        return idle(index, index + 1) || and && idle(index, index + 2);
    }

    /** Whether the clause says the same with another number in its place: 45 back to the right is the corner anyway, and 46 is not. */
    private boolean idle(int index, Term other) {
        List<Item> changed = new ArrayList<>(items);
        changed.set(index, items.get(index).saying(other));
        return readsSame(changed);
    }

    private boolean idle(int from, int to) {
        List<Item> without = new ArrayList<>(items);
        without.subList(from, to).clear();
        return !without.isEmpty() && readsSame(without);
    }

    private boolean readsSame(List<Item> said) {
        return Frames.again(fit, said, before).filter(this::same).isPresent();
    }

    private boolean same(Fit other) {
        return other.moves().equals(fit.moves())
                && other.stages().equals(fit.stages())
                && other.manner().equals(fit.manner())
                && other.holds().equals(fit.holds())
                && other.questions().isEmpty()
                && other.refusals().isEmpty();
    }
}
