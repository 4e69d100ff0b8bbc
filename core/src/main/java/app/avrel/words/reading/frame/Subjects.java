package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;

/** Who may begin a clause, where no verb does: a limb with its side, the trunk or a part of it, the weight, the eyes. */
public final class Subjects {

    private Subjects() {}

    /** {@return whether it is the trunk or a part of it, wherever it is or goes} */
    public static boolean trunk(Item item) {
        return item.is(Term.Part.BODY)
                || item.is(Term.Part.WAIST)
                || item.is(Term.Part.HIPS)
                || item.is(Term.Part.CHEST);
    }

    /** {@return whether it is what moves as a whole: the body, the waist for it, or its weight} */
    public static boolean whole(Item item) {
        return item.rel() == null && (item.is(Term.Part.BODY) || item.is(Term.Part.WAIST) || item.is(Term.Part.WEIGHT));
    }

    /** {@return whether it is the body as a whole, or the eyes: neither has a side by which it would be known} */
    public static boolean sideless(Item item) {
        return whole(item) || item.rel() == null && item.is(Term.Part.EYES);
    }
}
