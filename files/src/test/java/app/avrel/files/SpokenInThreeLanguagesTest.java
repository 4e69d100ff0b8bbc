package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.cue.hear.Hearing;
import app.avrel.cue.hear.Slip;
import app.avrel.cue.hear.SlipKind;
import app.avrel.files.script.ScriptIn;
import app.avrel.floor.Heading;
import app.avrel.form.Occurrence;
import app.avrel.form.Tempo;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Lessons as they are freely spoken in three languages, with slips put in one at a time: at least 85 % are named, and what is
 * right raises no alarm.
 */
class SpokenInThreeLanguagesTest {

    private static final int WANTED_PERCENT = 85;

    private static final Project DEMO = Demo.project();
    private static final Wording WORDING = new Wording(
            DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules());
    private static final List<Occurrence> TRACK = Unroll.form(
                    DEMO.forms().getFirst(), DEMO.shelf(), DEMO.setting().posing())
            .occurrences()
            .subList(0, 4);

    /** What is said instead of what is right. */
    private record Planted(SlipKind kind, String right, String wrong) {

        static Planted of(String line) {
            String[] parts = line.split("\\|");
            return new Planted(SlipKind.valueOf(parts[0].strip()), parts[1].strip(), parts[2].strip());
        }

        String in(String script) {
            assertThat(script).contains(right);
            int at = script.indexOf(right);
            return script.substring(0, at) + wrong + script.substring(at + right.length());
        }
    }

    private record Lesson(String script, List<Planted> slips) {

        static Lesson in(Language language) throws IOException {
            try (InputStream file =
                    SpokenInThreeLanguagesTest.class.getResourceAsStream("spoken/" + language.code() + ".txt")) {
                String all = new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8);
                String[] parts = all.split("---\n");
                return new Lesson(parts[0], parts[1].lines().map(Planted::of).toList());
            }
        }
    }

    private static List<Slip> heard(String script, Language language) {
        return Hearing.of(
                        ScriptIn.read(script), TRACK, language, DEMO.setting().chosenBody(), WORDING, Tempo.ofBeats(4))
                .slips();
    }

    @ParameterizedTest
    @EnumSource
    void whatIsRightRaisesNoAlarm(Language language) throws IOException {
        assertThat(heard(Lesson.in(language).script(), language)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void slipsAreNamed(Language language) throws IOException {
        Lesson lesson = Lesson.in(language);
        List<Planted> missed = new ArrayList<>();
        for (Planted planted : lesson.slips()) {
            boolean named = heard(planted.in(lesson.script()), language).stream()
                    .anyMatch(slip -> slip.kind() == planted.kind());
            if (!named) {
                missed.add(planted);
            }
        }
        int found = lesson.slips().size() - missed.size();
        assertThat(found * 100)
                .as("not named: %s", missed)
                .isGreaterThanOrEqualTo(WANTED_PERCENT * lesson.slips().size());
    }
}
