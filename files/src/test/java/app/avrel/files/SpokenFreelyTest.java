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
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A script in an instructor's own words, held against the record: what is right stays silent, a slip is named. */
class SpokenFreelyTest {

    private static final Project DEMO = Demo.project();
    private static final Wording WORDING = new Wording(
            DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules());
    private static final List<Occurrence> TRACK = Unroll.form(
                    DEMO.forms().getFirst(), DEMO.shelf(), DEMO.setting().posing())
            .occurrences()
            .subList(0, 4);

    private static final String SAID = """
            Good evening everybody, let us begin with Open the Sluice.
            Now pour all the weight into the left leg and sink a little, breathe out.
            The right foot goes out to the side, ball first, breathe in.
            Put it down flat, weight in the middle, palms up at the navel, breathe out.
            Rise, and the hands float up to the chest, breathe in.
            Sink, palms down to the hips, breathe out.
            Carry the Lantern.
            Shift onto the right leg and turn the left toes in, breathe in.
            All the weight left, turn to the right, breathe out.
            Step forward with the right foot, heel first, breathe in.
            Most of the weight stays on the left, look at the right hand, breathe out.
            Lean on the Gate.
            All the weight onto the left, draw in the right foot.
            Right foot forward, heel first, breathe in.
            Right foot flat, shift onto the right leg, and push the palms forward, breathe out.
            Sit back on the left leg, the right toes come up, breathe in.
            Right foot flat, onto the right leg, palms push forward again, breathe out.
            """;

    private static List<Slip> heard(String script) {
        return Hearing.of(
                        ScriptIn.read(script),
                        TRACK,
                        Language.ENGLISH,
                        DEMO.setting().chosenBody(),
                        WORDING,
                        Tempo.ofBeats(4))
                .slips();
    }

    @Test
    void whatIsRightInItsOwnWordsStaysSilent() {
        assertThat(heard(SAID)).as(heard(SAID).toString()).isEmpty();
    }

    @ParameterizedTest(name = "{0} for {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SIDE|all the weight into the left leg|all the weight into the right leg",
                "SIDE|The right foot goes out|The left foot goes out",
                "PART|out to the side, ball first|out to the side, heel first",
                "BREATH|at the navel, breathe out|at the navel, breathe in",
                "UP_DOWN|Rise, and|Sink, and",
                "HAND|float up to the chest|float up to the chin",
                "UP_DOWN|Sink, palms|Rise, palms",
                "HAND|palms down to the hips|palms up to the hips",
                "SIDE|onto the right leg and turn|onto the left leg and turn",
                "SIDE|turn the left toes in|turn the right toes in",
                "DIRECTION|turn the left toes in|turn the left toes out",
                "SIDE|turn to the right, breathe|turn to the left, breathe",
                "SIDE|forward with the right foot|forward with the left foot",
                "DIRECTION|Step forward with the right foot|Step back with the right foot",
                "PART|right foot, heel first|right foot, ball first",
                "SIDE|look at the right hand|look at the left hand",
                "BREATH|heel first, breathe in.\\nMost|heel first, breathe out.\\nMost",
                "SIDE|draw in the right foot|draw in the left foot",
                "SIDE|Right foot forward|Left foot forward",
                "SIDE|shift onto the right leg, and push|shift onto the left leg, and push",
                "SIDE|Sit back on the left leg|Sit back on the right leg",
                "SIDE|the right toes come up|the left toes come up"
            })
    void aSlipIsNamed(SlipKind kind, String right, String wrong) {
        String before = right.replace("\\n", "\n");
        assertThat(SAID).contains(before);
        List<Slip> slips = heard(SAID.replaceFirst(
                java.util.regex.Pattern.quote(before),
                java.util.regex.Matcher.quoteReplacement(wrong.replace("\\n", "\n"))));
        assertThat(slips)
                .as("%s instead of %s: %s", wrong, right, slips)
                .extracting(Slip::kind)
                .contains(kind);
    }

    @Test
    void withoutStopsItIsHeardTheSame() {
        String bare = SAID.replaceAll("[.,]", "").replace("\n", " ");
        assertThat(heard(bare)).as(heard(bare).toString()).hasSizeLessThanOrEqualTo(1);
    }
}
