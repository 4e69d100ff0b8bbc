package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Sound and unsound sequences, as they are typed: each finds what it must, at its count, once, and nothing else that is
 * more than a note; so does its mirror, and so does it for short and tall people.
 */
class SequencesTest {

    static List<Sequence> sequences() {
        try (InputStream text = SequencesTest.class.getResourceAsStream("sequences.txt")) {
            return Sequence.all(new String(text.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<Arguments> performed() {
        return sequences().stream()
                .flatMap(sequence -> Stream.of(
                        Arguments.of(sequence, 1.70, false),
                        Arguments.of(sequence, 1.70, true),
                        Arguments.of(sequence, sequence.ofItsBody() ? 1.70 : 1.52, false),
                        Arguments.of(sequence, sequence.ofItsBody() ? 1.70 : 1.91, true)));
    }

    @ParameterizedTest(name = "{0} at {1} m, mirrored {2}")
    @MethodSource("performed")
    void aSequenceFindsWhatItMustOnceAndNothingElse(Sequence sequence, double stature, boolean mirrored) {
        List<Finding> found = sequence.found(stature, mirrored);
        assertThat(sequence.notRead()).as("lines that are not understood").isEmpty();
        assertThat(found.stream().filter(Finding::serious).map(SequencesTest::said))
                .containsExactlyInAnyOrderElementsOf(sequence.mustBeFound());
        assertThat(found.stream().map(SequencesTest::said)).containsAll(sequence.mustBeNoted());
    }

    private static String said(Finding finding) {
        return finding.rule().key() + " " + finding.severity().word() + " at " + said(finding.where());
    }

    private static String said(Where where) {
        return switch (where) {
            case Where.InPosture(var posture, var count) ->
                posture.key() + count.map(at -> " count " + (at + 1)).orElse(" end");
            case Where.InForm(var _, int entry, var way) ->
                "entry " + (entry + 1) + way.map(at -> " way " + (at + 1)).orElse("");
        };
    }
}
