package app.avrel.form;

/**
 * What a form is known by inside a project.
 *
 * @param key not blank
 */
public record FormId(String key) {
    public FormId {
        if (key.isBlank()) {
            throw new IllegalArgumentException("form id must not be blank");
        }
    }

    @Override
    public String toString() {
        return key;
    }
}
