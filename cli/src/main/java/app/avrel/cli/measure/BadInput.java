package app.avrel.cli.measure;

/** Input that cannot be measured; the message says what, where and what to do. */
public final class BadInput extends RuntimeException {

    private static final long serialVersionUID = 1;

    BadInput(String message) {
        super(message);
    }
}
