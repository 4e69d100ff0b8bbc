/**
 * Reading what an instructor types: from words to moves.
 *
 * <p>Text becomes {@link app.avrel.words.lexicon.Token tokens} by the {@link app.avrel.words.lexicon.Lexicon lexicon} of a
 * language; neighbouring tokens are drawn together into lengths, shares, directions and phrases; what a line says in short is
 * {@linkplain app.avrel.words.reading.full said in full}; it falls into stages, and the cheapest whole reading parts each into
 * clauses, which become moves by {@linkplain app.avrel.words.reading.frame frames}. What is not understood is named, what could
 * mean two things asks. Open {@link app.avrel.words.reading.Line} first. Null is refused throughout.
 */
package app.avrel.words.reading;
