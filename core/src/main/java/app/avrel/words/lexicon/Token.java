package app.avrel.words.lexicon;

/**
 * A run of the typed line with what it means.
 *
 * @param from where it begins in the line, from 0
 * @param to where it ends, exclusive
 * @param text as typed, in small letters
 * @param many whether the word is said of more than one
 * @param mended whether a slip in it was mended
 */
public record Token(int from, int to, String text, Term term, boolean many, boolean mended) {

    public Token(int from, int to, String text, Term term) {
        this(from, to, text, term, false, false);
    }

    public boolean is(Term wanted) {
        return term == wanted;
    }

    public boolean filler() {
        return term == Term.Mark.FILLER || term == Term.Mark.A;
    }

    /** {@return a token over both and all between them} */
    public Token through(Token last, Term meaning) {
        String words = this == last ? text : text + " " + last.text;
        return new Token(
                Math.min(from, last.from),
                Math.max(to, last.to),
                words,
                meaning,
                many || last.many,
                mended || last.mended);
    }
}
