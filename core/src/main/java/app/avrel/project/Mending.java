package app.avrel.project;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.form.Track;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.fix.FixFinder;
import app.avrel.rules.fix.WayInFixes;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Looks for a sound way to mend a finding, where it was found: in a posture by itself, in a posture under a form's own
 * rules, in the way into an entry.
 */
record Mending(Analysis survey) {

    /** Each way in that is tried is done and looked at with all the form. */
    private static final int MOST_TRIED = 60;

    Optional<Mend> of(Finding finding) {
        Project project = survey.project();
        return switch (finding.where()) {
            case Where.InPosture(var id, var _) ->
                project.posture(id)
                        .flatMap(posture -> finder(posture, project.setting().posing())
                                .fix(finding)
                                .map(fix -> new Mend(new Holder.OfPosture(id), fix)));
            case Where.InForm(FormId id, int at, var count) ->
                project.form(id)
                        .filter(form -> at < form.entries().size())
                        .flatMap(form -> count.isPresent()
                                ? inWay(finding, form, at)
                                : underOwnRules(finding, form, form.entries().get(at)));
        };
    }

    private FixFinder finder(Posture posture, Performer posing) {
        return new FixFinder(posture, new Checkup(posing, survey.project().directions()));
    }

    /** A posture that is not sound under a form's rules is mended under them, on the side on which it is done there. */
    private Optional<Mend> underOwnRules(Finding finding, Form form, Entry entry) {
        boolean other = entry.played() == Played.OTHER_SIDE;
        return survey.project()
                .posture(entry.posture())
                .filter(posture -> form.rules().isPresent() && entry.gentler().isEmpty())
                .filter(posture -> !other || posture.otherSide().isEmpty())
                .flatMap(posture -> {
                    FixFinder finder =
                            finder(entry.done(posture), survey.project().posing(form));
                    return finder.alike(finding).flatMap(finder::fix);
                })
                .map(fix -> new Mend(new Holder.OfPosture(entry.posture()), other ? fix.otherSide() : fix));
    }

    private Optional<Mend> inWay(Finding finding, Form form, int at) {
        return IntStream.range(0, form.entries().get(at).times())
                .mapToObj(repeat -> new Holder.OfWay(form.id(), at, repeat))
                .flatMap(way -> drafts(finding, form, way))
                .limit(MOST_TRIED)
                .filter(mend -> sound(mend, finding, form.id()))
                .findFirst();
    }

    private Stream<Mend> drafts(Finding finding, Form form, Holder.OfWay way) {
        boolean other = way.mirrored(survey.project());
        return way.occurrence(survey).map(Occurrence::done).stream()
                .flatMap(done -> WayInFixes.of(finding, done, survey.project().posing(form))
                        .filter(fix -> FixFinder.modest(fix, done.link().counts())))
                .map(fix -> new Mend(way, other ? fix.otherSide() : fix));
    }

    /** Nothing as serious is found anywhere that was not found before, and the form still ends where it faced. */
    private boolean sound(Mend mend, Finding finding, FormId form) {
        Analysis after = survey.after(mend.applied(survey.project()));
        if (!after.track(form).map(Mending::facing).equals(survey.track(form).map(Mending::facing))) {
            return false;
        }
        Set<Finding> before = survey.everything();
        return after.everything().stream()
                .noneMatch(found ->
                        FixFinder.alike(found, finding) || worse(found, finding) && FixFinder.fresh(found, before));
    }

    /** A way that no longer leads to where the posture starts mends nothing. */
    private static boolean worse(Finding found, Finding finding) {
        return found.rule() == RuleId.OPEN_JOIN || FixFinder.asSerious(found, finding);
    }

    private static Object facing(Track track) {
        return track.end().turned();
    }
}
