package app.avrel.files.print;

import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.files.picture.RibbonSvg;
import app.avrel.form.Moment;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.SegmentPlan;
import app.avrel.lesson.SoFar;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.Seen;
import app.avrel.lesson.log.WatchFor;
import app.avrel.lesson.make.Prerequisites;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Learner;
import app.avrel.project.Lessons;
import app.avrel.project.Precautions;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What an instructor takes along to a lesson: where the minutes go, what to watch for, what is said. */
public final class LessonSheet {

    private final Lessons lessons;
    private final Lesson lesson;
    private final LessonPlan plan;
    private final LessonWords words;
    private final SoFar names;
    private final List<Document.Block> blocks = new ArrayList<>();

    private LessonSheet(Lessons lessons, Lesson lesson) {
        this.lessons = lessons;
        this.lesson = lesson;
        plan = lessons.plan(lesson);
        Language language = plan.timing().teaching().language();
        words = new LessonWords(language);
        names = new SoFar(language);
    }

    /** {@return the sheet of a lesson, in the language of the lessons} */
    public static Document of(Lessons lessons, Lesson lesson) {
        return new LessonSheet(lessons, lesson).document();
    }

    private Document document() {
        blocks.add(new Document.Heading(1, lesson.title()));
        blocks.add(new Document.Text(Document.Style.QUIET, under()));
        watch();
        mistakes();
        minutes();
        for (int i = 0; i < plan.segments().size(); i++) {
            said(i);
        }
        if (!lesson.note().isBlank()) {
            blocks.add(new Document.Heading(2, words.say("sheet.note")));
            blocks.add(new Document.Text(Document.Style.PLAIN, lesson.note()));
        }
        blocks.add(new Document.Text(Document.Style.QUIET, words.say("sheet.care_note")));
        return new Document(lesson.title(), words.language().code(), blocks);
    }

    private String under() {
        String minutes = words.say(
                "sheet.minutes",
                Map.of("n", Long.toString(Math.round(plan.seconds() / 60)), "of", Integer.toString(lesson.minutes())));
        List<Lesson> before = lessons.before(lesson);
        Optional<String> day = lessons.course(lesson)
                .flatMap(course -> before.size() < course.dates().size()
                        ? Optional.of(course.name() + " " + (before.size() + 1) + " · "
                                + course.dates().get(before.size()) + " · ")
                        : Optional.empty());
        return day.orElse("") + minutes;
    }

    private void watch() {
        List<Lesson> before = lessons.before(lesson);
        List<String> lines = new ArrayList<>();
        var postures = lessons.postures(lesson);
        WatchFor.of(postures.stream().map(Posture::id).collect(Collectors.toSet()), before)
                .forEach(seen -> lines.add(seen(seen)));
        Prerequisites.missing(lesson, before, lessons.syllabus(lesson))
                .forEach(missing -> lines.add(words.say(
                        "sheet.first_needed", Map.of("what", missing.what() + " (" + missing.needs() + ")"))));
        lines.addAll(cares());
        section("sheet.watch", lines);
        section(
                "sheet.open",
                WatchFor.open(before).stream().map(Question::asked).toList());
    }

    private void section(String key, List<String> lines) {
        if (!lines.isEmpty()) {
            blocks.add(new Document.Heading(2, words.say(key)));
            blocks.add(new Document.Items(lines));
        }
    }

    /** What commonly goes wrong in what is new, and how it is put right. */
    private void mistakes() {
        Mistakes known = new Mistakes(words, lessons.project().setting().posing());
        List<Posture> fresh = lessons.fresh(lesson);
        section(
                "sheet.mistakes",
                fresh.stream()
                        .flatMap(posture -> known.told(posture).stream()
                                .map(line -> words.say(
                                        "sheet.of_posture", Map.of("posture", names.name(posture), "what", line))))
                        .toList());
        fresh.forEach(posture -> blocks.addAll(known.drawn(posture)));
    }

    private String seen(Seen seen) {
        String count = seen.count()
                .map(at -> words.comma() + words.say("count", Map.of("first", Integer.toString(at + 1))))
                .orElse("");
        String side = seen.side().map(one -> words.comma() + words.side(one)).orElse("");
        String what = name(seen.posture()) + side + count + ": " + seen.what();
        return words.say("sheet.seen", Map.of("times", seen.times() + "×", "what", what));
    }

    private String name(PostureId id) {
        return lessons.project().posture(id).map(names::name).orElse(id.key());
    }

    /** For whom something is too much, in what is new. */
    private List<String> cares() {
        Precautions precautions = new Precautions(lessons.project());
        List<String> lines = new ArrayList<>();
        for (Posture posture : lessons.fresh(lesson)) {
            for (Learner learner : lessons.project().learners()) {
                precautions.of(learner, posture).stream()
                        .limit(1)
                        .forEach(raised -> lines.add(words.say(
                                "sheet.care",
                                Map.of(
                                        "who", learner.label() + ", " + names.name(posture),
                                        "because", raised.because(),
                                        "gentler", raised.gentler().orElse(words.say("sheet.no_gentler"))))));
            }
        }
        return lines;
    }

    private void minutes() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("", "", ""));
        double at = 0;
        for (SegmentPlan segment : plan.segments()) {
            rows.add(List.of(
                    LessonWords.clock(at),
                    segment.title() + (segment.how().isEmpty() ? "" : "\n" + segment.how()),
                    LessonWords.clock(segment.seconds())));
            at += segment.seconds();
        }
        blocks.add(new Document.Table(rows));
    }

    /** What is said in a segment; prompts of what is known are not written out. */
    private void said(int at) {
        SegmentPlan segment = plan.segments().get(at);
        boolean fresh = segment.segment().kind().teaches() || segment.segment().kind() == SegmentKind.JOINING;
        CueScript script = fresh ? plan.script(at, 0) : new CueScript(List.of(), 0);
        if (segment.opening().isEmpty() && script.cues().isEmpty()) {
            return;
        }
        blocks.add(new Document.Heading(2, segment.title()));
        if (!segment.opening().isEmpty()) {
            blocks.add(new Document.Text(Document.Style.SAID, segment.opening()));
        }
        if (!script.cues().isEmpty()) {
            blocks.add(new Document.Picture(RibbonSvg.of(segment.stretch(), 640, 78)));
            script.cues().stream()
                    .filter(cue -> !cue.words().isBlank())
                    .forEach(cue -> blocks.add(new Document.Text(Document.Style.PLAIN, line(cue))));
        }
    }

    private static String line(Cue cue) {
        boolean link = cue.place().section() == Moment.Section.LINK;
        return (link ? "·" : Integer.toString(cue.place().count() + 1)) + "  "
                + cue.calls().stream().map(Call::words).collect(Collectors.joining(" · "));
    }
}
