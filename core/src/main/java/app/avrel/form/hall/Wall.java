package app.avrel.form.hall;

/** A wall, as one stands in the hall facing the front. */
public enum Wall {
    FRONT("front wall"),
    RIGHT("right wall"),
    BACK("back wall"),
    LEFT("left wall");

    private final String words;

    Wall(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
