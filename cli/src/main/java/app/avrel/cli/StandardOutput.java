package app.avrel.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.function.IntSupplier;

/**
 * Standard output that tells when nobody takes what is written: the toolkit's own swallows it.
 *
 * <p>Whoever reads only the first line closes their end; a command then ends at once and quietly. A disk that is full is
 * said.
 */
final class StandardOutput extends FilterOutputStream {

    /** What is written goes nowhere. */
    static final class Closed extends RuntimeException {

        Closed(IOException why) {
            super(String.valueOf(why.getMessage()), why);
        }
    }

    private StandardOutput(OutputStream out) {
        super(out);
    }

    @Override
    public void write(int letter) {
        watch(() -> out.write(letter));
    }

    @Override
    public void write(byte[] bytes, int from, int length) {
        watch(() -> out.write(bytes, from, length));
    }

    private interface Writing {
        void write() throws IOException;
    }

    private static void watch(Writing writing) {
        try {
            writing.write();
        } catch (IOException nobodyTakesIt) {
            throw new Closed(nobodyTakesIt);
        }
    }

    /** Runs a command whose output is watched. {@return its exit code} */
    static int watched(IntSupplier command) {
        System.setOut(new PrintStream(
                new StandardOutput(new FileOutputStream(FileDescriptor.out)), true, StandardCharsets.UTF_8));
        try {
            int code = command.getAsInt();
            System.out.flush();
            return code;
        } catch (Closed closed) {
            return ended(closed);
        }
    }

    /** Tells what is to be told of output that goes nowhere. {@return the exit code} */
    static int ended(Closed closed) {
        boolean readerLeft = String.valueOf(closed.getMessage()).contains("pipe");
        if (!readerLeft) {
            System.err.println("What was to be printed cannot be written: " + closed.getMessage() + ".");
        }
        return readerLeft ? Reports.FINE : Reports.FOUND;
    }
}
