package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.posture.count.Count;
import app.avrel.samples.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Runs of counts, and stretches of forms, one over the other. */
class AlignmentTest {

    private static List<Count> counts(Samples samples) {
        return samples.several(1, 6, samples::count);
    }

    @RepeatedTest(30)
    void eachSideKeepsItsOrderAndLosesNothing(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Count> first = counts(samples);
        List<Count> second = counts(samples);
        Alignment<Count> aligned = Alignment.ofCounts(first, second);
        assertThat(aligned.pairs().stream().flatMap(pair -> pair.first().stream()))
                .containsExactlyElementsOf(first);
        assertThat(aligned.pairs().stream().flatMap(pair -> pair.second().stream()))
                .containsExactlyElementsOf(second);
        assertThat(aligned.pairs().stream().mapToInt(Alignment.Pair::cost).sum())
                .isEqualTo(aligned.cost());
    }

    @RepeatedTest(30)
    void aRunBesideItselfCostsNothingAndComparingIsSymmetric(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Count> first = counts(samples);
        List<Count> second = counts(samples);
        assertThat(Alignment.ofCounts(first, first).pairs()).noneMatch(Alignment.Pair::differs);
        assertThat(Alignment.ofCounts(first, second).cost())
                .isEqualTo(Alignment.ofCounts(second, first).cost());
    }

    @Test
    void aCountPutInStandsAloneBesideNothing() {
        Samples samples = new Samples(7);
        List<Count> first = List.of(samples.count(), samples.count(), samples.count());
        List<Count> longer = new ArrayList<>(first);
        Count added = samples.count();
        longer.add(1, added);
        Alignment<Count> aligned = Alignment.ofCounts(first, longer);
        assertThat(aligned.pairs().stream().filter(Alignment.Pair::differs))
                .singleElement()
                .satisfies(pair -> {
                    assertThat(pair.first()).isEmpty();
                    assertThat(pair.second()).contains(added);
                });
    }

    @RepeatedTest(10)
    void onlyTheSamePostureStandsBesideTheSame(RepetitionInfo repetition) {
        Track one = SampleForms.of(repetition.getCurrentRepetition()).track();
        List<Occurrence> all = one.occurrences();
        List<Occurrence> back = all.reversed();
        for (Alignment.Pair<Occurrence> pair :
                Alignment.ofOccurrences(all, back).pairs()) {
            Optional<Boolean> same = pair.first()
                    .flatMap(first -> pair.second()
                            .map(second ->
                                    first.posture().id().equals(second.posture().id())));
            assertThat(same.orElse(true)).isTrue();
        }
        assertThat(Alignment.ofOccurrences(all, all).cost()).isZero();
    }
}
