package app.avrel.words.reading;

import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import java.util.Optional;

/** Finds which way palms, fingers and elbows point: the way that stands next to the part. */
final class Palms {

    private final Clause clause;

    Palms(Clause clause) {
        this.clause = clause;
    }

    HandPlace read(HandPlace place) {
        HandPlace said = place;
        Optional<Pointing> fingers = after(Term.Part.FINGERS).or(() -> fingertips());
        if (fingers.isPresent()) {
            said = said.withFingers(fingers.get());
        }
        boolean sinks = clause.has(Term.Part.ELBOW) && clause.has(Term.Act.SINK);
        Optional<Pointing> elbow = sinks ? Optional.of(Pointing.DOWN) : after(Term.Part.ELBOW);
        if (elbow.isPresent()) {
            said = said.withElbow(elbow.get());
        }
        Optional<Palm> palm =
                toThing().or(this::towardTrunk).or(() -> after(Term.Part.PALM).map(Palms::palm));
        boolean pushing = palm.isEmpty()
                && clause.has(Term.Act.PUSH)
                && clause.has(Term.Way.FORWARD)
                && !clause.has(Term.Shaped.class::isInstance);
        boolean pressing = palm.isEmpty() && clause.has(Term.Act.PRESS) && !clause.has(Term.Way.FORWARD);
        if (pushing || pressing) {
            palm = Optional.of(pushing ? Palm.FORWARD : Palm.DOWN);
        }
        return palm.isPresent() ? said.withPalm(palm.get()) : said;
    }

    private Optional<Pointing> fingertips() {
        int at = clause.indexOf(term -> term == Term.Part.FINGERTIPS);
        boolean up = at >= 0
                && clause.near(at, 1)
                        .filter(token -> token.term() instanceof Term.Way)
                        .isPresent();
        return up ? after(Term.Part.FINGERTIPS) : Optional.empty();
    }

    private static Palm palm(Pointing way) {
        return switch (way) {
            case UP -> Palm.UP;
            case DOWN -> Palm.DOWN;
            case FORWARD -> Palm.FORWARD;
            case BACK -> Palm.BACK;
            case IN, ACROSS -> Palm.IN;
            case OUT -> Palm.OUT;
            case TO_THE_LEFT -> Palm.TO_THE_LEFT;
            case TO_THE_RIGHT -> Palm.TO_THE_RIGHT;
        };
    }

    /** A palm that looks at something. */
    private Optional<Palm> toThing() {
        boolean looks = clause.has(Term.Part.PALM) && (clause.has(Term.Act.LOOK) || clause.has(Term.Act.FACE));
        if (!looks) {
            return Optional.empty();
        }
        if (clause.take(Term.Manner.EACH_OTHER)) {
            clause.take(Term.Part.PALM);
            return Optional.of(Palm.TO_THE_OTHER_HAND);
        }
        int other = clause.indexOf(term -> term == Term.Who.OTHER);
        boolean faced = other >= 0
                && clause.near(other, -1)
                        .filter(token -> token.is(Term.Act.FACE))
                        .isPresent();
        Optional<Term.Anchor> anchor =
                faced ? bare() : clause.take(Term.Anchor.class).or(this::bare);
        if (anchor.isPresent()) {
            clause.take(Term.Part.PALM);
            return Optional.of(
                    switch (anchor.get().part()) {
                        case FOREARM, ARM, WRIST -> Palm.TO_THE_OTHER_FOREARM;
                        case ELBOW -> Palm.TO_THE_OTHER_ELBOW;
                        default -> Palm.TO_THE_OTHER_HAND;
                    });
        }
        return trunk();
    }

    private Optional<Palm> trunk() {
        boolean trunk =
                clause.takeAny(Term.Part.BODY, Term.Part.CHEST, Term.Part.NAVEL, Term.Part.HIPS, Term.Part.WAIST);
        if (trunk) {
            clause.take(Term.Part.PALM);
        }
        return trunk ? Optional.of(Palm.IN) : Optional.empty();
    }

