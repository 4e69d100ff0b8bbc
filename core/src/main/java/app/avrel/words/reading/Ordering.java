package app.avrel.words.reading;

import app.avrel.posture.count.Language;
import java.util.ArrayList;
import java.util.List;

/** Brings the order of a language's small words to the one that the grammar reads: side before part, relation before thing. */
final class Ordering {

    private Ordering() {}

    static List<Token> of(List<Token> tokens, Language language) {
        return switch (language) {
            case ENGLISH -> tokens;
            case SPANISH -> sidesFirst(tokens);
            case CHINESE -> relationsFirst(tokens);
        };
    }

    /** Pie derecho is the right foot. */
    private static List<Token> sidesFirst(List<Token> tokens) {
        List<Token> ordered = new ArrayList<>(tokens);
        for (int i = 0; i + 1 < ordered.size(); i++) {
            Term part = ordered.get(i).term();
            boolean limb = Topic.hand(part)
                    || Topic.foot(part)
                    || part == Term.Part.ANKLE
                    || part == Term.Part.HIPS
                    || part == Term.Part.SHOULDER
                    || part == Term.Part.THIGH;
            if (limb && ordered.get(i + 1).term() instanceof Term.Who) {
                ordered.add(i, ordered.remove(i + 1));
                i++;
            }
        }
        return ordered;
    }

    /** Beside stands after the foot it belongs to, before after the chest. */
    private static List<Token> relationsFirst(List<Token> tokens) {
        List<Token> ordered = new ArrayList<>(tokens);
        for (int i = 1; i < ordered.size(); i++) {
            Token token = ordered.get(i);
            if (!(ordered.get(i - 1).term() instanceof Term.Part part)) {
                continue;
            }
            boolean trunk = Referring.landmark(part).isPresent() && !Topic.foot(part);
            Term.Rel rel = token.is(Term.Rel.BESIDE) || token.is(Term.Way.SIDE) ? Term.Rel.BESIDE : Term.Rel.BEFORE;
            boolean after = token.is(Term.Rel.BESIDE)
                    || token.is(Term.Way.SIDE) && trunk
                    || token.is(Term.Way.FORWARD) && trunk;
            if (after) {
                int to = i - 1 > 0 && ordered.get(i - 2).term() instanceof Term.Who ? i - 2 : i - 1;
                ordered.remove(i);
                ordered.add(to, new Token(token.from(), token.to(), token.text(), rel));
            }
        }
        return ordered;
    }
}
