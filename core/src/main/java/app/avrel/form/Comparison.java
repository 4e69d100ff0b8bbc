package app.avrel.form;

import app.avrel.body.Side;
import app.avrel.posture.Mirror;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two runs of counts laid side by side so that as little as possible differs.
 *
 * <p>By edit distance over the moves: a move that is alike costs nothing, one of the same kind and part that is otherwise
 * costs {@value #CHANGED}, one that is added or dropped costs {@value #ALONE}; moves of unlike kinds are never laid on each
 * other.
 *
 * @param cost the sum
 * @param differences in the order of the second run; none where both are alike
 */
public record Comparison(int cost, List<Difference> differences) {

    static final int CHANGED = 2;
    static final int ALONE = 3;

    public Comparison {
        differences = List.copyOf(differences);
    }

    /** {@return two occurrences compared, ways in and own counts; the first mirrored where its side is the other} */
    public static Comparison of(Occurrence first, Occurrence second) {
        return of(sided(first, second), counts(second));
    }

    /** {@return the counts of an occurrence, its way in first} */
    public static List<Count> counts(Occurrence done) {
        List<Count> counts = new ArrayList<>(done.link().counts());
        counts.addAll(done.done().countsDone());
        return counts;
    }

    /** {@return the counts of the first, on the side of the second: left and right of one posture are compared so} */
    public static List<Count> sided(Occurrence first, Occurrence second) {
        return otherSides(first, second) ? Mirror.counts(counts(first)) : counts(first);
    }

    /** {@return whether the two are the left and the right of a posture, so that the first is mirrored for comparing} */
    public static boolean otherSides(Occurrence first, Occurrence second) {
        Optional<Side> one = first.posture().side();
        Optional<Side> other = second.posture().side();
        return one.isPresent() && other.isPresent() && one.get() != other.get();
    }

    private record Placed(Move move, int count) {}

    /** {@return two runs of counts compared} */
    public static Comparison of(List<Count> first, List<Count> second) {
        List<Placed> one = placed(first);
        List<Placed> other = placed(second);
        int[][] costs = costs(one, other);
        List<Difference> found = new ArrayList<>();
        int i = one.size();
        int j = other.size();
        while (i > 0 || j > 0) {
            if (i > 0 && j > 0 && costs[i][j] == costs[i - 1][j - 1] + cost(one.get(i - 1), other.get(j - 1))) {
                changed(one.get(--i), other.get(--j)).ifPresent(found::addFirst);
            } else if (j > 0 && costs[i][j] == costs[i][j - 1] + ALONE) {
                Placed added = other.get(--j);
                found.addFirst(new Difference.Added(added.move(), added.count()));
            } else {
                Placed dropped = one.get(--i);
                found.addFirst(new Difference.Dropped(dropped.move(), dropped.count()));
            }
        }
        return new Comparison(costs[one.size()][other.size()], found);
    }

    private static Optional<Difference> changed(Placed from, Placed to) {
        return from.move().equals(to.move())
                ? Optional.empty()
                : Optional.of(new Difference.Changed(from.move(), from.count(), to.move(), to.count()));
    }

    private static int[][] costs(List<Placed> one, List<Placed> other) {
        int[][] costs = new int[one.size() + 1][other.size() + 1];
        for (int i = 0; i <= one.size(); i++) {
            for (int j = 0; j <= other.size(); j++) {
                if (i == 0 || j == 0) {
                    costs[i][j] = (i + j) * ALONE;
                } else {
                    int alone = Math.min(costs[i - 1][j], costs[i][j - 1]) + ALONE;
                    costs[i][j] = Math.min(alone, costs[i - 1][j - 1] + cost(one.get(i - 1), other.get(j - 1)));
                }
            }
        }
        return costs;
    }

    /** Laying unlike moves on each other costs as much as dropping one and adding the other, and a little more. */
    private static int cost(Placed from, Placed to) {
        if (from.move().equals(to.move())) {
            return 0;
        }
        return alike(from.move(), to.move()) ? CHANGED : 2 * ALONE + 1;
    }

    /** The same kind of move of the same part. */
    private static boolean alike(Move one, Move other) {
        return one.getClass() == other.getClass() && part(one).equals(part(other));
    }

    private static Optional<Object> part(Move move) {
        return switch (move) {
            case Move.OfFoot foot -> Optional.of(foot.foot());
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.TurnBody turn -> Optional.of(turn.part());
            case Move.Circle circle -> Optional.of(circle.hand());
            case Move.HandleProp prop -> Optional.of(prop.hand());
            case Move.Shift _, Move.ChangeDepth _, Move.Incline _, Move.HoldBall _, Move.RelateHands _, Move.Look _ ->
                Optional.empty();
        };
    }

    private static List<Placed> placed(List<Count> counts) {
        List<Placed> placed = new ArrayList<>();
        for (int at = 0; at < counts.size(); at++) {
            int count = at;
            counts.get(at).moves().forEach(move -> placed.add(new Placed(move, count)));
        }
        return placed;
    }

    /** {@return whether nothing differs} */
    public boolean alike() {
        return differences.isEmpty();
    }
}
