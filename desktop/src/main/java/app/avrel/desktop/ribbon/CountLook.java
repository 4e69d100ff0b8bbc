package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.form.Moment;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.count.StageTimes;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How a count looks on the ribbon, wherever on the floor it is done.
 *
 * @param label its number
 * @param count the count
 * @param stages how the load goes
 * @param turned degrees the body turns in it, to the right positive
 * @param moved the feet that leave their place
 */
record CountLook(String label, Count count, List<RibbonCell.Stage> stages, double turned, Set<Side> moved) {

    /** {@return the looks of counts, from their moments in order} */
    static List<CountLook> of(List<Moment> moments) {
        List<CountLook> looks = new ArrayList<>();
        int first = 0;
        for (int i = 1; i <= moments.size(); i++) {
            boolean ends = i == moments.size()
                    || !moments.get(i).place().sameCount(moments.get(first).place());
            if (ends) {
                looks.add(one(moments.subList(first, i)));
                first = i;
            }
        }
        return looks;
    }

    private static CountLook one(List<Moment> count) {
        Moment first = count.getFirst();
        boolean link = first.place().section() == Moment.Section.LINK;
        double turned = count.getLast()
                .after()
                .chest()
                .value()
                .minus(first.before().chest().value())
                .degrees();
        return new CountLook(
                link ? "·" : Integer.toString(first.place().count() + 1),
                first.count(),
                stages(count),
                turned,
                moved(first.count()));
    }

    /** Before the first stage begins the load stays as it is. */
    private static List<RibbonCell.Stage> stages(List<Moment> count) {
        List<RibbonCell.Stage> stages = new ArrayList<>(count.size() + 1);
        StageTimes times = count.getFirst().count().times();
        double begins = times.begins(count.getFirst().place().stage());
        if (begins > 0) {
            WeightShare stays = count.getFirst().before().weight();
            double left = stays.middle(Side.LEFT);
            stages.add(new RibbonCell.Stage(0, begins, left, left, stays.exact()));
        }
        for (Moment moment : count) {
            stages.add(stage(moment, times));
        }
        return stages;
    }

    private static RibbonCell.Stage stage(Moment moment, StageTimes times) {
        WeightShare before = moment.before().weight();
        WeightShare after = moment.after().weight();
        int stage = moment.place().stage();
        return new RibbonCell.Stage(
                times.begins(stage),
                times.ends(stage),
                before.middle(Side.LEFT),
                after.middle(Side.LEFT),
                before.exact() && after.exact());
    }

    private static Set<Side> moved(Count count) {
        Set<Side> moved = EnumSet.noneOf(Side.class);
        for (Stage stage : count.stages()) {
            for (Move move : stage.moves()) {
                if (move instanceof Move.OfFoot of && leaves(of)) {
                    moved.add(of.foot());
                }
            }
        }
        return moved;
    }

    /** Whether the foot leaves its place. */
    private static boolean leaves(Move.OfFoot move) {
        return switch (move) {
            case Move.Step _,
                    Move.Slide _,
                    Move.Stamp _,
                    Move.Kicking _,
                    Move.DrawBack _,
                    Move.DrawIn _,
                    Move.HalfStep _,
                    Move.Lift _ -> true;
            case Move.Lower _, Move.Raise _, Move.TurnFoot _ -> false;
        };
    }

    double beats() {
        return count.beats();
    }

    Breath breath() {
        return count.breath();
    }
}
