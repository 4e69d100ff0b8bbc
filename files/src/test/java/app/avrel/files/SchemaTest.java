package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.samples.SampleProjects;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SchemaTest {

    private static final Path PUBLISHED = Path.of("..", "docs", "avrel-project.schema.json");
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(SchemaText.of());

    private static List<String> complaints(String text) {
        return SCHEMA.validate(text, InputFormat.JSON).stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void thePublishedSchemaIsTheOneThatIsWrittenBy() throws IOException {
        assertThat(Files.readString(PUBLISHED))
                .as("run: ./avrel schema > docs/avrel-project.schema.json")
                .isEqualTo(SchemaText.of());
    }

    @Test
    void theDemoFollowsTheSchema() {
        assertThat(complaints(ProjectText.of(Demo.project()))).isEmpty();
    }

    @RepeatedTest(20)
    void whateverIsWrittenFollowsTheSchema(RepetitionInfo repetition) {
        assertThat(complaints(ProjectText.of(SampleProjects.of(repetition.getCurrentRepetition(), 8))))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEmpty();
    }

    @Test
    void whatIsRefusedByTheReaderIsRefusedByTheSchemaToo() {
        String demo = ProjectText.of(Demo.project());
        assertThat(complaints(demo.replaceFirst("\"foot\": \"right\"", "\"foot\": \"rihgt\"")))
                .isNotEmpty();
        assertThat(complaints(demo.replaceFirst("\"mirroring\"", "\"mirorring\"")))
                .isNotEmpty();
        assertThat(complaints(demo.replaceFirst("\"share\": 100", "\"share\": 140")))
                .isNotEmpty();
        assertThat(complaints("{}")).isNotEmpty();
    }
}
