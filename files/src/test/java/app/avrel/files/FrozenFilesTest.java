package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.EntryId;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Analysis;
import app.avrel.project.Care;
import app.avrel.project.Precaution;
import app.avrel.project.Project;
import app.avrel.rules.Accepted;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A file of every version there has been opens for ever, and what was accepted in it stays accepted. */
class FrozenFilesTest {

    private static String frozen(int version) {
        try (var in = FrozenFilesTest.class.getResourceAsStream("frozen/version-" + version + ".avrel")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Project opened(String text) {
        return ((Opened.Read) ProjectText.read(text, "old.avrel")).project();
    }

    @ParameterizedTest
    @ValueSource(ints = 1)
    void whatWasAcceptedStaysAccepted(int version) {
        Analysis old = Analysis.of(opened(frozen(version)));
        assertThat(old.standing()).extracting(Finding::rule).contains(RuleId.CLAIMED_WEIGHT, RuleId.OPEN_JOIN);
        assertThat(old.findings()).extracting(Finding::rule).doesNotContain(RuleId.CLAIMED_WEIGHT);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void itIsSavedAsTheNewestVersionAndIsTheSameThere(int version) {
        Project old = opened(frozen(version));
        String saved = ProjectText.of(old);
        assertThat(saved).contains("\"version\": " + ProjectText.VERSION);
        assertThat(opened(saved)).isEqualTo(old);
    }

    @Test
    void stancesOfTheFirstVersionHaveTheFieldsNamesNow() {
        String named = frozen(1).replaceFirst("\"stance\": \"[a-z-]+\"", "\"stance\": \"wide-even\"");
        assertThat(ProjectText.of(opened(named))).contains("\"horse\"").doesNotContain("wide-even", "light-front");
    }

    @Test
    void whatWasAcceptedIsOpenAgainWhereTheRecordUnderItChanges() {
        Project old = opened(frozen(1));
        Accepted accepted = old.accepted().getFirst();
        Project changed = old.withPostures(old.postures().stream()
                .map(posture -> posture.withCounts(posture.counts().stream()
                        .map(count -> count.withBeats(count.beats() + 1))
                        .toList()))
                .toList());
        assertThat(Analysis.of(changed).findings()).anyMatch(accepted::about);
    }

    @Test
    void lessonsOfTheSecondVersionKeepTheirSegmentsAndWhatTheyBring() {
        Project old = opened(frozen(2));
        assertThat(old.lessons())
                .extracting(lesson -> lesson.id().key())
                .containsExactly("lesson-1", "lesson-2", "lesson-3");
        Lesson first = old.lessons().getFirst();
        assertThat(first.brings()).containsExactly(new EntryId("e2"));
        assertThat(first.segments())
                .extracting(Segment::kind)
                .containsExactly(
                        SegmentKind.OTHER,
                        SegmentKind.REVIEW,
                        SegmentKind.NEW,
                        SegmentKind.RUN_THROUGH,
                        SegmentKind.OTHER);
        assertThat(first.segments().get(2).showing().first()).isEqualTo(CueLevel.EXPLAIN);
        assertThat(first.segments().get(2).repetitions()).isEqualTo(14);
        assertThat(old.learners())
                .anySatisfy(learner -> assertThat(learner.cautions()).containsExactly(Care.of(Precaution.KNEE)));
    }
}
