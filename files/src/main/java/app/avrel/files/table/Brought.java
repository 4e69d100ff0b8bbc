package app.avrel.files.table;

/** What came of taking a table. */
public sealed interface Brought<T> {

    /** Taken. */
    record Taken<T>(T value) implements Brought<T> {}

    /** @param message what is wrong, in which line, and what to do */
    record Refused<T>(String message) implements Brought<T> {}
}
