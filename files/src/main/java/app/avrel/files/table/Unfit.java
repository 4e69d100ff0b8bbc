package app.avrel.files.table;

import app.avrel.label.Labels;

/** Why a table cannot be taken, in words for people: what, in which line, what to do. */
final class Unfit extends Exception {

    private static final long serialVersionUID = 1;

    Unfit(String message) {
        super(message);
    }

    static Unfit in(long line, String message) {
        return new Unfit(Labels.say("keep.line", line, message));
    }
}
