package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.List;

/** What a part that tells of nothing else says of the kick before it: how high, which way, a little lower. */
final class KickSaid {

    private KickSaid() {}

    /** {@return whether a part is said of a kick in the same clause or the one before} */
    static boolean of(List<Item> items, int from, int to) {
        boolean kicked = from > 1 && items.get(from - 1).soft() && kicks(items, from - 1);
        List<Item> part = items.subList(from, to);
        return kicked && (height(part) || toward(part) || lower(part));
    }

    /** {@return whether some phrases have in them what is said of a kick, and no kick} */
    static boolean elsewhere(List<Item> items, int from, int to) {
        for (int i = from; i < to; i++) {
            if (items.get(i).is(Term.Act.KICK)) {
                return false;
            }
        }
        for (int at = CommaParts.begin(items, from); at < to; at = CommaParts.end(items, at) + 1) {
            if (of(items, at, CommaParts.end(items, at))) {
                return true;
            }
        }
        return false;
    }

    /** Kick to eleven, waist high, the arms open: it is the kick that is so high. */
    private static boolean height(List<Item> part) {
        return part.stream().anyMatch(item -> item.is(Term.Manner.HEIGHT))
                && part.stream()
                        .allMatch(item -> item.is(Term.Manner.HEIGHT)
                                || item.part()
                                        && item.who() == null
                                        && (item.rel() == null || item.rel() == Term.Rel.AT)
                                        && Landmarks.of(item.term()).isPresent());
    }

    /** Kick, facing one: on one leg nobody turns there. */
    private static boolean toward(List<Item> part) {
        return part.size() == 2
                && part.getFirst().is(Term.Act.FACE)
                && (part.getLast().term() instanceof Term.Hall || part.getLast().term() instanceof Term.Num);
    }

    /** Kick, a little lower: the leg that stands does not bend. */
    private static boolean lower(List<Item> part) {
        return part.size() == 2
                && (part.getFirst().is(Term.Act.SINK)
                        || part.getFirst().is(Term.Act.LOWER)
                        || part.getLast().is(Term.Act.SINK)
                        || part.getLast().is(Term.Act.LOWER))
                && part.stream().anyMatch(item -> item.is(Term.Manner.LITTLE) || item.is(Term.Manner.MORE));
    }

    /** Whether the part before a comma kicks, or is said of a kick itself. */
    private static boolean kicks(List<Item> items, int comma) {
        int begin = CommaParts.begin(items, comma);
        return items.subList(begin, comma).stream().anyMatch(item -> item.is(Term.Act.KICK)) || of(items, begin, comma);
    }
}
