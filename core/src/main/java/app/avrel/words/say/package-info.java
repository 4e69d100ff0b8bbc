/**
 * Saying a record in words: exactly, in a sentence, or as a call, in English, Spanish and Chinese.
 *
 * <p>What is said is chosen here; how it is said stands in a book of phrases, one resource file a language. Open
 * {@link app.avrel.words.say.Saying} first. Null is refused throughout.
 */
package app.avrel.words.say;
