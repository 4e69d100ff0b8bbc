package app.avrel.desktop.door;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands that need no window. */
@Command(
        name = "avrel",
        description = "Records tai chi postures, assembles forms, and makes lessons from them.",
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
            ShotsCommand.class,
            SchemaCommand.class
        },
        mixinStandardHelpOptions = true)
public final class Door implements Runnable {

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    private Door() {}

    /** Does what the command line asks for. {@return 0 fine, 1 findings or bad input, 2 wrong use} */
    public static int execute(String... arguments) {
        return new CommandLine(new Door()).execute(arguments);
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(
                spec.commandLine(),
                "Say what to do: demo, open FILE, say LINE, check FILE, form FILE, record NOTES, notes FILE,"
                        + " cues FILE, hear FILE SCRIPT, voice FILE -o OUT.wav, plan FILE,"
                        + " sheet FILE --lesson ID -o OUT.pdf, calendar FILE -o OUT.ics, measure, shots DIR.");
    }
}
