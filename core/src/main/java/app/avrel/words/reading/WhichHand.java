package app.avrel.words.reading;

import app.avrel.body.Side;
import java.util.List;
import java.util.Optional;

/** Finds which hands a clause is about. */
final class WhichHand {

    private final Clause clause;
    private final ReadingContext hearing;

    WhichHand(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    /** {@return one hand or both; none where it had to ask} */
    List<Side> find() {
        if (clause.take(Term.Who.BOTH)) {
            clause.take(Term.Who.BOTH);
            return List.of(Side.LEFT, Side.RIGHT);
        }
        Optional<Side> named = beforePart().or(this::first).or(this::any);
        if (named.isPresent()) {
            return named.stream().toList();
        }
        if (plural()) {
            return List.of(Side.LEFT, Side.RIGHT);
        }
        if (hearing.lastHand().isPresent()) {
            return hearing.lastHand().stream().toList();
        }
        Token at = clause.tokens().stream()
                .filter(token -> Topic.hand(token.term()) || token.term() instanceof Term.Shaped)
                .findFirst()
                .orElse(clause.tokens().getFirst());
        hearing.sideIsOpen();
        hearing.ask(
                at.text(),
                "Which hand?",
                List.of(new Question.Choice("left", "left "), new Question.Choice("right", "right ")));
        return List.of();
    }

    private Optional<Side> beforePart() {
        for (int i = 0; i < clause.tokens().size(); i++) {
            Term term = clause.tokens().get(i).term();
            if (Topic.hand(term) || term instanceof Term.Shaped) {
                Optional<Side> side = clause.near(i, -1).flatMap(this::taken);
                if (side.isPresent()) {
                    return side;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Side> taken(Token token) {
        if (!(token.term() instanceof Term.Who who) || Term.side(who) == null) {
            return Optional.empty();
        }
        clause.takeAt(token);
        return Optional.of(Term.side(who));
    }

    private Optional<Side> first() {
        return clause.tokens().stream()
                .filter(token -> !token.filler())
                .findFirst()
                .flatMap(this::taken);
    }

    /** Hook hand right: the side stands behind. */
    private Optional<Side> any() {
        int at = clause.indexOf(term -> term == Term.Who.LEFT || term == Term.Who.RIGHT);
        boolean plural = plural();
        return at < 0 || plural ? Optional.empty() : taken(clause.tokens().get(at));
    }

    private boolean plural() {
        return clause.tokens().stream()
                .anyMatch(token -> Topic.of(token.term()).equals(Optional.of(Topic.HAND))
                        && token.text()
                                .matches(
                                        "(fists|punos|hands|palms|arms|wrists|elbows|forearms|fingertips|fingers|manos|palmas"
                                                + "|brazos|munecas|codos|双手|双掌|两手|两掌|双臂)( .*)?"));
    }
}
