package app.avrel.words.reading.frame;

/** What a reading costs. The cheapest whole reading of a line is taken for what was meant. */
public final class Costs {

    /** A clause at all: fewer clauses are likelier than more. */
    public static final double CLAUSE = 1;

    /** A word with a meaning that no slot takes: dear, and it is shown. */
    public static final double LEFT_OVER = 10;

    /** A phrase that is understood, but that no move can hold. */
    static final double KEPT = 0.8;

    /** A small word that leads to nothing. */
    public static final double SMALL = 0.3;

    /** A clause that begins where no comma, "and" or the like stands. */
    public static final double NO_BOUNDARY = 2.2;

    /** A verb that lowers or lifts, cut off from the limb that follows it. */
    public static final double SEVERED = 5;

    /** A comma within a clause. */
    public static final double COMMA_INSIDE = 0.35;

    /** A comma within a clause that has an unknown word: what stands beside that word may go with it, not with the rest. */
    static final double UNKNOWN_BESIDE_COMMA = 20;

    /** "And" within a clause. */
    public static final double AND_INSIDE = 0.7;

    /** A verb, or a limb with its side, after a comma within a clause: it more likely begins another. */
    static final double BEGINS_ANEW = 2.5;

    /** A part between two commas that tells something of its own, of which nothing is said. */
    public static final double SWALLOWED = 4.5;

    /** A question: something that must be there and is not said. */
    static final double QUESTION = 6;

    /** Something that cannot be. */
    static final double REFUSAL = 8;

    /** No verb says what is done. */
    static final double NO_VERB = 0.5;

    /** A limb taken from the clause before, or from which one is able to do it. */
    static final double LIMB_UNDERSTOOD = 0.6;

    /** What only details a hand that was spoken of, as a clause of its own. */
    static final double DETAIL_APART = 3;

    /** A limb named only by its side. */
    static final double LIMB_ELIDED = 0.4;

    /** A use of the word that is possible but rare. */
    static final double RARE = 1.5;

    /** After a prop was spoken of, a hand that is not. */
    static final double NO_PROP = 3;

    private Costs() {}
}
