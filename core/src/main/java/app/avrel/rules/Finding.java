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
 * @param stage the stage of its count at whose end it is seen, from 0, where it is seen at one
 */
public record Finding(
        String rule,
        Severity severity,
        Where where,
        String headline,
        String sentence,
        String why,
        Optional<Spot> spot,
        Optional<Integer> stage) {

    public Finding(String rule, Severity severity, Where where, String headline, String sentence, String why) {
        this(rule, severity, where, headline, sentence, why, Optional.empty(), Optional.empty());
    }

    /** {@return the same about a part of the body} */
    public Finding at(Spot part) {
        return new Finding(rule, severity, where, headline, sentence, why, Optional.of(part), stage);
    }

    /** {@return the same at another place, its sentence begun with some words} */
    Finding moved(Where to, String begun) {
        return new Finding(rule, severity, to, headline, begun + sentence, why, spot, Optional.empty());
    }

    /** {@return the same where its entry stands so many entries later in the form} */
    Finding later(int entries) {
        return where instanceof Where.InForm(var form, int entry, var count) && entries != 0
                ? new Finding(
                        rule,
                        severity,
                        new Where.InForm(form, entry + entries, count),
                        headline,
                        sentence,
                        why,
                        spot,
                        stage)
                : this;
    }

    /** {@return the same, seen at the end of a stage} */
    Finding inStage(int at) {
        return new Finding(rule, severity, where, headline, sentence, why, spot, Optional.of(at));
    }

    /** {@return whether this is more than a note} */
    public boolean serious() {
        return severity.compareTo(Severity.LOOK) >= 0;
    }
}
