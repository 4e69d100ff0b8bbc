package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.EntryId;
import app.avrel.form.Played;
import app.avrel.lesson.Doing;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Version;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lessons, segments and cautions as files of the second version had them. */
class LessonsOfSegmentsTest {

    private static Project opened(String segments, String learners) {
        String demo = ProjectText.of(Demo.project());
        String setting = demo.substring(demo.indexOf("\"setting\""), demo.indexOf("\"postures\""));
        String text = """
                {"format": "avrel-project", "version": 2, "name": "Old", %s
                 "forms": [{"id": "f", "name": "F", "parts": [{"name": "", "entries": []}]}],
                 "lessons": [{"title": "One", "form": "f", "minutes": 50, "segments": [%s]},
                             {"title": "Two", "form": "f", "minutes": 40}],
                 "learners": [%s]}
                """.formatted(setting, segments, learners);
        return switch (ProjectText.read(text, "old.avrel")) {
            case Opened.Read read -> read.project();
            case Opened.Refused(String message) -> throw new AssertionError(message);
        };
    }

    private static String ofForm(String purpose, String level) {
        return """
                {"kind": "of-form", "purpose": "%s", "first": "e1", "last": "e3", "level": "%s",
                 "repetitions": 3, "secondsPerBeat": 4, "pauseSeconds": 20}""".formatted(purpose, level);
    }

    @ParameterizedTest
    @CsvSource({
        "recap, prompt, REVIEW, PROMPT",
        "new-posture, guide, NEW, EXPLAIN",
        "run-through, prompt, RUN_THROUGH, PROMPT",
        "new-posture, prompt, NEW, PROMPT"
    })
    void aStretchKeepsItsPurposeItsEntriesItsRhythmAndHowMuchIsSaid(
            String purpose, String level, SegmentKind kind, CueLevel first) {
        Segment segment = opened(ofForm(purpose, level), "")
                .lessons()
                .getFirst()
                .segments()
                .getFirst();
        assertThat(segment.kind()).isEqualTo(kind);
        assertThat(segment.stretch()).contains(Stretch.of(new EntryId("e1"), new EntryId("e3")));
        assertThat(segment.repetitions()).isEqualTo(3);
        assertThat(segment.pauseSeconds()).isEqualTo(20);
        assertThat(segment.showing().first()).isEqualTo(first);
        assertThat(segment.showing().later()).isEqualTo(CueLevel.PROMPT);
        assertThat(segment.showing().side()).isEqualTo(Played.AS_RECORDED);
        assertThat(segment.showing().doing()).isEqualTo(Doing.SPOKEN);
        assertThat(segment.showing().version()).isEqualTo(Version.FULL);
    }

    @Test
    void whatWasNewIsWhatTheLessonBrings() {
        Lesson lesson = opened(ofForm("recap", "prompt") + "," + ofForm("new-posture", "guide"), "")
                .lessons()
                .getFirst();
        assertThat(lesson.brings()).containsExactly(new EntryId("e1"));
        assertThat(lesson.log()).isEmpty();
        assertThat(lesson.pinned()).isFalse();
        assertThat(lesson.course()).isEmpty();
    }

    @Test
    void whatStoodOutsideTheFormKeepsItsTitleItsWordsAndItsBeats() {
        String free = """
                {"kind": "free", "title": "Warm-up", "beats": 16, "words": "Slowly.", "repetitions": 6,
                 "secondsPerBeat": 4, "pauseSeconds": 15}""";
        Segment segment = opened(free, "").lessons().getFirst().segments().getFirst();
        assertThat(segment.title()).isEqualTo("Warm-up");
        assertThat(segment.words()).isEqualTo("Slowly.");
        assertThat(segment.beats()).isEqualTo(16);
        assertThat(segment.stretch()).isEmpty();
    }

    @Test
    void lessonsAreNumberedInTheirOrder() {
        assertThat(opened("", "").lessons())
                .extracting(lesson -> lesson.id().key())
                .containsExactly("lesson-1", "lesson-2");
    }

    @ParameterizedTest
    @CsvSource({"knee", "hip", "back", "balance", "dizziness", "blood pressure", "pregnancy", "other"})
    void everyCautionIsOnBothSidesOrWithoutOne(String word) {
        String learner = """
                {"body": {"label": "B", "stature": 1.6}, "cautions": ["%s"]}""".formatted(word.replace(' ', '-'));
        Project old = opened("", learner);
        assertThat(old.learners().getFirst().cautions())
                .hasSize(1)
                .allSatisfy(care -> assertThat(care.side()).isEmpty())
                .allSatisfy(care -> assertThat(care.what().word()).isEqualTo(word));
    }

    @Test
    void whatIsNeitherOfThoseIsRefusedWithItsPlace() {
        Opened read = ProjectText.read(
                ProjectText.of(Demo.project()).replaceFirst("\"doing\": \"spoken\"", "\"doing\": \"dreamt\""),
                "odd.avrel");
        assertThat(read).isInstanceOf(Opened.Refused.class);
        assertThat(((Opened.Refused) read).message()).contains("doing");
    }
}
