/**
 * The open document and what is chosen in it: what every room shows and to which it sends its edits.
 *
 * <p>Open {@link app.avrel.desktop.session.Session} first. Null is refused throughout.
 */
package app.avrel.desktop.session;
