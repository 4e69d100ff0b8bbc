package app.avrel.rules;

/**
 * Something the instructor may want to look at.
 *
 * @param rule which rule found it: a short, stable key
 * @param headline in a few words
 * @param sentence what was found, with its numbers
 * @param why why it matters
 */
public record Finding(String rule, Severity severity, Where where, String headline, String sentence, String why) {

    /** {@return whether this is more than a note} */
    public boolean serious() {
        return severity.compareTo(Severity.LOOK) >= 0;
    }
}
