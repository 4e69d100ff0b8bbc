package app.avrel.lesson.make;

import app.avrel.form.Form;
import app.avrel.label.Labels;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.Version;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.Unit;
import app.avrel.posture.Posture;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What has to be known before a lesson, and what earlier lessons left to be replaced. */
public final class Prerequisites {

    /**
     * Something that should be known and was not taught.
     *
     * @param what a posture or a drill, as the sheet says
     * @param needs the posture that needs it
     * @param entry where it comes in the form, from 0; empty where it does not
     */
    public record Missing(String what, String needs, Optional<Integer> entry) {}

    /**
     * A posture that was taught knowingly incomplete.
     *
     * @param lesson in which, from 0
     * @param what is not the whole of it yet, in the instructor's words; may be empty
     */
    public record Unfinished(String posture, int lesson, String what) {}

    private Prerequisites() {}

    /**
     * {@return what the postures of a lesson need and none before it brings}
     *
     * @param before the lessons before it, in order
     */
    public static List<Missing> missing(Lesson lesson, List<Lesson> before, Syllabus syllabus) {
        Set<String> known = new HashSet<>();
        before.forEach(one -> names(one, syllabus).forEach(name -> known.add(name)));
        Set<Missing> missing = new LinkedHashSet<>();
        for (Unit unit : units(lesson, syllabus)) {
            Posture posture = unit.stretch().getFirst().posture();
            for (String need : posture.sheet().before()) {
                if (!known.contains(key(need))) {
                    missing.add(new Missing(need, posture.called(Labels.language()), entry(need, syllabus)));
                }
            }
            known.addAll(names(posture));
        }
        return List.copyOf(missing);
    }

    private static List<Unit> units(Lesson lesson, Syllabus syllabus) {
        return syllabus.units().stream()
                .filter(unit -> lesson.brings().contains(unit.entry()))
                .toList();
    }

    private static List<String> names(Lesson lesson, Syllabus syllabus) {
        List<String> names = new ArrayList<>(units(lesson, syllabus).stream()
                .flatMap(unit -> names(unit.stretch().getFirst().posture()).stream())
                .toList());
        lesson.segments().forEach(segment -> names.add(key(segment.title())));
        return names;
    }

    private static List<String> names(Posture posture) {
        List<String> names = new ArrayList<>();
        posture.names().forEach(name -> names.add(key(name.written())));
        posture.sheet().otherNames().forEach(name -> names.add(key(name)));
        return names;
    }

    private static Optional<Integer> entry(String need, Syllabus syllabus) {
        return syllabus.units().stream()
                .filter(unit -> names(unit.stretch().getFirst().posture()).contains(key(need)))
                .map(Unit::number)
                .findFirst();
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** {@return what was taught knowingly incomplete and in no later lesson in full} */
    public static List<Unfinished> unfinished(List<Lesson> lessons, Form form) {
        List<Unfinished> open = new ArrayList<>();
        for (int i = 0; i < lessons.size(); i++) {
            int at = i;
            lessons.get(i).segments().stream()
                    .filter(segment -> segment.showing().version() == Version.INCOMPLETE)
                    .filter(segment -> segment.stretch().isPresent())
                    .filter(segment -> lessons.stream()
                            .skip(at + 1L)
                            .flatMap(later -> later.segments().stream())
                            .noneMatch(later -> replaces(later, segment)))
                    .map(segment -> new Unfinished(name(segment, form), at, segment.words()))
                    .distinct()
                    .forEach(open::add);
        }
        return open;
    }

    private static boolean replaces(Segment later, Segment incomplete) {
        return later.kind().teaches()
                && later.showing().version() == Version.FULL
                && later.stretch()
                        .map(stretch -> stretch.first())
                        .equals(incomplete.stretch().map(stretch -> stretch.first()));
    }

    private static String name(Segment segment, Form form) {
        return segment.stretch()
                .flatMap(stretch -> form.entries().stream()
                        .filter(entry -> entry.id().equals(stretch.first()))
                        .map(entry -> entry.posture().key())
                        .findFirst())
                .orElse("");
    }
}
