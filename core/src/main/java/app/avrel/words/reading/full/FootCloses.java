package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The right foot closes: in English it comes beside the other one; in other languages it is the toes that close. */
final class FootCloses {

    private FootCloses() {}

    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.ENGLISH) {
            return items;
        }
        List<Item> said = new ArrayList<>();
        for (int from = 0; from < items.size(); from++) {
            int to = Parts.end(items, from);
            List<Item> part = items.subList(from, to);
            said.addAll(part);
            if (closes(part)) {
                said.add(besideOther(part));
            }
            if (to < items.size()) {
                said.add(items.get(to));
            }
            from = to;
        }
        return said;
    }

    private static Item besideOther(List<Item> part) {
        Item foot = part.stream().filter(Item::sidedLimb).findFirst().orElseThrow();
        Term.Who other = foot.who().opposite();
        int end = part.getLast().to();
        return new Item(other, Term.Rel.BESIDE, other, false, end, end, "");
    }

    private static boolean closes(List<Item> part) {
        return part.size() == 2
                && part.stream().anyMatch(item -> item.is(Term.Act.CLOSE))
                && part.stream().anyMatch(item -> item.is(Term.Part.FOOT) && item.sidedLimb() && item.rel() == null);
    }
}
