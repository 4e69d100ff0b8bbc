package app.avrel.rules;

import java.util.Optional;

/**
 * Something the instructor may want to look at.
 *
 * @param rule which rule found it: a short, stable key
 * @param headline in a few words
 * @param sentence what was found, with its numbers
 * @param why why it matters
 * @param spot the part of the body it is about, where it is about one
 */
public record Finding(
        String rule,
        Severity severity,
        Where where,
        String headline,
        String sentence,
        String why,
        Optional<Spot> spot) {

    public Finding(String rule, Severity severity, Where where, String headline, String sentence, String why) {
        this(rule, severity, where, headline, sentence, why, Optional.empty());
    }

    /** {@return the same about a part of the body} */
    public Finding at(Spot part) {
        return new Finding(rule, severity, where, headline, sentence, why, Optional.of(part));
    }

    /** {@return the same at another place, its sentence begun with some words} */
    Finding moved(Where to, String begun) {
        return new Finding(rule, severity, to, headline, begun + sentence, why, spot);
    }

    /** {@return whether this is more than a note} */
    public boolean serious() {
        return severity.compareTo(Severity.LOOK) >= 0;
    }
}
