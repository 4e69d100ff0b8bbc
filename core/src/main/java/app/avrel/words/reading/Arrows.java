package app.avrel.words.reading;

import app.avrel.words.lexicon.Scanner;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** R hand -> chest: an arrow leads a part of the body to where it comes; between two things that are done it is "then". */
final class Arrows {

    private static final Pattern ARROW = Pattern.compile(Scanner.ARROW);

    private Arrows() {}

    static List<Token> of(List<Token> tokens) {
        List<Token> led = new ArrayList<>(tokens);
        for (int i = 1; i + 1 < led.size(); i++) {
            Token arrow = led.get(i);
            boolean leads =
                    arrow.is(Term.Mark.THEN) && ARROW.matcher(arrow.text()).matches();
            if (leads && comesTo(led, i)) {
                led.set(i, new Token(arrow.from(), arrow.to(), arrow.text(), Term.Rel.TO));
            }
        }
        return led;
    }

    private static boolean comesTo(List<Token> tokens, int at) {
        Term before = tokens.get(at - 1).term();
        int next = at + 1;
        while (next + 1 < tokens.size() && tokens.get(next).filler()) {
            next++;
        }
        Term goal = tokens.get(next).term();
        boolean limb = goal instanceof Term.Who
                && next + 1 < tokens.size()
                && tokens.get(next + 1).term() instanceof Term.Part;
        boolean part = before instanceof Term.Part
                || before instanceof Term.Who && at > 1 && tokens.get(at - 2).term() instanceof Term.Part;
        boolean another = limb && before != Term.Part.WEIGHT && acts(tokens, at);
        return part && !(goal instanceof Term.Act) && !another;
    }

    /** Whether something is done already since the last mark. */
    private static boolean acts(List<Token> tokens, int at) {
        for (int i = at - 1; i >= 0 && !(tokens.get(i).term() instanceof Term.Mark); i--) {
            if (tokens.get(i).term() instanceof Term.Act) {
                return true;
            }
        }
        return false;
    }
}
