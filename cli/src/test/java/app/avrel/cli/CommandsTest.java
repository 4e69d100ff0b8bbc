package app.avrel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.files.ProjectFile;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CommandsTest {

    @TempDir
    private Path folder;

    private record Ran(int code, String out, String error) {}

    private static Ran run(String... arguments) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream error = new ByteArrayOutputStream();
        PrintStream oldOut = System.out;
        PrintStream oldError = System.err;
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(error, true, StandardCharsets.UTF_8));
        try {
            int code = Commands.execute(arguments);
            return new Ran(code, out.toString(StandardCharsets.UTF_8), error.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(oldOut);
            System.setErr(oldError);
        }
    }

    @Test
    void everyCommandTellsItsUseWhenAsked() {
        for (String command : List.of(
                "say",
                "check",
                "form",
                "measure",
                "record",
                "notes",
                "cues",
                "hear",
                "voice",
                "plan",
                "sheet",
                "calendar",
                "schema",
                "completion")) {
            Ran ran = run(command, "--help");
            assertThat(ran.code()).as(command).isZero();
            assertThat(ran.out()).as(command).contains("avrel " + command);
        }
        assertThat(run("--version").out()).startsWith("Avrel ");
    }

    @Test
    void aFolderOrAnUnknownFileIsSaidNotThrown() {
        assertThat(run("check", "/").error()).contains("is a folder");
        assertThat(run("form", folder.toString()).error()).contains("is a folder. Choose a file in it.");
        assertThat(run("check", "nowhere.avrel").error()).startsWith("There is no file nowhere.avrel");
        assertThat(run("check", "a\0b").error()).contains("is no name that a file can have here");
    }

    @Test
    void aLineThatBeginsWithAnAtSignIsALineAndNoFile() throws IOException {
        Path file = Files.writeString(folder.resolve("secret.txt"), "left foot forward");
        assertThat(run("say", "@" + file).out()).doesNotContain("left foot");
    }

    @Test
    void aShellIsToldEveryCommand() {
        assertThat(run("completion").out()).contains("say", "calendar", "--lang", "complete -F");
    }

    @Test
    void checkingTheDemoTellsItsTwoFlawsAndEndsWithOne() {
        Ran ran = run("check", "demo");
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.out().lines().filter(line -> !line.startsWith("note: ")))
                .hasSize(2)
                .allMatch(line -> line.startsWith("look: "));
    }

    private static Ran measuring(String pose) {
        InputStream before = System.in;
        System.setIn(new ByteArrayInputStream(pose.getBytes(StandardCharsets.UTF_8)));
        try {
            return run("measure");
        } finally {
            System.setIn(before);
        }
    }

    /** Standing on one leg there is no share between the feet, but everything else. */
    @Test
    void aPoseOnOneLegIsMeasured() {
        Ran ran = measuring("""
                {"stature_m": 1.7, "left": {"heel": [0, 0], "heading_deg": 0, "contact": "flat"},
                 "right": {"heel": [0.17, 0.2], "heading_deg": 0, "contact": "lifted"},
                 "share_left": 1.0, "facing_deg": 0, "drop_cm": 8.5}""");
        assertThat(ran.error()).isEmpty();
        assertThat(ran.code()).isZero();
        JsonNode measured = JsonMapper.shared().readTree(ran.out());
        assertThat(measured.get("shares").get("across").isNull()).isTrue();
        assertThat(measured.get("shares").get("across_possible").isNull()).isTrue();
        assertThat(measured.get("com_inside_cm").doubleValue()).isPositive();
        assertThat(measured.get("support").get("area_cm2").doubleValue()).isBetween(150.0, 250.0);
        assertThat(measured.get("legs").get("left").get("share").doubleValue()).isEqualTo(1);
    }

    /** What was said stands under moves; what the house's usual stands for, under assumed. */
    @Test
    void aLineWithoutLengthsSaysWhatIsAssumed() {
        JsonNode said = JsonMapper.shared()
                .readTree(run("say", "shift all right, left foot forward", "--json")
                        .out());
        assertThat(said.get("understood").booleanValue()).isTrue();
        JsonNode step = said.get("moves").get(1);
        assertThat(step.get("kind").stringValue()).isEqualTo("step");
        assertThat(step.get("place").has("distance")).isFalse();
        assertThat(said.get("assumed").get("left").get("heel")).hasSize(2);
        assertThat(said.get("assumed").get("left").has("heading_deg")).isTrue();
        assertThat(said.get("assumed").has("right")).isFalse();
        assertThat(said.get("pose").get("left").get("heel"))
                .isEqualTo(said.get("assumed").get("left").get("heel"));
    }

    @Test
    void aLineThatSaysEverythingAssumesNothing() {
        JsonNode said = JsonMapper.shared()
                .readTree(run(
                                "say",
                                "shift all right, left heel steps forward 1 foot-length, half a shoulder wide, toes forward",
                                "--json")
                        .out());
        assertThat(said.get("understood").booleanValue()).isTrue();
        assertThat(said.get("assumed")).isEmpty();
    }

    @Test
    void aBreathThatGoesOnAndHipsThatTurnAreToldApart() {
        JsonNode breath = JsonMapper.shared()
                .readTree(run("say", "turn the hips 30 left, still breathing in", "--json")
                        .out());
        assertThat(breath.get("breath").stringValue()).isEqualTo("in");
        JsonNode moves = breath.get("moves");
        assertThat(moves.valueStream().filter(move -> move.path("still").asBoolean(false)))
                .hasSize(1);
        assertThat(moves.get(0).get("part").stringValue()).isEqualTo("whole");
        assertThat(moves.get(0).get("of").stringValue()).isEqualTo("hips");
    }

    @Test
    void oddNumbersInALineAreRefusedInWords() {
        for (String line : List.of("11 left foot empty -1", "shift 11 left, -1 right", "shift -5 left")) {
            Ran ran = run("say", line);
            assertThat(ran.error()).as(line).doesNotContain("Exception");
        }
        assertThat(run("say", "11 izquierdo -1", "--lang", "es").error()).doesNotContain("Exception");
        assertThat(run("say", "十一左-1", "--lang", "zh").error()).doesNotContain("Exception");
    }

    @Test
    void checkAsJsonSaysWhereEachFindingIs() {
        JsonNode findings = JsonMapper.shared()
                .readTree(run("check", "demo", "--json").out())
                .get("findings");
        List<JsonNode> serious = findings.valueStream()
                .filter(finding -> !finding.get("severity").stringValue().equals("note"))
                .toList();
        assertThat(serious).hasSize(2);
        assertThat(serious.getFirst().get("posture").stringValue()).isEqualTo("raise-the-sail");
        assertThat(serious.getFirst().get("fix").stringValue()).isEqualTo("Shift as claimed, to 70 left / 30 right");
        assertThat(serious.getLast().get("entry").intValue()).isEqualTo(9);
    }

    @Test
    void formAsJsonHasEveryOccurrenceWithFacingPositionAndJoin() {
        Ran ran = run("form", "demo", "--json");
        JsonNode form = JsonMapper.shared().readTree(ran.out()).get("forms").get(0);
        assertThat(ran.code()).isZero();
        assertThat(form.get("entries")).hasSize(29);
        JsonNode plank = form.get("entries").get(9);
        assertThat(plank.get("number").intValue()).isEqualTo(10);
        assertThat(plank.get("side").stringValue()).isEqualTo("left");
        assertThat(plank.get("facing_deg").doubleValue()).isZero();
        assertThat(plank.get("join")).hasSize(1);
        assertThat(plank.get("position_m")).hasSize(2);
        assertThat(plank.get("directions")).hasSize(plank.get("counts").intValue());
        assertThat(form.get("totals").get("counts").intValue()).isEqualTo(154);
        assertThat(form.get("totals").get("numbered").intValue()).isEqualTo(27);
        assertThat(form.get("net_turn_deg").doubleValue()).isZero();
        assertThat(form.get("returns").booleanValue()).isTrue();
        assertThat(form.get("halls").get(0).get("fits").booleanValue()).isTrue();
    }

    @Test
    void aGroupHasOneNumberAndTheShortFormItsOwnHouseRules() {
        JsonNode forms = JsonMapper.shared()
                .readTree(run("form", "demo", "--json").out())
                .get("forms");
        assertThat(forms.get(0)
                        .get("entries")
                        .valueStream()
                        .filter(entry -> entry.has("group"))
                        .map(entry -> entry.get("number").intValue()))
                .containsExactly(16, 16, 16);
        assertThat(forms.get(1).get("houseRules").stringValue()).isEqualTo("compact frame, follow steps");
    }

    @Test
    void aFormIsPrintedAsATable() {
        assertThat(run("form", "demo", "--csv", "--form", "short-form").out().lines())
                .hasSizeGreaterThan(13);
        assertThat(run("form", "demo", "--csv-counts").out()).startsWith("entry,time,number,posture");
        Ran ran = run("form", "demo", "--csv", "--form", "none");
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.error()).contains("There is no form \"none\"; there are: weirside-form, short-form.");
    }

    @Test
    void aSoundFileEndsWithNought() throws IOException {
        Path file = folder.resolve("hall.avrel");
        var demo = Demo.project();
        ProjectFile.save(
                demo.withPostures(List.of())
                        .withForms(
                                List.of(new Form(new FormId("f"), "F", List.of(), Optional.empty(), Optional.empty()))),
                file);
        Ran ran = run("check", file.toString());
        assertThat(ran.code()).isZero();
        assertThat(ran.out().strip()).isEqualTo("Nothing was found.");
        assertThat(Files.exists(file)).isTrue();
    }

    @Test
    void badInputIsSaidOnStandardErrorAndEndsWithOne() throws IOException {
        Path file = Files.writeString(folder.resolve("broken.avrel"), "{");
        Ran ran = run("check", file.toString());
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.error()).startsWith("broken.avrel breaks off at line 1");
        assertThat(run("form", folder.resolve("none").toString()).error()).startsWith("There is no file");
    }

    @Test
    void saySaysWhatALineMeansWithItsPoseAndItsFindings() {
        Ran ran = run("say", "lift the left foot", "--from", "shift 80 left", "--json");
        JsonNode said = JsonMapper.shared().readTree(ran.out());
        assertThat(ran.code()).isZero();
        assertThat(said.get("moves").get(0).get("kind").stringValue()).isEqualTo("lift");
        assertThat(said.get("moves").get(0).get("side").stringValue()).isEqualTo("left");
        assertThat(said.get("moves").get(0).get("said").stringValue()).isEqualTo("lift the left knee");
        assertThat(said.get("findings").get(0).get("rule").stringValue()).isEqualTo("loaded-step");
        assertThat(said.get("pose").get("share_left").doubleValue()).isZero();
    }

    @Test
    void sayNamesWhatItDoesNotKnowAndEndsWithOne() {
        Ran ran = run("say", "hand at the knee of the moon", "--json");
        JsonNode said = JsonMapper.shared().readTree(ran.out());
        assertThat(ran.code()).isEqualTo(1);
        assertThat(said.get("unknown").get(0).stringValue()).isEqualTo("moon");
        assertThat(said.get("ambiguous").get(0).get("choices")).hasSize(2);
        assertThat(ran.error()).contains("“moon” is not a word I know.");
        assertThat(run("say", "hop", "--from", "the moon").error()).contains("“the moon”");
    }

    @ParameterizedTest
    @CsvSource({"en, step forward", "es, da un paso adelante", "zh, 向前迈步"})
    void sayLeavesOpenWhichFootMovesWhereItHasToAsk(String language, String line) {
        JsonNode said = JsonMapper.shared()
                .readTree(run("say", "--lang", language, line, "--json").out());
        assertThat(said.get("ambiguous")).hasSize(1);
        assertThat(said.get("moves").get(0).get("side").isNull()).isTrue();
    }

    @Test
    void sayReadsOtherLanguagesAndStances() {
        assertThat(run("say", "--lang", "es", "talón derecho adelante a la 1").out())
                .startsWith("el pie derecho da un paso a la 1, talón primero")
                .contains("caution: The right foot steps while it bears 50 %");
        assertThat(run("say", "--lang", "zh", "重心移到左脚70%").out().strip()).isEqualTo("重心移到左脚百分之70");
        assertThat(run("say", "lower it in front, heel first", "--from", "one-legged, right foot up")
                        .out())
                .startsWith("lower the right foot forward, heel first");
    }

    @Test
    void cuesAreWrittenAsCaptionsThatAPlayerReads() {
        String captions =
                run("cues", "demo", "--level", "prompt", "--format", "vtt").out();
        assertThat(captions).startsWith("WEBVTT\n\n1\n00:00:00.000 --> ").contains("all left");
        assertThat(run("cues", "demo", "--posture", "open-the-sluice", "--lang", "es", "--level", "guide")
                        .out())
                .startsWith("Abrir la compuerta · Todo el peso a la izquierda");
        assertThat(run("cues", "demo", "--lesson", "1", "--json").out()).contains("\"silence\"");
    }

    @Test
    void aLaterLessonIsWrittenWithItsOwnPosturesAndShorterForTheEarlierOnes() {
        String third = run("cues", "demo", "--lesson", "3", "--format", "md").out();
        assertThat(third).contains("## Lean on the Gate");
        String first = run("cues", "demo", "--lesson", "1", "--json").out();
        assertThat(first).contains("It comes for the first time");
        assertThat(run("cues", "demo", "--lesson", "2", "--csv").code()).isEqualTo(2);
        assertThat(run("cues", "demo", "--lesson", "2", "--format", "csv")
                        .out()
                        .lines()
                        .filter(line -> line.contains("Open the Sluice")))
                .isNotEmpty()
                .noneMatch(line -> line.contains("It comes for the first time"));
    }

    @Test
    void planSaysWhatIsNewInWhichLessonAndWhy() {
        Ran ran = run("plan", "demo");
        assertThat(ran.code()).isZero();
        assertThat(ran.out())
                .contains("Thursday beginners, 12 lessons of 50 min")
                .contains("7  2026-11-26")
                .contains("Kick the Stone, left takes ")
                .contains("It fits.")
                .contains("One lesson fewer: ");
        JsonNode json =
                JsonMapper.shared().readTree(run("plan", "demo", "--json").out());
        assertThat(json.get("fits").booleanValue()).isTrue();
        assertThat(json.get("lessons")).hasSize(12);
        assertThat(run("plan", "demo", "--course", "none").error()).contains("thursdays (Thursday beginners)");
    }

    @Test
    void sheetWritesPdfAndMarkdownInEveryLanguageForAnyBody() throws IOException {
        Path pdf = folder.resolve("lesson.pdf");
        assertThat(run("sheet", "demo", "--lesson", "6", "-o", pdf.toString()).code())
                .isZero();
        assertThat(Files.readAllBytes(pdf)).startsWith('%', 'P', 'D', 'F');
        Path markdown = folder.resolve("hand-out.md");
        assertThat(run(
                                "sheet",
                                "demo",
                                "--lesson",
                                "6",
                                "--handout",
                                "--body",
                                "H",
                                "--lang",
                                "es",
                                "-o",
                                markdown.toString())
                        .code())
                .isZero();
        assertThat(Files.readString(markdown))
                .contains("# Bajo sobre las piedras")
                .contains("dibujado para 191 cm");
        Path posture = folder.resolve("posture.md");
        run("sheet", "demo", "--posture", "wade-back", "--lang", "zh", "--body", "165", "-o", posture.toString());
        assertThat(Files.readString(posture)).contains("退涉").contains("165厘米");
    }

    @Test
    void sheetSaysWhatCannotBeMade() {
        assertThat(run("sheet", "demo", "-o", "x.pdf").code()).isEqualTo(2);
        assertThat(run("sheet", "demo", "--lesson", "6", "-o", "x.doc").error()).contains(".pdf or .md");
        assertThat(run("sheet", "demo", "--posture", "none", "-o", "x.pdf").error())
                .contains("wade-back");
        assertThat(run("sheet", "demo", "--lesson", "6", "--body", "giant", "-o", "x.pdf")
                        .error())
                .contains("a height from 80 to 250 cm");
        assertThat(run("sheet", "demo", "--lesson", "6", "--paper", "a5", "-o", "x.pdf")
                        .error())
                .contains("a4 or letter");
    }

    @Test
    void calendarWritesTheDaysOfACourse() throws IOException {
        Path ics = folder.resolve("course.ics");
        assertThat(run("calendar", "demo", "-o", ics.toString()).code()).isZero();
        assertThat(Files.readString(ics)).startsWith("BEGIN:VCALENDAR").contains("DTSTART:20261008T183000");
    }

    @Test
    void cuesSayWhatCannotBeAsked() {
        assertThat(run("cues", "demo", "--format", "tape").error()).contains("text, md, csv, vtt, srt or json");
        assertThat(run("cues", "demo", "--layer", "toes").error()).contains("feet-and-body");
        assertThat(run("cues", "demo", "--level", "louder").error()).contains("ladder");
        assertThat(run("cues", "demo", "--calls", "9").error()).contains("1 to 5");
        assertThat(run("cues", "demo", "--posture", "nowhere").error()).contains("open-the-sluice");
        assertThat(run("cues", "demo", "--lang", "tlh").code()).isEqualTo(1);
    }

    @Test
    void hearFindsTheSideThatIsSaidWrongly() throws IOException {
        String said = run("cues", "demo", "--posture", "lean-on-the-gate", "--level", "prompt", "--format", "srt")
                .out();
        Path right = Files.writeString(folder.resolve("right.srt"), said);
        Path wrong =
                Files.writeString(folder.resolve("wrong.srt"), said.replace("right foot forward", "left foot forward"));
        assertThat(run("hear", "demo", right.toString(), "--posture", "lean-on-the-gate")
                        .code())
                .isZero();
        Ran heard = run("hear", "demo", wrong.toString(), "--posture", "lean-on-the-gate");
        assertThat(heard.code()).isEqualTo(1);
        assertThat(heard.out()).contains("the other side is recorded. Say “right foot forward”");
        assertThat(run("hear", "demo", folder.resolve("none.srt").toString()).error())
                .contains("cannot be read");
    }

    @Test
    void wrongUseEndsWithTwo() {
        assertThat(run("hop").code()).isEqualTo(2);
        assertThat(run("check").code()).isEqualTo(2);
        assertThat(run("check", "demo", "--purple").error()).contains("--purple");
    }
}
