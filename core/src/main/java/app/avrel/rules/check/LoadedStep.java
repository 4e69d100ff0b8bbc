package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.function.Consumer;

/** Stepping with, drawing in or lifting a foot that bears weight. */
final class LoadedStep implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int limit = watched.rule(HouseRule.STEPPING_LOAD);
        for (Move move : watched.moves()) {
            doing(move).ifPresent(doing -> examine(watched.moment(), doing, limit, watched.where(), found));
        }
    }

    private static void examine(Moment moment, Doing doing, int limit, Where where, Consumer<Finding> found) {
        Side foot = doing.foot();
        Load.of(moment, foot).over(limit).ifPresent(bears -> {
            String sentence = Labels.say(
                    "rules.foot_while", Labels.of(foot), doing.verb(), bears, limit, Labels.of(foot.other()));
            found.accept(Finding.of(RuleId.LOADED_STEP, Severity.CAUTION, where, sentence)
                    .headed(Labels.capital(Labels.say("rules.foot_moves_under", Labels.of(foot))))
                    .at(Spot.foot(foot)));
        });
    }

    private record Doing(Side foot, String verb) {}

    private static Optional<Doing> doing(Move move) {
        return switch (move) {
            case Move.Step step -> Optional.of(new Doing(step.foot(), Labels.say("rules.steps")));
            case Move.Slide slide -> Optional.of(new Doing(slide.foot(), Labels.say("rules.slides")));
            case Move.Kicking kick -> Optional.of(new Doing(kick.foot(), Labels.say("rules.kicks")));
            case Move.Stamp stamp -> Optional.of(new Doing(stamp.foot(), Labels.say("rules.stamps")));
            case Move.DrawIn draw -> Optional.of(new Doing(draw.foot(), Labels.say("rules.drawn")));
            case Move.HalfStep half -> Optional.of(new Doing(half.foot(), Labels.say("rules.follows")));
            case Move.Lift lift -> Optional.of(new Doing(lift.foot(), Labels.say("rules.lifts")));
            case Move.Lower _,
                    Move.Raise _,
                    Move.TurnFoot _,
                    Move.Shift _,
                    Move.TurnBody _,
                    Move.ChangeDepth _,
                    Move.DrawBack _,
                    Move.Incline _,
                    Move.PlaceHand _,
                    Move.HoldBall _,
                    Move.RelateHands _,
                    Move.Circle _,
                    Move.HandleProp _,
                    Move.Look _ -> Optional.empty();
        };
    }
}
