/**
 * The lessons room: lessons, where a lesson's minutes go, and the card for a segment with its cues.
 *
 * <p>Open {@link app.avrel.desktop.lessons.LessonsRoom} first.
 */
package app.avrel.desktop.lessons;
