package app.avrel.desktop.help;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What this program is: its version, its care for people, and the licences of what it is made of. */
public final class About {

    /** What is inside, with its licence. */
    private static final List<String> INSIDE = List.of(
            "OpenJFX: GPL 2 with the Classpath Exception",
            "AtlantaFX: MIT",
            "Ikonli, Feather icons: Apache 2.0, MIT",
            "Jackson: Apache 2.0",
            "Apache Commons CSV: Apache 2.0",
            "Apache PDFBox, openhtmltopdf: Apache 2.0, LGPL 2.1",
            "Apache Batik: Apache 2.0",
            "FreeTTS: BSD-style, CMU and Sun Microsystems",
            "biweekly: BSD 2-clause",
            "commonmark-java: BSD 2-clause",
            "picocli: Apache 2.0",
            "Atkinson Hyperlegible Next, Source Serif 4, Avrel Kai: SIL Open Font License 1.1");

    private About() {}

    /** {@return the version of this program} */
    public static String version() {
        return resource("version.txt").strip();
    }

    /** {@return the guide in the language of the window, in Markdown} */
    static String guide() {
        return switch (Words.language()) {
            case ENGLISH -> resource("guide.md");
            case SPANISH -> resource("guide_es.md");
            case CHINESE -> resource("guide_zh.md");
        };
    }

    private static String resource(String name) {
        try (InputStream in = About.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(name + " cannot be read", e);
        }
    }

    static Region view() {
        VBox view = new VBox(
                Texts.of(Words.of("help.avrel", version()), "guide-heading-1"),
                Texts.wrapped(Words.of("help.tai_chi_instructors"), "sheet-text"),
                Texts.wrapped(Words.of("common.general_teaching_guidance"), "sheet-text"),
                Texts.of(Words.of("help.licences"), "section"));
        view.getStyleClass().add("about");
        INSIDE.forEach(line -> view.getChildren().add(Texts.wrapped(line, "sheet-text")));
        return view;
    }
}
