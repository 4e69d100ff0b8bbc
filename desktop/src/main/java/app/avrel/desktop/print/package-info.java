/**
 * Sheets, hand-outs, calendars and pictures from the window.
 *
 * <p>Open {@link app.avrel.desktop.print.PrintSheet} first.
 */
package app.avrel.desktop.print;
