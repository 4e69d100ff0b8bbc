package app.avrel.files.print;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.cue.Scripting;
import app.avrel.files.picture.FigureSvg;
import app.avrel.files.picture.FloorSvg;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.lesson.SoFar;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.PostureSheet;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.say.Calling;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What learners take home: each posture count by count, with pictures, words, mistakes and the gentler way. */
public final class HandOut {

    private static final double FLOOR = 112;
    private static final double FIGURE_WIDTH = 84;
    private static final double FIGURE_HEIGHT = 116;

    private final Project project;
    private final Body body;
    private final Language language;
    private final LessonWords words;
    private final SoFar names;
    private final Calling calling;
    private final List<Document.Block> blocks = new ArrayList<>();

    private HandOut(Project project, Body body, Language language) {
        this.project = project;
        this.body = body;
        this.language = language;
        words = new LessonWords(language);
        names = new SoFar(language);
        calling = new Calling(language);
    }

    /** {@return a hand-out of some postures, each on its own page, drawn for a body} */
    public static Document of(Project project, String title, List<Posture> postures, Body body, Language language) {
        HandOut handOut = new HandOut(project, body, language);
        for (int i = 0; i < postures.size(); i++) {
            if (i > 0) {
                handOut.blocks.add(new Document.NewPage());
            }
            handOut.posture(postures.get(i));
        }
        return new Document(title, language.code(), handOut.blocks);
    }

    /** {@return a hand-out of a form: the list of its postures, and then each of them once} */
    public static Document of(Project project, Form form, Body body, Language language) {
        HandOut handOut = new HandOut(project, body, language);
        handOut.blocks.add(new Document.Heading(1, form.name()));
        Track track = Unroll.form(form, project.shelf(), Performing.of(body, project.rules(form)));
        handOut.blocks.add(new Document.Items(handOut.names.list(track.occurrences())));
        form.entries().stream()
                .map(entry -> entry.posture())
                .distinct()
                .flatMap(id -> project.posture(id).stream())
                .forEach(posture -> {
                    handOut.blocks.add(new Document.NewPage());
                    handOut.posture(posture);
                });
        return new Document(form.name(), language.code(), handOut.blocks);
    }

    private void posture(Posture posture) {
        PostureSheet sheet = posture.sheet();
        blocks.add(new Document.Heading(1, names.sided(posture)));
        blocks.add(new Document.Text(Document.Style.QUIET, otherNames(posture) + forBody()));
        text("sheet.image", sheet.image());
        text("sheet.purpose", sheet.purpose());
        Performer performer = Performing.of(body, project.setting().rules());
        counts(Unroll.posture(posture, performer).occurrences().getFirst());
        Mistakes mistakes = new Mistakes(words, performer);
        items("sheet.mistakes", mistakes.told(posture));
        blocks.addAll(mistakes.drawn(posture));
        items("sheet.cautions", sheet.cautions());
        sheet.gentler().stream().limit(1).forEach(gentler -> gentler(posture, gentler, performer));
        blocks.add(new Document.Text(Document.Style.QUIET, words.say("sheet.care_note")));
    }

    private String otherNames(Posture posture) {
        String shown = names.name(posture);
        String others = posture.names().stream()
                .filter(name -> !name.written().equals(shown))
                .map(HandOut::name)
                .collect(Collectors.joining(" · "));
        return others.isEmpty() ? "" : others + " · ";
    }

    private static String name(PostureName name) {
        return name.written() + name.romanised().map(latin -> " " + latin).orElse("");
    }

    private String forBody() {
        return words.say("sheet.body", Map.of("cm", Long.toString(Math.round(body.stature() * 100))));
    }

    private void text(String key, String text) {
        if (!text.isBlank()) {
            blocks.add(new Document.Text(Document.Style.PLAIN, words.say(key) + ": " + text));
        }
    }

    private void items(String key, List<String> lines) {
        if (!lines.isEmpty()) {
            blocks.add(new Document.Heading(3, words.say(key)));
            blocks.add(new Document.Items(lines));
        }
    }

    private Wording wording() {
        return new Wording(
                project.directions(), Heading.FRONT, project.setting().rules());
    }

    private void counts(Occurrence done) {
        Pose begins = done.done().begins();
        blocks.add(counted(
                "",
                begins,
                begins,
                List.of(new Document.Line(words.say("sheet.start"), words.pose(begins, wording())))));
        for (List<Moment> count : Moment.byCount(done.moments())) {
            Moment last = count.getLast();
            Pose before = count.getFirst().before();
            List<Document.Line> lines = new ArrayList<>();
            lines.add(new Document.Line(
                    "", Scripting.words(done, count.getFirst().place(), CueLevel.GUIDE, language, wording())));
            lines.add(new Document.Line(words.say("sheet.weight"), weight(last.after())));
            lines.add(new Document.Line(
                    words.say("sheet.facing"), wording().heading(last.after().facing())));
            calling.breath(count.getFirst().count().breath(), false)
                    .ifPresent(breath -> lines.add(new Document.Line(words.say("sheet.breath"), lower(breath))));
            blocks.add(counted(Integer.toString(last.place().count() + 1), before, last.after(), lines));
        }
    }

    private static String lower(String text) {
        return text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }

    private String weight(Pose pose) {
        return Math.round(pose.weight().middle(Side.LEFT)) + " / "
                + Math.round(pose.weight().middle(Side.RIGHT)) + " (" + words.say("sheet.left_right") + ")";
    }

    private Document.Counted counted(String number, Pose before, Pose after, List<Document.Line> lines) {
        List<String> svgs = List.of(
                FloorSvg.of(before, after, body, FLOOR),
                FigureSvg.of(after, body, FigureSvg.View.FRONT, FIGURE_WIDTH, FIGURE_HEIGHT),
                FigureSvg.of(after, body, FigureSvg.View.SIDE, FIGURE_WIDTH, FIGURE_HEIGHT));
        return new Document.Counted(number, svgs, lines);
    }

    private void gentler(Posture posture, GentlerVersion version, Performer performer) {
        blocks.add(new Document.Heading(3, words.say("sheet.gentler") + ": " + version.name()));
        Occurrence done =
                Unroll.posture(posture.in(version), performer).occurrences().getFirst();
        Moment.byCount(done.moments()).stream()
                .skip(version.from())
                .limit(version.counts().size())
                .forEach(count -> blocks.add(counted(
                        Integer.toString(count.getFirst().place().count() + 1),
                        count.getFirst().before(),
                        count.getLast().after(),
                        List.of(new Document.Line(
                                "",
                                Scripting.words(
                                        done, count.getFirst().place(), CueLevel.GUIDE, language, wording()))))));
    }
}
