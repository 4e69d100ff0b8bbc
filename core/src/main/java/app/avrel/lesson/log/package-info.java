/**
 * What became of lessons: what was done and how long it took, mistakes seen, questions asked, and what follows for the
 * next one.
 *
 * <p>Open {@link app.avrel.lesson.log.LessonLog} first. Null is refused throughout.
 */
package app.avrel.lesson.log;
