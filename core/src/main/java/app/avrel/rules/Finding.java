package app.avrel.rules;

import app.avrel.label.Labels;
import java.util.Optional;

/**
 * Something the instructor may want to look at.
 *
 * @param rule which rule found it
 * @param headline in a few words
 * @param sentence what was found, with its numbers
 * @param spot the part of the body it is about, where it is about one
 * @param until the number of the last count in which it lasts, where that is a later one
 * @param stage the stage of its count at whose end it is seen, from 0, where it is seen at one
 */
public record Finding(
        RuleId rule,
        Severity severity,
        Where where,
        String headline,
        String sentence,
        Optional<Spot> spot,
        Optional<Integer> stage,
        Optional<Integer> until) {

    /** {@return a finding about no part of the body in particular, headed as its rule is} */
    public static Finding of(RuleId rule, Severity severity, Where where, String sentence) {
        return new Finding(
                rule, severity, where, rule.headline(), sentence, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Where and in which words it is found tells it from nearly every other: a survey puts thousands into sets. */
    @Override
    public int hashCode() {
        return 31 * where.hashCode() + sentence.hashCode();
    }

    /** {@return why it matters} */
    public String why() {
        return rule.why();
    }

    /** {@return the same under another headline} */
    public Finding headed(String words) {
        return new Finding(rule, severity, where, words, sentence, spot, stage, until);
    }

    /** {@return the same about a part of the body} */
    public Finding at(Spot part) {
        return new Finding(rule, severity, where, headline, sentence, Optional.of(part), stage, until);
    }

    /** {@return the same at another place, its sentence begun with some words} */
    public Finding moved(Where to, String begun) {
        return new Finding(rule, severity, to, headline, begun + sentence, spot, Optional.empty(), until);
    }

    /** {@return the same where its entry stands so many entries later in the form} */
    public Finding later(int entries) {
        return where instanceof Where.InForm(var form, int entry, var count) && entries != 0
                ? new Finding(
                        rule,
                        severity,
                        new Where.InForm(form, entry + entries, count),
                        headline,
                        sentence,
                        spot,
                        stage,
                        until)
                : this;
    }

    /** {@return the same, as serious as where it is found worst, and lasting to where it is found last} */
    public Finding lastingTo(Finding later) {
        Severity worst = severity.compareTo(later.severity) >= 0 ? severity : later.severity;
        Optional<Integer> count =
                later.where.count().filter(last -> !where.count().equals(Optional.of(last)));
        return new Finding(
                rule,
                worst,
                where,
                headline,
                sentence,
                spot,
                stage,
                count.map(last -> last + 1).or(() -> until));
    }

    /** {@return the sentence, and how long it lasts where that is longer than its count} */
    public String whole() {
        return until.map(last -> Labels.say("rules.lasts_count", sentence, last))
                .orElse(sentence);
    }

    /** {@return the same, at most worth a look, as it hangs on the house's usual} */
    public Finding assuming(String words) {
        Severity mild = severity == Severity.CAUTION ? Severity.LOOK : severity;
        return new Finding(rule, mild, where, headline, words + sentence, spot, stage, until);
    }

    /** {@return the same, seen at the end of a stage} */
    public Finding inStage(int at) {
        return new Finding(rule, severity, where, headline, sentence, spot, Optional.of(at), until);
    }

    /** {@return whether this is more than a note} */
    public boolean serious() {
        return severity.compareTo(Severity.LOOK) >= 0;
    }
}
