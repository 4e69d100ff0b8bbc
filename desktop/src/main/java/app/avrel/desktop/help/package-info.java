/**
 * Help in the window: the guide, the keys of the room, and what this program is made of.
 *
 * <p>Open {@link app.avrel.desktop.help.HelpSheet} first. Null is refused throughout.
 */
package app.avrel.desktop.help;
