/**
 * Making a lesson: recipes, the segments they propose, what has to be known before.
 *
 * <p>Open {@link app.avrel.lesson.make.LessonMaker} first. Null is refused throughout.
 */
package app.avrel.lesson.make;
