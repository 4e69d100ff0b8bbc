package app.avrel.lesson.make;

import static app.avrel.lesson.LessonSamples.FORM;
import static app.avrel.lesson.LessonSamples.SWEEP;
import static app.avrel.lesson.LessonSamples.lesson;
import static app.avrel.lesson.LessonSamples.stretch;
import static app.avrel.lesson.LessonSamples.syllabus;
import static app.avrel.lesson.LessonSamples.teaching;
import static app.avrel.lesson.LessonSamples.track;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.EntryId;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.LessonSamples;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.SegmentPlan;
import app.avrel.lesson.SegmentTiming;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Version;
import app.avrel.lesson.course.Syllabus;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.PostureSheet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Lessons as they are proposed. */
class LessonMakerTest {

    private static Lesson made(Recipe recipe, int from, int to, int minutes) {
        return new LessonMaker(
                        new SegmentTiming(teaching()),
                        syllabus(),
                        4,
                        IntStream.range(from, to).boxed().toList(),
                        from)
                .make(lesson("l").withMinutes(minutes), recipe);
    }

    private static LessonPlan plan(Lesson lesson) {
        return LessonPlan.of(lesson, teaching());
    }

    static List<Recipe> recipes() {
        return Recipes.shipped();
    }

    @Test
    void theUsualLessonGoesFromWhatIsKnownOverLayersToARunThrough() {
        assertThat(plan(made(Recipes.USUAL, 1, 3, 50)).segments())
                .extracting(SegmentPlan::title)
                .containsExactly(
                        "Arrive",
                        "So far: Open",
                        "Review: Open",
                        "Watch: Sweep, right",
                        "Starts from: Sweep, right",
                        "Feet only: Sweep, right",
                        "Hands only: Sweep, right",
                        "New: Sweep, right",
                        "Join: Open to Sweep, right",
                        "What differs: Sweep, left",
                        "Other side: Sweep, left",
                        "Join: Sweep, right and left",
                        "Run through: Open to Sweep, right and left",
                        "Questions",
                        "At home: Sweep, right and left",
                        "Next time: Wheel, twice");
    }

    @Test
    void theFirstLessonHasNothingToReviewAndTheLastNothingToComeNext() {
        assertThat(made(Recipes.USUAL, 0, 1, 50).segments())
                .extracting(Segment::kind)
                .doesNotContain(SegmentKind.LIST, SegmentKind.REVIEW, SegmentKind.JOINING);
        assertThat(made(Recipes.USUAL, 3, 4, 50).segments())
                .extracting(Segment::kind)
                .doesNotContain(SegmentKind.PREVIEW);
    }

    @Test
    void whatIsNewIsDoneThreeToEightTimesAsTheMinutesAllow() {
        Lesson roomy = made(Recipes.USUAL, 3, 4, 90);
        Lesson tight = made(Recipes.USUAL, 3, 4, 20);
        assertThat(plan(roomy).minutesLeft()).isNotNegative();
        assertThat(plan(tight).minutesLeft()).isNotNegative();
        assertThat(times(roomy).stream().mapToInt(i -> i).sum()).isEqualTo(8);
        assertThat(times(roomy).stream().mapToInt(i -> i).sum())
                .isGreaterThan(times(tight).stream().mapToInt(i -> i).sum());
    }

    private static List<Integer> times(Lesson lesson) {
        return lesson.segments().stream()
                .filter(segment -> segment.kind().teaches())
                .map(Segment::repetitions)
                .toList();
    }

