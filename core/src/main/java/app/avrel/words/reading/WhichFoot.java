package app.avrel.words.reading;

import app.avrel.body.Side;
import java.util.List;
import java.util.Optional;

/** Finds which foot a clause is about: the one named, or the one that can be meant; where two can, it asks. */
final class WhichFoot {

    private final Clause clause;
    private final ReadingContext hearing;

    WhichFoot(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    boolean both() {
        return clause.has(Term.Who.BOTH)
                || clause.tokens().stream().noneMatch(token -> token.term() instanceof Term.Who)
                        && clause.tokens().stream()
                                .anyMatch(token -> (token.is(Term.Part.FOOT) || token.is(Term.Part.HEEL))
                                        && token.text().matches("feet|heels|los pies|los talones|双脚|双脚跟")
                                        && !clause.has(Term.Manner.TOGETHER)
                                        && !clause.has(Term.Manner.HEIGHT));
    }

    Optional<Side> find() {
        Optional<Side> named = beforePart().or(this::withWhich).or(this::first);
        if (named.isPresent()) {
            return named;
        }
        Optional<Side> only = onlySide();
        if (only.isPresent()) {
            return only;
        }
        return meant().or(this::ask);
    }

    /** The left foot; the right heel. */
    private Optional<Side> beforePart() {
        for (int i = 0; i < clause.tokens().size(); i++) {
            if (Topic.foot(clause.tokens().get(i).term())) {
                Optional<Side> side = clause.near(i, -1).flatMap(this::taken);
                if (side.isPresent()) {
                    return side;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Side> taken(Token token) {
        if (!(token.term() instanceof Term.Who who) || who == Term.Who.BOTH) {
            return Optional.empty();
        }
        Optional<Side> side = hearing.side(who);
        side.ifPresent(_ -> clause.takeAt(token));
        return side;
    }

    /** Step back with the left; lower it. */
    private Optional<Side> withWhich() {
        int with = clause.indexOf(term -> term == Term.Rel.WITH);
        Optional<Side> side = with < 0 ? Optional.empty() : clause.near(with, 1).flatMap(this::taken);
        return side.or(() -> {
            int it = clause.indexOf(term -> term == Term.Who.IT);
            return it < 0 ? Optional.empty() : taken(clause.tokens().get(it));
        });
    }

    /** Left steps back. */
    private Optional<Side> first() {
        Optional<Token> first = clause.tokens().stream()
                .filter(token -> !token.filler() && !(token.term() instanceof Term.Rel))
                .findFirst();
        return first.filter(token -> token.term() instanceof Term.Who).flatMap(this::taken);
    }

    /** Step out right: the side says both which foot and which way; a way and a side may be a slant, so that asks. */
    private Optional<Side> onlySide() {
        List<Token> sides = clause.tokens().stream()
                .filter(token -> token.term() instanceof Term.Who who && Term.side(who) != null)
                .toList();
        if (sides.size() != 1) {
            return Optional.empty();
        }
        Side side = Term.side((Term.Who) sides.getFirst().term());
        boolean way = clause.has(Term.Way.FORWARD)
                || clause.has(Term.Way.BACK)
                || clause.has(Term.Way.ACROSS)
                || !clause.has(Term.Part.TOES)
                        && clause.has(term -> term instanceof Term.Hall
                                || term instanceof Term.Compass
                                || term instanceof Term.Place
                                || term instanceof Term.Anchor);
        if (way && !clause.has(Term.Way.DIAGONAL)) {
            clause.takeAt(sides.getFirst());
        }
        return Optional.of(side);
    }

    /** The foot beside the other; the one in the air; the one spoken of last; the one that bears nearly nothing. */
    private Optional<Side> meant() {
        Optional<Side> other = clause.tokens().stream()
                .filter(token -> token.term() instanceof Term.Anchor anchor
                        && anchor.rel() != Term.Rel.WHERE
                        && Term.side(anchor.who()) != null)
                .map(token -> Term.side(((Term.Anchor) token.term()).who()).other())
                .findFirst();
        boolean article = clause.has(Term.Part.FOOT)
                && clause.has(Term.Act.TURN)
                && hearing.lastFoot().isEmpty();
        if (article) {
            return Optional.empty();
        }
        return other.or(hearing::lifted).or(hearing::lastFoot).or(hearing::light);
    }

    private Optional<Side> ask() {
        Token at = clause.tokens().stream()
                .filter(token -> Topic.foot(token.term()))
                .findFirst()
                .orElse(clause.tokens().getFirst());
        hearing.ask(
                at.text(),
                "Which foot?",
                List.of(
                        new Question.Choice("left", word("left ", at)),
                        new Question.Choice("right", word("right ", at))));
        hearing.sideIsOpen();
        boolean readable = clause.has(Term.Act.KICK) || clause.has(Term.Act.STEP) || clause.has(Term.Act.LIFT);
        return readable ? Optional.of(Side.LEFT) : Optional.empty();
    }

    private static String word(String side, Token at) {
        return Topic.foot(at.term()) ? side : side + "foot ";
    }
}
