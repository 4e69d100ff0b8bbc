/**
 * Reading what an instructor types: from words to moves.
 *
 * <p>Text becomes {@link app.avrel.words.reading.Token tokens} by a {@link app.avrel.words.reading.Lexicon lexicon} of a
 * language; neighbouring tokens are drawn together into lengths, shares, directions and heights; a line falls into
 * stages and clauses; each clause becomes moves by the words it holds, whatever their order. What is not understood is
 * named, what could mean two things asks. Open {@link app.avrel.words.reading.Line} first. Null is refused throughout.
 */
package app.avrel.words.reading;
