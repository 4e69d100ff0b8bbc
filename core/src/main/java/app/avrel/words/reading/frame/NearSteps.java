package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import java.util.stream.IntStream;

/** Steps that end beside the other foot: half steps, and feet drawn in. */
final class NearSteps {

    private final Clause clause;
    private final Situation now;

    NearSteps(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** Half a step to a corner, or away from the other foot: how far is understood, and no step holds half of its own length. */
    boolean slanted() {
        int at = clause.find(item -> item.is(Term.Manner.HALF_STEP_LONG) || item.is(Term.Act.HALF_STEP) && aside());
        int half = at >= 0 ? at : clause.find(Term.Act.HALF_STEP);
        if (half >= 0 && away()) {
            clause.keep(half);
            return true;
        }
        boolean corner = clause.has(Term.Way.LEFT_FORWARD)
                || at >= 0 && aside()
                || clause.has(Term.Way.RIGHT_FORWARD)
                || clause.has(Term.Way.LEFT_BACK)
                || clause.has(Term.Way.RIGHT_BACK)
                || clause.has(Term.Hall.class);
        if (at >= 0 && corner) {
            clause.keep(at);
        }
        return corner;
    }

    /** Back, of a foot that is not ahead: it does not come up to the other. */
    private boolean away() {
        boolean ahead =
                foot().filter(foot -> now.front().equals(Optional.of(foot))).isPresent();
        return clause.has(Term.Way.BACK) && foot().isPresent() && !ahead;
    }

    private Optional<Side> foot() {
        return clause.items().stream()
                .filter(item -> item.who() != null && (WhichFoot.foot(item) || item.bareSide()))
                .findFirst()
                .flatMap(item -> now.foot(item.who()));
    }

    /** To the side, to the left, to a wall. */
    private boolean aside() {
        return clause.has(item -> item.is(Term.Way.SIDE)
                || item.term() instanceof Term.Hall
                || item.rel() == Term.Rel.TO
                        && item.bareSide()
                        && item.who().side().isPresent());
    }

    boolean halfFollows() {
        boolean follows = clause.has(Term.Act.FOLLOW)
                && (clause.has(item -> WhichFoot.foot(item) && !onlyHeel(item)) || clause.has(Item::bareSide))
                && !clause.has(Term.Part.WEIGHT);
        return follows
                && !now.turning()
                && (clause.takeItem(item -> item.term() instanceof Term.Num(double n) && n == 0.5)
                                .isPresent()
                        || clause.items().size() <= 2);
    }

    /** Toes first, the heel follows: that says no more of how the foot comes down. */
    void takeHeelThatFollows() {
        int heel = clause.find(NearSteps::onlyHeel);
        boolean follows = heel > 0
                && clause.near(heel, 1).filter(next -> next.is(Term.Act.FOLLOW)).isPresent();
        if (follows && (clause.said(Term.Part.TOES) || clause.said(Term.Part.BALL))) {
            clause.use(heel);
            clause.take(Term.Act.FOLLOW);
        } else if (follows) {
            clause.keep(heel);
        }
    }

    /** The heel that follows the toes: that is how the foot comes down, and no step. */
    private static boolean onlyHeel(Item item) {
        return (item.is(Term.Part.HEEL) || item.is(Term.Part.SOLE)) && item.who() == null;
    }

    /** The foot steps forward and lands behind the other: it follows, and does not pass. */
    boolean upBehind() {
        return clause.has(Term.Way.FORWARD)
                && !clause.has(Term.Way.ACROSS)
                && !clause.has(Term.Act.CROSS)
                && !clause.has(Term.Measure.class)
                && foot().flatMap(foot -> behind().filter(other -> other == foot.other()))
                        .isPresent();
    }

    private Optional<Side> behind() {
        return clause.items().stream()
                .filter(item -> item.rel() == Term.Rel.BEHIND && (WhichFoot.foot(item) || item.bareSide()))
                .findFirst()
                .flatMap(Item::whose)
                .flatMap(now::foot);
    }

    boolean ankle(boolean steps) {
        boolean at = clause.has(item -> item.is(Term.Part.ANKLE) && item.rel() != null && item.rel() != Term.Rel.PAST);
        boolean hovers = clause.has(Term.Act.HOVER);
        return at && !steps && !clause.has(Term.Hall.class) || hovers && at;
    }

    Fit drawIn(Side foot) {
        boolean ankle = clause.takeItem(item -> item.is(Term.Part.ANKLE)).isPresent();
        boolean ball = clause.has(Term.Part.BALL) || clause.has(Term.Part.TOES) || clause.has(Term.Part.HEEL);
        boolean tiptoe = heelUp() || IntStream.range(0, clause.size()).anyMatch(clause::onTiptoe);
        clause.takeItem(item -> item.rel() != null
                && !item.is(Term.Part.KNEE)
                && !item.is(Term.Part.THIGH)
                && (WhichFoot.foot(item) || item.bareSide()));
        int behind = clause.find(item -> item.rel() != null && item.is(Term.Part.KNEE));
        if (behind >= 0) {
            clause.keep(behind);
        }
        clause.take(Term.Ref.ITS_SIDE);
        boolean air = clause.takeAll(Term.Act.RAISE);
        boolean hovers = clause.takeAll(Term.Act.HOVER) | clause.takeAll(Term.Manner.NOT_DOWN);
        clause.takeItem(item -> item.is(Term.Part.FLOOR));
        boolean none = clause.takeAll(Term.Manner.NONE);
        clause.takeAll(
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Part.HEEL,
                Term.Part.BALL,
                Term.Part.TOES,
                Term.Way.IN,
                Term.Way.UP,
                Term.Way.DOWN,
                Term.Manner.FIRST,
                Term.Manner.FLAT,
                Term.Manner.TOGETHER,
                Term.Act.STAY,
                Term.Way.SIDE);
        clause.takeAll(Term.Act.LAND);
        boolean touches =
                clause.said(Term.Act.LAND) && (ball || clause.said(Term.Part.BALL) || clause.said(Term.Part.TOES));
        boolean hovering = hovers || none && ankle || air && ankle || ankle && !ball;
        return Fit.of(new Move.DrawIn(foot, hovering && !touches && !tiptoe ? DrawnTo.HOVERING : DrawnTo.BALL_BESIDE));
    }

    /** Half a step, heel up: it lands on the ball. */
    private boolean heelUp() {
        int heel = clause.find(Term.Part.HEEL);
        boolean up = heel >= 0
                && clause.near(heel, 1)
                        .filter(next -> next.is(Term.Way.UP) || next.is(Term.Act.RAISE))
                        .isPresent();
        return up && (clause.takeAll(Term.Act.RAISE) || clause.said(Term.Way.UP));
    }

    Fit halfStep(Side foot) {
        boolean heel = clause.has(item -> item.is(Term.Part.HEEL) && (item.rel() == Term.Rel.ON || item.rel() == null))
                && (clause.has(Term.Manner.FIRST)
                        || clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.ON));
        boolean heelFirst = clause.takeAll(Term.Manner.HEEL_FIRST);
        boolean ball = clause.takeAll(Term.Manner.TOES_FIRST)
                || clause.has(Term.Part.BALL)
                || clause.has(Term.Part.TOES)
                || heelUp();
        boolean flat = clause.takeAll(Term.Manner.FLAT);
        clause.takeAll(
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Part.HEEL,
                Term.Part.BALL,
                Term.Part.TOES,
                Term.Manner.FIRST,
                Term.Manner.NONE,
                Term.Way.UP,
                Term.Way.FORWARD,
                Term.Way.BACK,
                Term.Way.IN);
        clause.takeItem(Item::bareSide);
        clause.takeItem(item -> WhichFoot.foot(item)
                && (item.rel() == Term.Rel.BEHIND || item.rel() == Term.Rel.BESIDE || item.rel() == Term.Rel.TO));
        clause.takeItem(item -> item.term() instanceof Term.Num(double n) && n == 0.5);
        Contact landing = flat ? Contact.FLAT : heel || heelFirst ? Contact.HEEL : ball ? Contact.BALL : null;
        return Fit.of(new Move.HalfStep(foot, Optional.ofNullable(landing)));
    }
}
