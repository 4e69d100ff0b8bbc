package app.avrel.desktop.door;

import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.project.Project;
import java.nio.file.Path;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reading a project for a command, and printing what it finds. */
final class Reports {

    static final int FINE = 0;
    static final int FOUND = 1;

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Reports() {}

    /** {@return the project in a file, or nothing after saying on standard error why not; "demo" is the demo} */
    static Optional<Project> project(String file) {
        if (file.equals("demo")) {
            return Optional.of(Demo.project());
        }
        return switch (ProjectFile.open(Path.of(file))) {
            case Opened.Read(Project project, var _) -> Optional.of(project);
            case Opened.Refused(String message) -> {
                System.err.println(message);
                yield Optional.empty();
            }
        };
    }

    static void print(JsonNode node) {
        System.out.println(MAPPER.writeValueAsString(node));
    }
}
