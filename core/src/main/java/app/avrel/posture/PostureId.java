package app.avrel.posture;

/**
 * What a posture is known by inside a project; it stays the same when the posture is renamed.
 *
 * @param key not blank
 */
public record PostureId(String key) implements Comparable<PostureId> {
    public PostureId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("posture id must not be blank");
        }
    }

    @Override
    public int compareTo(PostureId other) {
        return key.compareTo(other.key);
    }

    @Override
    public String toString() {
        return key;
    }
}
