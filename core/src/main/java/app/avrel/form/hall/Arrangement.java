package app.avrel.form.hall;

/** How a class stands. */
public enum Arrangement {
    ROWS("in rows"),
    STAGGERED("staggered");

    private final String words;

    Arrangement(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
