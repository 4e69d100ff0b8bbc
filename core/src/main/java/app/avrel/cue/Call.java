package app.avrel.cue;

/**
 * One thing that is called.
 *
 * @param at seconds from the script's start at which one begins to say it
 * @param seconds it takes to say
 * @param due seconds from the script's start at which what it calls begins; it should be said by then
 */
public record Call(Kind kind, String words, double at, double seconds, double due) {

    /** What is called. */
    public enum Kind {
        NAME,
        NUMBER,
        MOVE,
        BREATH,
        ORDINAL
    }

    /** {@return when it has been said} */
    public double end() {
        return at + seconds;
    }

    /** {@return seconds by which it comes too late; 0 where it is in time} */
    public double late() {
        return Math.max(0, end() - due);
    }
}
