package app.avrel.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.RuleWords;
import app.avrel.house.Stance;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Pace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Contact;
import app.avrel.rules.RuleId;
import java.util.Arrays;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class LabelsTest {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)");

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyLanguageHasTheSameKeys(Language language) {
        assertThat(Labels.bundles().keys(language)).isEqualTo(Labels.bundles().keys(Language.ENGLISH));
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void noWordsAreMissing(Language language) {
        for (String key : Labels.bundles().keys(language)) {
            boolean unit = key.endsWith(".unit");
            assertThat(Labels.bundles().template(language, key).orElseThrow())
                    .as(key)
                    .matches(words -> unit || !words.isBlank(), "says something");
        }
    }

    @Test
    void everyLanguageHasAPlaceForTheSameValues() {
        for (String key : Labels.bundles().keys(Language.ENGLISH)) {
            for (Language language : Language.values()) {
                assertThat(places(language, key)).as(language + " " + key).isEqualTo(places(Language.ENGLISH, key));
            }
        }
    }

    private static TreeSet<String> places(Language language, String key) {
        TreeSet<String> places = new TreeSet<>();
        PLACE.matcher(Labels.bundles().template(language, key).orElseThrow())
                .results()
                .forEach(place -> places.add(place.group(1)));
        return places;
    }

    static Stream<Enum<?>> values() {
        return Stream.<Enum<?>[]>of(
                        Side.values(),
                        Landmark.values(),
                        Stance.values(),
                        Breath.values(),
                        Pace.values(),
                        Palm.values(),
                        HandShape.values(),
                        Contact.values())
                .flatMap(Arrays::stream);
    }

    @ParameterizedTest
    @MethodSource("values")
    void whatIsInTheRecordHasAWordInEachLanguage(Enum<?> value) {
        assertThat(Stream.of(Language.values())
                        .map(language -> Labels.in(language, () -> Labels.of(value)))
                        .distinct())
                .hasSize(3);
    }

    @ParameterizedTest
    @EnumSource(RuleId.class)
    void everyRuleSaysInEachLanguageWhatItFindsAndWhy(RuleId rule) {
        assertThat(Stream.of(Language.values())
                        .flatMap(language ->
                                Stream.of(Labels.in(language, rule::headline), Labels.in(language, rule::why)))
                        .distinct())
                .hasSize(6);
    }

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void everyHouseRuleIsAskedInEachLanguage(HouseRule rule) {
        for (Language language : Language.values()) {
            assertThat(Labels.in(language, () -> RuleWords.ways(rule)))
                    .hasSameSizeAs(rule.ways())
                    .doesNotHaveDuplicates();
            assertThat(Labels.in(language, () -> RuleWords.say(rule, rule.usual())))
                    .isNotBlank();
        }
        assertThat(Labels.in(Language.SPANISH, () -> RuleWords.asked(rule)))
                .isNotEqualTo(Labels.in(Language.ENGLISH, () -> RuleWords.asked(rule)));
    }

    @Test
    void setsOfRulesThatShipHaveANameInEachLanguageAndOnesOwnKeepTheirs() {
        HouseRules own = HouseRules.LARGE_FRAME.withName("as in the old mill");
        assertThat(Labels.in(Language.SPANISH, () -> RuleWords.name(HouseRules.LARGE_FRAME)))
                .isEqualTo("marco amplio, giros de talón");
        assertThat(Labels.in(Language.SPANISH, () -> RuleWords.name(own))).isEqualTo("as in the old mill");
        for (HouseRules preset : HouseRules.presets()) {
            assertThat(Labels.in(Language.CHINESE, () -> RuleWords.name(preset)))
                    .matches(".*\\p{IsHan}.*");
        }
    }

    @Test
    void aWordForOneAndAnotherForMany() {
        assertThat(Template.filled("{0} {0|posture|postures}", 1)).isEqualTo("1 posture");
        assertThat(Template.filled("{0} {0|posture|postures}", 2)).isEqualTo("2 postures");
        assertThat(Template.filled("{0} {0|posture|postures}", 0)).isEqualTo("0 postures");
    }

    @Test
    void aSpanishKneeIsFeminineAndAFootIsNot() {
        assertThat(Template.filled("la rodilla {0.f} y el pie {0}", "izquierdo"))
                .isEqualTo("la rodilla izquierda y el pie izquierdo");
    }

    @Test
    void aValueMayHoldWhatLooksLikeAPlace() {
        assertThat(Template.filled("“{0}” is in use", "Bar {0} the $1 Door"))
                .isEqualTo("“Bar {0} the $1 Door” is in use");
        assertThat(Template.filled("{0} and {1}", "one")).isEqualTo("one and {1}");
    }

    @Test
    void whatIsMadeForSomebodyElseIsSaidInTheirLanguageAndOnlyThat() {
        String here = Labels.of(Side.LEFT);
        assertThat(Labels.in(Language.CHINESE, () -> Labels.of(Side.LEFT))).isEqualTo("左");
        assertThat(Labels.of(Side.LEFT)).isEqualTo(here);
    }

    @Test
    void aKeyWithoutWordsIsAMistakeOfOurs() {
        assertThatThrownBy(() -> Labels.say("rules.nothing.of_the_kind"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("there are no words for the key rules.nothing.of_the_kind");
    }
}
