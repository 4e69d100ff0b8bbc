package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** 随着腰左转，重心右移: what follows goes with what is told first, and nothing follows the waist. */
final class GoingWith {

    private GoingWith() {}

    /** {@return the phrases of a line in a language that says "with" and "follow" with one word; others are left alone} */
    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.CHINESE) {
            return items;
        }
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 1 < said.size(); i++) {
            boolean begins = Parts.begins(said, i);
            if (begins && said.get(i).is(Term.Act.FOLLOW) && moves(said, i + 1)) {
                said.set(i, said.get(i).as(Term.Mark.WHILE));
            }
        }
        return said;
    }

    /** More than whom one follows is told, up to a comma; one looks at what one's eyes follow. */
    private static boolean moves(List<Item> items, int from) {
        int at = Parts.end(items, from);
        List<Item> part = items.subList(from, at);
        boolean steps = part.stream()
                .anyMatch(item -> item.is(Term.Act.LOOK)
                        || item.is(Term.Part.EYES)
                        || item.is(Term.Act.HALF_STEP)
                        || item.term() instanceof Term.Measure);
        boolean foot = !part.isEmpty()
                && part.getFirst().is(Term.Part.FOOT)
                && part.stream().noneMatch(item -> item.term() instanceof Term.Act && !item.is(Term.Act.STEP));
        boolean breathes =
                part.size() == 1 && !part.getFirst().part() && !part.getFirst().bareSide();
        return !steps && !foot && at < items.size() && (part.size() > 1 || breathes);
    }
}
