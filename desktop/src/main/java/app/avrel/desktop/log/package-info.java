/**
 * The log room: ticking along while one teaches, mistakes seen, questions, who was there, and what all of it says.
 *
 * <p>Open {@link app.avrel.desktop.log.LogRoom} first.
 */
package app.avrel.desktop.log;
