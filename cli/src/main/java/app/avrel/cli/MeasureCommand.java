package app.avrel.cli;

import app.avrel.cli.measure.BadInput;
import app.avrel.cli.measure.Measuring;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/** Prints what the mechanics say of a pose that is given in numbers. */
@Command(
        name = "measure",
        description = "Reads a pose as JSON on standard input, or an array of them, and prints its mechanics.")
final class MeasureCommand implements Callable<Integer> {

    @Override
    public Integer call() throws IOException {
        try {
            Reports.print(Measuring.of(new String(System.in.readAllBytes(), StandardCharsets.UTF_8)));
            return Reports.FINE;
        } catch (BadInput bad) {
            System.err.println(bad.getMessage());
            return Reports.FOUND;
        }
    }
}
