package app.avrel.lesson;

/** Names a lesson; unlike every other of its project. */
public record LessonId(String key) {

    public LessonId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("an id must not be empty (lesson)");
        }
    }

    @Override
    public String toString() {
        return key;
    }
}
