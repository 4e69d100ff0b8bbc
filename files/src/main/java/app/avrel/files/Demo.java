package app.avrel.files;

import app.avrel.project.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The project that ships with Avrel: a made-up hall and a made-up form. */
public final class Demo {

    private Demo() {}

    /** {@return the demo project, read afresh} */
    public static Project project() {
        try (InputStream in = Demo.class.getResourceAsStream("weirside.avrel")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return switch (ProjectText.read(text, "the demo")) {
                case Opened.Read(Project project, var _) -> project;
                case Opened.Refused(String message) -> throw new IllegalStateException(message);
            };
        } catch (IOException e) {
            throw new UncheckedIOException("the demo cannot be read", e);
        }
    }
}
