package app.avrel.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands that need no window. */
@Command(
        name = "avrel",
        description = "Records tai chi postures, assembles forms, and makes lessons from them.",
        versionProvider = Commands.Version.class,
        subcommands = {
            SayCommand.class,
            CheckCommand.class,
            FormCommand.class,
            MeasureCommand.class,
            RecordCommand.class,
            NotesCommand.class,
            CuesCommand.class,
            HearCommand.class,
            VoiceCommand.class,
            PlanCommand.class,
            SheetCommand.class,
            CalendarCommand.class,
            BundleCommand.class,
            SchemaCommand.class,
            CompletionCommand.class
        },
        footer = {
            "",
            "A window: avrel demo, avrel open FILE. Pictures of every view: avrel shots DIR.",
            "Exit codes: 0 fine, 1 findings or bad input, 2 wrong use."
        })
public final class Commands implements Runnable {

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    private Commands() {}

    /** The program without a window. */
    public static void main(String[] arguments) {
        System.exit(program(List.of(), arguments));
    }

    /** As {@link #execute(List, String...)}, for a whole program: it ends quietly where nobody takes what it prints. */
    public static int program(List<Object> more, String... arguments) {
        return StandardOutput.watched(() -> execute(more, arguments));
    }

    /** Does what the command line asks for. {@return 0 fine, 1 findings or bad input, 2 wrong use} */
    public static int execute(String... arguments) {
        return execute(List.of(), arguments);
    }

    /**
     * Does what the command line asks for.
     *
     * @param more commands besides those that need no window
     * @return 0 fine, 1 findings or bad input, 2 wrong use
     */
    public static int execute(List<Object> more, String... arguments) {
        CommandLine line = line();
        more.forEach(command -> line.addSubcommand(command));
        line.getSubcommands().values().forEach(each -> each.getCommandSpec().mixinStandardHelpOptions(true));
        return line.execute(arguments);
    }

    /** {@return the one parser of all commands} */
    static CommandLine line() {
        CommandLine line = new CommandLine(new Commands());
        line.getCommandSpec().mixinStandardHelpOptions(true);
        line.setExpandAtFiles(false);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((failed, _, _) -> {
            if (failed instanceof StandardOutput.Closed closed) {
                return StandardOutput.ended(closed);
            }
            System.err.println(Reports.reason(failed));
            return Reports.FOUND;
        });
        return line;
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(
                spec.commandLine(), "Say what to do; ./avrel --help names every command.");
    }

    /** The one version number, as it was built. */
    static final class Version implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() throws IOException {
            try (InputStream in = Commands.class.getResourceAsStream("version.txt")) {
                return new String[] {"Avrel " + new String(in.readAllBytes(), StandardCharsets.UTF_8).strip()};
            }
        }
    }
}
