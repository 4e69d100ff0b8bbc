/**
 * The window's words in the language that is chosen: every label, tooltip, message and sentence comes from a bundle, one
 * for each room and language.
 *
 * <p>Open {@link app.avrel.desktop.words.Words} first. Null is refused throughout.
 */
package app.avrel.desktop.words;
