/**
 * Courses: a form spread over lessons with their dates, each lesson within its minutes, and why it is so.
 *
 * <p>Seconds. Open {@link app.avrel.lesson.course.Course} first, then {@link app.avrel.lesson.course.Syllabus}, what
 * teaching a form takes, and {@link app.avrel.lesson.course.Planner}. Null is refused throughout.
 */
package app.avrel.lesson.course;
