/**
 * What keeps the work safe: a file that somebody else changed, and its earlier states.
 *
 * <p>Open {@link app.avrel.desktop.keeping.ChangedSheet} first.
 */
package app.avrel.desktop.keeping;
