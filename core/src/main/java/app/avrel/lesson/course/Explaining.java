package app.avrel.lesson.course;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** Why a course's plan is as it is, in sentences; minutes are rounded up where something is too long. */
public final class Explaining {

    private final CoursePlan plan;
    private final Syllabus syllabus;

    public Explaining(CoursePlan plan, Syllabus syllabus) {
        this.plan = plan;
        this.syllabus = syllabus;
    }

    /** {@return why a unit is taught in its lesson and not in the one before or after} */
    public List<String> why(int unit) {
        List<String> said = new ArrayList<>();
        said.add(effort(unit));
        plan.of(unit).ifPresent(lesson -> neighbours(unit, lesson, said));
        return said;
    }

    private void neighbours(int unit, CoursePlan.Planned lesson, List<String> said) {
        if (lesson.settled()) {
            said.add("Lesson " + (lesson.number() + 1) + " was taught, or is pinned: it stays as it is.");
            return;
        }
        Unit one = syllabus.units().get(unit);
        if (one.tied() && lesson.units().contains(unit - 1)) {
            said.add("It stays with " + syllabus.units().get(unit - 1).name() + ": they belong together.");
        }
        with(lesson.number() - 1, lesson.units(), unit, true)
                .ifPresent(load -> said.add(sentence(lesson.number(), load, roomOf(lesson.number() - 1))));
        with(lesson.number() + 1, lesson.units(), unit, false)
                .ifPresent(load -> said.add(sentence(lesson.number() + 2, load, roomOf(lesson.number() + 1))));
    }

    private int roomOf(int lesson) {
        return plan.lessons().get(lesson).room();
    }

    private static String sentence(int number, int load, int room) {
        String minutes = minutes(load) + " of " + room / 60 + " min";
        return load > room
                ? "In lesson " + number + " it would not fit: " + minutes + "."
                : "In lesson " + number + " it would make " + minutes + ": less even.";
    }

    /** The load of the lesson before, or after, were the units up to this one, or from it on, taught in it too. */
    private OptionalInt with(int number, List<Integer> units, int unit, boolean before) {
        if (number < 0
                || number >= plan.lessons().size()
                || plan.lessons().get(number).settled()) {
            return OptionalInt.empty();
        }
        List<Integer> there = plan.lessons().get(number).units();
        int at = units.indexOf(unit);
        int from = before ? there.isEmpty() ? units.getFirst() : there.getFirst() : unit;
        int to = before ? units.get(at) + 1 : there.isEmpty() ? units.getLast() + 1 : there.getLast() + 1;
        return OptionalInt.of(syllabus.load(from, to));
    }

    /** {@return what teaching a unit takes, and of what that is made} */
    public String effort(int unit) {
        Unit one = syllabus.units().get(unit);
        Effort effort = one.effort();
        String takes = one.name() + " takes " + minutes(effort.seconds()) + " min";
        return switch (effort.why()) {
            case NEW -> takes + ": it is new" + more(effort) + ".";
            case LIKE -> takes + ": " + percent(effort) + " of it is unlike " + effort.like() + more(effort) + ".";
            case OTHER_SIDE -> takes + ": the other side of what is known.";
            case KNOWN -> takes + ": it is known already.";
            case NEW_WAY -> takes + ": known, but for the way into it.";
        };
    }

    private static String more(Effort effort) {
        List<String> more = new ArrayList<>();
        if (effort.turning() >= 30) {
            more.add("it turns");
        }
        if (effort.oneLeg() >= 30) {
            more.add("it stands on one leg");
        }
        return more.isEmpty() ? "" : ", " + String.join(" and ", more);
    }

    private static String percent(Effort effort) {
        return Math.round(effort.novelty() * 100) + " %";
    }

    /** {@return whole minutes, rounded up} */
    static int minutes(int seconds) {
        return (seconds + 59) / 60;
    }
}
