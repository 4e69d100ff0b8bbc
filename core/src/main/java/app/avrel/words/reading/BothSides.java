package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import java.util.ArrayList;
import java.util.List;

/** Left and right foot turn out: where a part of a line begins so, both are meant; after anything else each side may be another's. */
final class BothSides {

    private BothSides() {}

    static List<Token> of(List<Token> tokens) {
        List<Token> said = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (begins(said) && both(tokens, i)) {
                said.add(tokens.get(i).through(tokens.get(i + 2), Term.Who.BOTH));
                i += 2;
            } else {
                said.add(tokens.get(i));
            }
        }
        return said;
    }

    private static boolean begins(List<Token> before) {
        int last = before.size() - 1;
        while (last >= 0 && before.get(last).filler()) {
            last--;
        }
        return last < 0
                || before.get(last).term() instanceof Term.Mark mark
                        && mark != Term.Mark.AND
                        && mark != Term.Mark.UNKNOWN;
    }

    private static boolean both(List<Token> tokens, int at) {
        if (at + 3 >= tokens.size()) {
            return false;
        }
        Term first = tokens.get(at).term();
        Term second = tokens.get(at + 2).term();
        return first instanceof Term.Who one
                && second instanceof Term.Who other
                && one.side().isPresent()
                && other.side().isPresent()
                && one != other
                && tokens.get(at + 1).is(Term.Mark.AND)
                && tokens.get(at + 3).term() instanceof Term.Part;
    }
}
