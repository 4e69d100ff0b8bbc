package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Directions;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.form.WayIn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The breath goes on over counts, over ways in and from one posture into the next. */
class BreathAlongTest {

    private static Count count(Breath breath, double beats) {
        return Count.of(Stage.STILL).withBreath(breath).withBeats(beats);
    }

    private static Count count(Breath breath) {
        return count(breath, 1);
    }

    private static Posture posture(String id, Count... counts) {
        return Posture.blank(new PostureId(id), id).withCounts(Arrays.asList(counts));
    }

    private static List<Finding> along(HouseRules rules, List<Posture> postures, Map<Integer, List<Count>> ways) {
        Map<PostureId, Posture> shelf = new LinkedHashMap<>();
        postures.forEach(posture -> shelf.put(posture.id(), posture));
        List<Entry> entries = new ArrayList<>();
        for (int at = 0; at < postures.size(); at++) {
            entries.add(Entry.of(new EntryId("e" + at), postures.get(at).id(), Played.AS_RECORDED)
                    .withWays(List.of(new WayIn.Own(new Link("", ways.getOrDefault(at, List.of()))))));
        }
        Form form = new Form(new FormId("f"), "F", List.of(new Part("", entries)), Optional.empty(), Optional.empty());
        Performer performer = Performing.of(Standing.BODY, rules);
        return new Checkup(performer, Directions.CLOCK)
                .form(form, Unroll.form(form, new Shelf(shelf, Map.of()), performer), FormFindings.NONE).all().stream()
                        .filter(finding -> finding.rule() == RuleId.TWO_BREATHS
                                || finding.rule() == RuleId.LONG_BREATH
                                || finding.rule() == RuleId.BREATH_UNSAID)
                        .toList();
    }

    private static List<RuleId> rules(Posture... postures) {
        return Found.rules(along(HouseRules.LARGE_FRAME, List.of(postures), Map.of()));
    }

    @Test
    void twoInBreathsOverAJoinAreTwoInARow() {
        assertThat(rules(posture("a", count(Breath.OUT), count(Breath.IN)), posture("b", count(Breath.IN))))
                .containsExactly(RuleId.TWO_BREATHS);
        assertThat(rules(posture("a", count(Breath.IN), count(Breath.OUT)), posture("b", count(Breath.IN))))
                .isEmpty();
    }

    @Test
    void aBreathThatIsStillTheSameIsNoSecondOne() {
        assertThat(rules(posture("a", count(Breath.OUT), count(Breath.IN)), posture("b", count(Breath.STILL_IN))))
                .isEmpty();
    }

    @Test
    void aWayInBetweenMayBreatheTheOtherHalf() {
        List<Posture> both = List.of(posture("a", count(Breath.IN)), posture("b", count(Breath.IN)));
        assertThat(along(HouseRules.LARGE_FRAME, both, Map.of(1, List.of(count(Breath.OUT)))))
                .isEmpty();
        assertThat(Found.rules(along(HouseRules.LARGE_FRAME, both, Map.of(1, List.of(count(Breath.IN))))))
                .as("in, in on the way, in again")
                .containsExactly(RuleId.TWO_BREATHS, RuleId.TWO_BREATHS);
    }

    @ParameterizedTest(name = "{0} and {1} beats: long {2}")
    @CsvSource({"2, 2, false", "2, 3, true", "4, 1, true", "1, 1, false"})
    void aBreathThatGoesOnOverAJoinIsAsLongAsBoth(double first, double second, boolean found) {
        List<RuleId> rules = rules(
                posture("a", count(Breath.OUT), count(Breath.IN, first)),
                posture("b", count(Breath.STILL_IN, second), count(Breath.OUT)));
        assertThat(rules.contains(RuleId.LONG_BREATH)).isEqualTo(found);
    }

    @Test
    void aLongBreathIsToldOnceHoweverLongItGoesOn() {
        assertThat(rules(
                        posture("a", count(Breath.IN, 3)),
                        posture("b", count(Breath.STILL_IN, 3)),
                        posture("c", count(Breath.STILL_IN, 3), count(Breath.OUT))))
                .containsExactly(RuleId.LONG_BREATH);
    }

    @Test
    void aCountWithBothHalvesBeginsWithTheOneAndEndsWithTheOther() {
        assertThat(rules(posture("a", count(Breath.OUT)), posture("b", count(Breath.IN_THEN_OUT), count(Breath.IN))))
                .isEmpty();
        assertThat(rules(posture("a", count(Breath.IN)), posture("b", count(Breath.IN_THEN_OUT))))
                .containsExactly(RuleId.TWO_BREATHS);
        assertThat(rules(posture("a", count(Breath.IN_THEN_OUT)), posture("b", count(Breath.OUT))))
                .containsExactly(RuleId.TWO_BREATHS);
    }

    @ParameterizedTest
    @EnumSource(Breath.class)
    void afterABreathThatIsLeftFreeEveryBreathMayCome(Breath breath) {
        assertThat(rules(posture("a", count(Breath.IN), count(Breath.FREE)), posture("b", count(breath))))
                .doesNotContain(RuleId.TWO_BREATHS);
    }

    @ParameterizedTest
    @EnumSource(Breath.class)
    void noBreathRepeatsItselfWhereItGoesOn(Breath breath) {
        assertThat(breath.goesOn() && breath.repeats(breath)).isFalse();
        if (breath.both()) {
            assertThat(breath.begins()).isNotEqualTo(breath.ends());
        } else {
            assertThat(breath.begins()).isEqualTo(breath.ends());
        }
    }

    @Test
    void aHouseThatSaysTheBreathAtBothEndsOnlyNotesItInBetween() {
        HouseRules ends = HouseRules.LARGE_FRAME.with(HouseRule.BREATH, 2);
        List<Posture> three = List.of(
                posture("a", count(Breath.IN)), posture("b", count(Breath.OUT)), posture("c", count(Breath.IN)));
        assertThat(along(ends, three, Map.of())).singleElement().satisfies(finding -> {
            assertThat(finding.rule()).isEqualTo(RuleId.BREATH_UNSAID);
            assertThat(finding.headline()).isEqualTo("Breath is said");
            assertThat(finding.serious()).isFalse();
        });
        List<Posture> free = List.of(
                posture("a", count(Breath.IN)), posture("b", count(Breath.FREE)), posture("c", count(Breath.IN)));
        assertThat(along(ends, free, Map.of())).isEmpty();
    }
}
