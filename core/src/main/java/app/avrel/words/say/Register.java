package app.avrel.words.say;

/** How much a phrase says. */
public enum Register {
    /** Everything that is recorded; read back, it is the same record. */
    EXACT(""),
    /** A whole sentence, as one explains a movement. */
    EXPLAIN("explain:"),
    /** A short sentence, said while one moves. */
    GUIDE("guide:"),
    /** Two or three words, as one calls it. */
    CALL("call:");

    private final String prefix;

    Register(String prefix) {
        this.prefix = prefix;
    }

    /** {@return what stands before the key of a phrase that is this register's own} */
    String prefix() {
        return prefix;
    }
}
