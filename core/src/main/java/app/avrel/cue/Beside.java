package app.avrel.cue;

import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Calling;
import app.avrel.words.say.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is called of a performance beside its moves, and where: its name, which time it is, the numbers of its counts, the
 * breath. As it is asked for; else as the posture has it, else as the house has it.
 *
 * @param before how often it was done before on this side
 * @param newSide whether this is the first time on this side, after the other
 */
record Beside(CueOrder order, HouseRules house, Occurrence done, int before, boolean newSide) {

    private int answer(HouseRule rule) {
        return done.posture().ownRules().getOrDefault(rule, house.get(rule));
    }

    private NamePlace names() {
        return order.names().orElseGet(() -> switch (answer(HouseRule.CALL_NAME)) {
            case 0 -> NamePlace.BEFORE;
            case 1 -> NamePlace.LAST;
            default -> NamePlace.NEVER;
        });
    }

    private boolean ordinals() {
        return order.ordinals().orElseGet(() -> answer(HouseRule.CALL_ORDINAL) == 0);
    }

    private boolean numbers() {
        return order.numbers().orElseGet(() -> answer(HouseRule.CALL_NUMBER) == 1);
    }

    private boolean breath() {
        return order.breath().orElseGet(() -> answer(HouseRule.CALL_BREATH) == 0);
    }

    /** {@return the name before the first count; from the second time on the ordinal, or that it is the other side} */
    List<CountCalls.Wanted> heading() {
        Calling calling = new Calling(order.language());
        List<CountCalls.Wanted> said = new ArrayList<>();
        if (names() == NamePlace.BEFORE && before == 0) {
            said.add(new CountCalls.Wanted(Call.Kind.NAME, name(), 0));
        }
        if (ordinals() && newSide) {
            said.add(new CountCalls.Wanted(Call.Kind.ORDINAL, calling.otherSide(), 0));
        } else if (ordinals() && before > 0) {
            said.add(new CountCalls.Wanted(Call.Kind.ORDINAL, calling.time(before + 1), 0));
        }
        return said;
    }

    /** {@return the name in the last count, where it is called there} */
    Optional<CountCalls.Wanted> closing() {
        return names() == NamePlace.LAST && before == 0
                ? Optional.of(new CountCalls.Wanted(Call.Kind.NAME, name(), 0))
                : Optional.empty();
    }

    /** {@return the number of a count, from 0, where counts are told by number} */
    Optional<CountCalls.Wanted> number(int count, Rung rung) {
        return numbers() || rung.level() == CueLevel.COUNT
                ? Optional.of(
                        new CountCalls.Wanted(Call.Kind.NUMBER, new Calling(order.language()).number(count + 1), 0))
                : Optional.empty();
    }

    /** {@return what is said of the breath that is new in a count} */
    Optional<CountCalls.Wanted> breath(Breath breathes, Rung rung) {
        return breath() && breathes != Breath.FREE || rung.layer() == Layer.BREATH
                ? new Calling(order.language())
                        .breath(breathes, rung.level() == CueLevel.PROMPT)
                        .map(said -> new CountCalls.Wanted(Call.Kind.BREATH, said, 0))
                : Optional.empty();
    }

    private String name() {
        return done.posture().called(order.language());
    }
}
