package app.avrel.project;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.WayIn;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.rules.RuleId;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.join.JoinProposal;
import app.avrel.rules.join.JoinProposals;
import app.avrel.rules.join.Linking;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What can be done about the join before one occurrence of a form.
 *
 * @param survey of the project as it is
 * @param occurrence counted from 0 through the form
 */
public record JoinMending(Analysis survey, FormId form, int occurrence) {

    /**
     * What else a proposal does.
     *
     * @param joins how many other joins it opens; below 0 how many it closes where it opens none
     * @param findings how many findings that are more than notes it adds, joins left out; below 0 how many it ends where it
     *     adds none
     */
    public record Effects(int joins, int findings) {}

    private Track track() {
        return survey.track(form).orElseThrow();
    }

    private JoinProposals proposals() {
        Project project = survey.project();
        Form of = project.form(form).orElseThrow();
        Checkup checkup = new Checkup(project.posing(of), project.directions());
        return new JoinProposals(of, project.shelf(), track(), checkup);
    }

    /** {@return every proposal that was tried and closes the join} */
    public List<JoinProposal> all() {
        return proposals().of(occurrence);
    }

    /** {@return the link that closes the join, or why there is none} */
    public Linking.Way link() {
        return proposals().link(occurrence);
    }

    /** {@return a project with the proposal carried out; it may have been edited elsewhere since} */
    public Project applied(Project project, JoinProposal proposal) {
        return switch (proposal) {
            case JoinProposal.InsertLink(List<Count> counts) -> linked(project, counts);
            case JoinProposal.AdjustEnd(Posture _, Posture becomes) ->
                project.changePosture(becomes.id(), _ -> becomes);
            case JoinProposal.AdjustStart(Posture _, Posture becomes) ->
                project.changePosture(becomes.id(), _ -> becomes);
        };
    }

    /** A way in that is shared becomes this occurrence's own. */
    private Project linked(Project project, List<Count> counts) {
        Occurrence done = track().occurrences().get(occurrence);
        List<Count> longer = new ArrayList<>(done.link().counts());
        longer.addAll(counts);
        Link link = new Link(done.link().name(), longer);
        return project.changeForm(
                form,
                of -> of.change(done.entry(), (Entry entry) -> entry.withWay(done.repeat(), new WayIn.Own(link))));
    }

    /** {@return what the proposal does beside closing this join: what it adds, or where it adds nothing, what it ends} */
    public Effects effects(JoinProposal proposal) {
        Analysis after = survey.after(applied(survey.project(), proposal));
        Set<Object> open = openJoins(survey);
        open.remove(new Place(form, occurrence));
        return new Effects(changed(open, openJoins(after)), changed(others(survey), others(after)));
    }

    /** How many are new; where none is, below 0 how many are gone: one that goes does not make up for one that comes. */
    private static int changed(Set<Object> before, Set<Object> after) {
        long fresh = after.stream().filter(one -> !before.contains(one)).count();
        long gone = before.stream().filter(one -> !after.contains(one)).count();
        return (int) (fresh > 0 ? fresh : -gone);
    }

    /** A join, by what comes there. */
    private record Place(FormId form, int occurrence) {}

    private static Set<Object> openJoins(Analysis survey) {
        Set<Object> open = new HashSet<>();
        for (Form of : survey.project().forms()) {
            survey.track(of.id()).stream()
                    .flatMap(track -> track.occurrences().stream())
                    .filter(done -> !done.join().fits())
                    .forEach(done -> open.add(new Place(of.id(), done.index())));
        }
        return open;
    }

    /** A finding, whatever its figures say. */
    private record Told(RuleId rule, Where where, Optional<Spot> spot) {}

    private static Set<Object> others(Analysis survey) {
        return survey.serious().stream()
                .filter(finding -> finding.rule() != RuleId.OPEN_JOIN)
                .map(finding -> new Told(finding.rule(), finding.where(), finding.spot()))
                .collect(Collectors.toSet());
    }
}
