package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import app.avrel.house.HouseRule;
import app.avrel.house.RuleWords;
import java.util.function.IntPredicate;
import javafx.scene.layout.StackPane;

/** The answer to a house rule: a number in its range, or one of its ways. */
public final class RuleField extends StackPane {

    private final HouseRule rule;
    private final EntryField number;
    private final ChoiceField way;

    public RuleField(HouseRule rule) {
        this.rule = rule;
        this.number =
                new EntryField(RuleWords.label(rule), Words.of("common.x_to_x", rule.least(), rule.most()), _ -> false);
        this.way = new ChoiceField(RuleWords.label(rule));
        getChildren().add(rule.ways().isEmpty() ? number : way);
    }

    /** {@return what the rule asks, with its unit} */
    public static String label(HouseRule rule) {
        return RuleWords.asked(rule);
    }

    /** Shows an answer; {@code take} is told another one that is in range. */
    public void show(int answer, IntPredicate take) {
        if (rule.ways().isEmpty()) {
            number.show(Integer.toString(answer), text -> taken(text, take));
        } else {
            way.show(RuleWords.ways(rule), answer, take::test);
        }
    }

    private boolean taken(String text, IntPredicate take) {
        String digits = text.strip();
        if (!digits.matches("-?\\d{1,4}")) {
            return false;
        }
        int answer = Integer.parseInt(digits);
        return answer >= rule.least() && answer <= rule.most() && take.test(answer);
    }
}
