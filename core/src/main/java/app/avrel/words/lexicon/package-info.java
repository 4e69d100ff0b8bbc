/**
 * The words of the three languages, one resource file each, and how a typed line is cut into them.
 *
 * <p>Open {@link app.avrel.words.lexicon.Lexicon} first, and the {@code .words} files beside it.
 */
package app.avrel.words.lexicon;
