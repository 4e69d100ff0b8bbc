package app.avrel.lesson.course;

import app.avrel.label.Labels;
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
            said.add(Labels.say("lessons.lesson_was_taught", lesson.number() + 1));
            return;
        }
        Unit one = syllabus.units().get(unit);
        if (one.tied() && lesson.units().contains(unit - 1)) {
            said.add(Labels.say(
                    "lessons.stays_they_belong", syllabus.units().get(unit - 1).name()));
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
        String minutes = Labels.say("lessons.min", minutes(load), room / 60);
        return load > room
                ? Labels.say("lessons.lesson_would_not", number, minutes)
                : Labels.say("lessons.lesson_would_make", number, minutes);
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
        String takes = Labels.say("lessons.takes_min", one.name(), minutes(effort.seconds()));
        return switch (effort.why()) {
            case NEW -> Labels.say("lessons.new", takes, more(effort));
            case LIKE -> Labels.say("lessons.unlike", takes, percent(effort), effort.like(), more(effort));
            case OTHER_SIDE -> Labels.say("lessons.other_side", takes);
            case KNOWN -> Labels.say("lessons.known_already", takes);
            case NEW_WAY -> Labels.say("lessons.known_but_way", takes);
        };
    }

    private static String more(Effort effort) {
        List<String> more = new ArrayList<>();
        if (effort.turning() >= 30) {
            more.add(Labels.say("lessons.turns"));
        }
        if (effort.oneLeg() >= 30) {
            more.add(Labels.say("lessons.stands_on_one"));
        }
        return more.isEmpty() ? "" : Labels.say("lessons.comma") + String.join(Labels.say("lessons.and"), more);
    }

    private static String percent(Effort effort) {
        return Math.round(effort.novelty() * 100) + " %";
    }

    /** {@return whole minutes, rounded up} */
    static int minutes(int seconds) {
        return (seconds + 59) / 60;
    }
}
