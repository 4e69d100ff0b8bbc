package app.avrel.lesson.course;

/** Names a course; unlike every other of its project. */
public record CourseId(String key) {

    public CourseId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("an id must not be empty (course)");
        }
    }

    @Override
    public String toString() {
        return key;
    }
}
