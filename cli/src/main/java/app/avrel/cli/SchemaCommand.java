package app.avrel.cli;

import app.avrel.files.SchemaText;
import picocli.CommandLine.Command;

/** Prints the JSON Schema of the project format. */
@Command(name = "schema", description = "Prints the JSON Schema of the project format.")
final class SchemaCommand implements Runnable {

    @Override
    public void run() {
        System.out.print(SchemaText.of());
    }
}
