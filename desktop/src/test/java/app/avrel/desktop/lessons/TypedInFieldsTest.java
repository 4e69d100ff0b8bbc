package app.avrel.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.course.Course;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the fields of lessons and courses show can be typed there again, in whatever language they show it. */
class TypedInFieldsTest {

    @AfterEach
    void speakEnglishAgain() {
        Labels.speak(Language.ENGLISH);
    }

    private static Course course() {
        return Demo.project().courses().getFirst();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void aCourseLastsUntilADayOrForANumberOfLessons(Language language) {
        Labels.speak(language);
        Course until = course().withUntil(Optional.of(LocalDate.of(2026, 12, 31)));
        assertThat(CourseText.lessons(CourseText.lessons(until)).orElseThrow().apply(course()))
                .isEqualTo(until);
        Course twelve = course().withLessons(12).withUntil(Optional.empty());
        assertThat(CourseText.lessons(CourseText.lessons(twelve)).orElseThrow().apply(until))
                .isEqualTo(twelve);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soon", "0", "until Friday", "2026-02-30"})
    void whatIsNeitherDayNorNumberIsNotTaken(String typed) {
        assertThat(CourseText.lessons(typed)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void aSegmentIsOfAllCountsOrOfSome(Language language) {
        Labels.speak(language);
        Stretch all = Demo.project().lessons().stream()
                .flatMap(lesson -> lesson.segments().stream())
                .flatMap(segment -> segment.stretch().stream())
                .findFirst()
                .orElseThrow()
                .withCounts(Optional.empty());
        assertThat(CountsText.all(CountsText.of(all))).isTrue();
        Stretch.Counts some = new Stretch.Counts(0, 2);
        assertThat(CountsText.parse(CountsText.of(all.withCounts(Optional.of(some)))))
                .contains(some);
    }

    @ParameterizedTest
    @CsvSource({"2, 1, 1", "1 to 3, 0, 2", "1-3, 0, 2", "2 a 4, 1, 3", "1 到 3, 0, 2"})
    void countsAreTypedAsPeopleWriteThem(String typed, int first, int last) {
        assertThat(CountsText.parse(typed)).contains(new Stretch.Counts(first, last));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "3 to 1", "1 2 3", "none", "1.5", "about 2"})
    void whatIsNoStretchOfCountsIsNotTaken(String typed) {
        assertThat(CountsText.parse(typed)).isEmpty();
    }
}
