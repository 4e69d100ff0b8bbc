package app.avrel.form;

/**
 * What a shared link is known by inside a project.
 *
 * @param key not blank
 */
public record LinkId(String key) implements Comparable<LinkId> {
    public LinkId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("link id must not be blank");
        }
    }

    @Override
    public int compareTo(LinkId other) {
        return key.compareTo(other.key);
    }

    @Override
    public String toString() {
        return key;
    }
}
