package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Left forward, right back: two corners of the hall that face each other across one line of words are no corners but two
 * limbs, each with its way.
 */
final class Opposed {

    private static final Set<Term> LIMBS =
            Set.of(Term.Part.HAND, Term.Part.PALM, Term.Part.ARM, Term.Part.FOOT, Term.Part.LEG);

    private Opposed() {}

    static List<Item> of(List<Item> items) {
        boolean left = goes(items, Term.Who.LEFT);
        if (!(left && goes(items, Term.Who.RIGHT))) {
            return items;
        }
        Optional<Term> limb = limb(items);
        List<Item> parted = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            Optional<Term.Who> side = item.rel() == null ? side(item.term()) : Optional.empty();
            boolean leads = item.rel() == null && item.bareSide() && i + 1 < items.size() && way(items.get(i + 1));
            if (side.isPresent()) {
                parted.addAll(parts(item, limb.orElse(side.get()), side.get()));
            } else if (leads && limb.isPresent()) {
                parted.add(new Item(limb.get(), null, item.who(), false, item.from(), item.to(), item.text()));
            } else {
                parted.add(item);
            }
        }
        return parted;
    }

    /** Both of what goes two ways: those spoken of last before it, else any. */
    private static Optional<Term> limb(List<Item> items) {
        Optional<Term> last = Optional.empty();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean goes = item.rel() == null
                    && (side(item.term()).isPresent()
                            || item.bareSide() && i + 1 < items.size() && way(items.get(i + 1)));
            if (goes && last.isPresent()) {
                return last;
            }
            last = item.both() && item.rel() == null && LIMBS.contains(item.term()) ? Optional.of(item.term()) : last;
        }
        return last;
    }

    private static boolean way(Item item) {
        return item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK);
    }

    /** Whether a side goes forward or back, in one phrase or in two. */
    private static boolean goes(List<Item> items, Term.Who side) {
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean one = item.rel() == null && side(item.term()).equals(Optional.of(side));
            boolean two = item.rel() == null && item.term() == side && i + 1 < items.size() && way(items.get(i + 1));
            if (one || two) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Term.Who> side(Term term) {
        return switch (term) {
            case Term.Way way ->
                switch (way) {
                    case LEFT_FORWARD, LEFT_BACK -> Optional.of(Term.Who.LEFT);
                    case RIGHT_FORWARD, RIGHT_BACK -> Optional.of(Term.Who.RIGHT);
                    default -> Optional.empty();
                };
            default -> Optional.empty();
        };
    }

    private static List<Item> parts(Item item, Term limb, Term.Who side) {
        boolean forward = item.is(Term.Way.LEFT_FORWARD) || item.is(Term.Way.RIGHT_FORWARD);
        int gap = item.text().indexOf(' ');
        int first = gap < 0 ? item.text().length() / 2 : gap;
        int second = gap < 0 ? first : gap + 1;
        return List.of(
                new Item(
                        limb,
                        null,
                        side,
                        false,
                        item.from(),
                        item.from() + first,
                        item.text().substring(0, first)),
                new Item(
                        forward ? Term.Way.FORWARD : Term.Way.BACK,
                        null,
                        null,
                        false,
                        item.from() + second,
                        item.to(),
                        item.text().substring(second)));
    }
}
