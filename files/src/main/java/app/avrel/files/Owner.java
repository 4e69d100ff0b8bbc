package app.avrel.files;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/** The running program that a file of the state folder belongs to: its process number and when it was made are its name. */
final class Owner {

    private Owner() {}

    /** {@return a name for a file of this program} */
    static String name(String ending) {
        return ProcessHandle.current().pid() + "-" + System.currentTimeMillis() + ending;
    }

    /** {@return whether the program still runs: a process of its number that was there when the file was made} */
    static boolean running(Path file, String ending) {
        String[] parts = file.getFileName().toString().replace(ending, "").split("-", 2);
        try {
            Optional<ProcessHandle> process = ProcessHandle.of(Long.parseLong(parts[0]));
            Instant made = Instant.ofEpochMilli(Long.parseLong(parts[parts.length - 1]));
            return process.filter(alive -> alive.info()
                            .startInstant()
                            .filter(start -> start.isAfter(made.plusSeconds(1)))
                            .isEmpty())
                    .isPresent();
        } catch (NumberFormatException e) {
            return false;
        }
    }
}
