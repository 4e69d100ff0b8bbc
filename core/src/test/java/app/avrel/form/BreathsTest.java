package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Where a form breathes in twice running, or out: one breath has to come between. */
class BreathsTest {

    private static Posture breathing(String id, Breath... breaths) {
        return Posture.blank(new PostureId(id), id)
                .withCounts(Stream.of(breaths)
                        .map(breath -> Count.blank().withBreath(breath))
                        .toList());
    }

    private static List<Integer> repeated(Posture first, Posture second) {
        Form form = new Form(
                new FormId("f"),
                "F",
                List.of(new Part(
                        "",
                        List.of(
                                Entry.of(new EntryId("e1"), first.id(), Played.AS_RECORDED),
                                Entry.of(new EntryId("e2"), second.id(), Played.AS_RECORDED)))),
                Optional.empty(),
                Optional.empty());
        Shelf shelf = new Shelf(Map.of(first.id(), first, second.id(), second), Map.of());
        return Breaths.repeated(Unroll.form(form, shelf, Standing.POSING)).stream()
                .map(Occurrence::entry)
                .toList();
    }

    @Test
    void theSameBreathTwiceIsToldWhereItComesAgainAlsoOverAJoin() {
        assertThat(repeated(breathing("a", Breath.IN, Breath.OUT), breathing("b", Breath.OUT, Breath.IN)))
                .containsExactly(1);
        assertThat(repeated(breathing("a", Breath.IN, Breath.IN), breathing("b", Breath.OUT)))
                .containsExactly(0);
    }

    @Test
    void aBreathThatGoesOnOrAlternatesIsNoRepetition() {
        assertThat(repeated(breathing("a", Breath.IN, Breath.STILL_IN), breathing("b", Breath.OUT, Breath.IN_THEN_OUT)))
                .isEmpty();
    }

    @Test
    void whereNobodySaysHowToBreatheNothingRepeats() {
        assertThat(repeated(breathing("a", Breath.IN, Breath.FREE), breathing("b", Breath.IN)))
                .isEmpty();
    }
}
