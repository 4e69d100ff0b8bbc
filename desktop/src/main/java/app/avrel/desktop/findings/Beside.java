package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Pose;
import app.avrel.posture.teaching.Mistake;
import app.avrel.project.Analysis;
import app.avrel.project.Holder;
import app.avrel.project.Mend;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * Wrong beside right: how one stands as recorded and once it is mended, two figures and the numbers that differ. What was
 * found in a form is shown as it is done there, under the form's rules.
 */
record Beside(Analysis survey, Finding finding, Mend mend) {

    void show(StackPane over, Runnable apply) {
        Analysis mended = survey.after(mend.applied(survey.project()));
        int more = stages(mended) - stages(survey);
        int stage = finding.stage().orElse(Integer.MAX_VALUE - 9);
        Pose wrong = at(survey, stage);
        Pose right = at(mended, stage + more);
        PosePair pair = new PosePair(
                new PosePair.Side(Words.of("findings.as_recorded"), finding.whole(), wrong, wrong, finding.spot()),
                new PosePair.Side(
                        Words.of("findings.mended"),
                        mend.words() + Words.of("common.full_stop"),
                        right,
                        right,
                        Optional.empty()),
                setting());
        VBox content = pair.shown(false);
        mistakes()
                .filter(mistake -> mistake.count().equals(Optional.of(mend.fix().count())))
                .findFirst()
                .ifPresent(mistake -> content.getChildren().add(Texts.wrapped(said(mistake), "sheet-text")));
        Sheet.show(
                over,
                finding.headline(),
                content,
                List.of(
                        new Sheet.Answer(Words.of("findings.apply_fix"), apply),
                        new Sheet.Answer(Words.of("common.close"), () -> {})));
    }

    private int stages(Analysis of) {
        return mend.holder()
                .counts(of.project())
                .get(mend.fix().count())
                .stages()
                .size();
    }

    private Stream<Mistake> mistakes() {
        return mend.holder() instanceof Holder.OfPosture(var id)
                ? survey.project().posture(id).stream().flatMap(posture -> posture.sheet().mistakes().stream())
                : Stream.empty();
    }

    private Setting setting() {
        Project project = survey.project();
        return finding.where() instanceof Where.InForm(var id, int _, var _)
                ? project.form(id)
                        .flatMap(Form::rules)
                        .map(project.setting()::withRules)
                        .orElse(project.setting())
                : project.setting();
    }

    private static String said(Mistake mistake) {
        return Words.of("findings.common_here", mistake.looksLike(), mistake.putRight());
    }

    private Pose at(Analysis of, int stage) {
        Occurrence done = done(of).orElseThrow();
        return done.moments().stream()
                .filter(moment -> moment.place().section() == mend.holder().section()
                        && moment.place().count() == count()
                        && moment.place().stage() <= stage)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().end());
    }

    /** What was found in a form is looked at where the form does it. */
    private Optional<Occurrence> done(Analysis of) {
        return finding.where() instanceof Where.InForm(var form, int entry, var _)
                        && mend.holder() instanceof Holder.OfPosture
                ? of.track(form).stream()
                        .flatMap(track -> track.occurrences().stream())
                        .filter(done -> done.entry() == entry)
                        .findFirst()
                : mend.holder().occurrence(of);
    }

    /** The count in which it was found; a fix may lie before it. */
    private int count() {
        return finding.where().count().orElse(mend.fix().count());
    }
}
