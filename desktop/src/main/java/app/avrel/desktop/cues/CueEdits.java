package app.avrel.desktop.cues;

import app.avrel.cue.Cue;
import app.avrel.cue.Scripting;
import app.avrel.cue.Viewpoint;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.SideWords;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The instructor's own words for a count, read and changed. */
record CueEdits(Session session) {

    /** {@return the instructor's own words for a count at its level, as they are said on this side} */
    Optional<String> own(CueSheet sheet, Cue cue) {
        Count count = sheet.moments(cue).getFirst().count();
        Language language = sheet.wish().order().language();
        return count.words().stream()
                .filter(words -> words.language() == language && words.level() == cue.level())
                .map(OwnWords::text)
                .findFirst();
    }

    /** {@return what would be said without them} */
    String generated(CueSheet sheet, Cue cue) {
        return Scripting.words(
                sheet.moments(cue).stream()
                        .map(moment -> new Moment(
                                moment.place(),
                                moment.count().withWords(List.of()),
                                moment.stage(),
                                moment.before(),
                                moment.after()))
                        .toList(),
                sheet.done(cue),
                sheet.wish().order().withView(Viewpoint.OWN).withLevel(cue.level()),
                sheet.wording());
    }

    /** {@return the count in the exact words of the language} */
    String exactly(CueSheet sheet, Cue cue) {
        Wording here =
                sheet.wording().withFront(sheet.done(cue).front(cue.place().section()));
        return Saying.exact(sheet.wish().order().language(), here)
                .line(sheet.moments(cue).getFirst().count());
    }

    /** Says a count in these words; none are the generated ones again. */
    void say(CueSheet sheet, Cue cue, String text) {
        Occurrence done = sheet.done(cue);
        Language language = sheet.wish().order().language();
        Optional<Posture> recorded = session.project().posture(done.posture().id());
        if (recorded.isEmpty() || own(sheet, cue).orElse("").equals(text) || !session.settled()) {
            return;
        }
        boolean mirrored = !recorded.get().side().equals(done.posture().side());
        String asRecorded = mirrored ? SideWords.swapped(text, language) : text;
        CueLevel level = cue.level();
        Holder posture = new Holder.OfPosture(recorded.get().id());
        int count = done.done().recorded(cue.place().count());
        session.apply(Edit.running(
                Words.of("common.change_said"),
                posture + "/" + count + "/said" + language + level,
                project -> posture.change(
                        project,
                        counts -> Counts.change(counts, count, one -> withOwn(one, language, level, asRecorded)))));
    }

    private static Count withOwn(Count count, Language language, CueLevel level, String text) {
        Stream<OwnWords> others =
                count.words().stream().filter(own -> own.language() != language || own.level() != level);
        return count.withWords(
                text.isBlank()
                        ? others.toList()
                        : Stream.concat(others, Stream.of(new OwnWords(language, level, text)))
                                .toList());
    }
}
