package app.avrel.words.reading;

/**
 * A run of the typed line with what it means.
 *
 * @param from where it begins in the line, from 0
 * @param to where it ends, exclusive
 * @param text as typed, in small letters
 * @param finite whether a verb stands after what does it ("rises"), not before ("rise")
 */
record Token(int from, int to, String text, Term term, boolean finite) {

    Token(int from, int to, String text, Term term) {
        this(from, to, text, term, false);
    }

    boolean is(Term wanted) {
        return term == wanted;
    }

    boolean filler() {
        return term == Term.Mark.FILLER;
    }

    /** {@return a token over both and all between them} */
    Token through(Token last, Term meaning) {
        String words = this == last ? text : text + " " + last.text;
        return new Token(Math.min(from, last.from), Math.max(to, last.to), words, meaning);
    }
}
