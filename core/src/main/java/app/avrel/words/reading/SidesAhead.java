package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import java.util.ArrayList;
import java.util.List;

/**
 * Step back and right toes out: before a part of the body, a way and a side that would make one corner are a way, and whose
 * part it is.
 */
final class SidesAhead {

    private static final String AND = " and ";

    private SidesAhead() {}

    static List<Token> of(List<Token> tokens) {
        List<Token> parted = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            int and = token.text().indexOf(AND);
            boolean corner = token.term() instanceof Term.Way way && corner(way) && and > 0;
            boolean part = i + 1 < tokens.size() && tokens.get(i + 1).term() instanceof Term.Part;
            if (corner && part) {
                part(token, and, parted);
            } else {
                parted.add(token);
            }
        }
        return parted;
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
