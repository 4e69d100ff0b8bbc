package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;

/** Reads turns of the body, its depth and its incline. */
final class Trunk {

    private final Clause clause;
    private final ReadingContext hearing;

    Trunk(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    List<Move> turn() {
        boolean chest = clause.take(Term.Part.CHEST);
        boolean whole = clause.takeAny(Term.Part.WAIST, Term.Part.BODY);
        boolean hips = clause.take(Term.Part.HIPS);
        BodyPart part = whole || chest && hips
                ? BodyPart.WHOLE
                : hips ? BodyPart.HIPS : chest ? BodyPart.CHEST : BodyPart.WHOLE;
        clause.takeAny(Term.Manner.ALL, Term.Manner.STRAIGHT);
        Optional<Heading> hall =
                new DirectionReading(clause, hearing).hall().or(this::front).or(this::back);
        Optional<Side> way =
                clause.take(Term.Who.class, who -> Term.side(who) != null).map(Term::side);
        clause.takeAny(Term.Way.ROUND, Term.Way.SIDE, Term.Way.BACK);
        if (hall.isPresent()) {
            return List.of(new Move.TurnBody(part, Optional.of(to(hall.get(), way))));
        }
        if (clause.take(Term.Manner.SOMEHOW)) {
            return List.of(new Move.TurnBody(part, way.map(Turning.Some::new)));
        }
        Optional<Turning> between = between(way);
        if (between.isPresent()) {
            return List.of(new Move.TurnBody(part, between));
        }
        Optional<Double> degrees = degrees();
        if (degrees.isPresent()) {
            return by(part, degrees.get(), way);
        }
        return clause.has(Term.Act.STAY) ? List.of() : howFar(part, way);
    }

    private Optional<Heading> front() {
        boolean faced = clause.has(Term.Act.FACE)
                || clause.has(Term.Act.TURN)
                || clause.has(Term.Act.STAY)
                || clause.has(Term.Rel.TO);
        return faced && (clause.take(Term.Who.FRONT) || clause.take(Term.Way.FORWARD))
                ? Optional.of(Heading.FRONT)
                : Optional.empty();
    }

    /** To the back of the hall; "turn back" alone says nothing. */
    private Optional<Heading> back() {
        return clause.has(Term.Rel.TO) && clause.take(Term.Way.BACK) ? Optional.of(new Heading(180)) : Optional.empty();
    }

    private Turning to(Heading hall, Optional<Side> way) {
        Way round = way.map(side -> side == Side.LEFT ? Way.LEFT : Way.RIGHT).orElse(Way.SHORTER);
        return new Turning.To(hearing.ofPosture(hall), round);
    }

    /** Thirty to forty-five to the left. */
    private Optional<Turning> between(Optional<Side> way) {
        int least = clause.indexOf(Trunk::angle);
        boolean two = way.isPresent()
                && least >= 0
                && least + 2 < clause.tokens().size()
                && clause.tokens().get(least + 1).is(Term.Rel.TO)
                && angle(clause.tokens().get(least + 2).term());
        if (!two) {
            return Optional.empty();
        }
        double sign = way.get().sign();
        double from = degrees().orElseThrow();
        double to = degrees().orElseThrow();
        clause.take(Term.Rel.TO);
        return Optional.of(
                new Turning.Between(new Turn(sign * Math.min(from, to)), new Turn(sign * Math.max(from, to))));
    }

    private static boolean angle(Term term) {
        return term instanceof Term.Angle || term instanceof Term.Num;
    }

    private Optional<Double> degrees() {
        if (clause.take(Term.Manner.HALF_TURN)) {
            return Optional.of(180.0);
        }
        return clause.take(Term.Angle.class)
                .map(Term.Angle::degrees)
                .or(() -> clause.take(Term.Num.class).map(Term.Num::value));
    }

    private List<Move> by(BodyPart part, double degrees, Optional<Side> way) {
        boolean to = clause.has(Term.Rel.TO) && way.isEmpty();
        if (to && degrees < 360) {
            return List.of(new Move.TurnBody(part, Optional.of(to(Heading.wrapping(degrees), way))));
        }
        if (way.isEmpty()) {
            hearing.sideIsOpen();
            hearing.ask(
                    plainText(),
                    "Which way round?",
                    List.of(
                            new Question.Choice("to the left", "left "),
                            new Question.Choice("to the right", "right ")));
            return List.of();
        }
        return List.of(new Move.TurnBody(
                part, Optional.of(new Turning.By(new Turn(way.get().sign() * degrees)))));
    }

    private List<Move> howFar(BodyPart part, Optional<Side> way) {
        if (way.isEmpty()) {
            hearing.refuse(plainText(), "Say which way the body turns and how far, such as \"waist left 30\".");
        } else {
            hearing.ask(
                    plainText(),
                    "How far to the " + way.get().word() + "?",
                    List.of(new Question.Choice("45°", "45° "), new Question.Choice("90°", "90° ")));
        }
        return List.of();
    }

    private String plainText() {
        return clause.tokens().getFirst().text();
    }

    List<Move> depth() {
        boolean rises = clause.has(Term.Act.RISE) || clause.take(Term.Manner.HIGHER);
        clause.takeAny(
                Term.Part.BODY,
                Term.Part.HIPS,
                Term.Part.WAIST,
                Term.Part.KNEE,
                Term.Manner.DEEPER,
                Term.Manner.HIGHER,
                Term.Manner.MORE,
                Term.Way.DOWN,
                Term.Way.UP,
                Term.Manner.ALL,
                Term.Manner.BENT,
                Term.Who.BOTH);
        clause.take(Term.Height.class);
        if (clause.take(Term.Manner.STANDING)) {
            return List.of(new Move.ChangeDepth(new Depth.To(app.avrel.body.Length.fists(0))));
        }
        Optional<Depth.Frame> frame = frame();
        if (frame.isPresent()) {
            return List.of(new Move.ChangeDepth(new Depth.ToFrame(frame.get())));
        }
        Optional<app.avrel.body.Length> by = clause.take(Term.Measure.class).map(Term.Measure::length);
        if (by.filter(length -> length.amount() < 0).isPresent()) {
            hearing.refuse(by.get().toString(), "A depth is at least 0: say \"rise\" to come up.");
            return List.of();
        }
        boolean to = by.isPresent() && clause.has(Term.Rel.TO);
        if (to) {
            return List.of(new Move.ChangeDepth(new Depth.To(by.get())));
        }
        return List.of(new Move.ChangeDepth(rises ? new Depth.Rise(by) : new Depth.Sink(by)));
    }

    private Optional<Depth.Frame> frame() {
        if (clause.take(Term.Manner.HIGH_FRAME)) {
            return Optional.of(Depth.Frame.HIGH);
        }
        if (clause.take(Term.Manner.MEDIUM_FRAME)) {
            return Optional.of(Depth.Frame.MEDIUM);
        }
        return clause.take(Term.Manner.LOW_FRAME) ? Optional.of(Depth.Frame.LOW) : Optional.empty();
    }

    List<Move> incline() {
        boolean upright = clause.take(Term.Manner.UPRIGHT) || clause.has(Term.Act.STRAIGHTEN);
        clause.takeAny(Term.Part.BODY, Term.Part.CHEST, Term.Part.WAIST, Term.Part.HIPS, Term.Way.UP);
        Optional<Double> degrees = clause.take(Term.Manner.SOMEHOW) ? Optional.empty() : degrees();
        if (degrees.filter(some -> some > 60 || some < 0).isPresent()) {
            hearing.refuse(
                    Weighing.plain(degrees.get()),
                    "The trunk inclines at most 60°, but it says " + Weighing.plain(degrees.get()) + ".");
            return List.of();
        }
        Optional<Direction> toward = new DirectionReading(clause, hearing).of(Side.RIGHT);
        Optional<Integer> lean = upright ? Optional.of(0) : degrees.map(some -> (int) Math.round(some));
        return List.of(new Move.Incline(lean, toward.filter(some -> !some.equals(Direction.FORWARD))));
    }
}
