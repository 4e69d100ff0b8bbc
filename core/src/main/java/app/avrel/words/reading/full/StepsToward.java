package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** 左脚朝左前方迈一步: the foot goes that way, and does not turn there first. */
final class StepsToward {

    private static final Set<Term.Act> GOES =
            EnumSet.of(Term.Act.STEP, Term.Act.SLIDE, Term.Act.HALF_STEP, Term.Act.KICK, Term.Act.MOVE);

    private StepsToward() {}

    /** {@return the phrases of a line in a language that says "facing" and "toward" with one word; others are left alone} */
    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.CHINESE) {
            return items;
        }
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            boolean foot = i > 0
                    && (items.get(i - 1).is(Term.Part.FOOT) || items.get(i - 1).is(Term.Part.LEG));
            boolean toward = foot
                    && items.get(i).is(Term.Act.FACE)
                    && items.subList(i + 1, Parts.end(items, i + 1)).stream()
                            .anyMatch(item -> item.term() instanceof Term.Act act && GOES.contains(act));
            if (!toward) {
                said.add(items.get(i));
            }
        }
        return said;
    }
}
