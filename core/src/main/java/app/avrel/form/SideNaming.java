package app.avrel.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorVector;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.HandSpot;
import java.util.Optional;

/** What a posture's side is called: by the leg in front, by the hand that leads at its end, or by the way one travels. */
public record SideNaming(HouseRules rules, Body body) {

    private static final int BY_HAND = 1;
    private static final int BY_TRAVEL = 2;
    private static final double LEADS = 0.03;
    private static final double TRAVELS = 0.1;

    /** {@return the word, such as {@code left}; empty where the posture has no side} */
    public Optional<String> of(Occurrence done) {
        return switch (rules.get(HouseRule.SIDES)) {
            case BY_HAND -> byHand(done);
            case BY_TRAVEL -> byTravel(done);
            default -> done.posture().side().map(Side::word);
        };
    }

    private Optional<String> byHand(Occurrence done) {
        HandSpot spots = new HandSpot(done.done().end(), body);
        SpacePoint left = spots.of(Side.LEFT);
        SpacePoint right = spots.of(Side.RIGHT);
        double lead = left.ahead() - right.ahead();
        if (Math.abs(lead) < LEADS) {
            lead = left.up() - right.up();
        }
        return Math.abs(lead) < LEADS ? Optional.empty() : Optional.of((lead > 0 ? Side.LEFT : Side.RIGHT).word());
    }

    private Optional<String> byTravel(Occurrence done) {
        FloorVector way = CentreOfMass.of(done.done().end(), body)
                .minus(CentreOfMass.of(done.done().begins(), body));
        double ahead = way.along(done.done().begins().facing());
        double right = way.along(done.done().begins().facing().right());
        if (Math.max(Math.abs(ahead), Math.abs(right)) < TRAVELS) {
            return Optional.empty();
        }
        return Optional.of(
                Math.abs(right) >= Math.abs(ahead) ? (right > 0 ? "right" : "left") : ahead > 0 ? "forward" : "back");
    }
}
