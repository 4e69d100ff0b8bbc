package app.avrel.words.reading;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Step back and right toes out: before a part of the body, a way and a side that would make one corner are a way, and whose
 * part it is.
 */
final class SidesAhead {

    private static final String AND = " and ";

    /** Parts that tell how a foot comes down on that corner, with no side of their own. */
    private static final Set<Term> LANDS = Set.of(Term.Part.HEEL, Term.Part.BALL, Term.Part.TOES, Term.Part.SOLE);

    private SidesAhead() {}

    static List<Token> of(List<Token> tokens, Language language) {
        List<Token> parted = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            int and = token.text().indexOf(AND);
            boolean corner = token.term() instanceof Term.Way way && corner(way) && and > 0;
            boolean part = i + 1 < tokens.size() && tokens.get(i + 1).term() instanceof Term.Part;
            boolean limb = part && !LANDS.contains(tokens.get(i + 1).term());
            List<Token> apart = limb ? wayAndSide(token, Lexicon.of(language)) : List.of();
            if (corner && part) {
                part(token, and, parted);
            } else if (!apart.isEmpty()) {
                parted.addAll(apart);
            } else {
                parted.add(token);
            }
        }
        return parted;
    }

    /** The foot steps forward right palm up: a way, and the side of what is named next; nothing where they are no two words. */
    private static List<Token> wayAndSide(Token token, Lexicon lexicon) {
        int gap = token.text().lastIndexOf(' ');
        boolean corner = token.term() instanceof Term.Way way && corner(way);
        if (!corner || gap < 0 || token.to() - token.from() != token.text().length()) {
            return List.of();
        }
        String first = token.text().substring(0, gap);
        String last = token.text().substring(gap + 1);
        Optional<Term> way = only(lexicon, first).filter(Term.Way.class::isInstance);
        Optional<Term> side = only(lexicon, last).filter(Term.Who.class::isInstance);
        return way.isEmpty() || side.isEmpty()
                ? List.of()
                : List.of(
                        new Token(token.from(), token.from() + gap, first, way.get()),
                        new Token(token.from() + gap + 1, token.to(), last, side.get()));
    }

    private static Optional<Term> only(Lexicon lexicon, String words) {
        return lexicon.find(words)
                .map(Lexicon.Entry::terms)
                .filter(terms -> terms.size() == 1)
                .map(List::getFirst);
    }

    private static void part(Token token, int and, List<Token> into) {
        boolean forward = token.is(Term.Way.LEFT_FORWARD) || token.is(Term.Way.RIGHT_FORWARD);
        boolean left = token.is(Term.Way.LEFT_FORWARD) || token.is(Term.Way.LEFT_BACK);
        String text = token.text();
        int after = and + AND.length();
        into.add(new Token(
                token.from(), token.from() + and, text.substring(0, and), forward ? Term.Way.FORWARD : Term.Way.BACK));
        into.add(new Token(token.from() + and + 1, token.from() + after - 1, "and", Term.Mark.AND));
        into.add(new Token(
                token.from() + after, token.to(), text.substring(after), left ? Term.Who.LEFT : Term.Who.RIGHT));
    }

    private static boolean corner(Term.Way way) {
        return switch (way) {
            case LEFT_FORWARD, RIGHT_FORWARD, LEFT_BACK, RIGHT_BACK -> true;
            default -> false;
        };
    }
}
