package app.avrel.lesson.log;

import static app.avrel.lesson.LessonSamples.FORM;
import static app.avrel.lesson.LessonSamples.OPEN;
import static app.avrel.lesson.LessonSamples.SWEEP;
import static app.avrel.lesson.LessonSamples.lesson;
import static app.avrel.lesson.LessonSamples.stretch;
import static app.avrel.lesson.LessonSamples.track;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What became of lessons, and what it says for the next ones. */
class ReviewTest {

    private static final LocalDate DAY = LocalDate.of(2026, 1, 8);
    private static final Seen KNEE =
            new Seen(SWEEP.id(), Optional.of(Side.RIGHT), Optional.of(1), "the knee falls in", 1);

    private static Lesson taught(int week, LessonLog log, String... brings) {
        return lesson("l" + week, brings).withLog(Optional.of(log));
    }

    private static Lesson reviewing(int week, LessonLog log) {
        return taught(week, log).insert(0, Segment.of(SegmentKind.REVIEW, stretch("2", "2"), Showing.CALLED));
    }

    private static LessonLog begun(int week) {
        return LessonLog.begun(DAY.plusWeeks(week));
    }

    @Test
    void aSegmentIsTickedWithTheSecondsItTookAndOnlyOnce() {
        LessonLog log = begun(0).ticked(2, 60).ticked(0, 30).ticked(2, 90);
        assertThat(log.ticks()).containsExactly(new Tick(0, 30), new Tick(2, 90));
        assertThat(log.seconds()).isEqualTo(120);
        assertThat(log.unticked(0).done(0)).isFalse();
    }

    @Test
    void theSameMistakeIsCountedNotListedTwice() {
        LessonLog log = begun(0).saw(KNEE).saw(KNEE).saw(KNEE.withCount(Optional.of(2)));
        assertThat(log.seen()).extracting(Seen::times).containsExactly(2, 1);
    }

    @Test
    void aQuestionWaitsUntilItIsAnswered() {
        LessonLog log = begun(0).asked(new Question(Optional.of(SWEEP.id()), "How wide?", ""));
        List<Lesson> lessons = List.of(taught(0, log, "1"));
        assertThat(WatchFor.open(lessons)).hasSize(1);
        assertThat(WatchFor.about(SWEEP.id(), lessons)).hasSize(1);
        assertThat(WatchFor.about(OPEN.id(), lessons)).isEmpty();
        assertThat(WatchFor.searched("HOW w", lessons)).hasSize(1);
        LessonLog answered = log.answered(0, "As wide as the shoulders.").answered(7, "nobody asked");
        assertThat(WatchFor.open(List.of(taught(0, answered, "1")))).isEmpty();
        assertThat(WatchFor.searched("shoulders", List.of(taught(0, answered, "1"))))
                .hasSize(1);
    }

    @Test
    void oneWatchesForWhatWasSeenTheLastTimeThePostureWentWrong() {
        Lesson first = taught(0, begun(0).saw(KNEE.withTimes(5)), "2");
        Lesson second =
                taught(1, begun(1).saw(KNEE.withWhat("leans").withTimes(1)).saw(KNEE.withTimes(3)));
        assertThat(WatchFor.of(Set.of(SWEEP.id()), List.of(first, second)))
                .containsExactly(KNEE.withTimes(3), KNEE.withWhat("leans").withTimes(1));
        assertThat(WatchFor.of(Set.of(OPEN.id()), List.of(first, second))).isEmpty();
    }

    @Test
    void everyTimeWithoutAMistakeTheDistanceDoublesAndAMistakeBringsItBack() {
        List<Lesson> lessons = new ArrayList<>(List.of(taught(0, begun(0), "2")));
        assertThat(sweep(lessons).distance()).isEqualTo(1);
        lessons.add(reviewing(1, begun(1)));
        assertThat(sweep(lessons).distance()).isEqualTo(2);
        assertThat(sweep(lessons).due()).isFalse();
        lessons.add(taught(2, begun(2), "1"));
        assertThat(sweep(lessons).due()).isTrue();
        lessons.add(reviewing(3, begun(3)));
        assertThat(sweep(lessons).distance()).isEqualTo(4);
        lessons.add(reviewing(4, begun(4).saw(KNEE)));
        assertThat(sweep(lessons).distance()).isEqualTo(1);
        assertThat(sweep(lessons).wrong()).isEqualTo(1);
        assertThat(sweep(lessons).taught()).isEqualTo(DAY);
        assertThat(sweep(lessons).last()).isEqualTo(DAY.plusWeeks(4));
    }

    private static Review.Known sweep(List<Lesson> lessons) {
        return new Review(FORM, lessons)
                .all().stream()
                        .filter(known -> known.posture().equals(SWEEP.id()))
                        .findFirst()
                        .orElseThrow();
    }

    @Test
    void whatWasNotTickedWasNotDoneAndAMissedLessonTaughtNothing() {
        Lesson unticked = reviewing(1, begun(1).ticked(3, 60));
        assertThat(sweep(List.of(taught(0, begun(0), "2"), unticked)).distance())
                .isEqualTo(1);
        Lesson missed = lesson("m", "2").withLog(Optional.of(LessonLog.missed(DAY)));
        assertThat(new Review(FORM, List.of(missed)).all()).isEmpty();
        Lesson left = taught(0, begun(0).withLeft(lesson("x", "2").brings()), "2");
        assertThat(new Review(FORM, List.of(left)).all()).isEmpty();
    }

    @Test
    void theProposalStaysWithinItsMinutesAndTakesTheLongestOverdueFirst() {
        List<Lesson> lessons = List.of(taught(0, begun(0), "1"), taught(1, begun(1), "2"));
        Review review = new Review(FORM, lessons);
        assertThat(review.due()).extracting(Review.Known::posture).containsExactly(OPEN.id(), SWEEP.id());
        assertThat(review.proposed(track(FORM), 4, 2, 16)).containsExactly(OPEN.id());
        assertThat(review.proposed(track(FORM), 4, 2, 40)).containsExactly(OPEN.id(), SWEEP.id());
    }
}
