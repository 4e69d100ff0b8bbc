package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;

/** "Then back to the right", "returns left", with nothing that goes there: what was spoken of last goes back to that side. */
final class BackAgain {

    private BackAgain() {}

    static boolean said(Clause clause) {
        return clause.has(BackAgain::back)
                && clause.has(BackAgain::side)
                && clause.items().stream().allMatch(item -> back(item) || side(item) || Leftover.small(item));
    }

    private static boolean back(Item item) {
        return item.is(Term.Way.BACK) || item.is(Term.Act.RETURN);
    }

    private static boolean side(Item item) {
        return item.bareSide()
                && (item.rel() == null || item.rel() == Term.Rel.TO)
                && item.who().side().isPresent();
    }
}
