package app.avrel.project.merging;

import app.avrel.form.Form;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.WayIn;
import app.avrel.form.hall.Hall;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.make.Recipe;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Learner;
import app.avrel.project.Project;
import app.avrel.project.merging.Merged.Changed;
import app.avrel.project.merging.Merged.Part;
import app.avrel.rules.Accepted;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Puts two states of a project together: ours and theirs, both made from one they had in common.
 *
 * <p>A posture, a form, a lesson and every other part is taken whole from whoever changed it. Where both changed the same
 * part otherwise, the preferred one's is taken, and it is told; a part that one took away and the other changed stays, for
 * no work is lost. Nor is a posture or a way in that a form of the result still draws on.
 */
public final class Merging {

    /** Whose part is taken where both changed it otherwise. */
    public enum Prefer {
        OURS,
        THEIRS
    }

    private final Project base;
    private final Project ours;
    private final Project theirs;
    private final Prefer prefer;
    private final List<Changed> fromUs = new ArrayList<>();
    private final List<Changed> fromThem = new ArrayList<>();
    private final List<Changed> fromBoth = new ArrayList<>();

    private Merging(Project base, Project ours, Project theirs, Prefer prefer) {
        this.base = base;
        this.ours = ours;
        this.theirs = theirs;
        this.prefer = prefer;
    }

    /**
     * {@return both as one project}
     *
     * @param base what they have in common: the state both began from
     */
    public static Merged of(Project base, Project ours, Project theirs, Prefer prefer) {
        return new Merging(base, ours, theirs, prefer).merged();
    }

    private Merged merged() {
        Project project = new Project(
                one(Part.NAME, Project::name, Function.identity()),
                one(Part.SETTING, Project::setting, _ -> ""),
                all(Part.POSTURE, Project::postures, Posture::id, Posture::name),
                Map.of(),
                all(Part.FORM, Project::forms, Form::id, Form::name),
                all(Part.LESSON, Project::lessons, Lesson::id, Lesson::title),
                all(Part.ACCEPTED, Project::accepted, Merging::place, Accepted::reason),
                all(Part.LEARNER, Project::learners, Learner::label, Learner::label),
                all(Part.HALL, Project::halls, Hall::name, Hall::name),
                all(Part.COURSE, Project::courses, Course::id, Course::name),
                all(Part.RECIPE, Project::recipes, Recipe::name, Recipe::name),
                all(
                        Part.QUIZ,
                        Project::quizzes,
                        quiz -> quiz,
                        quiz -> quiz.date().toString()));
        return new Merged(whole(project), fromUs, fromThem, fromBoth);
    }

    private static List<Object> place(Accepted accepted) {
        return List.of(accepted.rule(), accepted.where(), accepted.spot());
    }

    private <T> T one(Part part, Function<Project, T> of, Function<T, String> name) {
        T was = of.apply(base);
        T here = of.apply(ours);
        T there = of.apply(theirs);
        if (here.equals(there)) {
            return here;
        }
        if (here.equals(was)) {
            fromThem.add(new Changed(part, name.apply(there)));
            return there;
        }
        if (there.equals(was)) {
            fromUs.add(new Changed(part, name.apply(here)));
            return here;
        }
        fromBoth.add(new Changed(part, name.apply(here)));
        return prefer == Prefer.OURS ? here : there;
    }

    private <T> List<T> all(
            Part part, Function<Project, List<T>> of, Function<? super T, ?> key, Function<? super T, String> name) {
        Map<Nth, T> was = byKey(of.apply(base), key);
        Map<Nth, T> here = byKey(of.apply(ours), key);
        Map<Nth, T> there = byKey(of.apply(theirs), key);
        boolean theirOrder = List.copyOf(here.keySet()).equals(List.copyOf(was.keySet()));
        List<T> kept = new ArrayList<>();
        for (Nth each :
                order(theirOrder ? there.keySet() : here.keySet(), theirOrder ? here.keySet() : there.keySet())) {
            kept.addAll(decided(part, was.get(each), here.get(each), there.get(each), name));
        }
        return kept;
    }

    /** None or one of a part's two states, each of which may be missing. */
    private <T> List<T> decided(
            Part part, @Nullable T was, @Nullable T here, @Nullable T there, Function<? super T, String> name) {
        if (Objects.equals(here, there)) {
            return some(here);
        }
        T seen = here != null ? here : there;
        Changed changed = new Changed(part, seen == null ? "" : name.apply(seen));
        if (Objects.equals(here, was)) {
            fromThem.add(changed);
            return some(there);
        }
        if (Objects.equals(there, was)) {
            fromUs.add(changed);
            return some(here);
        }
        fromBoth.add(changed);
        if (here == null || there == null) {
            return some(seen);
        }
        return some(prefer == Prefer.OURS ? here : there);
    }

    private static <T> List<T> some(@Nullable T value) {
        return value == null ? List.of() : List.of(value);
    }

    /** Two halls may bear one name: the first of it is one, the second another. */
    private record Nth(Object key, int of) {}

    private static <T> Map<Nth, T> byKey(List<T> parts, Function<? super T, ?> key) {
        Map<Nth, T> found = new LinkedHashMap<>();
        Map<Object, Integer> times = new HashMap<>();
        for (T part : parts) {
            Object its = key.apply(part);
            found.put(new Nth(its, times.merge(its, 1, Integer::sum)), part);
        }
        return found;
    }

    /** The order of the first; what only the second has stands behind what it stands behind there. */
    private static <K> List<K> order(Set<K> first, Set<K> second) {
        List<K> order = new ArrayList<>(first);
        int after = -1;
        for (K key : second) {
            int at = order.indexOf(key);
            if (at < 0) {
                order.add(after + 1, key);
                at = after + 1;
            }
            after = at;
        }
        return order;
    }

    /** With the ways in, and with what its forms draw on though one of the two took it away. */
    private Project whole(Project project) {
        Map<LinkId, Link> links = new LinkedHashMap<>();
        Stream.of(base, ours, theirs)
                .flatMap(state -> state.links().keySet().stream())
                .distinct()
                .sorted(Comparator.comparing(LinkId::key))
                .forEach(id -> decided(
                                Part.WAY_IN,
                                base.links().get(id),
                                ours.links().get(id),
                                theirs.links().get(id),
                                Link::name)
                        .forEach(link -> links.put(id, link)));
        List<Posture> postures = new ArrayList<>(project.postures());
        Set<PostureId> there = postures.stream().map(Posture::id).collect(Collectors.toCollection(LinkedHashSet::new));
        project.forms().stream().flatMap(form -> form.entries().stream()).forEach(entry -> {
            if (there.add(entry.posture())) {
                ours.posture(entry.posture())
                        .or(() -> theirs.posture(entry.posture()))
                        .ifPresent(postures::add);
            }
            entry.ways().forEach(way -> {
                if (way instanceof WayIn.Shared(LinkId id, var _) && !links.containsKey(id)) {
                    Link link = ours.links().getOrDefault(id, theirs.links().get(id));
                    if (link != null) {
                        links.put(id, link);
                    }
                }
            });
        });
        return project.withPostures(postures).withLinks(links);
    }
}
