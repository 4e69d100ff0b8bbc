package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a relation puts the two hands, so that it holds. */
record HandRelations(Move.RelateHands move, Body body) {

    private static final Reach INNER = new Reach(40);
    private static final Reach OUTER = new Reach(55);
    private static final Reach MIDDLE = new Reach(48);

    /** What lies between hands one above the other or side by side, where nothing is said of it. */
    private static final Length A_FIST = Length.fists(1);

    static Pose after(Pose pose, Move.RelateHands move, Body body) {
        HandRelations hands = new HandRelations(move, body);
        return pose.withHand(Side.LEFT, hands.place(pose, Side.LEFT))
                .withHand(Side.RIGHT, hands.place(pose, Side.RIGHT))
                .withHold(Optional.of(new HandHold(Optional.of(move.relation()))));
    }

    private HandPlace place(Pose pose, Side hand) {
        Role role = move.leading()
                .map(leading -> hand == leading ? Role.LEADING : Role.OTHER)
                .orElse(Role.EITHER);
        HandPlace said = related(role)
                .withHeight(height(pose))
                .withPalm(palm(role).or(() -> related(role).palm()));
        return pose.hand(hand).with(said);
    }

    /** Both palms look so; under an elbow there is but one. */
    private Optional<Palm> palm(Role role) {
        boolean above = move.relation() == HandRelation.PALM_UNDER_ELBOW && role != Role.LEADING;
        return above ? Optional.empty() : move.palm();
    }

    /**
     * The one height of both: as said, else that of the hand that is led to, where it does not hang; the leading hand's
     * where it does.
     */
    private Landmark height(Pose pose) {
        if (move.leading().isEmpty()) {
            return move.height().or(() -> higher(pose)).orElse(Landmark.CHEST);
        }
        Side first = move.leading().get();
        Optional<Landmark> leading = pose.hand(first).height();
        Optional<Landmark> other = pose.hand(first.other()).height();
        return move.height()
                .or(() -> other.filter(HandRelations::held))
                .or(() -> leading.filter(HandRelations::held))
                .or(() -> other)
                .or(() -> leading)
                .orElse(Landmark.CHEST);
    }

    private static Optional<Landmark> higher(Pose pose) {
        return Stream.of(Side.values())
                .flatMap(side -> pose.hand(side).height().stream())
                .max(Comparator.naturalOrder());
    }

    private static boolean held(Landmark height) {
        return height.compareTo(Landmark.THIGH) > 0;
    }

    /** What a hand is in the relation; each of both where it is not said which leads. */
    private enum Role {
        LEADING,
        OTHER,
        EITHER;

        <T> T of(T leading, T other, T either) {
            return switch (this) {
                case LEADING -> leading;
                case OTHER -> other;
                case EITHER -> either;
            };
        }
    }

    private HandPlace related(Role role) {
        HandPlace centre = HandPlace.UNSAID.withSideways(Sideways.CENTRE);
        return switch (move.relation()) {
            case CROSSED_WRISTS ->
                HandPlace.UNSAID.withSideways(new Sideways.Across(-0.3)).withReach(role.of(INNER, OUTER, MIDDLE));
            case WRIST_ON_WRIST ->
                halfGap(
                        role.of(
                                centre.withReach(OUTER).withPalm(Palm.DOWN),
                                centre.withReach(OUTER).withPalm(Palm.UP),
                                centre.withReach(OUTER)),
                        role,
                        Length.fists(0.6));
            case PALM_UNDER_ELBOW ->
                role == Role.LEADING
                        ? below(centre.withReach(INNER)).withAt(HandAt.OTHER_ELBOW)
                        : centre.withReach(Reach.ROUNDED);
            case HEELS_OF_PALMS_TOGETHER -> halfGap(centre.withReach(OUTER), role, Length.fists(0.6));
            case PALMS_TOGETHER -> centre.withReach(INNER).withPalm(Palm.TO_THE_OTHER_HAND);
            case PASSING_INSIDE -> centre.withReach(role.of(INNER, OUTER, MIDDLE));
            case STACKED ->
                halfGap(
                        centre.withReach(INNER).withShape(HandShape.OPEN),
                        role,
                        move.gap().orElse(A_FIST));
            case FOLDED_FOREARMS ->
                HandPlace.UNSAID.withSideways(new Sideways.Across(-0.6)).withReach(role.of(OUTER, INNER, MIDDLE));
            case APART -> HandPlace.UNSAID.withSideways(apart());
        };
    }

    /** The leading hand above the middle, the other below it, with the gap between. */
    private static HandPlace halfGap(HandPlace place, Role role, Length gap) {
        if (role == Role.EITHER) {
            return place;
        }
        Length half = new Length(gap.amount() / 2, gap.unit());
        HandOffset.Way way = role == Role.LEADING ? HandOffset.Way.ABOVE : HandOffset.Way.BELOW;
        return place.withOffset(new HandOffset(way, Optional.of(half)));
    }

    private static HandPlace below(HandPlace place) {
        return place.withOffset(new HandOffset(HandOffset.Way.BELOW, Optional.of(Length.fists(2))));
    }

    /** Side by side: each half the gap from the centre line, or before its own shoulder. */
    private Sideways apart() {
        return move.gap()
                .<Sideways>map(
                        gap -> new Sideways.Across(Math.clamp(body.metres(gap) / 2 / body.halfShoulders(), -2, 3)))
                .orElse(Sideways.OWN_SIDE);
    }
}
