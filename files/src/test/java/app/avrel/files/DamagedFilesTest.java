package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.script.ScriptIn;
import app.avrel.files.table.Brought;
import app.avrel.files.table.CountTable;
import app.avrel.files.table.EntryTable;
import app.avrel.form.Form;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesOut;
import app.avrel.samples.SampleProjects;
import java.lang.management.ManagementFactory;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/**
 * Files that a stick, a mail program or an editor has spoilt: every one is read or refused with a reason, none is thrown at
 * anybody, and none takes long.
 *
 * <p>In full these are 100,000 projects and 20,000 of each other kind; see {@link Attacks}.
 */
class DamagedFilesTest {

    /** Of how many projects one is read both ways: from bytes, and from text. */
    private static final int ONE_IN = 8;

    private static final Duration LONG = Duration.ofSeconds(2);
    private static final Project SCHOOL = SampleProjects.of(316, 2);
    private static final Form FORM = SCHOOL.forms().getFirst();

    /** What is put in: marks that mean something in one format or another, and letters of several scripts. */
    private static final String ODD = "{}[]\",:;\n\r\t\\ -0.9e+=@#<>&\u0000\uFEFF右é–>WEBVTT";

    private static String damaged(String text, Random random) {
        StringBuilder damaged = new StringBuilder(text);
        int times = 1 + random.nextInt(4);
        for (int i = 0; i < times && !damaged.isEmpty(); i++) {
            int at = random.nextInt(damaged.length());
            int end = Math.min(damaged.length(), at + 1 + random.nextInt(random.nextBoolean() ? 3 : 200));
            switch (random.nextInt(5)) {
                case 0 -> damaged.delete(at, end);
                case 1 -> damaged.insert(at, damaged.substring(at, end));
                case 2 -> damaged.setCharAt(at, ODD.charAt(random.nextInt(ODD.length())));
                case 3 -> damaged.setLength(at);
                default -> damaged.insert(at, Integer.toString(random.nextInt()));
            }
        }
        return damaged.toString();
    }

    private static void attack(int most, String whole, Consumer<String> read) {
        Random random = new Random(whole.length());
        int times = Attacks.of(most);
        for (int i = 0; i < times; i++) {
            byte[] spoilt = damaged(whole, random).getBytes(StandardCharsets.UTF_8);
            Duration begun = worked();
            try {
                read.accept(new String(spoilt, StandardCharsets.UTF_8));
            } catch (RuntimeException thrown) {
                throw new AssertionError(
                        "thrown at " + i + " over:\n" + new String(spoilt, StandardCharsets.UTF_8), thrown);
            }
            assertThat(worked().minus(begun)).as("file %d", i).isLessThan(LONG);
        }
    }

    /** How long this thread has worked: a machine that is busy elsewhere makes no file slow to read. */
    private static Duration worked() {
        return Duration.ofNanos(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime());
    }

    private static void told(String message) {
        assertThat(message).isNotBlank().doesNotContain("Exception");
    }

    /** As it stands in a file: there it is read piece by piece. */
    private static Opened ofBytes(String text) {
        try {
            return ProjectText.read(text.getBytes(StandardCharsets.UTF_8), "hall.avrel");
        } catch (CharacterCodingException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void projectsAreReadOrRefusedWithThePlace() {
        attack(100_000, ProjectText.of(SCHOOL), text -> {
            Opened opened = ofBytes(text);
            if (text.hashCode() % ONE_IN == 0) {
                assertThat(opened).isEqualTo(ProjectText.read(text, "hall.avrel"));
            }
            if (opened instanceof Opened.Refused(String message)) {
                told(message);
                assertThat(message).contains("hall.avrel");
            }
        });
    }

    @Test
    void tablesOfEntriesAreReadOrRefused() {
        attack(20_000, EntryTable.of(SCHOOL, FORM), text -> {
            if (EntryTable.read(SCHOOL, FORM.id(), text) instanceof Brought.Refused<Form>(String message)) {
                told(message);
            }
        });
    }

    @Test
    void tablesOfCountsAreReadOrRefused() {
        attack(20_000, CountTable.of(SCHOOL, FORM), text -> {
            if (CountTable.read(SCHOOL, FORM.id(), text) instanceof Brought.Refused<Project>(String message)) {
                told(message);
            }
        });
    }

    @Test
    void notesAreReadLineByLine() {
        Posture posture = SCHOOL.postures().getFirst();
        Posture begun = Posture.blank(posture.id(), "Wade Back / 涉水")
                .withCounts(posture.counts().subList(0, 1));
        String notes = NotesOut.of(SCHOOL.withPostures(List.of(begun)).withForms(List.of()));
        Project empty = Project.empty("Notes", Setting.USUAL);
        attack(
                20_000,
                notes,
                text -> assertThat(NotesIn.read(text, empty, Language.ENGLISH)).isNotNull());
    }

    @Test
    void captionsAreReadForWhatTheyAre() {
        String captions = """
                WEBVTT

                1
                00:00:01.000 --> 00:00:03.500
                Shift left, right foot out.

                2
                00:00:04.000 --> 00:00:06.000
                Hands rise, breathe in.
                """;
        attack(20_000, captions, text -> assertThat(ScriptIn.read(text)).isNotNull());
    }
}
