package app.avrel.words.reading.frame;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.house.Stance;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A stance by name as the target of a count: it becomes the step and the share of weight that the house gives it, as
 * moves that one can then change.
 */
final class StanceFrame implements Frame {

    private static final int WHOLE = 100;

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Standing.class);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        int at = clause.find(item -> item.term() instanceof Term.Standing);
        if (clause.item(at).rel() == Term.Rel.FROM) {
            return Optional.empty();
        }
        int limb = clause.find(item -> WhichFoot.foot(item) || item.bareSide());
        if (limb >= 0 && limb < at && clause.has(Term.Way.class)) {
            return Optional.empty();
        }
        Stance stance = clause.take(Term.Standing.class).orElseThrow().stance();
        clause.takeAll(
                Term.Act.SHIFT,
                Term.Act.MOVE,
                Term.Act.FORM,
                Term.Act.RISE,
                Term.Act.SINK,
                Term.Act.STAY,
                Term.Act.LOWER,
                Term.Act.BEAR,
                Term.Act.SIT,
                Term.Act.ROOT,
                Term.Act.CLOSE,
                Term.Act.LAND,
                Term.Act.STEP,
                Term.Act.TURN);
        clause.takeAll(
                Term.Rel.AT,
                Term.Rel.THROUGH,
                Term.Rel.TO,
                Term.Way.IN,
                Term.Way.DOWN,
                Term.Manner.STANCE_WORD,
                Term.Way.FORWARD);
        keepWall(clause);
        boolean low = clause.takeAll(Term.Manner.DEEPER);
        clause.takeAll(Term.Manner.WIDE, Term.Manner.EXTENDED, Term.Manner.ALL);
        int measure = clause.find(item -> item.term() instanceof Term.Measure);
        Optional<Length> length = measure >= 0 && clause.item(measure).term() instanceof Term.Measure(var far, var _)
                ? Optional.of(far)
                : Optional.empty();
        Optional<Side> named = clause.takeItem(item -> (item.bareSide() || WhichFoot.foot(item))
                        && item.who() != null
                        && now.foot(item.who()).isPresent())
                .flatMap(item -> now.foot(item.who()).map(side -> stands(item, stance) ? side.other() : side));
        clause.takeItem(item -> WhichFoot.foot(item) && item.both());
        List<Move> moves = new ArrayList<>();
        if (low) {
            moves.add(new Move.ChangeDepth(new Depth.ToFrame(Depth.Frame.LOW)));
        }
        Fit fit = Fit.of(moves).holds(stance.label() + " stance");
        Fit read = switch (stance) {
            case BOW, ALL_ON_FRONT, SIDE_BOW -> bow(fit, now, named, length, clause);
            case EMPTY -> empty(fit, now, named, clause);
            case HORSE, SHOULDER_WIDE -> wide(fit, now, named, length, clause);
            case ONE_LEGGED -> oneLegged(fit, now, named, clause);
            case REAR_LOADED -> rearLoaded(fit, now, named, clause);
            case CROSSED_REST -> stepped(now) ? rest(fit, low) : other(clause);
            case DRAWN_IN, DROP, FEET_TOGETHER -> other(clause);
        };
        length.ifPresent(_ -> tell(clause, measure, read));
        return Optional.of(read);
    }

    /** A bow stance toward nine: whether the foot steps there or the body turns is not said, and the hour is of no hand. */
    private static void keepWall(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (clause.open(i) && item.rel() == Term.Rel.TO && Ways.named(item).isPresent()) {
                clause.keep(i);
            }
        }
    }

    /** An empty stance on the right leg: the leg that is named bears, and the other is in front. */
    private static boolean stands(Item item, Stance stance) {
        return item.rel() == Term.Rel.ON && (stance == Stance.EMPTY || stance == Stance.REAR_LOADED);
    }

    /** How long a stance is that one stands in already, no move holds: that is kept as it was said. */
    private static void tell(Clause clause, int measure, Fit fit) {
        if (!fit.questions().isEmpty() || fit.moves().stream().anyMatch(Move.Step.class::isInstance)) {
            clause.use(measure);
        } else {
            clause.keep(measure);
        }
    }

    private static boolean stepped(Situation now) {
        return now.lastFoot().isPresent();
    }

    private static Fit bow(Fit fit, Situation now, Optional<Side> named, Optional<Length> length, Clause clause) {
        Optional<Side> front = named.or(now::lastFoot).or(now::front);
        if (front.isEmpty()) {
            return ask(fit, clause, "foot_in_front");
        }
        boolean loaded =
                !now.weight().equals(now.pose().weight()) && now.weight().least(front.get()) > 50;
        boolean there = stepped(now) || loaded || now.front().equals(front);
        if (!there) {
            fit.moves().add(step(front.get(), Direction.FORWARD, length));
        }
        fit.moves().add(new Move.Shift(new Split.AsHouse(Split.Loading.FRONT_LOADED, front.get())));
        return fit;
    }

    private static Fit empty(Fit fit, Situation now, Optional<Side> named, Clause clause) {
        Optional<Side> light = named.or(now::lastFoot).or(now::front);
        if (light.isEmpty()) {
            return ask(fit, clause, "foot_light");
        }
        Side heavy = light.get().other();
        Optional<Contact> touches = touches(clause);
        boolean sat = now.topic() == Situation.Topic.WEIGHT
                && !now.weight().equals(now.pose().weight())
                && now.weight().least(heavy) > 50;
        boolean there = stepped(now) || sat || now.front().equals(light);
        if (!there && named.isPresent()) {
            fit.moves()
                    .add(new Move.Step(
                            named.get(),
                            new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
                            touches,
                            Optional.empty(),
                            Optional.empty()));
        }
        fit.moves().add(new Move.Shift(new Split.AsHouse(Split.Loading.LIGHT_FOOT, heavy)));
        return fit;
    }

    /** The part of the light foot that touches, where it is said. */
    private static Optional<Contact> touches(Clause clause) {
        clause.takeAll(Term.Part.HEEL, Term.Part.TOES, Term.Part.BALL);
        boolean heel = clause.said(Term.Part.HEEL);
        boolean ball = clause.said(Term.Part.TOES) || clause.said(Term.Part.BALL);
        return heel ? Optional.of(Contact.HEEL) : ball ? Optional.of(Contact.BALL) : Optional.empty();
    }

    /** One who has crossed the feet sits down on them; how far is not said. */
    private static Fit rest(Fit fit, boolean low) {
        if (!low) {
            fit.moves().add(new Move.ChangeDepth(new Depth.Sink(Optional.empty())));
        }
        return fit;
    }

    private static Fit wide(Fit fit, Situation now, Optional<Side> named, Optional<Length> length, Clause clause) {
        Optional<Side> foot = named.or(now::light);
        if (!stepped(now) && foot.isEmpty()) {
            return ask(fit, clause, "foot_steps_out");
        }
        if (!stepped(now)) {
            Side side = foot.orElseThrow();
            fit.moves().add(step(side, side == Side.LEFT ? Direction.LEFT : Direction.RIGHT, length));
        }
        fit.moves().add(new Move.Shift(new Split.Said(WeightShare.EVEN)));
        return fit;
    }

    /** The leg that is named stands, the other knee is lifted; how high is not said. */
    private static Fit oneLegged(Fit fit, Situation now, Optional<Side> named, Clause clause) {
        Optional<Side> stands = named.or(() -> now.light().map(Side::other));
        if (stands.isEmpty()) {
            return ask(fit, clause, "foot_stands");
        }
        Side standing = stands.get();
        if (now.weight().least(standing) < WHOLE) {
            fit.moves().add(new Move.Shift(Split.on(standing, WHOLE)));
        }
        if (!now.lifted().equals(Optional.of(standing.other()))) {
            fit.moves().add(new Move.Lift(standing.other(), Optional.empty(), Optional.empty(), Optional.empty()));
        }
        return fit;
    }

    /** More than half of the weight behind; how much, the house does not say. */
    private static Fit rearLoaded(Fit fit, Situation now, Optional<Side> named, Clause clause) {
        Optional<Side> front = named.or(now::lastFoot).or(now::front);
        if (front.isEmpty()) {
            return ask(fit, clause, "foot_in_front");
        }
        if (!stepped(now) && !now.front().equals(front)) {
            fit.moves().add(step(front.get(), Direction.FORWARD, Optional.empty()));
        }
        fit.moves().add(new Move.Shift(Split.toward(front.get().other())));
        return fit;
    }

    private static Move step(Side side, Direction way, Optional<Length> length) {
        return new Move.Step(
                side,
                new StepPlace.Along(way, length, Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Fit other(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            if (clause.item(i).term() instanceof Term.Standing) {
                return new Fit()
                        .refuse(
                                clause.item(i).text(),
                                "stance_how",
                                Map.of("stance", clause.item(i).text()));
            }
        }
        return new Fit();
    }

    private static Fit ask(Fit fit, Clause clause, String question) {
        return fit.ask(clause.text(), question, "left_foot", "right_foot");
    }
}
