package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.cue.Call;
import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.cue.hear.ScriptLine;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptIn;
import app.avrel.files.script.ScriptOut;
import app.avrel.floor.Heading;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Scripts as people and players read them. */
class ScriptTextTest {

    private static final Project DEMO = Demo.project();
    private static final List<Occurrence> TRACK = Unroll.form(
                    DEMO.forms().getFirst(), DEMO.shelf(), DEMO.setting().posing())
            .occurrences();
    private static final CueScript SCRIPT = Scripting.of(
            TRACK,
            CueOrder.USUAL.withLevel(CueLevel.PROMPT),
            new Wording(
                    DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules()));

    /** What the standard says of a cue: a number, a span of times, a line of words. */
    private static final Pattern VTT_CUE = Pattern.compile(
            "\\d+\\n(\\d{2}:[0-5]\\d:[0-5]\\d\\.\\d{3}) --> (\\d{2}:[0-5]\\d:[0-5]\\d\\.\\d{3})\\n[^\\n]+\\n\\n");

    private static String written(ScriptFormat format) {
        return ScriptOut.of(SCRIPT, TRACK, format);
    }

    @ParameterizedTest
    @EnumSource(
            value = ScriptFormat.class,
            names = {"WEBVTT", "SRT"})
    void captionsAreReadAgainWithTheirTimes(ScriptFormat format) {
        List<ScriptLine> read = ScriptIn.read(written(format));
        List<Call> calls = SCRIPT.calls().toList();
        double ahead = -calls.stream().mapToDouble(Call::at).min().orElseThrow();
        assertThat(read).hasSameSizeAs(calls);
        for (int i = 0; i < calls.size(); i++) {
            assertThat(read.get(i).text()).isEqualTo(calls.get(i).words());
            assertThat(read.get(i).seconds().orElseThrow() - calls.get(i).at() - ahead)
                    .isBetween(-0.001, 0.001);
        }
    }

    @Test
    void webVttIsHeadThenCuesInOrderAndNothingElse() {
        String text = written(ScriptFormat.WEBVTT);
        assertThat(text).startsWith("WEBVTT\n\n");
        var cue = VTT_CUE.matcher(text.substring("WEBVTT\n\n".length()));
        int end = 0;
        String last = "";
        while (cue.find()) {
            assertThat(cue.start()).isEqualTo(end);
            assertThat(cue.group(1)).isLessThan(cue.group(2)).isGreaterThanOrEqualTo(last);
            last = cue.group(1);
            end = cue.end();
        }
        assertThat(end).isEqualTo(text.length() - "WEBVTT\n\n".length());
    }

    @Test
    void headsNotesStylesAndMarksAreNotSaid() {
        List<ScriptLine> read = ScriptIn.read("""
                WEBVTT - a lesson

                NOTE recorded on a Tuesday
                not said

                STYLE
                ::cue { color: red }

                first
                00:01.500 --> 00:03.000 align:start
                <v Teacher>all left</v>
                right foot <i>out</i>

                2
                01:00:02,000 --> 01:00:03,000
                breathe in
                """);
        assertThat(read).extracting(ScriptLine::text).containsExactly("all left", "right foot out", "breathe in");
        assertThat(read.getFirst().seconds()).hasValue(1.5);
        assertThat(read.getLast().seconds()).hasValue(3602);
    }

    @Test
    void plainTextIsReadLineByLineWithoutTimes() {
        List<ScriptLine> read = ScriptIn.read("\uFEFFall left\r\n\r\nright foot out\r\n");
        assertThat(read).extracting(ScriptLine::text).containsExactly("all left", "right foot out");
        assertThat(read).allMatch(line -> line.seconds().isEmpty());
    }

    @Test
    void aTableHasALineACallUnderItsHeads() {
        List<String> rows = written(ScriptFormat.CSV).lines().toList();
        assertThat(rows.getFirst()).isEqualTo("posture,section,count,at,seconds,kind,words,level,why");
        assertThat(rows).hasSize((int) SCRIPT.calls().count() + 1);
    }

    @Test
    void markdownHasAHeadingAPosture() {
        long postures = TRACK.size();
        assertThat(written(ScriptFormat.MARKDOWN).lines().filter(line -> line.startsWith("## ")))
                .hasSize((int) postures);
    }
}
