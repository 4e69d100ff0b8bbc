package app.avrel.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Earlier states of project files, kept thinly: of the last hour one for each ten minutes, of the last day one for each hour,
 * of the last month one for each day, of the last year one for each week.
 *
 * @param folder where they are kept; only its owner can look into it
 */
public record Snapshots(Path folder) {

    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss");
    private static final Duration HOUR = Duration.ofHours(1);
    private static final Duration DAY = Duration.ofDays(1);
    private static final Duration MONTH = Duration.ofDays(31);
    private static final Duration YEAR = Duration.ofDays(366);

    /**
     * A state of a file.
     *
     * @param at when it was saved
     * @param kept where it is kept
     */
    public record Snapshot(Instant at, Path kept) {

        /** {@return the project as it was then, or why it cannot be read} */
        public Opened open() {
            return ProjectFile.open(kept);
        }
    }

    /** Keeps a file as it is now. */
    public void keep(Path file, Instant now) throws IOException {
        Path own = of(file);
        SafeFile.privateFolder(folder);
        SafeFile.privateFolder(own);
        String name = NAME.format(LocalDateTime.ofInstant(now, ZoneOffset.UTC)) + ProjectFile.ENDING;
        SafeFile.writePrivate(own.resolve(name), Files.readString(file));
        thin(file, now);
    }

    /** {@return the states of a file that are kept, newest first} */
    public List<Snapshot> of(Path file, Instant now) {
        Path own = of(file);
        if (!Files.isDirectory(own)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(own)) {
            return files.flatMap(kept -> at(kept).map(at -> new Snapshot(at, kept)).stream())
                    .filter(snapshot -> !snapshot.at().isAfter(now))
                    .sorted(Comparator.comparing(Snapshot::at).reversed())
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    private void thin(Path file, Instant now) throws IOException {
        Set<String> seen = new HashSet<>();
        for (Snapshot snapshot : of(file, now)) {
            Optional<String> span = span(snapshot.at(), now);
            if (span.filter(seen::add).isEmpty()) {
                Files.deleteIfExists(snapshot.kept());
            }
        }
    }

    /** The span of time of which one is kept; empty where a state is too old to be kept. */
    private static Optional<String> span(Instant at, Instant now) {
        Duration age = Duration.between(at, now);
        if (age.compareTo(YEAR) > 0) {
            return Optional.empty();
        }
        Duration each = age.compareTo(HOUR) <= 0
                ? Duration.ofMinutes(10)
                : age.compareTo(DAY) <= 0 ? HOUR : age.compareTo(MONTH) <= 0 ? DAY : Duration.ofDays(7);
        return Optional.of(each.toMinutes() + " " + at.getEpochSecond() / each.toSeconds());
    }

    private static Optional<Instant> at(Path kept) {
        String name = kept.getFileName().toString();
        if (!name.endsWith(ProjectFile.ENDING)) {
            return Optional.empty();
        }
        try {
            String time = name.substring(0, name.length() - ProjectFile.ENDING.length());
            return Optional.of(LocalDateTime.parse(time, NAME).toInstant(ZoneOffset.UTC));
        } catch (DateTimeParseException another) {
            return Optional.empty();
        }
    }

    private Path of(Path file) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
            return folder.resolve(HexFormat.of().formatHex(digest, 0, 8));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
