package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;

/** What a phrase costs that no slot takes. */
public final class Leftover {

    private Leftover() {}

    /** {@return whether a phrase may stand in any clause and only says how, or nothing} */
    public static boolean small(Item item) {
        return switch (item.term()) {
            case Term.Mark mark ->
                mark != Term.Mark.UNKNOWN && mark != Term.Mark.NOT && mark != Term.Mark.NO && mark != Term.Mark.IMAGE;
            case Term.Rel rel ->
                rel != Term.Rel.OWN_PLACE
                        && rel != Term.Rel.WAS
                        && rel != Term.Rel.INSIDE
                        && rel != Term.Rel.OUTSIDE
                        && rel != Term.Rel.BEFORE
                        && rel != Term.Rel.BEHIND
                        && rel != Term.Rel.ABOVE
                        && rel != Term.Rel.BELOW;
            case Term.Manner manner ->
                switch (manner) {
                    case ABOUT, AT_MOST, LITTLE, GENTLY, IMAGE, FIRST, STANCE_WORD, MORE -> true;
                    default -> false;
                };
            case Term.Ref ref -> ref == Term.Ref.TOO;
            default -> false;
        };
    }

    static double cost(Item item, boolean edge) {
        if (item.soft()) {
            if (edge) {
                return 0;
            }
            return item.is(Term.Mark.AND) ? Costs.AND_INSIDE : Costs.COMMA_INSIDE;
        }
        if (!small(item)) {
            return Costs.LEFT_OVER;
        }
        return item.term() instanceof Term.Rel ? Costs.SMALL : 0;
    }
}
