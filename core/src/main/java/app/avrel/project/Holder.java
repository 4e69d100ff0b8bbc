package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.form.Track;
import app.avrel.form.WayIn;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/** What holds a run of counts: a posture, or the way into an entry of a form. */
public sealed interface Holder {

    /** A posture's own counts. */
    record OfPosture(PostureId id) implements Holder {}

    /** The way into an occurrence of an entry; a shared link is changed for all who share it. */
    record OfWay(FormId form, int entry, int repeat) implements Holder {

        private Optional<WayIn> wayIn(Project project) {
            return project.form(form)
                    .map(Form::entries)
                    .filter(entries -> entry < entries.size()
                            && repeat < entries.get(entry).times())
                    .map(entries -> entries.get(entry).ways().get(repeat));
        }

        private Project changeWay(Project project, UnaryOperator<List<Count>> edit) {
            return wayIn(project)
                    .map(way -> switch (way) {
                        case WayIn.Shared(LinkId id, var played) -> shared(project, id, edit);
                        case WayIn.Own(Link link) -> project.changeForm(form, of -> own(of, this, link, edit));
                    })
                    .orElse(project);
        }

        private Optional<Occurrence> find(Track track) {
            return track.occurrences().stream()
                    .filter(done -> done.entry() == entry && done.repeat() == repeat)
                    .findFirst();
        }
    }

    /** {@return the counts held} */
    default List<Count> counts(Project project) {
        return switch (this) {
            case OfPosture(PostureId id) ->
                project.posture(id).map(posture -> posture.counts()).orElse(List.of());
            case OfWay way ->
                way.wayIn(project)
                        .map(in -> in instanceof WayIn.Shared(LinkId id, var played)
                                ? project.links().getOrDefault(id, Link.NONE).counts()
                                : project.shelf().link(in).counts())
                        .orElse(List.of());
        };
    }

    /** {@return the project with the counts changed} */
    default Project change(Project project, UnaryOperator<List<Count>> edit) {
        return switch (this) {
            case OfPosture(PostureId id) ->
                project.changePosture(id, posture -> posture.withCounts(edit.apply(posture.counts())));
            case OfWay way -> way.changeWay(project, edit);
        };
    }

    /** {@return where the counts are on a track of the project, with their poses} */
    default Optional<Occurrence> occurrence(Analysis survey) {
        return switch (this) {
            case OfPosture(PostureId id) ->
                survey.track(id).map(track -> track.occurrences().getFirst());
            case OfWay way -> survey.track(way.form()).flatMap(way::find);
        };
    }

    /** {@return whether the counts are done on the other side of how they are held} */
    default boolean mirrored(Project project) {
        return switch (this) {
            case OfPosture _ -> false;
            case OfWay way ->
                way.wayIn(project)
                        .filter(in -> in instanceof WayIn.Shared(var _, Played played) && played == Played.OTHER_SIDE)
                        .isPresent();
        };
    }

    /** {@return the part of an occurrence in which the counts stand} */
    default Moment.Section section() {
        return this instanceof OfPosture ? Moment.Section.POSTURE : Moment.Section.LINK;
    }

    private static Project shared(Project project, LinkId id, UnaryOperator<List<Count>> edit) {
        Map<LinkId, Link> links = new TreeMap<>(project.links());
        Link link = links.getOrDefault(id, Link.NONE);
        links.put(id, link.withCounts(edit.apply(link.counts())));
        return project.withLinks(links);
    }

    private static Form own(Form form, OfWay way, Link link, UnaryOperator<List<Count>> edit) {
        return form.change(
                way.entry,
                entry -> entry.withWay(way.repeat, new WayIn.Own(link.withCounts(edit.apply(link.counts())))));
    }
}
