package app.avrel.lesson.course;

import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * A course spread over its lessons.
 *
 * <p>What was taught stays as it was; what was missed or left over comes again; pinned lessons stay as they are; the rest
 * is planned anew.
 *
 * @param lessons every lesson, in order
 * @param fits whether every lesson that is still to come stays within its minutes
 * @param parted how many pairs are taught in two lessons
 * @param help what would help least where it does not fit; empty where it does
 */
public record CoursePlan(List<Planned> lessons, boolean fits, int parted, List<Help> help) {

    /**
     * A lesson of the plan.
     *
     * @param number from 0
     * @param units what is new in it, by their places among the units of the syllabus
     * @param load seconds it takes
     * @param room seconds it may take
     * @param settled whether it was taught or missed already, or is pinned
     */
    public record Planned(int number, LocalDate date, List<Integer> units, int load, int room, boolean settled) {
        public Planned {
            units = List.copyOf(units);
        }

        /** {@return seconds by which it is over its minutes; 0 where it is within} */
        public int over() {
            return Math.max(0, load - room);
        }
    }

    /** Something that would make a course fit. */
    public sealed interface Help {

        /** So many more minutes a lesson. */
        record Minutes(int more) implements Help {}

        /** So many more lessons. */
        record Lessons(int more) implements Help {}

        /** A quicker pace. */
        record Pace(double pace) implements Help {}
    }

    private static final int MOST_MORE = 120;
    private static final double PACE = 0.05;

    public CoursePlan {
        lessons = List.copyOf(lessons);
        help = List.copyOf(help);
    }

    /**
     * {@return the plan of a course over a form, and what would help where it does not fit}
     *
     * @param made the course's lessons so far, in order; may be fewer than there are days
     */
    public static CoursePlan of(Course course, Form form, Track track, List<Lesson> made) {
        CoursePlan plan = of(course, Syllabus.of(form, track, course), made);
        return plan.fits ? plan : new CoursePlan(plan.lessons, false, plan.parted, helps(course, form, track, made));
    }

    /** {@return the plan over a syllabus made at the course's pace} */
    public static CoursePlan of(Course course, Syllabus syllabus, List<Lesson> made) {
        return new Making(course, syllabus, made).plan(0, 0);
    }

    private static List<Help> helps(Course course, Form form, Track track, List<Lesson> made) {
        Making making = new Making(course, Syllabus.of(form, track, course), made);
        List<Help> helps = new ArrayList<>();
        IntStream.rangeClosed(1, MOST_MORE)
                .filter(more -> making.plan(more, 0).fits)
                .findFirst()
                .ifPresent(more -> helps.add(new Help.Minutes(more)));
        IntStream.rangeClosed(1, 2 * Math.max(6, course.count()))
                .filter(more -> making.plan(0, more).fits)
                .findFirst()
                .ifPresent(more -> helps.add(new Help.Lessons(more)));
        DoubleStream.iterate(course.pace() + PACE, pace -> pace <= 2, pace -> pace + PACE)
                .filter(pace -> quicker(course.withPace(pace), form, track, made))
                .findFirst()
                .ifPresent(pace -> helps.add(new Help.Pace(Math.round(pace * 100) / 100.0)));
        return helps;
    }

    private static boolean quicker(Course course, Form form, Track track, List<Lesson> made) {
        return of(course, Syllabus.of(form, track, course), made).fits;
    }

    /** {@return the lesson in which a unit is new; empty where it is planned in none} */
    public Optional<Planned> of(int unit) {
        return lessons.stream().filter(lesson -> lesson.units().contains(unit)).findFirst();
    }

    /** {@return the greatest load of a lesson that is still to come, seconds} */
    public int worst() {
        return lessons.stream()
                .filter(lesson -> !lesson.settled())
                .mapToInt(Planned::load)
                .max()
                .orElse(0);
    }

    /** Lays what is left over the lessons that are left. */
    private record Making(Course course, Syllabus syllabus, List<Lesson> made) {

        CoursePlan plan(int moreMinutes, int moreLessons) {
            List<LocalDate> dates = course.withLessons(Math.min(500, course.count() + moreLessons))
                    .withUntil(Optional.empty())
                    .dates();
            List<Planned> past = past(dates);
            Set<EntryId> taught = new HashSet<>();
            made.stream().limit(past.size()).filter(Lesson::taught).forEach(lesson -> {
                taught.addAll(lesson.brings());
                lesson.log().ifPresent(log -> log.left().forEach(taught::remove));
            });
            List<Integer> left = IntStream.range(0, syllabus.units().size())
                    .boxed()
                    .filter(unit -> !taught.contains(syllabus.units().get(unit).entry()))
                    .toList();
            Rest rest = new Rest(left, past.size(), dates.size() - past.size(), moreMinutes);
            return rest.lessons() <= 0 ? over(past, left) : rest(past, dates, rest);
        }