    @Test
    void whereNothingElseHelpsWhatCanBeSparedGoes() {
        Lesson squeezed = made(Recipes.USUAL, 1, 4, 13);
        assertThat(squeezed.segments()).extracting(Segment::kind).contains(SegmentKind.NEW, SegmentKind.OTHER_SIDE);
        assertThat(squeezed.segments().size())
                .isLessThan(made(Recipes.USUAL, 1, 4, 50).segments().size());
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void everyRecipeMakesALessonThatTeachesWhatIsNewWithinItsMinutes(Recipe recipe) {
        Lesson lesson = made(recipe, 1, 4, 50);
        assertThat(plan(lesson).minutesLeft()).isNotNegative();
        assertThat(lesson.brings()).containsExactly(new EntryId("2"), new EntryId("3"), new EntryId("4"));
        List<String> taught = lesson.segments().stream()
                .filter(segment -> segment.kind().teaches())
                .flatMap(segment -> teaching().done().done(segment.stretch().orElseThrow(), segment.showing()).stream())
                .map(done -> done.posture().name())
                .distinct()
                .toList();
        assertThat(taught).contains("Sweep", "Wheel");
        assertThat(plan(lesson).segments()).noneMatch(segment -> segment.title().contains("no longer"));
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void everyRecipeCanDoWithNothingNew(Recipe recipe) {
        assertThat(made(recipe, 4, 4, 50).segments()).isNotEmpty();
    }

    @Test
    void aSchoolsOwnRecipeStandsFirstAndHidesTheShippedOneOfItsName() {
        Recipe own = new Recipe("By numbers", "Ours", List.of());
        assertThat(Recipes.all(List.of(own)).getFirst()).isEqualTo(own);
        assertThat(Recipes.all(List.of(own))).hasSameSizeAs(Recipes.shipped());
        assertThat(Recipes.called("nothing like it", List.of())).isEqualTo(Recipes.USUAL);
    }

    @Test
    void aLessonCanBeKeptAsARecipeAndMadeAgain() {
        Lesson lesson = made(Recipes.USUAL, 1, 3, 50);
        Recipe kept = RecipeOf.lesson("Ours", lesson, syllabus());
        assertThat(made(kept, 1, 3, 50).segments())
                .extracting(Segment::kind, Segment::stretch)
                .containsExactlyElementsOf(lesson.segments().stream()
                        .map(segment -> org.assertj.core.groups.Tuple.tuple(segment.kind(), segment.stretch()))
                        .toList());
        assertThat(made(kept, 3, 4, 50).brings()).containsExactly(new EntryId("4"));
    }

    @Test
    void whatHasToBeKnownBeforeIsListedWithWhereItComes() {
        Posture needy =
                SWEEP.withSheet(PostureSheet.EMPTY.withBefore(List.of("Open", "wheel", "Standing like a post")));
        Syllabus syllabus = Syllabus.of(FORM, track(FORM, needy), LessonSamples.COURSE);
        assertThat(Prerequisites.missing(lesson("b", "2"), List.of(lesson("a", "1")), syllabus))
                .containsExactly(
                        new Prerequisites.Missing("wheel", "Sweep", Optional.of(3)),
                        new Prerequisites.Missing("Standing like a post", "Sweep", Optional.empty()));
        Lesson drilled =
                lesson("a", "1", "4").insert(0, Segment.free(SegmentKind.DRILL, "standing like a post", "", 60));
        assertThat(Prerequisites.missing(lesson("b", "2"), List.of(drilled), syllabus))
                .isEmpty();
    }

    @Test
    void whatIsKnowinglyIncompleteIsRememberedUntilALaterLessonReplacesIt() {
        Segment high = Segment.of(SegmentKind.NEW, stretch("2", "2"), Showing.CALLED.withVersion(Version.INCOMPLETE))
                .withWords("without the turn");
        Lesson first = lesson("a", "2").insert(0, high);
        assertThat(Prerequisites.unfinished(List.of(first, lesson("b")), FORM))
                .containsExactly(new Prerequisites.Unfinished("Sweep", 0, "without the turn"));
        Lesson later = lesson("b").insert(0, Segment.of(SegmentKind.NEW, stretch("2", "2"), Showing.EXPLAINED));
        assertThat(Prerequisites.unfinished(List.of(first, later), FORM)).isEmpty();
    }
}
