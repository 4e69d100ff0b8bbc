package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What a file of an earlier version said is said in the words of the newest; all else stays as it was. */
class MigrationsTest {

    private static ObjectNode broughtUp(String text) {
        ObjectNode node = (ObjectNode) JsonMapper.shared().readTree(text);
        Migrations.bringUp(node, 1);
        return node;
    }

    @ParameterizedTest
    @CsvSource({"front-loaded, bow", "light-front, empty", "side-loaded, side-bow", "wide-even, horse"})
    void stancesAreCalledByTheFieldsNames(String before, String after) {
        ObjectNode project = broughtUp("""
                {"postures": [{"id": "p", "end": {"stance": "%s", "weight": 70}}]}""".formatted(before));
        JsonNode end = project.get("postures").get(0).get("end");
        assertThat(end.get("stance").stringValue()).isEqualTo(after);
        assertThat(end.get("weight").intValue()).isEqualTo(70);
    }

    @ParameterizedTest
    @CsvSource({"one-legged", "shoulder-wide", "feet-together", "rear-loaded", "crossed-rest"})
    void othersKeepTheirs(String stance) {
        ObjectNode project = broughtUp("""
                {"postures": [{"id": "p", "end": {"stance": "%s"}}]}""".formatted(stance));
        assertThat(project.get("postures").get(0).get("end").get("stance").stringValue())
                .isEqualTo(stance);
    }

    @Test
    void houseRulesAreRenamedWhereverAHouseAnswersThem() {
        ObjectNode project = broughtUp("""
                {"setting": {"rules": {"answers": {"front-loaded-share": 65, "knee-limit": 0},
                                       "stances": {"front-loaded": {"front-length-least": 100}}}},
                 "forms": [{"id": "f", "rules": {"answers": {"light-foot-share": 10}}}],
                 "postures": [{"id": "p", "ownRules": {"front-width-most": 90, "heel-turn-load": 30}}]}""");
        JsonNode rules = project.get("setting").get("rules");
        assertThat(rules.get("answers").propertyNames()).containsExactly("bow-share", "knee-limit");
        assertThat(rules.get("stances").get("bow").get("bow-length-least").intValue())
                .isEqualTo(100);
        assertThat(project.get("forms")
                        .get(0)
                        .get("rules")
                        .get("answers")
                        .get("empty-share")
                        .intValue())
                .isEqualTo(10);
        assertThat(project.get("postures").get(0).get("ownRules").propertyNames())
                .containsExactly("bow-width-most", "heel-turn-load");
    }

    @Test
    void eyesAtAHandSayThatTheyRestThere() {
        ObjectNode project = broughtUp("""
                {"postures": [{"id": "p", "counts": [{"stages": [{"moves": [
                   {"kind": "look", "at": {"kind": "at-hand", "hand": "left"}},
                   {"kind": "look", "at": {"kind": "ahead"}}]}]}]}],
                 "links": {"l": {"counts": [{"stages": [{"moves": [
                   {"kind": "look", "at": {"kind": "at-hand", "hand": "right"}}]}]}]}}}""");
        JsonNode moves = project.get("postures")
                .get(0)
                .get("counts")
                .get(0)
                .get("stages")
                .get(0)
                .get("moves");
        assertThat(moves.get(0).get("at").get("aim").stringValue()).isEqualTo("at");
        assertThat(moves.get(1).get("at").has("aim")).isFalse();
        assertThat(project.toString()).contains("\"hand\":\"right\",\"aim\":\"at\"");
    }

    @Test
    void aFileOfTheNewestVersionIsLeftAsItIs() {
        String text = """
                {"postures": [{"id": "p", "end": {"stance": "bow"}}]}""";
        ObjectNode node = (ObjectNode) JsonMapper.shared().readTree(text);
        Migrations.bringUp(node, Migrations.NEWEST);
        assertThat(node).isEqualTo(JsonMapper.shared().readTree(text));
    }
}
