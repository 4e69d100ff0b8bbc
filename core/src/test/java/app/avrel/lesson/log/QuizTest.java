package app.avrel.lesson.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What comes next? Asked posture by posture over a form. */
class QuizTest {

    private static final FormId FORM = new FormId("f");
    private static final LocalDate DAY = LocalDate.of(2026, 3, 7);
    private static final List<Occurrence> RUN = Stream.of("well", "gate", "loom")
            .map(key -> Posture.blank(new PostureId(key), key).withStart(new Start.Carried(StartPose.SHOULDER_WIDE)))
            .map(posture ->
                    Unroll.posture(posture, Standing.POSING).occurrences().getFirst())
            .toList();

    @Test
    void oneIsShownBeforeOneSaysWhetherOneKnew() {
        Quizzing begun = Quizzing.from(RUN, 0);
        assertThat(begun.answer(true)).isEqualTo(begun);
        Quizzing answered = begun.show().answer(true);
        assertThat(answered.at()).isEqualTo(1);
        assertThat(answered.shown()).isFalse();
        assertThat(answered.known()).isEqualTo(1);
    }

    @Test
    void whatDidNotComeToMindIsRemembered() {
        Quizzing over = Quizzing.from(RUN, 0).show().answer(true).show().answer(false);
        assertThat(over.over()).isTrue();
        assertThat(over.score(FORM, DAY)).contains(new Quiz(DAY, FORM, 2, List.of(new PostureId("loom"))));
    }

    @Test
    void afterTheLastPostureNothingIsAsked() {
        Quizzing end = Quizzing.from(RUN, 2);
        assertThat(end.over()).isTrue();
        assertThat(end.next()).isEmpty();
        assertThat(end.show().answer(true)).isEqualTo(end);
        assertThat(end.score(FORM, DAY)).isEmpty();
    }

    @Test
    void nobodyMissesMoreThanIsAsked() {
        assertThatThrownBy(() -> new Quiz(DAY, FORM, 1, List.of(new PostureId("a"), new PostureId("b"))))
                .hasMessageContaining("misses no more");
    }
}
