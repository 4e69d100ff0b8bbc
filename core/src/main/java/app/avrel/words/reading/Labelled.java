package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Count two: step. Feet: left forward, right back. The number of a count says nothing; what a label names is meant by each side that is told under it, up to a new label or a stop. */
final class Labelled {

    private static final Set<Term.Part> LABELS =
            Set.of(Term.Part.FOOT, Term.Part.LEG, Term.Part.HAND, Term.Part.PALM, Term.Part.ARM, Term.Part.FIST);

    private Labelled() {}

    static List<Token> of(List<Token> tokens) {
        if (tokens.stream().noneMatch(Labelled::colon)) {
            return tokens;
        }
        List<Token> said = new ArrayList<>();
        Optional<Term.Part> part = Optional.empty();
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            boolean begins = begins(tokens, i);
            if (i == 0 && token.term() instanceof Term.NthCount && colon(tokens, 1)) {
                said.add(as(token, Term.Mark.FILLER));
                i++;
            } else if ((begins || both(tokens, i - 1))
                    && token.term() instanceof Term.Part label
                    && LABELS.contains(label)
                    && colon(tokens, i + 1)) {
                part = Optional.of(label);
                i++;
                said.add(sided(tokens, i + 1) ? as(token, Term.Mark.FILLER) : token);
            } else if (begins && part.isPresent() && sided(tokens, i)) {
                meant(token, part.get(), said);
            } else {
                part = token.is(Term.Mark.STOP) || token.is(Term.Mark.THEN) || colon(tokens, i)
                        ? Optional.empty()
                        : part;
                said.add(token);
            }
        }
        return said;
    }

    private static boolean begins(List<Token> tokens, int at) {
        int before = at - 1;
        while (before >= 0 && tokens.get(before).filler()) {
            before--;
        }
        return before < 0 || tokens.get(before).term() instanceof Term.Mark;
    }

    /** 两手：左胸，右胯. */
    private static boolean both(List<Token> tokens, int at) {
        return at >= 0 && tokens.get(at).is(Term.Who.BOTH) && begins(tokens, at);
    }

    private static boolean colon(Token token) {
        return token.text().equals(":") && token.is(Term.Mark.COMMA);
    }

    private static boolean colon(List<Token> tokens, int at) {
        return at < tokens.size() && colon(tokens.get(at));
    }

    /** A side that nothing is named for, alone or with the way it goes. */
    private static boolean sided(List<Token> tokens, int at) {
        if (at >= tokens.size()) {
            return false;
        }
        Term term = tokens.get(at).term();
        boolean named = at + 1 < tokens.size()
                && tokens.get(at + 1).term() instanceof Term.Part part
                && (LABELS.contains(part) || Landmarks.of(part).isEmpty());
        return !named && (term == Term.Who.LEFT || term == Term.Who.RIGHT || term == Term.Who.BOTH)
                || term instanceof Term.Way way && side(way).isPresent();
    }

    private static void meant(Token token, Term part, List<Token> into) {
        if (token.term() instanceof Term.Way way) {
            boolean forward = way == Term.Way.LEFT_FORWARD || way == Term.Way.RIGHT_FORWARD;
            into.add(as(token, side(way).orElseThrow()));
            into.add(as(token, part));
            into.add(as(token, forward ? Term.Way.FORWARD : Term.Way.BACK));
        } else {
            into.add(token);
            into.add(as(token, part));
        }
    }

    private static Token as(Token token, Term meant) {
        return new Token(token.from(), token.to(), token.text(), meant);
    }

    private static Optional<Term.Who> side(Term.Way way) {
        return switch (way) {
            case LEFT_FORWARD, LEFT_BACK -> Optional.of(Term.Who.LEFT);
            case RIGHT_FORWARD, RIGHT_BACK -> Optional.of(Term.Who.RIGHT);
            default -> Optional.empty();
        };
    }
}
