package app.avrel.desktop.door;

import app.avrel.desktop.shots.Shots;
import app.avrel.label.Language;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Takes pictures of every main view. */
@Command(name = "shots", description = "Writes a PNG of every main view, from the demo or another project.")
final class ShotsCommand implements Callable<Integer> {

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

    @Override
    public Integer call() throws Exception {
        String[] parts = size.split("x");
        var shown = Reports.project(project);
        if (shown.isEmpty()) {
            return Reports.FOUND;
        }
        Shots.Look look = new Shots.Look(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), text, dark, spoken());
        Shots.take(shown.get(), folder, look).forEach(System.out::println);
        return Reports.FINE;
    }

    private Language spoken() {
        return Arrays.stream(Language.values())
                .filter(known -> known.code().equals(language))
                .findFirst()
                .orElse(Language.ENGLISH);
    }
}
