/**
 * Sheets and hand-outs: what stands on them, and as PDF or Markdown.
 *
 * <p>Open {@link app.avrel.files.print.LessonSheet} and {@link app.avrel.files.print.HandOut} first, then {@link
 * app.avrel.files.print.Printed}. Null is refused throughout.
 */
package app.avrel.files.print;
