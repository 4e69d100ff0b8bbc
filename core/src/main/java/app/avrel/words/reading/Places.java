package app.avrel.words.reading;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.StepPlace;
import java.util.Optional;

/** Finds where a foot goes. */
final class Places {

    private final Clause clause;
    private final ReadingContext hearing;

    Places(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    Optional<StepPlace> find(Side foot) {
        Optional<Length> wide =
                clause.take(Term.Measure.class, Term.Measure::wide).map(Term.Measure::length);
        Optional<Length> far = clause.take(Term.Measure.class).map(Term.Measure::length);
        Optional<Length> second = clause.take(Term.Measure.class).map(Term.Measure::length);
        Optional<Length> width = wide.or(() -> second);
        if (clause.takeAny(Term.Way.ACROSS, Term.Manner.CROSSED) || clause.has(Term.Act.CROSS)) {
            return Optional.of(across(far));
        }
        Optional<StepPlace> byAnchor = clause.take(Term.Anchor.class).map(anchor -> anchored(anchor, far, width));
        if (byAnchor.isPresent()) {
            boolean placed = !(byAnchor.get() instanceof StepPlace.Along);
            clause.takeAny(Term.Manner.HEIGHT, Term.Manner.TOGETHER);
            if (placed) {
                clause.takeAny(Term.Way.IN, Term.Way.FORWARD, Term.Way.BACK, Term.Way.UP, Term.Way.OUT);
            }
            return byAnchor;
        }
        clause.take(Term.Manner.APART);
        if (clause.has(Term.Act.CLOSE)) {
            clause.take(Term.Who.class);
            return Optional.of(new StepPlace.Beside(width.or(() -> far), Optional.empty()));
        }
        if (clause.takeAny(Term.Manner.TOGETHER)) {
            return Optional.of(new StepPlace.Beside(width.or(() -> far), Optional.empty()));
        }
        if (clause.has(Term.Part.HEEL) && clause.take(Term.Manner.HEIGHT)) {
            return Optional.of(new StepPlace.LevelWithHeel(width.or(() -> far)));
        }
        return directed(foot, far, width);
    }

    private Optional<StepPlace> directed(Side foot, Optional<Length> far, Optional<Length> width) {
        boolean outOnly = clause.has(Term.Way.OUT) || clause.has(Term.Way.SIDE);
        Optional<Direction> direction = new DirectionReading(clause, hearing).of(foot);
        boolean sideways = direction
                .filter(some -> some.equals(foot == Side.LEFT ? Direction.LEFT : Direction.RIGHT))
                .isPresent();
        if (direction.isEmpty() || sideways && outOnly && far.isEmpty() && width.isPresent()) {
            return width.or(() -> far).map(some -> new StepPlace.LevelWithHeel(Optional.of(some)));
        }
        return Optional.of(new StepPlace.Along(direction.get(), far, width));
    }

    private StepPlace across(Optional<Length> far) {
        boolean behind = clause.takeAny(Term.Way.BACK, Term.Rel.BEHIND)
                || clause.take(Term.Anchor.class, anchor -> anchor.rel() == Term.Rel.BEHIND)
                        .isPresent();
        clause.takeAny(Term.Way.FORWARD, Term.Way.OUT, Term.Way.SIDE, Term.Way.IN);
        clause.take(Term.Anchor.class);
        return new StepPlace.Across(behind ? Crossing.BEHIND : Crossing.IN_FRONT, far);
    }

    private StepPlace anchored(Term.Anchor anchor, Optional<Length> far, Optional<Length> width) {
        return switch (anchor.rel()) {
            case LEVEL_WITH -> new StepPlace.LevelWithHeel(width.or(() -> far));
            case LINE_OF -> new StepPlace.OnHeelLine(far.or(() -> width).map(this::aheadOrBehind));
            case WHERE -> {
                Side whose = hearing.side(anchor.who()).orElse(Side.LEFT);
                yield anchor.part() == Term.Part.TOES ? new StepPlace.AtToes(whose) : new StepPlace.WhereWas(whose);
            }
            case BEFORE -> new StepPlace.Along(Direction.FORWARD, far, width);
            case BEHIND -> new StepPlace.Along(Direction.BACK, far, width);
            default -> beside(far, width);
        };
    }

    /** Beside, half a foot ahead: the length is then how far ahead, not how far apart. */
    private StepPlace beside(Optional<Length> far, Optional<Length> width) {
        boolean ahead = far.isPresent() && (clause.take(Term.Way.FORWARD) || clause.has(Term.Way.BACK));
        if (!ahead) {
            return new StepPlace.Beside(far.or(() -> width), Optional.empty());
        }
        return new StepPlace.Beside(width, far.map(this::aheadOrBehind));
    }

    private Length aheadOrBehind(Length length) {
        return clause.take(Term.Way.BACK) ? length.negated() : length;
    }
}
