package app.avrel.motion;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;

/** Where a relation puts the two hands. */
final class HandRelations {

    private static final Reach INNER = new Reach(40);
    private static final Reach OUTER = new Reach(55);

    private HandRelations() {}

    static Pose after(Pose pose, Move.RelateHands move) {
        Side leading = move.leading();
        Pose placed = pose.withHand(leading, place(pose, move, leading))
                .withHand(leading.other(), place(pose, move, leading.other()));
        return placed;
    }

    private static HandPlace place(Pose pose, Move.RelateHands move, Side hand) {
        HandPlace said = related(move, hand == move.leading());
        if (move.height().isPresent()) {
            said = said.withHeight(height(move, hand == move.leading()));
        }
        if (move.palm().isPresent()) {
            said = said.withPalm(move.palm().get());
        }
        return pose.hand(hand).with(said);
    }

    private static Landmark height(Move.RelateHands move, boolean leading) {
        Landmark middle = move.height().get();
        return switch (move.relation()) {
            case STACKED -> leading ? BallHold.upper(middle) : middle;
            case PALM_UNDER_ELBOW -> leading ? BallHold.lower(middle) : middle;
            case CROSSED_WRISTS,
                    WRIST_ON_WRIST,
                    HEELS_OF_PALMS_TOGETHER,
                    PALMS_TOGETHER,
                    PASSING_INSIDE,
                    FOLDED_FOREARMS,
                    APART -> middle;
        };
    }

    private static HandPlace related(Move.RelateHands move, boolean leading) {
        HandPlace centre = HandPlace.UNSAID.withSideways(Sideways.CENTRE);
        return switch (move.relation()) {
            case CROSSED_WRISTS ->
                HandPlace.UNSAID.withSideways(new Sideways.Across(-0.3)).withReach(leading ? INNER : OUTER);
            case WRIST_ON_WRIST -> centre.withReach(OUTER).withPalm(leading ? Palm.DOWN : Palm.UP);
            case PALM_UNDER_ELBOW ->
                leading ? centre.withReach(INNER).withAt(HandAt.OTHER_ELBOW) : centre.withReach(Reach.ROUNDED);
            case HEELS_OF_PALMS_TOGETHER -> centre.withReach(OUTER);
            case PALMS_TOGETHER -> centre.withReach(INNER).withPalm(Palm.TO_THE_OTHER_HAND);
            case PASSING_INSIDE -> centre.withReach(leading ? INNER : OUTER);
            case STACKED -> centre.withReach(INNER).withShape(HandShape.OPEN);
            case FOLDED_FOREARMS ->
                HandPlace.UNSAID.withSideways(new Sideways.Across(-0.6)).withReach(leading ? OUTER : INNER);
            case APART -> HandPlace.UNSAID.withSideways(Sideways.OWN_SIDE);
        };
    }
}
