package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Wrong beside right: how one stands as recorded and once it is mended, two figures and the numbers that differ. */
record Beside(Posture posture, Finding finding, Fix fix, Setting setting) {

    void show(StackPane over, Runnable mend) {
        Posture mended = fix.applied(posture);
        int more = mended.counts().get(fix.count()).stages().size()
                - posture.counts().get(fix.count()).stages().size();
        int stage = finding.stage().orElse(Integer.MAX_VALUE - 9);
        Pose wrong = at(posture, stage);
        Pose right = at(mended, stage + more);
        PosePair pair = new PosePair(
                new PosePair.Side(Words.of("findings.as_recorded"), finding.whole(), wrong, wrong, finding.spot()),
                new PosePair.Side(Words.of("findings.mended"), fix.words() + ".", right, right, Optional.empty()),
                setting);
        VBox content = pair.shown(false);
        posture.sheet().mistakes().stream()
                .filter(mistake -> mistake.count().equals(Optional.of(fix.count())))
                .findFirst()
                .ifPresent(mistake -> content.getChildren().add(Texts.wrapped(said(mistake), "sheet-text")));
        Sheet.show(
                over,
                finding.headline(),
                content,
                List.of(
                        new Sheet.Answer(Words.of("findings.apply_fix"), mend),
                        new Sheet.Answer(Words.of("common.close"), () -> {})));
    }

    private static String said(Mistake mistake) {
        return Words.of("findings.common_here", mistake.looksLike(), mistake.putRight());
    }

    private Pose at(Posture of, int stage) {
        Occurrence done = Unroll.posture(of, setting.posing()).occurrences().getFirst();
        return done.moments().stream()
                .filter(moment ->
                        moment.place().count() == count() && moment.place().stage() <= stage)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().end());
    }

    /** The count in which it was found; a fix may lie before it. */
    private int count() {
        return finding.where() instanceof Where.InPosture(var _, var at) ? at.orElse(fix.count()) : fix.count();
    }
}
