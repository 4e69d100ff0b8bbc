package app.avrel.cli.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class MeasuringTest {

    private static final String SHOULDER_WIDE = "{\"left\": {\"heel\": [-0.22, 0]}, \"right\": {\"heel\": [0.22, 0]}}";

    /** Reference cases worked out twice from the formulas; tolerances are absolute. */
    @TestFactory
    Stream<DynamicTest> everyReferenceCaseComesOutWithinItsTolerance() throws IOException {
        try (InputStream in = MeasuringTest.class.getResourceAsStream("/app/avrel/cli/mechanics-cases.json")) {
            JsonNode cases = JsonMapper.shared().readTree(in);
            assertThat(cases).hasSizeGreaterThan(200);
            return cases
                    .valueStream()
                    .map(one -> DynamicTest.dynamicTest(one.get("id").stringValue(), () -> holds(one)))
                    .toList()
                    .stream();
        }
    }

    private static void holds(JsonNode one) {
        JsonNode got = Measuring.of(one.toString());
        one.get("outputs").properties().forEach(wanted -> {
            JsonNode tolerance = one.get("tolerance").get(wanted.getKey());
            same(wanted.getKey(), wanted.getValue(), got.get(wanted.getKey()), tolerance);
        });
    }

    private static void same(String key, JsonNode wanted, JsonNode got, JsonNode tolerance) {
        assertThat(got).as(key).isNotNull();
        if (wanted.isNumber()) {
            assertThat(got.isNumber()).as("%s is %s", key, got).isTrue();
            assertThat(got.doubleValue())
                    .as(key)
                    .isCloseTo(wanted.doubleValue(), within(tolerance.doubleValue() + 1e-9));
        } else if (wanted.isArray()) {
            assertThat(got).as(key).hasSameSizeAs(wanted);
            for (int i = 0; i < wanted.size(); i++) {
                same(key, wanted.get(i), got.get(i), tolerance);
            }
        } else {
            assertThat(got).as(key).isEqualTo(wanted);
        }
    }

    @Test
    void aPoseIsMeasuredWhole() {
        JsonNode got = Measuring.of(SHOULDER_WIDE);
        assertThat(got.propertyNames())
                .contains("com", "shares", "support", "distances_cm", "tip_deg", "push_pct", "legs", "drop_min_cm");
        assertThat(got.get("stance").stringValue()).isEqualTo("shoulder-wide");
        assertThat(got.get("legs").get("left").get("twist_excess_deg").doubleValue())
                .isZero();
        assertThat(got.get("distances_cm")).hasSize(8);
    }

    @Test
    void eachOfAnArrayIsMeasured() {
        assertThat(Measuring.of("[" + SHOULDER_WIDE + ", " + SHOULDER_WIDE + "]"))
                .hasSize(2);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{ | The input is not JSON",
                "7 | input: must be an object",
                "{\"left\": {\"heel\": [0, 0]}} | input: the foot \"right\" is missing. Add it as {\"heel\"",
                "[{\"fn\": \"dance\"}] | input[0].fn: \"dance\" is not a function of the mechanics",
                "{\"left\": {\"heel\": [0]}, \"right\": {\"heel\": [0, 0]}} | input.left.heel: must be two numbers in metres",
                "{\"left\": {\"heel\": [0, 0], \"contact\": \"knee\"}, \"right\": {}} | input.left.contact: must be one of flat, heel",
                "{\"fn\": \"leg_span\"} | input: the field \"knee_flex_deg\" is missing",
                "{\"fn\": \"leg_span\", \"knee_flex_deg\": \"deep\"} | input.knee_flex_deg: must be a number, but was \"deep\"",
                "{\"fn\": \"anthropometry\", \"stature_m\": 17} | input.stature_m: stature must be 0.8 to 2.5 metres"
            })
    void whatCannotBeMeasuredIsNamedWithItsPlace(String input, String message) {
        assertThatThrownBy(() -> Measuring.of(input))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(message);
    }

    @Test
    void whatDoesNotExistIsNull() {
        JsonNode got = Measuring.of(
                "{\"fn\": \"bow_range\", \"width_share_of_shoulder\": 1, \"front_share\": 1," + " \"drop_fists\": 1}");
        assertThat(List.of("max_length_cm", "knee_past_toe_at_max_cm", "rear_hip_extension_deg"))
                .allMatch(key -> got.get(key).isNull());
        assertThat(got.get("feasible").booleanValue()).isFalse();
    }
}
