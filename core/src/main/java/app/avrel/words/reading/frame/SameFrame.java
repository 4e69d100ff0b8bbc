package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.Mirror;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What points to another count: the same again, on the other side, with the other hand, back where it was two counts ago.
 * Where no count was recorded before, it is pointed at.
 */
final class SameFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Ref.class)
                || clause.has(Term.CountsAgo.class)
                || clause.has(Term.NthCount.class)
                || clause.has(Term.Rel.OWN_PLACE);
    }

    @Override
    public boolean joins() {
        return true;
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean other = clause.has(item -> item.is(Term.Ref.TOO))
                && clause.has(item -> HandWords.hand(item) && item.who() == Term.Who.OTHER)
                && now.lastPlace().isEmpty();
        boolean refers = clause.has(Term.Ref.SAME)
                || clause.has(Term.Ref.COUNT)
                || clause.has(Term.Ref.OTHER_SIDE)
                || clause.has(Term.CountsAgo.class)
                || clause.has(Term.NthCount.class)
                || other;
        boolean returns = clause.has(Term.Rel.OWN_PLACE) && !clause.has(Term.Act.STAY);
        if (!refers && !(returns && !now.earlier().isEmpty()) || sameHandOfTheLine(clause, now)) {
            return Optional.empty();
        }
        return new Pointing(clause, now).read(returns).or(() -> pointedAt(clause));
    }

    /** Within a line, "the left hand the same" is the hand spoken of before. */
    private static boolean sameHandOfTheLine(Clause clause, Situation now) {
        return now.lastPlace().isPresent() && clause.has(Term.Ref.SAME) && clause.has(HandWords::hand);
    }

    private static Optional<Fit> pointedAt(Clause clause) {
        if (clause.has(Term.Rel.OWN_PLACE) && !clause.has(Term.Ref.class) && !clause.has(Term.CountsAgo.class)) {
            return Optional.empty();
        }
        for (int i = 0; i < clause.size(); i++) {
            if (!clause.item(i).soft()
                    && !Leftover.small(clause.item(i))
                    && !clause.item(i).is(Term.Mark.UNKNOWN)) {
                clause.keep(i);
            }
        }
        return Optional.of(new Fit());
    }

    /** One clause that points back. */
    private record Pointing(Clause clause, Situation now) {

        Optional<Fit> read(boolean returns) {
            List<Earlier> earlier = now.earlier();
            if (earlier.isEmpty()) {
                return Optional.empty();
            }
            List<Item> limbs = clause.items().stream()
                    .filter(item -> (HandWords.hand(item) || WhichFoot.foot(item) || item.bareSide())
                            && item.who() != null
                            && side(item).isPresent())
                    .toList();
            if (returns) {
                return limbs.isEmpty() || !limb(limbs, HandWords::hand) ? Optional.empty() : back(limbs.getFirst());
            }
            Optional<Count> of = pointed();
            if (of.isEmpty()) {
                return Optional.empty();
            }
            boolean turned = clause.has(Term.Ref.OTHER_SIDE);
            List<Stage> stages = of.get().stages();
            if (limb(limbs, HandWords::hand) || limb(limbs, WhichFoot::foot)) {
                stages = ofLimb(stages, limbs, limb(limbs, HandWords::hand));
            } else if (turned
                    || !limbs.isEmpty()
                            && leads(of.get())
                                    .filter(side(limbs.getLast()).orElseThrow().other()::equals)
                                    .isPresent()) {
                stages = Mirror.of(of.get()).stages();
            }
            boolean empty = stages.stream().allMatch(stage -> stage.moves().isEmpty());
            if (empty) {
                return Optional.empty();
            }
            clause.useAll();
            return Optional.of(Fit.again(of.get().withStages(stages)));
        }

        private static boolean limb(List<Item> limbs, Predicate<Item> kind) {
            return limbs.stream().anyMatch(kind);
        }

        private Optional<Side> side(Item item) {
            return item.who() == Term.Who.OTHER
                    ? now.earlier()
                            .getLast()
                            .count()
                            .moves()
                            .filter(MoveQuestions::placesHands)
                            .flatMap(move -> MoveQuestions.side(move).stream())
                            .findFirst()
                            .map(Side::other)
                    : item.whose().flatMap(Term.Who::side);
        }

        /**
         * The moves of one kind of limb, done by another. Of two that are named, the one before "repeats" does them, and
         * the other did; or the last one does them: "repeat what the right hand did, on the left".
         */
        private List<Stage> ofLimb(List<Stage> stages, List<Item> limbs, boolean hands) {
            int same = clause.indexOf(Term.Ref.SAME);
            boolean subjectFirst = same >= 0 && clause.items().indexOf(limbs.getFirst()) < same;
            Side to = side(subjectFirst ? limbs.getFirst() : limbs.getLast()).orElseThrow();
            Optional<Side> from =
                    limbs.size() > 1 ? side(subjectFirst ? limbs.getLast() : limbs.getFirst()) : Optional.empty();
            return stages.stream()
                    .map(stage -> stage.withMoves(stage.moves().stream()
                            .filter(move -> hands == (move instanceof Move.OfHands)
                                    && (hands || move instanceof Move.OfFoot)
                                    && MoveQuestions.side(move).isPresent()
                                    && (from.isEmpty()
                                            || MoveQuestions.side(move).equals(from)))
                            .map(move -> MoveQuestions.side(move).orElseThrow() == to ? move : Mirror.of(move))
                            .distinct()
                            .toList()))
                    .filter(stage -> !stage.moves().isEmpty())
                    .toList();
        }

        /** The count that is meant: by its number, so many ago, or the one before. */
        private Optional<Count> pointed() {
            List<Earlier> earlier = now.earlier();
            Optional<Integer> nth = clause.items().stream()
                    .filter(item -> item.term() instanceof Term.NthCount)
                    .map(item -> ((Term.NthCount) item.term()).number() - 1)
                    .findFirst();
            int at = nth.orElseGet(() -> earlier.size() - ago().orElse(1));
            return at >= 0 && at < earlier.size() ? Optional.of(earlier.get(at).count()) : Optional.empty();
        }

        private Optional<Integer> ago() {
            return clause.items().stream()
                    .filter(item -> item.term() instanceof Term.CountsAgo)
                    .map(item -> ((Term.CountsAgo) item.term()).counts())
                    .findFirst();
        }

        /** Back where the hand was: so many counts ago, or before it last moved. */
        private Optional<Fit> back(Item limb) {
            Side hand = side(limb).orElseThrow();
            List<Earlier> earlier = now.earlier();
            HandPlace here = now.pose().hand(hand);
            Optional<HandPlace> place = ago().map(counts -> earlier.get(
                                    Math.clamp(earlier.size() - Math.max(1, counts - 1), 0, earlier.size() - 1))
                            .before()
                            .hand(hand))
                    .or(() -> earlier.reversed().stream()
                            .map(count -> count.before().hand(hand))
                            .filter(was -> !was.equals(here))
                            .findFirst());
            if (place.isEmpty()) {
                return Optional.empty();
            }
            clause.useAll();
            return Optional.of(Fit.of(new Move.PlaceHand(hand, place.get(), Optional.empty())));
        }

        /** The side with which a count begins. */
        private static Optional<Side> leads(Count count) {
            return count.moves()
                    .flatMap(move -> MoveQuestions.side(move).stream())
                    .findFirst();
        }
    }
}
