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
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.SideWords;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The instructor's own words for a count, read and changed. */
record CueEdits(Session session) {

    /** {@return the instructor's own words for a count at its level and time, as they are said on this side} */
    Optional<OwnWords> own(CueSheet sheet, Cue cue) {
        return count(sheet, cue).own(language(sheet), cue.level(), cue.time());
    }

    /** {@return whether the moves have changed since the words of a count were written} */
    boolean outdated(CueSheet sheet, Cue cue) {
        return own(sheet, cue)
                .filter(own -> own.outdated(count(sheet, cue).stages()))
                .isPresent();
    }

    private static Count count(CueSheet sheet, Cue cue) {
        return sheet.moments(cue).getFirst().count();
    }

    private static Language language(CueSheet sheet) {
        return sheet.wish().order().language();
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

    /**
     * Says a count in these words; none are the generated ones again.
     *
     * @param once whether they are for this time alone
     */
    void say(CueSheet sheet, Cue cue, String text, boolean once) {
        if (own(sheet, cue).map(OwnWords::text).orElse("").equals(text)) {
            return;
        }
        Optional<Integer> time = once ? Optional.of(cue.time()) : Optional.empty();
        String asRecorded = mirrored(sheet, cue) ? SideWords.swapped(text, language(sheet)) : text;
        change(
                sheet,
                cue,
                count -> text.isBlank()
                        ? count.notSaying(language(sheet), cue.level(), time)
                        : count.saying(new OwnWords(language(sheet), cue.level(), time, asRecorded, Optional.empty())));
    }

    /** Says the words of a count this time alone, or every time. */
    void once(CueSheet sheet, Cue cue, boolean once) {
        if (own(sheet, cue).isEmpty()) {
            return;
        }
        Optional<Integer> time = once ? Optional.of(cue.time()) : Optional.empty();
        change(
                sheet,
                cue,
                count -> count.own(language(sheet), cue.level(), cue.time())
                        .filter(own -> !own.time().equals(time))
                        .map(own -> count.notSaying(own.language(), own.level(), own.time())
                                .saying(own.withTime(time)))
                        .orElse(count));
    }

    /** Lets words stand over moves that have changed since they were written. */
    void stillRight(CueSheet sheet, Cue cue) {
        change(
                sheet,
                cue,
                count -> count.own(language(sheet), cue.level(), cue.time())
                        .map(count::saying)
                        .orElse(count));
    }

    private boolean mirrored(CueSheet sheet, Cue cue) {
        Posture done = sheet.done(cue).posture();
        return session.project()
                .posture(done.id())
                .filter(recorded -> !recorded.side().equals(done.side()))
                .isPresent();
    }

    private void change(CueSheet sheet, Cue cue, UnaryOperator<Count> edit) {
        Occurrence done = sheet.done(cue);
        Optional<Posture> recorded = session.project().posture(done.posture().id());
        if (recorded.isEmpty() || !session.settled()) {
            return;
        }
        Holder posture = new Holder.OfPosture(recorded.get().id());
        int count = done.done().recorded(cue.place().count());
        session.apply(Edit.running(
                Words.of("common.change_said"),
                posture + "/" + count + "/said" + language(sheet) + cue.level(),
                project -> posture.change(project, counts -> Counts.change(counts, count, edit))));
    }
}
