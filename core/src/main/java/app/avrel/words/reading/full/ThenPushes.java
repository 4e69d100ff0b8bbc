package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** Draw the hands to the chest and push: they come there first, and what they do from there is done after it. */
final class ThenPushes {

    private ThenPushes() {}

    static List<Item> of(List<Item> items, Language language) {
        List<Item> said = language == Language.CHINESE ? parted(items) : new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            boolean pushes = said.get(i).soft() && said.get(i + 1).is(Term.Act.PUSH);
            if (pushes && comes(said, i) && fromThere(said, i + 1)) {
                said.set(i, said.get(i).saying(Term.Mark.THEN));
            }
        }
        return said;
    }

    /** 收到胸前推出: no comma parts the two. */
    private static List<Item> parted(List<Item> items) {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean there = i > 2
                    && items.get(i - 1).rel() != null
                    && Landmarks.of(items.get(i - 1).term()).isPresent()
                    && led(items.get(i - 2));
            if (there && item.is(Term.Act.PUSH) && hand(items, i) && fromThere(items, i)) {
                said.add(Item.unspoken(Term.Mark.THEN, null, item));
            }
            said.add(item);
        }
        return said;
    }

    private static boolean led(Item verb) {
        return verb.is(Term.Act.DRAW) || verb.is(Term.Act.MOVE) || verb.is(Term.Act.RAISE) || verb.is(Term.Act.RETURN);
    }

    private static boolean hand(List<Item> items, int at) {
        return items.subList(Parts.begin(items, at), at).stream().anyMatch(HandWords::hand);
    }

    /** A hand, and where it comes to. */
    private static boolean comes(List<Item> items, int border) {
        List<Item> part = items.subList(Parts.begin(items, border - 1), border);
        return part.stream().anyMatch(HandWords::hand)
                && part.stream().noneMatch(item -> item.is(Term.Act.PUSH))
                && part.stream()
                        .anyMatch(item -> item.rel() == Term.Rel.TO
                                && Landmarks.of(item.term()).isPresent());
    }

    /** Nothing but which way it pushes. */
    private static boolean fromThere(List<Item> items, int push) {
        return items.subList(push + 1, Parts.end(items, push)).stream()
                .allMatch(item -> item.term() instanceof Term.Way
                        || item.term() instanceof Term.Hall
                        || item.is(Term.Part.FIST) && item.who() == null
                        || HandWords.shaped(item));
    }
}
