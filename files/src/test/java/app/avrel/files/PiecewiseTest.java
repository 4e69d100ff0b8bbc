package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** A large school is read piece by piece, several at a time; nobody can tell, but by the time it takes. */
class PiecewiseTest {

    private static final JsonMapper MAPPER = new JsonMapper();
    private static final String DEMO = ProjectText.of(Demo.project());

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String refused(String text) throws CharacterCodingException {
        return ((Opened.Refused) ProjectText.read(bytes(text), "hall.avrel")).message();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 31, 33, 400})
    void aSchoolWithAFormOfAnyLengthComesBackAsItWas(int entries) {
        Project school = SampleProjects.of(entries, entries);
        assertThat(Piecewise.read(bytes(ProjectText.of(school)), MAPPER)).contains(school);
    }

    @Test
    void theOrderOfPosturesIsThatOfTheShelf() {
        assertThat(Piecewise.read(bytes(DEMO), MAPPER).map(Project::postures))
                .contains(Demo.project().postures());
    }

    @ParameterizedTest
    @CsvSource({"'\"version\": 3', '\"version\": 1'", "'\"name\":', '\"callled\":'", "'{', '[{'"})
    void whatIsOlderOrNotAsItShouldBeIsLeftToAReadingOfTheWhole(String was, String is) {
        assertThat(Piecewise.read(bytes(DEMO.replaceFirst(java.util.regex.Pattern.quote(was), is)), MAPPER))
                .isEmpty();
    }

    @Test
    void whatDoesNotFitFarDownIsToldWithItsPlace() throws CharacterCodingException {
        String school = ProjectText.of(SampleProjects.of(7, 90));
        int at = school.lastIndexOf("\"played\":");
        assertThat(refused(school.substring(0, at) + "\"stance\":" + school.substring(at + 9)))
                .contains("hall.avrel", "forms[1].parts[10].entries[9]", "played");
    }

    /** Another program may write the fields of a move in an order of its own. */
    @Test
    void fieldsInAnotherOrderAreTheSameProject() throws CharacterCodingException {
        String shifts =
                DEMO.replaceAll("\\{\"kind\": \"said\", \"share\": (\\d+)}", "{\"share\": $1, \"kind\": \"said\"}");
        assertThat(shifts).isNotEqualTo(DEMO);
        assertThat(ProjectText.read(bytes(shifts), "hall.avrel"))
                .isInstanceOfSatisfying(
                        Opened.Read.class, read -> assertThat(read.project()).isEqualTo(Demo.project()));
    }

    @Test
    void aFieldThatIsThereTwiceIsRefusedWithItsLine() throws CharacterCodingException {
        String twice = DEMO.replaceFirst("\"beats\": (\\d+),", "\"beats\": $1, \"beats\": 3,");
        assertThat(twice).isNotEqualTo(DEMO);
        assertThat(refused(twice)).contains("hall.avrel", "beats");
    }

    @Test
    void aMarkOfTheOrderOfBytesIsPassedOver() throws CharacterCodingException {
        assertThat(ProjectText.read(bytes("\uFEFF" + DEMO), "hall.avrel"))
                .isInstanceOfSatisfying(
                        Opened.Read.class, read -> assertThat(read.project()).isEqualTo(Demo.project()));
    }

    @Test
    void whatFollowsTheProjectIsRefused() throws CharacterCodingException {
        assertThat(refused(DEMO + "{}")).contains("hall.avrel");
    }
}
