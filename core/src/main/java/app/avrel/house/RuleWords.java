package app.avrel.house;

import app.avrel.label.Labels;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** What house rules and their answers are called, in the language that is spoken. */
public final class RuleWords {

    private RuleWords() {}

    /** {@return what a rule asks, without its unit} */
    public static String label(HouseRule rule) {
        return Labels.say("rules.house." + rule.name());
    }

    /** {@return what a rule asks, with its unit in brackets where it has one} */
    public static String asked(HouseRule rule) {
        return rule.ways().isEmpty() ? label(rule) + " (" + unit(rule) + ")" : label(rule);
    }

    private static String unit(HouseRule rule) {
        return Labels.say("rules.house." + rule.name() + ".unit");
    }

    /** {@return the ways to choose from, in order; none where the answer is a number} */
    public static List<String> ways(HouseRule rule) {
        return IntStream.range(0, rule.ways().size())
                .mapToObj(way -> Labels.say("rules.house." + rule.name() + ".way" + way))
                .toList();
    }

    /** {@return an answer in words, such as {@code 70 %} or {@code left free}} */
    public static String say(HouseRule rule, int answer) {
        return rule.ways().isEmpty()
                ? answer + " " + unit(rule)
                : Labels.say("rules.house." + rule.name() + ".way" + answer);
    }

    /** {@return what a set of rules is called: a set that ships by its name in the language that is spoken} */
    public static String name(HouseRules rules) {
        boolean ships = HouseRules.presets().stream().anyMatch(one -> one.name().equals(rules.name()));
        return ships
                ? Labels.say(
                        "rules.preset." + rules.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "_"))
                : rules.name();
    }
}