    /** A palm toward the chest looks in; a palm to the chest goes there. */
    private Optional<Palm> towardTrunk() {
        int palm = clause.indexOf(term -> term == Term.Part.PALM);
        Optional<Token> toward = palm < 0
                ? Optional.empty()
                : clause.near(palm, 1)
                        .filter(token -> token.text().startsWith("toward")
                                && token.term() instanceof Term.Height height
                                && height.who() == Term.Who.OWN);
        toward.ifPresent(token -> {
            clause.takeAt(token);
            clause.takeAt(clause.tokens().get(palm));
        });
        return toward.map(_ -> Palm.IN);
    }

    /** "Facing the other hand" has no small word between. */
    private Optional<Term.Anchor> bare() {
        int other = clause.indexOf(term -> term == Term.Who.OTHER);
        if (other < 0) {
            return Optional.empty();
        }
        Optional<Token> part = clause.near(other, 1).filter(token -> Topic.hand(token.term()));
        clause.takeAt(clause.tokens().get(other));
        part.ifPresent(clause::takeAt);
        return Optional.of(new Term.Anchor(
                Term.Rel.AT,
                Term.Who.OTHER,
                part.map(token -> (Term.Part) token.term()).orElse(Term.Part.HAND)));
    }

    /** The way right after the part, past small words; or else right before it. */
    private Optional<Pointing> after(Term.Part part) {
        for (int i = 0; i < clause.tokens().size(); i++) {
            Optional<Pointing> found = clause.tokens().get(i).is(part) ? after(i, part) : Optional.empty();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Optional<Pointing> after(int at, Term.Part part) {
        Optional<Token> way = wayFrom(at + 1);
        boolean before = way.isEmpty() && part == Term.Part.PALM;
        if (before) {
            way = clause.near(at, -1).filter(token -> token.term() instanceof Term.Way);
        }
        if (way.isEmpty()) {
            return Optional.empty();
        }
        clause.takeAt(way.get());
        clause.takeAt(clause.tokens().get(at));
        return pointing(way.get().term());
    }

    private Optional<Token> wayFrom(int from) {
        for (int i = from; i < clause.tokens().size(); i++) {
            Token token = clause.tokens().get(i);
            boolean whose = token.term() instanceof Term.Who
                    && clause.near(i, -1).filter(of -> of.is(Term.Rel.OF)).isPresent();
            if (pointing(token.term()).isPresent() && !whose) {
                return Optional.of(token);
            }
            boolean small = whose
                    || token.filler()
                    || token.term() instanceof Term.Act
                    || token.term() instanceof Term.Rel
                    || token.is(Term.Part.HAND);
            if (!small) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static Optional<Pointing> pointing(Term term) {
        if (term instanceof Term.Who who && Term.side(who) != null) {
            return Optional.of(who == Term.Who.LEFT ? Pointing.TO_THE_LEFT : Pointing.TO_THE_RIGHT);
        }
        if (!(term instanceof Term.Way way)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (way) {
                    case UP -> Pointing.UP;
                    case DOWN -> Pointing.DOWN;
                    case FORWARD -> Pointing.FORWARD;
                    case BACK -> Pointing.BACK;
                    case IN -> Pointing.IN;
                    case OUT -> Pointing.OUT;
                    case ACROSS -> Pointing.ACROSS;
                    case SIDE, DIAGONAL, ROUND -> null;
                });
    }

    /** {@return which way a prop points, where the clause says it} */
    static Optional<Pointing> way(Clause clause) {
        boolean points = clause.has(Term.Act.POINT);
        int at = clause.indexOf(term -> term == Term.Act.POINT);
        Optional<Token> after = at < 0 ? Optional.empty() : clause.near(at, 1);
        boolean aside = after.filter(token -> token.is(Term.Rel.TO)).isPresent();
        Optional<Token> side = aside
                ? clause.near(clause.tokens().indexOf(after.get()), 1)
                        .filter(token -> token.term() instanceof Term.Who who && Term.side(who) != null)
                : Optional.empty();
        side.ifPresent(clause::takeAt);
        return side.flatMap(token -> pointing(token.term()))
                .or(() -> clause.takeToken(token -> token.term() instanceof Term.Way
                                && pointing(token.term()).isPresent()
                                && (points || !token.is(Term.Way.IN) && !token.is(Term.Way.OUT)))
                        .flatMap(token -> pointing(token.term())));
    }
}
