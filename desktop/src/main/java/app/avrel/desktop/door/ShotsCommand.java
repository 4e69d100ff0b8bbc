package app.avrel.desktop.door;

import app.avrel.desktop.shots.Shots;
import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Takes pictures of every main view. */
@Command(name = "shots", description = "Writes a PNG of every main view, from the demo or another project.")
final class ShotsCommand implements Callable<Integer> {

    private static final Pattern SIZE = Pattern.compile("(\\d{3,4})x(\\d{3,4})");

    @Parameters(index = "0", paramLabel = "DIR", description = "where the pictures go")
    private Path folder;

    @Option(names = "--project", paramLabel = "FILE", description = "another project than the demo")
    private String project = "demo";

    @Option(names = "--size", paramLabel = "WxH", description = "of the window, in pixels")
    private String size = "1280x800";

    @Option(names = "--text", paramLabel = "PERCENT", description = "size of the text: 80, 90, 100, 120, 140 or 160")
    private int text = 100;

    @Option(names = "--dark", description = "in the dark theme")
    private boolean dark;

    @Option(names = "--lang", paramLabel = "LANG", description = "language of the window: en, es or zh")
    private String language = "en";

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Matcher asked = SIZE.matcher(size);
        if (!asked.matches()) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(),
                    "The size is width x height in pixels, such as 1280x800, but was " + size + ".");
        }
        Project shown = Demo.project();
        if (!project.equals("demo")) {
            switch (ProjectFile.open(Path.of(project))) {
                case Opened.Read(Project read, var _) -> shown = read;
                case Opened.Refused(String message) -> {
                    System.err.println(message);
                    return 1;
                }
            }
        }
        Shots.Look look = new Shots.Look(
                Integer.parseInt(asked.group(1)), Integer.parseInt(asked.group(2)), text, dark, spoken());
        Shots.take(shown, folder, look).forEach(System.out::println);
        return 0;
    }

    private Language spoken() {
        return Arrays.stream(Language.values())
                .filter(known -> known.code().equals(language))
                .findFirst()
                .orElse(Language.ENGLISH);
    }
}
