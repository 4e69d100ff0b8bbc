package app.avrel.cli;

import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Lets a shell complete commands and options. */
@Command(name = "completion", description = "Prints what lets bash or zsh complete: source <(avrel completion)")
final class CompletionCommand implements Callable<Integer> {

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() {
        System.out.println(AutoComplete.bash("avrel", spec.root().commandLine()));
        return Reports.FINE;
    }
}
