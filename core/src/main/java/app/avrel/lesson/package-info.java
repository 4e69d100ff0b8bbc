/**
 * Lessons: segments that teach stretches of a form, what is said in them, and where the minutes go.
 *
 * <p>Seconds and minutes. Open {@link app.avrel.lesson.Lesson} first, then {@link app.avrel.lesson.LessonPlan}. Null is
 * refused throughout.
 */
package app.avrel.lesson;