        /** Every lesson is over; what is left has no lesson to be taught in. */
        private CoursePlan over(List<Planned> past, List<Integer> left) {
            return new CoursePlan(past, left.isEmpty(), 0, List.of());
        }

        private List<Planned> past(List<LocalDate> dates) {
            List<Planned> past = new ArrayList<>();
            for (int i = 0; i < Math.min(made.size(), dates.size()); i++) {
                Lesson lesson = made.get(i);
                if (lesson.log().isEmpty()) {
                    break;
                }
                List<Integer> units = lesson.missed() ? List.of() : unitsOf(lesson);
                int load = lesson.log().map(log -> log.seconds()).orElse(0);
                past.add(new Planned(i, dates.get(i), units, load, lesson.minutes() * 60, true));
            }
            return past;
        }

        private List<Integer> unitsOf(Lesson lesson) {
            List<EntryId> left = lesson.log().map(log -> log.left()).orElse(List.of());
            return IntStream.range(0, syllabus.units().size())
                    .boxed()
                    .filter(unit ->
                            lesson.brings().contains(syllabus.units().get(unit).entry()))
                    .filter(unit -> !left.contains(syllabus.units().get(unit).entry()))
                    .toList();
        }

        /** What is left: units, the first lesson that is still to come, how many there are. */
        private record Rest(List<Integer> units, int first, int lessons, int moreMinutes) {}

        private CoursePlan rest(List<Planned> past, List<LocalDate> dates, Rest rest) {
            List<Integer> rooms = IntStream.range(0, rest.lessons())
                    .mapToObj(i -> 60 * (minutes(rest.first() + i) + rest.moreMinutes()))
                    .toList();
            List<Boolean> tied = rest.units().stream()
                    .map(unit -> unit > 0
                            && syllabus.units().get(unit).tied()
                            && rest.units().contains(unit - 1))
                    .toList();
            List<Optional<Planner.Cut>> pinned = IntStream.range(0, rest.lessons())
                    .mapToObj(i -> pin(rest, rest.first() + i))
                    .toList();
            Planner.Load load = (_, from, to) -> load(rest.units(), from, to);
            Planner.Plan plan = Planner.plan(new Planner.Task(rooms, tied, pinned, load))
                    .or(() -> Planner.plan(new Planner.Task(rooms, tied, free(rest.lessons()), load)))
                    .orElseThrow();
            List<Planned> all = new ArrayList<>(past);
            for (int i = 0; i < rest.lessons(); i++) {
                Planner.Cut cut = plan.cuts().get(i);
                all.add(new Planned(
                        rest.first() + i,
                        dates.get(rest.first() + i),
                        rest.units().subList(cut.from(), cut.to()),
                        load.seconds(i, cut.from(), cut.to()),
                        rooms.get(i),
                        pinned.get(i).isPresent()));
            }
            return new CoursePlan(all, plan.fits(), plan.parted(), List.of());
        }

        private static List<Optional<Planner.Cut>> free(int lessons) {
            return IntStream.range(0, lessons)
                    .mapToObj(_ -> Optional.<Planner.Cut>empty())
                    .toList();
        }

        private int minutes(int lesson) {
            return lesson < made.size() && made.get(lesson).pinned()
                    ? made.get(lesson).minutes()
                    : course.minutes();
        }

        /** Units that are no longer in a row, after others were taught between them, cost as if they were. */
        private int load(List<Integer> units, int from, int to) {
            int before =
                    from < units.size() ? units.get(from) : syllabus.units().size();
            if (from == to) {
                return syllabus.load(before, before);
            }
            boolean inRow = units.get(to - 1) - units.get(from) == to - 1 - from;
            if (inRow) {
                return syllabus.load(units.get(from), units.get(to - 1) + 1);
            }
            int teaching = units.subList(from, to).stream()
                    .mapToInt(unit -> syllabus.teaching(unit, unit + 1))
                    .sum();
            return syllabus.around()
                    + syllabus.recap(before)
                    + teaching
                    + syllabus.joining(units.get(from), units.get(to - 1) + 1);
        }

        private Optional<Planner.Cut> pin(Rest rest, int lesson) {
            if (lesson >= made.size() || !made.get(lesson).pinned()) {
                return Optional.empty();
            }
            List<Integer> places = unitsOf(made.get(lesson)).stream()
                    .map(rest.units()::indexOf)
                    .filter(place -> place >= 0)
                    .sorted()
                    .toList();
            return places.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Planner.Cut(places.getFirst(), places.getLast() + 1));
        }
    }
}
