package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** Right palm down, waist: a waist of which nothing else is said, after a hand that was put nowhere, is where that is. */
final class BarePlace {

    private BarePlace() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 2; i < said.size(); i++) {
            Item waist = said.get(i);
            boolean alone = Parts.begins(said, i) && Parts.end(said, i) == i + 1;
            if (waist.is(Term.Part.WAIST) && waist.rel() == null && alone && ofHand(said, i - 1)) {
                said.set(i, waist.led(Term.Rel.AT));
            }
        }
        return said;
    }

    /** Whether the part that ends there is about a hand, and says of no place. */
    private static boolean ofHand(List<Item> items, int comma) {
        List<Item> part = items.subList(Parts.begin(items, comma - 1), comma);
        return items.get(comma).is(Term.Mark.COMMA)
                && part.stream().anyMatch(item -> item.sidedLimb() && HandWords.hand(item))
                && part.stream()
                        .noneMatch(item ->
                                item.rel() != null || Landmarks.of(item.term()).isPresent());
    }
}
