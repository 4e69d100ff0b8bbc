/**
 * Lessons: segments that teach stretches of a form, what is said in them, and where the minutes go.
 *
 * <p>Seconds and minutes. Open {@link app.avrel.lesson.Lesson} first, then {@link app.avrel.lesson.LessonPlan}; how a
 * lesson is made is in {@code make}, how a form is spread over lessons in {@code course}, what became of them in {@code
 * log}. Null is refused throughout.
 */
package app.avrel.lesson;
