package app.avrel.form;

/**
 * What an entry is known by inside its form, however often it is moved.
 *
 * @param key not blank
 */
public record EntryId(String key) {
    public EntryId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("entry id must not be blank");
        }
    }

    @Override
    public String toString() {
        return key;
    }
}
