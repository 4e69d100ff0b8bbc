package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.motion.Pose;
import app.avrel.posture.move.MoveQuestions;
import java.util.List;

/**
 * Where a stance is settled and not only passed through: at the end of a posture, in a hold, or where the weight arrives and
 * stays within five points until the end of the next count, or for two beats, while no foot leaves.
 */
final class Settled {

    private static final double POINTS = 5;
    private static final double BEATS = 2;

    private Settled() {}

    /** {@return whether the stance in which a moment ends is settled} */
    static boolean at(List<Moment> moments, int index) {
        Moment here = moments.get(index);
        if (goesOn(moments, index)) {
            return false;
        }
        if (here.count().held() && last(moments, index)) {
            return true;
        }
        double beats = 0;
        int counts = 0;
        for (int at = index + 1; at < moments.size(); at++) {
            Moment moment = moments.get(at);
            boolean begins = !moment.place().sameCount(moments.get(at - 1).place());
            counts += begins ? 1 : 0;
            if (counts > 1 || beats >= BEATS) {
                return true;
            }
            if (leaves(here.after(), moment)) {
                return false;
            }
            beats += moment.count().beats()
                    * moment.count().times().lasts(moment.place().stage());
        }
        return counts >= 1 || beats >= BEATS || endsPosture(here, moments);
    }

    /** Within a count a stance is what its last change makes of it. */
    private static boolean goesOn(List<Moment> moments, int index) {
        for (int at = index + 1; at < moments.size(); at++) {
            Moment moment = moments.get(at);
            if (!moment.place().sameCount(moments.get(index).place())) {
                return false;
            }
            if (Watched.standsAnew(moment)) {
                return true;
            }
        }
        return false;
    }

    private static boolean last(List<Moment> moments, int index) {
        return index + 1 == moments.size()
                || !moments.get(index + 1).place().sameCount(moments.get(index).place());
    }

    private static boolean endsPosture(Moment here, List<Moment> moments) {
        Moment end = moments.getLast();
        return end.place().section() == Moment.Section.POSTURE && here.place().section() == Moment.Section.POSTURE;
    }

    private static boolean leaves(Pose settled, Moment moment) {
        Pose after = moment.after();
        double moved =
                Math.abs(after.weight().middle(Side.LEFT) - settled.weight().middle(Side.LEFT));
        return moved > POINTS || moment.stage().moves().stream().anyMatch(MoveQuestions::leavesItsPlace);
    }
}
