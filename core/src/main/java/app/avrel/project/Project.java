package app.avrel.project;

import app.avrel.floor.Directions;
import app.avrel.floor.NamedPlace;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Numbering;
import app.avrel.form.Shelf;
import app.avrel.form.hall.Hall;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.log.Quiz;
import app.avrel.lesson.make.Recipe;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.rules.Accepted;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * One school's work.
 *
 * @param name as shown
 * @param setting the frame: directions, body, house rules
 * @param postures the shelf, in its order; ids are unlike each other
 * @param links the shared ways from one posture to another
 * @param forms at least one, which is empty where none is given; ids are unlike each other
 * @param accepted findings that may stand
 * @param learners whose bodies and cautions are looked after
 * @param halls to practise in
 * @param lessons of every course, and such as stand by themselves; ids are unlike each other
 * @param courses forms taught over weeks; ids are unlike each other
 * @param recipes the school's own ways to make a lesson
 * @param quizzes what one knew when asked what comes next, in order of time
 */
@RecordBuilder
public record Project(
        String name,
        Setting setting,
        List<Posture> postures,
        Map<LinkId, Link> links,
        List<Form> forms,
        List<Lesson> lessons,
        List<Accepted> accepted,
        List<Learner> learners,
        List<Hall> halls,
        List<Course> courses,
        List<Recipe> recipes,
        List<Quiz> quizzes)
        implements ProjectBuilder.With {

    private static final Form EMPTY_FORM =
            new Form(new FormId("form"), "Form", List.of(), Optional.empty(), Optional.empty());

    public Project {
        postures = ById.of(postures, Posture::id);
        links = Collections.unmodifiableMap(new TreeMap<>(links));
        forms = ById.of(forms.isEmpty() ? List.of(EMPTY_FORM) : forms, Form::id);
        lessons = ById.of(lessons, Lesson::id);
        accepted = List.copyOf(accepted);
        learners = List.copyOf(learners);
        halls = List.copyOf(halls);
        courses = List.copyOf(courses);
        recipes = List.copyOf(recipes);
        quizzes = List.copyOf(quizzes);
        unlike(postures.stream().map(posture -> posture.id().key()).toList(), "posture");
        unlike(forms.stream().map(form -> form.id().key()).toList(), "form");
        unlike(lessons.stream().map(lesson -> lesson.id().key()).toList(), "lesson");
        unlike(courses.stream().map(course -> course.id().key()).toList(), "course");
    }

    private static void unlike(List<String> keys, String what) {
        Set<String> seen = new HashSet<>();
        for (String key : keys) {
            if (!seen.add(key)) {
                throw new IllegalArgumentException(
                        "ids must be unlike each other, but two " + what + "s are called \"" + key + "\"");
            }
        }
    }

    /** {@return a project with an empty shelf and one empty form} */
    public static Project empty(String name, Setting setting) {
        return new Project(
                name, setting, List.of(), Map.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of());
    }

    public Optional<Posture> posture(PostureId id) {
        return ById.find(postures, id);
    }

    /** {@return the form a lesson or a course is over: the project's first where it has been deleted, as {@link #standsIn} says} */
    public Form formOrFirst(FormId id) {
        return form(id).orElse(forms.getFirst());
    }

    /** {@return what to say where a lesson or a course is over a form that is no longer here; empty where it is} */
    public Optional<String> standsIn(FormId id) {
        return form(id).isPresent()
                ? Optional.empty()
                : Optional.of(Labels.say("lessons.form_gone", forms.getFirst().name()));
    }

    public Optional<Form> form(FormId id) {
        return ById.find(forms, id);
    }

    /** {@return what forms draw on} */
    public Shelf shelf() {
        Map<PostureId, Posture> byId = new LinkedHashMap<>();
        postures.forEach(posture -> byId.put(posture.id(), posture));
        return new Shelf(byId, links);
    }

    /** {@return an id for a posture of this name that no posture has} */
    public PostureId freshPostureId(String name) {
        return new PostureId(
                fresh(slug(name), "posture", key -> posture(new PostureId(key)).isPresent()));
    }

    /** {@return an id for a form of this name that no form has} */
    public FormId freshFormId(String name) {
        return new FormId(fresh(slug(name), "form", key -> form(new FormId(key)).isPresent()));
    }

    /** {@return an id for a lesson that no lesson has} */
    public LessonId freshLessonId() {
        int next = lessons.size() + 1;
        while (lesson(new LessonId("lesson-" + next)).isPresent()) {
            next++;
        }
        return new LessonId("lesson-" + next);
    }

    /** {@return an id for a course of this name that no course has} */
    public CourseId freshCourseId(String name) {
        return new CourseId(
                fresh(slug(name), "course", key -> course(new CourseId(key)).isPresent()));
    }

    public Optional<Lesson> lesson(LessonId id) {
        return lessons.stream().filter(lesson -> lesson.id().equals(id)).findFirst();
    }

    public Optional<Course> course(CourseId id) {
        return courses.stream().filter(course -> course.id().equals(id)).findFirst();
    }

    /** {@return the lessons of a course, in order} */
    public List<Lesson> lessonsOf(CourseId course) {
        return lessons.stream()
                .filter(lesson -> lesson.course().equals(Optional.of(course)))
                .toList();
    }

    private static String fresh(String slug, String otherwise, Predicate<String> taken) {
        String stem = slug.isEmpty() ? otherwise : slug;
        String key = stem;
        for (int i = 2; taken.test(key); i++) {
            key = stem + "-" + i;
        }
        return key;
    }

    private static String slug(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
    }

    /** {@return this project with one posture changed; its id stays} */
    public Project changePosture(PostureId id, UnaryOperator<Posture> edit) {
        return withPostures(postures.stream()
                .map(posture -> posture.id().equals(id) ? edit.apply(posture) : posture)
                .toList());
    }

    /** {@return this project with one form changed; its id stays} */
    public Project changeForm(FormId id, UnaryOperator<Form> edit) {
        return withForms(forms.stream()
                .map(form -> form.id().equals(id) ? edit.apply(form) : form)
                .toList());
    }

    /** {@return this project with one lesson changed; its id stays} */
    public Project changeLesson(LessonId id, UnaryOperator<Lesson> edit) {
        return withLessons(lessons.stream()
                .map(lesson -> lesson.id().equals(id) ? edit.apply(lesson) : lesson)
                .toList());
    }

    /** {@return this project with one course changed; its id stays} */
    public Project changeCourse(CourseId id, UnaryOperator<Course> edit) {
        return withCourses(courses.stream()
                .map(course -> course.id().equals(id) ? edit.apply(course) : course)
                .toList());
    }

    /** {@return how directions are said and read here: also by the things in the halls, of which the first of a name counts} */
    public Directions directions() {
        List<NamedPlace> places = new ArrayList<>();
        for (Hall hall : halls) {
            Turn back = setting.facingIn(hall).mirrored();
            for (NamedPlace place : hall.called(Labels.say("value.door"))) {
                if (places.stream().noneMatch(known -> known.name().equalsIgnoreCase(place.name()))) {
                    places.add(new NamedPlace(place.name(), place.toward().plus(back)));
                }
            }
        }
        return setting.directions().withPlaces(places);
    }

    /** {@return the house rules of a form: its own, or the project's} */
    public HouseRules rules(Form form) {
        return form.rules().orElse(setting.rules());
    }

    /** {@return how the entries of a form are numbered: as its house rules have it, and as its postures and entries say} */
    public Numbering numbering(Form form) {
        return new Numbering(
                rules(form), id -> posture(id).map(Posture::ownRules).orElse(Map.of()));
    }

    /** {@return the body and the rules by which a form is unrolled} */
    public Performer posing(Form form) {
        return Performing.of(setting.chosenBody(), rules(form));
    }

    /** {@return this project with the score of a quiz kept} */
    public Project keeping(Quiz score) {
        List<Quiz> all = new ArrayList<>(quizzes);
        all.add(score);
        return withQuizzes(all);
    }

    /** {@return this project with a finding let stand for a reason} */
    public Project accept(Finding finding, String reason) {
        List<Accepted> kept = new ArrayList<>(
                accepted.stream().filter(one -> !one.about(finding)).toList());
        kept.add(Accepted.of(finding, reason, under(finding.where())));
        return withAccepted(kept);
    }

    /** {@return why a finding may stand, where it was accepted and nothing under it has changed since} */
    public Optional<String> reason(Finding finding) {
        return accepted.isEmpty()
                ? Optional.empty()
                : accepted.stream()
                        .filter(one -> one.about(finding) && one.covers(finding, under(finding.where())))
                        .map(Accepted::reason)
                        .findFirst();
    }

    /**
     * {@return this project with every accepted finding accepted over the record as it is now}
     *
     * <p>A file of the first version says what it accepted by rule and place; its sums cannot be compared.
     */
    public Project acceptedAnew() {
        return withAccepted(
                accepted.stream().map(one -> one.over(under(one.where()))).toList());
    }

    /** {@return what must stay as it is for an accepted finding to stay quiet: all that leads to its place} */
    private Object under(Where where) {
        return switch (where) {
            case Where.InPosture(var id, var count) ->
                posture(id)
                        .map(posture -> List.of(posture.start(), leading(posture, count), posture.end()))
                        .orElse(List.of());
            case Where.InForm(var id, int entry, var _) ->
                form(id).map(form -> form
                                .entries()
                                .subList(0, Math.min(entry + 1, form.entries().size()))
                                .stream()
                                .map(one -> List.of(one, posture(one.posture())))
                                .toList())
                        .orElse(List.of());
        };
    }

    private static List<Count> leading(Posture posture, Optional<Integer> count) {
        int size = posture.counts().size();
        return posture.counts()
                .subList(0, count.map(at -> Math.min(at + 1, size)).orElse(size));
    }
}
