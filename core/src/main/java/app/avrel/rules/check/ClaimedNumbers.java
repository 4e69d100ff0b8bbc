package app.avrel.rules.check;

import app.avrel.form.Counted;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Numbering;
import app.avrel.house.HouseRule;
import app.avrel.house.RuleWords;
import app.avrel.label.Labels;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The numbers that are said of entries, against how the school numbers.
 *
 * <p>One wrong choice makes every number after it another; it is told once, with the choice that would make all the numbers
 * true that are said.
 */
record ClaimedNumbers(Form form, Numbering numbering) {

    private static final List<HouseRule> CHOICES =
            List.of(HouseRule.REPEATS, HouseRule.GROUPS, HouseRule.OTHER_SIDES, HouseRule.OPENING, HouseRule.PARTS);

    /** One thing to tell, at an entry from 0. */
    record Wrong(int entry, String sentence) {}

    List<Wrong> wrong() {
        List<Integer> off = off(form, numbering);
        if (off.isEmpty()) {
            return List.of();
        }
        int first = off.getFirst();
        boolean several = form.entries().stream()
                        .filter(entry -> entry.number().isPresent())
                        .count()
                > 1;
        Optional<String> choice = several ? school().or(() -> entry(first)) : Optional.empty();
        return choice.map(words ->
                        List.of(new Wrong(first, said(first) + " " + Labels.say("rules.numbers_true_if", words))))
                .orElseGet(() -> apart(off));
    }

    /** Where each number that follows is off by as much as the one before, nothing new is wrong. */
    private List<Wrong> apart(List<Integer> off) {
        List<Wrong> wrong = new ArrayList<>();
        int before = 0;
        for (int at : off) {
            int by = by(at);
            if (by != before) {
                wrong.add(new Wrong(at, said(at)));
            }
            before = by;
        }
        return wrong;
    }

    private String said(int at) {
        int is = numbering.of(form).get(at).first();
        return Labels.say(
                "rules.said_be_number",
                form.entries().get(at).number().orElseThrow(),
                is == 0 ? Labels.say("rules.has_no_number") : Labels.say("rules.number", is));
    }

    private int by(int at) {
        return form.entries().get(at).number().orElseThrow()
                - numbering.of(form).get(at).first();
    }

    /** The one answer of the school that would make every number true. */
    private Optional<String> school() {
        for (HouseRule rule : CHOICES) {
            for (int answer = rule.least(); answer <= rule.most(); answer++) {
                if (answer != numbering.rules().get(rule)
                        && off(form, new Numbering(numbering.rules().with(rule, answer), numbering.own()))
                                .isEmpty()) {
                    return Optional.of(
                            Labels.say("rules.school_answers", RuleWords.label(rule), RuleWords.say(rule, answer)));
                }
            }
        }
        return Optional.empty();
    }

    /** The one posture, or the one entry, that is numbered otherwise, and then every number is true. */
    private Optional<String> entry(int first) {
        for (int at = first; at >= 0; at--) {
            Entry entry = form.entries().get(at);
            for (HouseRule rule : List.of(HouseRule.REPEATS, HouseRule.OTHER_SIDES)) {
                int other = 1
                        - numbering
                                .own()
                                .apply(entry.posture())
                                .getOrDefault(rule, numbering.rules().get(rule));
                Function<PostureId, Map<HouseRule, Integer>> own = id -> id.equals(entry.posture())
                        ? Map.of(rule, other)
                        : numbering.own().apply(id);
                if (off(form, new Numbering(numbering.rules(), own)).isEmpty()) {
                    return Optional.of(Labels.say(
                            "rules.posture_answers", at + 1, RuleWords.label(rule), RuleWords.say(rule, other)));
                }
            }
            for (Counted counted : Counted.values()) {
                Form otherwise = form.change(at, one -> one.withCounted(Optional.of(counted)));
                if (off(otherwise, numbering).isEmpty()) {
                    return Optional.of(Labels.say("rules.entry_counted", at + 1, Labels.of(counted)));
                }
            }
        }
        return Optional.empty();
    }

    /** The entries of which another number is said than they have. */
    private static List<Integer> off(Form form, Numbering numbering) {
        List<Numbering.Numbers> numbers = numbering.of(form);
        List<Entry> entries = form.entries();
        List<Integer> off = new ArrayList<>();
        for (int at = 0; at < numbers.size(); at++) {
            int is = numbers.get(at).first();
            if (entries.get(at).number().filter(said -> said != is).isPresent()) {
                off.add(at);
            }
        }
        return off;
    }
}
