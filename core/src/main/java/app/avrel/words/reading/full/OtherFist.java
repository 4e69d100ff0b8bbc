package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Parry with the right palm, fist to the hip: a hand is no palm and fist at once, so the fist is the other hand's. */
final class OtherFist {

    private OtherFist() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 2; i + 1 < said.size(); i++) {
            Item fist = said.get(i);
            boolean bare = fist.is(Term.Part.FIST) && fist.rel() == null && fist.who() == null && !fist.many();
            boolean goes = said.get(i + 1).rel() != null
                    && Landmarks.of(said.get(i + 1).term()).isPresent();
            Term.Who palm = bare && goes && said.get(i - 1).soft() ? palmBefore(said, i - 1) : null;
            if (palm != null) {
                Term.Who other = palm.opposite();
                said.set(i, new Item(fist.term(), null, other, false, fist.from(), fist.to(), fist.text()));
            }
        }
        return said;
    }

    /** Whose palm does something in the part that ends at a border; none where a fist is told of there too. */
    private static Term.@Nullable Who palmBefore(List<Item> items, int border) {
        List<Item> part = items.subList(Parts.begin(items, border - 1), border);
        boolean acts = part.stream().anyMatch(item -> item.term() instanceof Term.Act);
        boolean fist = part.stream().anyMatch(item -> item.is(Term.Part.FIST) || item.is(Term.Act.CLOSE));
        return part.stream()
                .filter(item -> item.is(Term.Part.PALM)
                        && item.whose().flatMap(Term.Who::side).isPresent())
                .filter(_ -> acts && !fist)
                .map(item -> item.whose().orElseThrow())
                .findFirst()
                .orElse(null);
    }
}
