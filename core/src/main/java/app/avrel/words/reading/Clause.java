package app.avrel.words.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** A few tokens about one thing; whoever reads it takes tokens out, and what is left over was not understood. */
final class Clause {

    private final Topic topic;
    private final List<Token> tokens;
    private final List<Token> taken = new ArrayList<>();

    Clause(Topic topic, List<Token> tokens) {
        this.topic = topic;
        this.tokens = new ArrayList<>(tokens);
    }

    Topic topic() {
        return topic;
    }

    List<Token> tokens() {
        return tokens;
    }

    Clause with(List<Token> more) {
        List<Token> all = new ArrayList<>(tokens);
        all.addAll(more);
        return new Clause(topic, all);
    }

    Clause about(Topic other) {
        return new Clause(other, tokens);
    }

    private boolean open(Token token) {
        return !taken.contains(token);
    }

    boolean has(Term term) {
        return tokens.stream().anyMatch(token -> token.is(term));
    }

    boolean has(Predicate<Term> which) {
        return tokens.stream().anyMatch(token -> which.test(token.term()));
    }

    /** {@return whether a token was still there, which now is taken} */
    boolean take(Term term) {
        return takeToken(token -> token.is(term)).isPresent();
    }

    /** {@return whether any such token was there; all of them are taken} */
    boolean takeAny(Term... terms) {
        boolean any = false;
        for (Term term : terms) {
            while (take(term)) {
                any = true;
            }
        }
        return any;
    }

    <T extends Term> Optional<T> take(Class<T> type) {
        return take(type, _ -> true);
    }

    <T extends Term> Optional<T> take(Class<T> type, Predicate<T> which) {
        return takeToken(token -> type.isInstance(token.term()) && which.test(type.cast(token.term())))
                .map(token -> type.cast(token.term()));
    }

    Optional<Token> takeToken(Predicate<Token> which) {
        Optional<Token> found = tokens.stream().filter(this::open).filter(which).findFirst();
        found.ifPresent(taken::add);
        return found;
    }

    /** {@return the index of the first open token of a kind; -1 for none} */
    int indexOf(Predicate<Term> which) {
        for (int i = 0; i < tokens.size(); i++) {
            if (open(tokens.get(i)) && which.test(tokens.get(i).term())) {
                return i;
            }
        }
        return -1;
    }

    /** {@return the open token at an index, past fillers in the given direction} */
    Optional<Token> near(int index, int step) {
        int at = index + step;
        while (at >= 0 && at < tokens.size() && tokens.get(at).filler()) {
            at += step;
        }
        return at >= 0 && at < tokens.size() && open(tokens.get(at)) ? Optional.of(tokens.get(at)) : Optional.empty();
    }

    void takeAt(Token token) {
        taken.add(token);
    }

    /** {@return what nobody took and cannot stand for nothing} */
    List<Token> left() {
        return tokens.stream().filter(this::open).filter(Clause::says).toList();
    }

    /** Small words and verbs only bring others along. */
    private static boolean says(Token token) {
        return switch (token.term()) {
            case Term.Rel rel -> rel == Term.Rel.PERCENT || rel == Term.Rel.DEGREE;
            case Term.Act _ -> false;
            case Term.Mark mark -> mark == Term.Mark.UNKNOWN;
            case Term.Who who -> who != Term.Who.IT && who != Term.Who.OWN;
            case Term.Way way -> way != Term.Way.IN && way != Term.Way.ROUND;
            default -> true;
        };
    }

    int from() {
        return tokens.getFirst().from();
    }
}
