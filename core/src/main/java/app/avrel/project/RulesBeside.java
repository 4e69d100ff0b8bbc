package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Two sets of house rules side by side: what they answer otherwise, and what each finds in a form that the other does not.
 *
 * @param different the rules they answer otherwise, in the order of the settings
 * @param onlyFirst what only the first set finds in the form and its postures; {@code onlySecond} likewise
 * @param both how many findings they share
 */
public record RulesBeside(List<HouseRule> different, List<Finding> onlyFirst, List<Finding> onlySecond, int both) {

    public RulesBeside {
        different = List.copyOf(different);
        onlyFirst = List.copyOf(onlyFirst);
        onlySecond = List.copyOf(onlySecond);
    }

    /** A finding is the same where the same rule finds it at the same place. */
    private record Same(RuleId rule, Where where) {

        static Same of(Finding finding) {
            return new Same(finding.rule(), finding.where());
        }
    }

    /** {@return the two sets compared over a form of a project} */
    public static RulesBeside of(Project project, Form form, HouseRules first, HouseRules second) {
        List<Finding> found = findings(project, form, first);
        List<Finding> other = findings(project, form, second);
        Set<Same> inFirst = found.stream().map(Same::of).collect(Collectors.toSet());
        Set<Same> inSecond = other.stream().map(Same::of).collect(Collectors.toSet());
        List<Finding> onlyFirst =
                found.stream().filter(one -> !inSecond.contains(Same.of(one))).toList();
        return new RulesBeside(
                Arrays.stream(HouseRule.values())
                        .filter(rule -> first.get(rule) != second.get(rule))
                        .toList(),
                onlyFirst,
                other.stream().filter(one -> !inFirst.contains(Same.of(one))).toList(),
                found.size() - onlyFirst.size());
    }

    private static List<Finding> findings(Project project, Form form, HouseRules rules) {
        Project under = project.withSetting(project.setting().withRules(rules))
                .changeForm(form.id(), whole -> whole.withRules(Optional.empty()));
        return Analysis.of(under).findings().stream()
                .filter(finding -> about(finding.where(), form))
                .toList();
    }

    private static boolean about(Where where, Form form) {
        return switch (where) {
            case Where.InForm(var id, int _, var _) -> id.equals(form.id());
            case Where.InPosture(var id, var _) ->
                form.entries().stream().anyMatch(entry -> entry.posture().equals(id));
        };
    }
}
