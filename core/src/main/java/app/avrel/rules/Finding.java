package app.avrel.rules;

import java.util.Optional;

/**
 * Something the instructor may want to look at.
 *
 * @param rule which rule found it
 * @param headline in a few words
 * @param sentence what was found, with its numbers
 * @param spot the part of the body it is about, where it is about one
 * @param stage the stage of its count at whose end it is seen, from 0, where it is seen at one
 */
public record Finding(
        RuleId rule,
        Severity severity,
        Where where,
        String headline,
        String sentence,
        Optional<Spot> spot,
        Optional<Integer> stage) {

    /** {@return a finding about no part of the body in particular, headed as its rule is} */
    public static Finding of(RuleId rule, Severity severity, Where where, String sentence) {
        return new Finding(rule, severity, where, rule.headline(), sentence, Optional.empty(), Optional.empty());
    }

    /** {@return why it matters} */
    public String why() {
        return rule.why();
    }

    /** {@return the same under another headline} */
    public Finding headed(String words) {
        return new Finding(rule, severity, where, words, sentence, spot, stage);
    }

    /** {@return the same about a part of the body} */
    public Finding at(Spot part) {
        return new Finding(rule, severity, where, headline, sentence, Optional.of(part), stage);
    }

    /** {@return the same at another place, its sentence begun with some words} */
    public Finding moved(Where to, String begun) {
        return new Finding(rule, severity, to, headline, begun + sentence, spot, Optional.empty());
    }

    /** {@return the same where its entry stands so many entries later in the form} */
    public Finding later(int entries) {
        return where instanceof Where.InForm(var form, int entry, var count) && entries != 0
                ? new Finding(
                        rule, severity, new Where.InForm(form, entry + entries, count), headline, sentence, spot, stage)
                : this;
    }

    /** {@return the same, seen at the end of a stage} */
    public Finding inStage(int at) {
        return new Finding(rule, severity, where, headline, sentence, spot, Optional.of(at));
    }

    /** {@return whether this is more than a note} */
    public boolean serious() {
        return severity.compareTo(Severity.LOOK) >= 0;
    }
}
