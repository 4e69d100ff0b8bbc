package app.avrel.rules.check;

import app.avrel.floor.Bearing;
import app.avrel.floor.Numbers;
import app.avrel.floor.Way;
import app.avrel.form.Moment;
import app.avrel.label.Labels;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.function.Consumer;

/** A turn that could go either way round, or a chest turned further against the hips than a waist gives. */
final class HalfTurn implements MomentRule {

    private static final double WAIST = 30;
    private static final double NEARLY = 1;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Moment moment = watched.moment();
        Where where = watched.where();
        for (Move move : watched.moves()) {
            if (move instanceof Move.TurnBody(BodyPart part, Optional<Turning> turning)) {
                turning.ifPresent(said -> eitherWay(moment, part, said, where, found));
            }
        }
        waist(moment, where, found);
    }

    private static void eitherWay(Moment moment, BodyPart part, Turning turning, Where where, Consumer<Finding> found) {
        if (!(turning instanceof Turning.To(Bearing _, Way way)) || way != Way.SHORTER || part != BodyPart.WHOLE) {
            return;
        }
        Bearing before = moment.before().facing();
        Bearing after = moment.after().pelvis();
        if (moment.before().chest().known() && before.degreesFrom(after) > 180 - NEARLY) {
            found.accept(Finding.of(RuleId.HALF_TURN, Severity.LOOK, where, Labels.say("rules.half_turn"))
                    .at(Spot.TRUNK));
        }
    }

    private static void waist(Moment moment, Where where, Consumer<Finding> found) {
        double before = twist(moment.before()
                .chest()
                .value()
                .minus(moment.before().hips().value())
                .degrees());
        double after = twist(moment.after()
                .chest()
                .value()
                .minus(moment.after().hips().value())
                .degrees());
        boolean known = moment.after().chest().known() && moment.after().hips().known();
        if (known && after > WAIST + 1e-9 && after > before) {
            found.accept(Finding.of(
                            RuleId.WAIST,
                            Severity.LOOK,
                            where,
                            Labels.say("rules.chest_turned_against", Numbers.whole(after), Numbers.whole(WAIST)))
                    .at(Spot.TRUNK));
        }
    }

    private static double twist(double degrees) {
        return Math.abs(degrees);
    }
}
